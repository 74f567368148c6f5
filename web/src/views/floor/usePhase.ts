// One tap for where a dog is now; and taking back that it went home.
import { useQueryClient } from '@tanstack/react-query'
import { api, take, writeKey } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { deviceName } from '../../parts/device'
import { useToast } from '../../ui/Toasts'
import { TRACK, type FloorData, type FloorDog } from './floor'

export function usePhase(dog: FloorDog) {
  const cache = useQueryClient()
  const toast = useToast()
  const refresh = () => void cache.invalidateQueries({ queryKey: ['floor'] })
  const bad = (e: Error) => (refresh(), toast({ text: e.message, bad: true }))
  const tap = useWrite({
    send: ({ part }: { part: string; undo: string | null }, write) => {
      const now = new Date().toISOString()
      return take(
        api.POST('/api/grooms/{id}/taps', {
          params: { path: { id: dog.groom ?? '' }, header: write },
          body: {
            sent_at: now,
            device: deviceName(),
            taps: [{ id: writeKey(), at: now, kind: 'phase', state: part, saw: 0 }],
          },
        }),
      )
    },
    onSuccess: (_answer, { part, undo }) => {
      refresh()
      const label = TRACK.find(([id]) => id === part)?.[1] ?? part
      toast({
        text: `${dog.name}: ${label}`,
        ...(undo ? { action: { label: 'Undo', run: () => tap.mutate({ part: undo, undo: null }) } } : {}),
      })
    },
    onError: bad,
  })
  const back = useWrite({
    send: (_: void, write) =>
      take(
        api.DELETE('/api/arrivals/{id}/collected', {
          params: { path: { id: dog.arrival ?? '' }, header: write },
        }),
      ),
    onSuccess: (floor: FloorData) => cache.setQueryData(['floor'], floor),
    onError: bad,
  })
  return {
    tell: (part: string) => tap.mutate({ part, undo: dog.part }),
    takeBack: () => back.mutate(),
    waiting: tap.isPending || back.isPending,
  }
}
