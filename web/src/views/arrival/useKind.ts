// What the dog has come for, and what is asked for on top: minutes, price and an open table follow.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import type { ArrivalData } from '../../parts/comb'
import type { VisitKind } from '../../parts/kinds'
import { useToast } from '../../ui/Toasts'

export function useKind(arrival: ArrivalData) {
  const cache = useQueryClient()
  const toast = useToast()
  return useWrite({
    send: (body: { kind: VisitKind; extras: string[] }, write) =>
      take(
        api.PUT('/api/arrivals/{id}/kind', {
          params: { path: { id: arrival.id }, header: write },
          body,
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(queries.arrival(arrival.id).queryKey, next)
      void cache.invalidateQueries({ queryKey: ['groom'] })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
}
