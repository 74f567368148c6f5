// The log: who changed what, and taking a plan change back.
import { useInfiniteQuery } from '@tanstack/react-query'
import { Undo2 } from 'lucide-react'
import { Link, useSearchParams } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { useUndo } from '../../parts/useUndo'
import { ago, day } from '../../ui/words'
import { Incidents } from './Incidents'

export function Log() {
  const [search, setSearch] = useSearchParams()
  const wrong = search.get('of') === 'incidents'
  const dog = search.get('dog')
  const { may } = useSession()
  const pages = useInfiniteQuery({
    queryKey: ['log', dog],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/log', {
          params: { query: { ...(dog ? { dog } : {}), ...(pageParam ? { cursor: pageParam } : {}) } },
        }),
      ),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    refetchInterval: 5000,
  })
  const undo = useUndo(['log'])
  const entries = pages.data?.pages.flatMap((p) => p.entries) ?? []
  const days = group(entries)
  return (
    <div className="mx-auto w-full max-w-4xl p-4 sm:p-6">
      <div className="mb-4 flex flex-wrap items-baseline gap-3">
        <h1 className="text-3xl">{dog && entries[0]?.dog_name ? `Log of ${entries[0].dog_name}` : 'Log'}</h1>
        {dog && (
          <Link to="/log" className="text-slate underline">
            the whole salon
          </Link>
        )}
      </div>
      {!dog && (
        <div className="mb-4">
          <Choice
            label="Log of"
            value={wrong ? 'incidents' : 'changes'}
            onChange={(of) => setSearch(of === 'incidents' ? { of } : {})}
            options={[
              { id: 'changes', label: 'Changes' },
              { id: 'incidents', label: 'Incidents' },
            ]}
          />
        </div>
      )}
      {wrong && <Incidents />}
      {!wrong && pages.isPending && <Waiting />}
      {!wrong && pages.isError && entries.length === 0 && (
        <Resting error={pages.error} retry={() => void pages.refetch()} />
      )}
      {!wrong && pages.isSuccess && entries.length === 0 && (
        <p className="panel p-6 text-ink-2">Nothing has been changed yet.</p>
      )}
      {!wrong &&
        [...days].map(([date, list]) => (
          <section key={date} className="mb-5">
            <h2 className="mb-2 text-lg text-ink-2">{day(date)}</h2>
            <ul className="panel divide-y divide-line">
              {list.map((e) => (
                <li key={e.id} className="flex min-h-14 flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2">
                  <span className="w-24 shrink-0 text-sm text-ink-2" title={e.at}>
                    {ago(e.at)}
                  </span>
                  <span className="min-w-0 flex-1 basis-60">
                    {e.dog && (
                      <Link
                        to={`/dogs/${e.dog}${e.kind === 'plan_zone' ? `?zone=${e.subject}` : ''}`}
                        className="font-bold text-thistle underline underline-offset-2"
                      >
                        {e.dog_name}
                      </Link>
                    )}{' '}
                    <span className={e.undone ? 'text-ink-2 line-through' : ''}>{e.summary}</span>
                    <span className="block text-sm text-ink-2">
                      {e.who}
                      {e.undone && ' · taken back'}
                    </span>
                  </span>
                  {e.can_undo && may('plan') && (
                    <Button
                      onClick={() => undo({ id: e.id, said: `Taken back: ${e.summary}` })}
                      aria-label={`Undo: ${e.summary}`}
                    >
                      <Undo2 aria-hidden className="size-4" /> Undo
                    </Button>
                  )}
                </li>
              ))}
            </ul>
          </section>
        ))}
      {pages.hasNextPage && <Button onClick={() => void pages.fetchNextPage()}>Earlier</Button>}
    </div>
  )
}

function group<T extends { at: string }>(entries: T[]): Map<string, T[]> {
  const days = new Map<string, T[]>()
  for (const e of entries) days.set(e.at.slice(0, 10), [...(days.get(e.at.slice(0, 10)) ?? []), e])
  return days
}
