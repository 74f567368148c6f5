// The outbox: what would have gone out to owners, newest first. Nothing really leaves the salon.
import { useInfiniteQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { clock, day, dayOf, grouped } from '../../ui/words'
import { Failed } from './Failed'
import { useWrite } from '../../app/useWrite'

const STATES: Record<string, string> = {
  waiting: 'waiting to go out',
  sending: 'handed over, no answer yet',
  sent: 'taken',
  failed: 'not taken',
}

export function Outbox() {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const pages = useInfiniteQuery({
    queryKey: ['outbox'],
    queryFn: ({ pageParam }) =>
      take(api.GET('/api/outbox', { params: { query: pageParam ? { cursor: pageParam } : {} } })),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    refetchInterval: 5000,
  })
  const again = useWrite({
    send: (id: string, write) =>
      take(
        api.POST('/api/outbox/{id}/again', {
          params: { path: { id }, header: write },
        }),
      ),
    onSuccess: () => toast({ text: 'It is on its way again' }),
    onError: (e) => toast({ text: e.message, bad: true }),
    onSettled: () => cache.invalidateQueries({ queryKey: ['outbox'] }),
  })
  const messages = pages.data?.pages.flatMap((p) => p.messages) ?? []
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">Outbox</h1>
      <p className="text-ink-2">
        The sender that ships is a stand-in: it keeps what would have gone out and sends nothing.
      </p>
      {may('house') && <Failed />}
      {pages.isPending && <Waiting />}
      {pages.isError && messages.length === 0 && (
        <Resting error={pages.error} retry={() => void pages.refetch()} />
      )}
      {pages.isSuccess && messages.length === 0 && (
        <p className="panel p-6 text-ink-2">
          Nothing has gone out yet. A ready message appears here when a visit is closed.
        </p>
      )}
      {grouped(messages, (m) => dayOf(m.at)).map(([date, list]) => (
        <section key={date} aria-label={day(date)}>
          <h2 className="mb-2 text-lg text-ink-2">{day(date)}</h2>
          <ul className="panel divide-y divide-line">
            {list.map((m) => (
              <li key={m.id} className="px-4 py-3">
                <p>
                  <Link
                    to={`/dogs/${m.dog_id}`}
                    className="font-bold text-thistle underline underline-offset-2"
                  >
                    {m.dog}
                  </Link>
                  : {m.who} wrote to {m.client} ({m.to}) at {clock(m.at)}.
                </p>
                <p className="border-l-4 border-line pl-3 text-lg">
                  {m.text || 'Its text is not kept any more.'}
                </p>
                <p className="text-sm text-ink-2">
                  <b
                    className={
                      m.state === 'sent' ? 'text-moss' : m.state === 'failed' ? 'text-haw' : 'text-bracken'
                    }
                  >
                    {STATES[m.state] ?? m.state}
                  </b>
                  {m.receipt && `: ${m.receipt}`}
                </p>
                {m.state === 'failed' && may('house') && (
                  <Button
                    className="mt-1"
                    aria-label={`Send again: ${m.text}`}
                    disabled={again.isPending}
                    onClick={() => again.mutate(m.id)}
                  >
                    Send again
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
      {pages.hasNextPage && (
        <Button disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </div>
  )
}
