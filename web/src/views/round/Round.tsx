// The van's day: its way on the map, its calls in order, what a delay, a shut road or one dog more does.
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { addDays, format, parseISO } from 'date-fns'
import { ChevronLeft, ChevronRight } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Cautions } from '../../parts/Cautions'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/dates'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day, hours } from '../../ui/words'
import { Actions } from './Actions'
import { ASKED, type RoundProps } from './asked'
import { Broken, Dogs } from './StopCard'
import { StopList } from './StopList'
import { Sums } from './Sums'
import { ValleyMap } from './ValleyMap'

export function Round() {
  const [search, setSearch] = useSearchParams()
  const query = Object.fromEntries(
    ASKED.flatMap((name) => (search.get(name) ? [[name, search.get(name) ?? '']] : [])),
  )
  const round = useQuery({
    queryKey: ['round', query],
    queryFn: () => take(api.GET('/api/round', { params: { query } })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  })
  useEffect(() => {
    document.title = 'Round · Keen Thistle'
  }, [])
  /** null takes a question back; what hangs on one day alone goes with another day. */
  const ask = (change: Partial<Record<(typeof ASKED)[number], string | null>>) => {
    const next = new URLSearchParams(search)
    if ('on' in change || 'van' in change)
      for (const name of ['order', 'afresh', 'behind', 'water', 'power', 'dog', 'kind']) next.delete(name)
    for (const [name, value] of Object.entries(change)) {
      if (value) next.set(name, value)
      else next.delete(name)
    }
    setSearch(next, { replace: true })
  }
  if (round.error && !round.isFetching && round.data === undefined)
    return <Resting error={round.error} retry={() => void round.refetch()} />
  if (!round.data) return <Waiting what="Asking for the roads" />
  return (
    <Page round={round.data} asked={query} busy={round.isPlaceholderData} error={round.error} ask={ask} />
  )
}

function Page({ round, asked, ask, busy, error }: RoundProps & { busy: boolean; error: Error | null }) {
  const { may } = useSession()
  const [lit, setLit] = useState<string | null>(null)
  const turn = (days: number) => ask({ on: format(addDays(parseISO(round.day), days), 'yyyy-MM-dd') })
  const show = (id: string) => {
    setLit(id)
    document.getElementById(`stop-${id}`)?.scrollIntoView({ block: 'center' })
  }
  const called = new Set(round.calls.map((c) => c.stop))
  const others = round.stops.filter((s) => !called.has(s.id))
  if (!round.van)
    return (
      <div className="panel mx-auto my-10 max-w-lg space-y-3 p-6">
        <h1 className="text-2xl">No van yet</h1>
        <p>A place of the salon that is a van has rounds of its own: its calls, its water, its roads.</p>
        {may('people') && <LinkButton to="/people">Add a van to the places</LinkButton>}
      </div>
    )
  return (
    <div className="mx-auto w-full max-w-6xl space-y-3 p-3 sm:p-6" aria-busy={busy}>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h1 className="text-2xl sm:text-3xl" aria-live="polite">
          {round.day === round.today ? 'Today, ' : ''}
          {day(round.day)}
          <span className="block text-base font-bold text-ink-2">
            {round.van.name}
            {round.van.person && `, ${round.van.person}`}, {round.van.starts} to {round.van.ends}
            {round.van.rests && `, break ${round.van.rests}`}
          </span>
        </h1>
        <div className="flex flex-wrap items-center gap-2">
          {round.vans.length > 1 && (
            <select
              aria-label="Which van"
              className="field w-auto"
              value={round.van.id}
              onChange={(e) => ask({ van: e.target.value })}
            >
              {round.vans.map((v) => (
                <option key={v.id} value={v.id}>
                  {v.name}
                </option>
              ))}
            </select>
          )}
          <Button className="px-3" aria-label="Day before" onClick={() => turn(-1)}>
            <ChevronLeft aria-hidden className="size-5" />
          </Button>
          <div className="phone:hidden">
            <DateField
              label="Day"
              bare
              className="w-48"
              value={round.day}
              onDay={(d) => isDay(d) && ask({ on: d })}
            />
          </div>
          <Button className="px-3" aria-label="Day after" onClick={() => turn(1)}>
            <ChevronRight aria-hidden className="size-5" />
          </Button>
          {round.day !== round.today && <Button onClick={() => ask({ on: null })}>Today</Button>}
        </div>
      </div>
      {error && (
        <p role="alert" className="font-bold text-haw">
          {error.message} What stands here is as it was last known.
        </p>
      )}
      <Cautions cautions={round.cautions} />
      {round.van.base !== '' && round.stops.length > 0 && <Sums round={round} asked={asked} ask={ask} />}
      <Actions round={round} asked={asked} ask={ask} />
      <div className="grid items-start gap-4 wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="wide:sticky wide:top-[calc(var(--top)+1rem)]">
          <ValleyMap round={round} lit={lit} onStop={show} />
        </div>
        {/* On a phone the next call comes before the map of all. */}
        <div className="space-y-3 narrow:-order-1">
          {round.stops.length === 0 && (
            <p className="panel p-4">
              Nobody is booked with the van on this day. What is booked with{' '}
              {round.van.person ?? 'somebody of the van'} in the diary is a call here.
            </p>
          )}
          <StopList round={round} lit={lit} onLit={setLit} onOrder={(o) => ask({ order: o.join(',') })} />
          {others.length > 0 && (
            <section aria-label="Not on the round" className="space-y-2">
              {others.map((s) => (
                <div key={s.id} className="panel p-3">
                  <p className="text-ink-2">
                    {s.told}, {hours(s.minutes)}
                    {s.state === 'done' && ', done'}
                    {s.state === 'at_work' && ', at work now'}
                  </p>
                  <Dogs stop={s} />
                  <p className="text-ink-2">
                    {s.home}
                    {s.where && `, ${s.where}`}
                  </p>
                  <Broken why={s.why} />
                  {s.spot === '' && (
                    <LinkButton to={`/homes/${s.id}`}>Say where the {s.home} home is</LinkButton>
                  )}
                </div>
              ))}
            </section>
          )}
        </div>
      </div>
    </div>
  )
}
