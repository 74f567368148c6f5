// What the groom took against what was estimated, by phase, what it costs, and what the owner must hear.
import type { Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useIncidentNames } from '../../parts/incidents'
import { Button } from '../../ui/Button'
import { money } from '../../ui/words'

interface Props {
  finish: Schemas['FinishView']
  labels: Record<string, string>
  onTold: (incident: string) => void
}

export function Minutes({ finish, labels, onTold }: Props) {
  const { session } = useSession()
  const names = useIncidentNames()
  const most = Math.max(1, ...finish.phases.flatMap((p) => [p.spent ?? 0, p.estimate ?? 0]))
  return (
    <section className="panel space-y-3 p-4" aria-label="Minutes and price">
      <h2 className="text-xl">
        {Math.round(finish.minutes)} minutes
        {finish.estimate_minutes !== null && (
          <span className="text-ink-2">, about {Math.round(finish.estimate_minutes)} estimated</span>
        )}
      </h2>
      <table className="w-full text-sm">
        <thead className="sr-only">
          <tr>
            <th>Phase</th>
            <th>Spent against estimated</th>
            <th>Minutes</th>
          </tr>
        </thead>
        <tbody>
          {finish.phases.map((p) => (
            <tr key={p.phase}>
              <td className="w-32 py-0.5 pr-2">{p.label}</td>
              <td aria-hidden>
                <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="block h-4 w-full">
                  <rect
                    y="0"
                    height="4"
                    width={(100 * (p.spent ?? 0)) / most}
                    style={{ fill: 'var(--thistle)' }}
                  />
                  <rect
                    y="4.6"
                    height="2.6"
                    width={(100 * (p.estimate ?? 0)) / most}
                    style={{ fill: 'var(--ground)' }}
                  />
                </svg>
              </td>
              <td className="w-28 pl-2 text-right">
                <b>{p.spent ?? '–'}</b> of {p.estimate ?? '–'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {finish.price_minor !== null && (
        <p>
          <b className="text-xl">{money(finish.price_minor, session.currency)}</b>{' '}
          <span className="text-sm text-ink-2">
            {finish.price_terms.map((t) => `${t.label}: ${money(t.minor, session.currency)}`).join(' + ')}
            {finish.tax_minor !== null && ` · ${money(finish.tax_minor, session.currency)} of it tax`}
          </span>
        </p>
      )}
      {finish.untold.length > 0 && (
        <div role="alert" className="rounded-md border-l-4 border-haw bg-haw-soft p-3 text-haw">
          <p className="font-bold">The owner has not been told:</p>
          {finish.untold.map((i) => (
            <p key={i.id} className="flex flex-wrap items-center gap-2">
              <span className="flex-1">
                {names(i.what)}
                {i.zone && `, ${labels[i.zone]}`}
              </span>
              <Button className="min-h-12 text-ink" onClick={() => onTold(i.id)}>
                Owner is told
              </Button>
            </p>
          ))}
        </div>
      )}
    </section>
  )
}
