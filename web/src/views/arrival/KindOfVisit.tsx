// What the dog has come for today; minutes, price and an open table follow.
import { useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import { useToast } from '../../ui/Toasts'
import { VISIT_KINDS, type VisitKind } from '../../parts/kinds'
import type { ArrivalData } from '../../parts/comb'

interface Props {
  arrival: ArrivalData
  canWork: boolean
  /** the comb test is saved: it is never changed from two sides at once */
  settled: boolean
}

export function KindOfVisit({ arrival, canWork, settled }: Props) {
  const id = useId()
  const cache = useQueryClient()
  const toast = useToast()
  const change = useWrite({
    send: (kind: VisitKind, write) =>
      take(
        api.PUT('/api/arrivals/{id}/kind', {
          params: { path: { id: arrival.id }, header: write },
          body: { kind },
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(queries.arrival(arrival.id).queryKey, next)
      void cache.invalidateQueries({ queryKey: ['groom'] })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  return (
    <div className="flex items-center gap-2 text-sm font-bold">
      <label htmlFor={id}>Came for</label>
      <select
        id={id}
        className="min-h-11 rounded-md border border-line bg-sheet px-2 font-normal"
        value={arrival.kind}
        disabled={!canWork || !settled || change.isPending}
        onChange={(e) => {
          const kind = VISIT_KINDS.find((k) => k.id === e.target.value)
          if (kind) change.mutate(kind.id)
        }}
      >
        {VISIT_KINDS.map((k) => (
          <option key={k.id} value={k.id}>
            {k.label}
          </option>
        ))}
      </select>
    </div>
  )
}
