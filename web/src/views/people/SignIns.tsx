// When people of the salon signed in, on what; and who was refused.
import { useInfiniteQuery } from '@tanstack/react-query'
import { api, take, type Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { clock, day } from '../../ui/words'

const HOW: Record<Schemas['SignInView']['how'], string> = {
  password: 'by password',
  pin: 'by PIN',
  refused: 'refused: wrong password or PIN',
}

export function SignIns() {
  const pages = useInfiniteQuery({
    queryKey: ['sign-ins'],
    queryFn: ({ pageParam }) =>
      take(api.GET('/api/people/sign-ins', { params: { query: pageParam ? { cursor: pageParam } : {} } })),
    initialPageParam: '',
    getNextPageParam: (last) => last.next ?? undefined,
  })
  const rows = pages.data?.pages.flatMap((p) => p.sign_ins) ?? []
  return (
    <details className="panel p-4">
      <summary className="min-h-8 cursor-pointer text-xl font-bold">Who signed in</summary>
      <ul className="mt-2 divide-y divide-line">
        {rows.map((s) => (
          <li key={s.id} className="flex flex-wrap gap-x-3 py-1.5">
            <b>{s.name}</b>
            <span className={s.how === 'refused' ? 'font-bold text-haw' : ''}>{HOW[s.how]}</span>
            <span className="text-ink-2">
              {s.device} · {day(s.at)}, {clock(s.at)}
              {s.how !== 'refused' && s.ended_at && ` to ${clock(s.ended_at)}`}
            </span>
          </li>
        ))}
      </ul>
      {pages.hasNextPage && (
        <Button disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </details>
  )
}
