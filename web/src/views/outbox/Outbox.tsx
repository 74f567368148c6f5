// The outbox: what would have gone out to owners, newest first. Nothing really leaves the salon.
import { useInfiniteQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take } from '../../app/client'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { ago } from '../../ui/words'

const STATES: Record<string, string> = {
  waiting: 'waiting to go out',
  sending: 'handed over, no answer yet: it may have gone out',
  sent: 'taken',
  failed: 'not taken',
}

export function Outbox() {
  const pages = useInfiniteQuery({
    queryKey: ['outbox'],
    queryFn: ({ pageParam }) =>
      take(api.GET('/api/outbox', { params: { query: pageParam ? { cursor: pageParam } : {} } })),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    refetchInterval: 5000,
  })
  const messages = pages.data?.pages.flatMap((p) => p.messages) ?? []
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">Outbox</h1>
      <p className="text-ink-2">
        The sender that ships is a stand-in: it keeps what would have gone out and sends nothing.
      </p>
      {pages.isPending && <Waiting />}
      {pages.isError && messages.length === 0 && (
        <Resting error={pages.error} retry={() => void pages.refetch()} />
      )}
      {pages.isSuccess && messages.length === 0 && (
        <p className="panel p-6 text-ink-2">
          Nothing has gone out yet. A ready message appears here when a visit is closed.
        </p>
      )}
      <ul className="panel divide-y divide-line empty:hidden">
        {messages.map((m) => (
          <li key={m.id} className="px-4 py-3">
            <p className="text-lg">{m.text}</p>
            <p className="text-sm text-ink-2">
              <Link to={`/dogs/${m.dog_id}`} className="font-bold text-thistle underline underline-offset-2">
                {m.dog}
              </Link>{' '}
              · to {m.client} {m.to} · by {m.who}, {ago(m.at)} ·{' '}
              <b
                className={
                  m.state === 'sent' ? 'text-moss' : m.state === 'failed' ? 'text-haw' : 'text-bracken'
                }
              >
                {STATES[m.state] ?? m.state}
              </b>
              {m.receipt && `: ${m.receipt}`}
            </p>
          </li>
        ))}
      </ul>
      {pages.hasNextPage && (
        <Button disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </div>
  )
}
