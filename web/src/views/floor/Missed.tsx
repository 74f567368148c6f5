// Nobody came: what house terms ask for it is noted, and can be taken back.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { money } from '../../ui/words'
import type { FloorDog } from './floor'

export function Missed({ dog }: { dog: FloorDog }) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const refresh = () => void cache.invalidateQueries({ queryKey: ['floor'] })
  const bad = (e: Error) => (refresh(), toast({ text: e.message, bad: true }))
  const of = (version: number, write: { 'Idempotency-Key': string }) => ({
    params: { path: { id: dog.booking ?? '' }, header: { ...ifMatch(version), ...write } },
  })
  const missed = useWrite({
    send: (_: void, write) => take(api.PUT('/api/bookings/{id}/missed', of(dog.version, write))),
    onSuccess: (b) => {
      refresh()
      const asks =
        b.charge_minor > 0 ? `: house terms ask for ${money(b.charge_minor, session.currency)}` : ''
      toast({
        text: `${dog.name} did not come${asks}`,
        action: { label: 'Undo', run: () => came.mutate(b.version) },
      })
    },
    onError: bad,
  })
  const came = useWrite({
    send: (version: number, write) => take(api.DELETE('/api/bookings/{id}/missed', of(version, write))),
    onSuccess: () => (refresh(), toast({ text: `${dog.name} is expected again` })),
    onError: bad,
  })
  return (
    <Button
      kind="quiet"
      disabled={missed.isPending}
      onClick={() => missed.mutate()}
      aria-label={`${dog.name} did not come`}
    >
      Did not come
    </Button>
  )
}
