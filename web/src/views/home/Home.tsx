// A home: who lives there and how they are reached, its dogs, what went to it; changed once for all of them.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { PencilLine } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { clock, day } from '../../ui/words'
import { ChangeHome } from './ChangeHome'
import { MoveDog } from './MoveDog'

type HomeData = Schemas['HomeView']

export function Home() {
  const { id = '' } = useParams()
  const { may } = useSession()
  const cache = useQueryClient()
  const home = useQuery(queries.home(id))
  const [changing, setChanging] = useState(false)
  const [moving, setMoving] = useState<string | null>(null)
  if (!home.data)
    return home.error ? <Resting error={home.error} retry={() => void home.refetch()} /> : <Waiting />
  const { data } = home
  const again = () => {
    for (const queryKey of [['home'], ['card'], ['book']]) void cache.invalidateQueries({ queryKey })
  }
  const dog = data.dogs.find((d) => d.id === moving)
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">{data.name}</h1>
        {may('dog') && (
          <Button onClick={() => setChanging(true)}>
            <PencilLine aria-hidden className="size-5" /> Change this home
          </Button>
        )}
      </div>
      {data.note && <p className="rounded-md bg-slate-soft p-3 font-bold text-slate">{data.note}</p>}
      <People people={data.people} />
      <section aria-labelledby="dogs">
        <h2 id="dogs" className="mb-2 text-xl">
          Dogs
        </h2>
        <ul className="panel divide-y divide-line">
          {data.dogs.length === 0 && <li className="p-4 text-ink-2">No dog lives here any more.</li>}
          {data.dogs.map((d) => (
            <li key={d.id} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-4 py-3">
              <p>
                <Link to={`/dogs/${d.id}`} className="font-head text-lg font-bold text-thistle underline">
                  {d.name}
                </Link>{' '}
                {d.state !== 'active' && <span className="text-ink-2">({d.state.replace('_', ' ')})</span>}
                <span className="block text-sm text-ink-2">
                  {d.breed} · last visit {day(d.last_visit)} · booked {day(d.next_booking)}
                </span>
              </p>
              {may('dog') && (
                <Button aria-label={`${d.name} has another home`} onClick={() => setMoving(d.id)}>
                  has another home
                </Button>
              )}
            </li>
          ))}
        </ul>
      </section>
      <Messages messages={data.messages} />
      {changing && (
        <ChangeHome key={data.version} home={data} after={again} onClose={() => setChanging(false)} />
      )}
      {dog && <MoveDog dog={dog} after={again} onClose={() => setMoving(null)} />}
    </div>
  )
}

function People({ people }: { people: HomeData['people'] }) {
  return (
    <section aria-labelledby="people">
      <h2 id="people" className="mb-2 text-xl">
        People
      </h2>
      <ul className="grid gap-2 sm:grid-cols-2">
        {people.map((p) => (
          <li key={p.id} className="panel p-4">
            <b className="block">{p.name}</b>
            {p.phone && (
              <a className="block text-lg text-slate underline" href={`tel:${p.phone.replaceAll(' ', '')}`}>
                {p.phone}
              </a>
            )}
            {p.email && (
              <a className="block text-slate underline" href={`mailto:${p.email}`}>
                {p.email}
              </a>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Messages({ messages }: { messages: HomeData['messages'] }) {
  if (messages.length === 0) return null
  return (
    <section aria-labelledby="sent">
      <h2 id="sent" className="mb-2 text-xl">
        What went to them
      </h2>
      <ul className="panel divide-y divide-line">
        {messages.map((m) => (
          <li key={m.at + m.text} className="px-4 py-3">
            <p>{m.text}</p>
            <p className="text-sm text-ink-2">
              {m.dog} · {day(m.at)}, {clock(m.at)} · {m.state}
            </p>
          </li>
        ))}
      </ul>
    </section>
  )
}
