// The dog's order of work: what to pick up, what to mind, when it is done, and what differs from the usual.
import { useQuery } from '@tanstack/react-query'
import { queries } from '../../app/queries'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { DogSchools } from './DogSchools'

export function Order({
  dogId,
  revision,
  labels,
  onZone,
}: {
  dogId: string
  revision: number
  labels: Record<string, { label: string }>
  onZone: (zone: string) => void
}) {
  const order = useQuery(queries.order(dogId, revision))
  if (!order.data)
    return order.error ? (
      <div className="space-y-3 p-4">
        <Resting error={order.error} retry={() => void order.refetch()} />
        <DogSchools dogId={dogId} />
      </div>
    ) : (
      <Waiting what="Putting it in order" />
    )
  const { steps, moved, tool_changes } = order.data
  return (
    <div className="space-y-3 p-4">
      <h2 className="text-xl">Order of work</h2>
      <p className="text-sm text-ink-2">
        {steps.length} steps, {tool_changes} changes of tool
      </p>
      <DogSchools dogId={dogId} />
      {moved.length > 0 && (
        <details className="rounded-md bg-bracken-soft px-3 py-1 text-sm text-bracken">
          <summary className="min-h-8 py-1 font-bold">Not as usual</summary>
          <ul className="mt-1 list-disc pl-5">
            {[...new Set(moved.map((m) => m.why))].map((why) => (
              <li key={why}>{why}</li>
            ))}
          </ul>
        </details>
      )}
      <ol className="divide-y divide-line">
        {steps.map((s, i) => (
          <li key={i} className="grid grid-cols-[2rem_1fr_auto] gap-x-2 py-2">
            <span className="font-head text-lg font-bold text-ink-2">{i + 1}</span>
            <div>
              <b>{s.title}</b>
              {s.tool && <span className="text-thistle"> · {s.tool}</span>}
              {s.zones.length > 0 && (
                <p className="text-sm">
                  {s.zones.map((z, n) => (
                    <span key={z}>
                      {n > 0 && ', '}
                      <button
                        type="button"
                        className="min-h-6 underline decoration-dotted underline-offset-4"
                        onClick={() => onZone(z)}
                      >
                        {labels[z]?.label ?? z}
                      </button>
                    </span>
                  ))}
                </p>
              )}
              {s.cautions.map((c) => (
                <p key={c} className="text-sm font-bold text-bracken">
                  {c}
                </p>
              ))}
              <p className="text-sm text-ink-2">Done when {s.done_when}.</p>
            </div>
            <span className="text-sm text-ink-2">{s.minutes !== null && `${Math.round(s.minutes)} min`}</span>
          </li>
        ))}
      </ol>
    </div>
  )
}
