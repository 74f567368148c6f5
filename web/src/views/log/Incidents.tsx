// What went wrong in the last year, and how often each tool had its part in it.
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../app/queries'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { useIncidentNames } from '../../parts/incidents'

export function Incidents() {
  const incidents = useQuery(queries.incidents())
  const names = useIncidentNames()
  if (!incidents.data)
    return incidents.error ? (
      <Resting error={incidents.error} retry={() => void incidents.refetch()} />
    ) : (
      <Waiting />
    )
  const { incidents: list, rates } = incidents.data
  if (list.length === 0) return <p className="panel p-6 text-ink-2">Nothing went wrong in the last year.</p>
  return (
    <div className="space-y-4">
      <section className="panel overflow-x-auto p-4" aria-label="Rates by tool" tabIndex={0}>
        <h2 className="text-lg">By tool</h2>
        <table className="w-full text-left">
          <thead className="text-sm text-ink-2">
            <tr>
              <th className="py-1 pr-3">Tool</th>
              <th className="pr-3">Incidents</th>
              <th className="pr-3">In 100 grooms</th>
              <th>As sure as that is</th>
            </tr>
          </thead>
          <tbody>
            {rates.map((r) => (
              <tr key={r.tool} className="border-t border-line">
                <td className="py-1.5 pr-3 font-bold">{r.tool || 'no tool in hand'}</td>
                <td className="pr-3">
                  {r.incidents} in {r.grooms} grooms
                </td>
                <td className="pr-3 font-bold">{r.per_hundred}</td>
                <td className="text-sm text-ink-2">
                  {r.low} to {r.high}, 19 times of 20
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <ul className="panel divide-y divide-line">
        {list.map((i) => (
          <li key={i.id} className="px-4 py-2">
            <b className="text-haw">{names(i.what)}</b>
            {i.zone && `, ${i.zone.replaceAll('_', ' ')}`}
            {i.tool && `, ${i.tool}`} ·{' '}
            <Link
              to={`/dogs/${i.dog_id}`}
              className="inline-block min-h-6 font-bold text-thistle underline underline-offset-2"
            >
              {i.dog}
            </Link>
            <p className="text-sm text-ink-2">
              {day(i.at)} · {i.who} · {i.action || 'nothing noted'} ·{' '}
              {i.told ? 'owner told' : <b className="text-haw">owner not told</b>}
              {i.follow_up && ` · then: ${i.follow_up}`}
              {i.follow_up_on && ` · asked after on ${day(i.follow_up_on)}`}
            </p>
          </li>
        ))}
      </ul>
    </div>
  )
}
