// The dog's visits: what was planned and what was done, with the difference.
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { day, mm } from '../../ui/words'

type Labels = Record<string, { label: string }>

export function Visits({
  visits,
  labels,
  open,
  dogId,
}: {
  visits: Schemas['VisitView'][]
  labels: Labels
  open: string | null
  dogId: string
}) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (open) box.current?.querySelector(`[data-visit="${open}"]`)?.scrollIntoView({ block: 'start' })
  }, [open])
  if (visits.length === 0)
    return <p className="p-4 text-ink-2">No visit yet. Record the first one and the clocks start.</p>
  return (
    <div ref={box} className="divide-y divide-line">
      {visits.map((v, i) => (
        <Visit key={v.id} visit={v} labels={labels} first={v.id === open || (i === 0 && open === null)} />
      ))}
      <p className="p-4">
        <Link className="text-slate underline" to={`/log?dog=${dogId}`}>
          Who changed what on this card
        </Link>
      </p>
    </div>
  )
}

function Visit({ visit: v, labels, first }: { visit: Schemas['VisitView']; labels: Labels; first: boolean }) {
  const [shown, setShown] = useState(first)
  return (
    <details data-visit={v.id} open={shown} onToggle={(e) => setShown(e.currentTarget.open)} className="p-4">
      <summary className="min-h-8">
        <b>{day(v.day)}</b> · {v.kind} · {v.staff}
        <span className="block text-sm text-ink-2">
          {v.place}
          {v.minutes !== null && ` · ${v.minutes} min`}
          {v.arrival_load !== null && ` · matting score ${v.arrival_load}`}
          {v.tender_severity > 0 && ` · tender mats, severity ${v.tender_severity}`}
        </span>
      </summary>
      {v.note && <p className="mt-2">{v.note}</p>}
      {shown && <Zones id={v.id} labels={labels} />}
    </details>
  )
}

/** Read when the visit is opened; what was done stays as it was, so it is asked once. */
function Zones({ id, labels }: { id: string; labels: Labels }) {
  const visit = useQuery(queries.visit(id))
  if (visit.isError)
    return (
      <p role="alert" className="mt-3 flex items-center gap-3 text-sm">
        The zones of this visit could not be read.{' '}
        <Button onClick={() => void visit.refetch()}>Try again</Button>
      </p>
    )
  if (!visit.data)
    return (
      <p role="status" className="mt-3 text-sm text-ink-2">
        Reading the zones …
      </p>
    )
  const { zones } = visit.data
  const different = zones.filter((z) => z.planned !== z.actual || z.state !== 'done')
  return (
    <>
      {different.length > 0 && (
        <>
          <h3 className="mt-3 text-sm font-bold text-bracken">Done differently</h3>
          <ul className="text-sm">
            {different.map((z) => (
              <li key={z.zone}>
                <b>{labels[z.zone]?.label}</b>: {z.state !== 'done' && `${z.state.replace('_', ' ')}. `}
                {z.planned !== z.actual && `${z.planned ?? 'nothing'} → ${z.actual ?? 'nothing'}. `}
                {z.why}
              </li>
            ))}
          </ul>
        </>
      )}
      <table className="mt-3 w-full text-sm">
        <thead className="text-left text-ink-2">
          <tr>
            <th scope="col">zone</th>
            <th scope="col">done</th>
            <th scope="col" className="text-right">
              came with
            </th>
            <th scope="col" className="text-right">
              left
            </th>
          </tr>
        </thead>
        <tbody>
          {zones.map((z) => (
            <tr key={z.zone} className="border-t border-line/60 align-top">
              <th scope="row" className="pr-2 text-left font-normal">
                {labels[z.zone]?.label ?? z.zone}
              </th>
              <td className="pr-2">{z.actual ?? z.state}</td>
              <td className="whitespace-nowrap pr-2 text-right">
                {z.arrival_mm === null ? '' : mm(z.arrival_mm)}
              </td>
              <td className="whitespace-nowrap text-right">{mm(z.finished_mm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}
