// Gives a booking another day, hour or person; and takes that back.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../app/client'
import { ifMatch, useWrite } from '../app/useWrite'
import { useToast } from '../ui/Toasts'
import { day } from '../ui/words'

export interface Where {
  day: string
  time: string
  kind: string
  staff: string | null
  cause?: string
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
  const refresh = () => {
    for (const key of ['agenda', 'card', 'offers', 'year']) void cache.invalidateQueries({ queryKey: [key] })
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
                  move.mutate({ from: { ...from, ...to, version: b.version }, to: from, back: true }),
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
    onSuccess: (_b, from) => {
      refresh()
      toast({
        text: `${from.name}, ${day(from.day)}: cancelled`,
        action: { label: 'Undo', run: () => again.mutate(from) },
      })
      onDone()
    },
    onError: (e) => (refresh(), toast({ text: e.message, bad: true })),
  })
  return { move, cancel }
}
