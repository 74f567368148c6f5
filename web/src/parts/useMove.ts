// Gives a booking another day, hour or person; and takes that back.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../app/client'
import { useSession } from '../app/session'
import { ifMatch, useWrite } from '../app/useWrite'
import { useToast } from '../ui/Toasts'
import { day, money } from '../ui/words'

export interface Where {
  day: string
  time: string
  kind: string
  staff: string | null
  cause?: string
  /** to the owner, with a link to answer by */
  write?: boolean
}
export interface Held extends Where {
  id: string
  version: number
  name: string
  dog: string
}

export function useMove(onDone: () => void = () => {}) {
  const cache = useQueryClient()
  const toast = useToast()
  const { session } = useSession()
  const refresh = () => {
    for (const key of ['agenda', 'card', 'offers', 'year', 'floor', 'desk'])
      void cache.invalidateQueries({ queryKey: [key] })
  }
  const move = useWrite({
    send: ({ from, to }: { from: Held; to: Where; back?: boolean }, write) =>
      take(
        api.PUT('/api/bookings/{id}/date', {
          params: { path: { id: from.id }, header: { ...ifMatch(from.version), ...write } },
          body: {
            day: to.day,
            time: to.time,
            kind: to.kind,
            staff: to.staff || null,
            cause: to.cause ?? '',
            write: to.write ?? false,
          },
        }),
      ),
    onSuccess: (b, { from, to, back }) => {
      refresh()
      toast({
        text: `${from.name}: ${day(b.day)}, ${b.time}${b.staff ? ` with ${b.staff.split(' ')[0]}` : ''}`,
        ...(back
          ? {}
          : {
              action: {
                label: 'Undo',
                run: () =>
                  move.mutate({
                    from: { ...from, ...to, version: b.version },
                    to: { ...from, write: to.write },
                    back: true,
                  }),
              },
            }),
      })
      onDone()
    },
    onError: (e) => {
      refresh()
      toast({ text: e.message, bad: true })
    },
  })
  const again = useWrite({
    send: (from: Held, write) =>
      take(
        api.POST('/api/dogs/{id}/bookings', {
          params: { path: { id: from.dog }, header: write },
          body: { day: from.day, time: from.time, kind: from.kind, staff: from.staff, note: '' },
        }),
      ),
    onSuccess: (_b, from) => (refresh(), toast({ text: `${from.name}, ${day(from.day)}: booked again` })),
    onError: (e) => (refresh(), toast({ text: e.message, bad: true })),
  })
  const cancel = useWrite({
    send: (from: Held, write) =>
      take(
        api.DELETE('/api/bookings/{id}', {
          params: { path: { id: from.id }, header: { ...ifMatch(from.version), ...write } },
        }),
      ),
    onSuccess: (b, from) => {
      refresh()
      const asks =
        b.charge_minor > 0 ? ` late: house terms ask for ${money(b.charge_minor, session.currency)}` : ''
      toast({
        text: `${from.name}, ${day(from.day)}: cancelled${asks}`,
        action: { label: 'Undo', run: () => again.mutate(from) },
      })
      onDone()
    },
    onError: (e) => (refresh(), toast({ text: e.message, bad: true })),
  })
  return { move, cancel }
}
