// What the dog has come for today; minutes, price and an open table follow.
import { useId } from 'react'
import { VISIT_KINDS } from '../../parts/kinds'
import type { ArrivalData } from '../../parts/comb'
import { useKind } from './useKind'

interface Props {
  arrival: ArrivalData
  canWork: boolean
  /** the comb test is saved: it is never changed from two sides at once */
  settled: boolean
}

export function KindOfVisit({ arrival, canWork, settled }: Props) {
  const id = useId()
  const change = useKind(arrival)
  return (
    <div className="flex flex-wrap items-center gap-2 text-sm font-bold">
      <label htmlFor={id}>Came for</label>
      <select
        id={id}
        className="min-h-11 rounded-md border border-line bg-sheet px-2 font-normal"
        value={arrival.kind}
        disabled={!canWork || !settled || change.isPending}
        onChange={(e) => {
          const kind = VISIT_KINDS.find((k) => k.id === e.target.value)
          if (kind) change.mutate({ kind: kind.id, extras: arrival.extras.map((x) => x.name) })
        }}
      >
        {VISIT_KINDS.map((k) => (
          <option key={k.id} value={k.id}>
            {k.label}
          </option>
        ))}
      </select>
      {arrival.told && (
        <span className="w-full max-w-md font-normal text-bracken">
          <b>From home:</b> {arrival.told}
        </span>
      )}
      {arrival.dog.told && arrival.trend.length === 0 && (
        <span className="w-full max-w-md text-xs font-normal text-bracken">
          {arrival.dog.told} Say it again once it is combed.
        </span>
      )}
    </div>
  )
}
