// The log: what happened, by day and dog, in sentences; a plan change is taken back here.
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
import { clock, day, dayOf, grouped, sentence } from '../../ui/words'
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
        grouped(entries, (e) => dayOf(e.at)).map(([date, ofDay]) => (
          <section key={date} className="mb-6" aria-label={day(date)}>
            <h2 className="mb-2 text-lg text-ink-2">{day(date)}</h2>
            <div className="panel divide-y divide-line">
              {grouped(ofDay, (e) => e.dog ?? '').map(([id, list]) => (
                <div key={id} className="flex flex-wrap gap-x-4 gap-y-1 px-4 py-2">
                  <h3 className="min-h-11 w-32 shrink-0 py-2 text-base font-bold">
                    {id ? (
                      <Link
                        to={`/dogs/${id}`}
                        className="inline-block min-h-6 text-thistle underline underline-offset-2"
                      >
                        {list[0]?.dog_name}
                      </Link>
                    ) : (
                      'The salon'
                    )}
                  </h3>
                  <ul className="min-w-0 flex-1 basis-72">
                    {list.map((e) => (
                      <li key={e.id} className="flex min-h-11 flex-wrap items-center gap-x-3">
                        <p className="min-w-0 flex-1 basis-60 py-1.5">
                          <span className={e.undone ? 'text-ink-2 line-through' : ''}>
                            {e.dog && e.kind === 'plan_zone' ? (
                              <Link
                                to={`/dogs/${e.dog}?zone=${e.subject}`}
                                className="underline underline-offset-2"
                              >
                                {sentence(e.summary)}
                              </Link>
                            ) : (
                              sentence(e.summary)
                            )}
                          </span>{' '}
                          <span className="text-sm text-ink-2" title={day(e.at)}>
                            {e.who}, {clock(e.at)}
                            {e.undone && ' · taken back'}
                          </span>
                        </p>
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
                </div>
              ))}
            </div>
          </section>
        ))}
      {pages.hasNextPage && <Button onClick={() => void pages.fetchNextPage()}>Earlier</Button>}
    </div>
  )
}
