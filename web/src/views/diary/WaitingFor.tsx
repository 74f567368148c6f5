// Who waits for a place on this day: where there is one, it is given by a tap.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { kindSaid } from '../../parts/kinds'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { shortDay } from '../../ui/words'

type Row = Schemas['WaitingView']['waiting'][0]

export function WaitingFor({ on, open }: { on: string; open: boolean }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const list = useQuery({
    queryKey: ['agenda', 'waiting', on],
    queryFn: () => take(api.GET('/api/waiting', { params: { query: { on } } })),
  })
  const refresh = () => {
    for (const key of ['agenda', 'card', 'offers', 'year']) void cache.invalidateQueries({ queryKey: [key] })
  }
  const bad = (e: Error) => (refresh(), toast({ text: e.message, bad: true }))
  const give = useWrite({
    send: (w: Row, write) =>
      take(
        api.POST('/api/dogs/{id}/bookings', {
          params: { path: { id: w.dog }, header: write },
          body: { day: on, time: w.time ?? '', kind: w.kind, staff: w.with, note: w.note },
        }),
      ),
    onSuccess: (b, w) => (refresh(), toast({ text: `${w.name} has ${b.time}; waits no more` })),
    onError: bad,
  })
  const off = useWrite({
    send: (w: Row, write) =>
      take(api.DELETE('/api/waiting/{id}', { params: { path: { id: w.id }, header: write } })),
    onSuccess: (_l, w) => (refresh(), toast({ text: `${w.name} waits no more` })),
    onError: bad,
  })
  const rows = list.data?.waiting ?? []
  if (rows.length === 0) return null
  return (
    <section className="panel p-4" aria-label="Waiting for a place">
      <h2 className="text-xl">Waiting for a place on this day</h2>
      <ul className="divide-y divide-line">
        {rows.map((w) => (
          <li key={w.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
            <span className="min-w-48 flex-1">
              <Link className="font-bold text-slate underline" to={`/dogs/${w.dog}`}>
                {w.name}
              </Link>{' '}
              {kindSaid(w.kind).toLowerCase()}
              {w.staff && `, with ${w.staff.split(' ')[0]}`}
              <span className="block text-sm text-ink-2">
                {w.person}
                {w.phone && `, ${w.phone}`} · {shortDay(w.since)} to {shortDay(w.until)}
                {w.note && ` · ${w.note}`}
              </span>
            </span>
            {w.time ? (
              may('book') &&
              open && (
                <Button disabled={give.isPending} onClick={() => give.mutate(w)}>
                  Give {w.name} {w.time} with {w.with_name?.split(' ')[0]}
                </Button>
              )
            ) : (
              <span className="text-sm text-ink-2">
                {w.minutes === null ? 'nobody has weighed it' : `no ${w.minutes} min free`}
              </span>
            )}
            {may('book') && (
              <Button kind="quiet" disabled={off.isPending} onClick={() => off.mutate(w)}>
                {w.name} waits no more
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
