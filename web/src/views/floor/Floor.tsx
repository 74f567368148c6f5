// Today as it runs: what is late and what to move first, then every dog where it is, who has whom.
import { useQuery } from '@tanstack/react-query'
import { UserPlus } from 'lucide-react'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { clock, day } from '../../ui/words'
import { Collect } from './Collect'
import { Dog } from './Dog'
import { FrontDesk } from './FrontDesk'
import { Moves } from './Moves'
import { People } from './People'
import { WalkIn } from './WalkIn'
import type { FloorDog } from './floor'

/** So that a tap at the table is seen here within three seconds. */
const LOOK_MS = 2000

const GROUPS: [string, (d: FloorDog) => boolean][] = [
  ['Late, or will be', (d) => d.late > 0],
  ['Here', (d) => d.late === 0 && ['table', 'rests', 'here'].includes(d.stage)],
  ['Expected', (d) => d.late === 0 && d.stage === 'expected'],
  ['Ready to go home', (d) => d.stage === 'ready'],
  ['Gone home', (d) => d.stage === 'gone'],
]

export function Floor() {
  const { session, may } = useSession()
  const [search, setSearch] = useSearchParams()
  const mine = search.get('of') === 'mine'
  const [adding, setAdding] = useState(false)
  const [fetched, setFetched] = useState<FloorDog | null>(null)
  const floor = useQuery({
    queryKey: ['floor'],
    queryFn: () => take(api.GET('/api/floor')),
    refetchInterval: LOOK_MS,
  })
  if (!floor.data)
    return floor.error ? <Resting error={floor.error} retry={() => void floor.refetch()} /> : <Waiting />
  const { data } = floor
  const dogs = mine ? data.dogs.filter((d) => d.who === session.name) : data.dogs
  return (
    <div className="mx-auto w-full max-w-7xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">
          Today, {day(data.today)} <span className="text-ink-2">{clock(data.now)}</span>
        </h1>
        <div className="flex flex-wrap items-center gap-2">
          <Choice
            label="Whose dogs"
            value={mine ? 'mine' : 'all'}
            options={[
              { id: 'all', label: 'Everybody’s' },
              { id: 'mine', label: 'Mine' },
            ]}
            onChange={(of) => setSearch(of === 'mine' ? { of } : {}, { replace: true })}
          />
          {may('money') && <LinkButton to="/till">Till</LinkButton>}
          {may('book') && (
            <Button onClick={() => setAdding(true)}>
              <UserPlus aria-hidden className="size-5" /> Walk-in
            </Button>
          )}
        </div>
      </div>
      {floor.isError && (
        <p role="status" className="rounded-md bg-bracken-soft px-3 py-2 text-bracken">
          The salon does not answer: this is how it stood at {clock(data.now)}.
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="space-y-5">
          {dogs.length === 0 && (
            <p className="panel p-6 text-center text-ink-2">
              {mine ? 'Nobody is yours today so far.' : 'Nobody is expected today.'} Find a dog in the{' '}
              <Link className="text-slate underline" to="/book">
                Book
              </Link>
              , a free hour in the{' '}
              <Link className="text-slate underline" to="/diary">
                Diary
              </Link>
              .
            </p>
          )}
          {GROUPS.map(([name, of]) => {
            const its = dogs.filter((d) => of(d))
            return (
              its.length > 0 && (
                <section key={name} aria-label={name} className="space-y-2">
                  <h2 className={`text-lg ${name.startsWith('Late') ? 'text-haw' : ''}`}>
                    {name} <span className="text-ink-2">{its.length}</span>
                  </h2>
                  <ul className="space-y-2">
                    {its.map((d) => (
                      <Dog key={d.booking ?? d.arrival ?? d.dog} dog={d} onFetched={() => setFetched(d)} />
                    ))}
                  </ul>
                </section>
              )
            )
          })}
        </div>
        <div className="space-y-4">
          <Moves floor={data} />
          <People people={data.people} />
          {may('book') && <FrontDesk />}
        </div>
      </div>
      {adding && <WalkIn today={data.today} onClose={() => setAdding(false)} />}
      {fetched && <Collect dog={fetched} onClose={() => setFetched(null)} />}
    </div>
  )
}
