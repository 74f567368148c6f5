// A home: who lives there and how they are reached, what is open, its dogs, its past; changed once for all.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { MapPin, PencilLine } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { ChangeHome } from './ChangeHome'
import { MoveDog } from './MoveDog'
import { OnTheMap } from './OnTheMap'
import { OwnData } from './OwnData'
import { Past } from './Past'

type HomeData = Schemas['HomeView']
const WRITES = {
  unasked: 'not asked about messages',
  yes: 'may be written to',
  no: 'not to be written to: call',
}

export function Home() {
  const { id = '' } = useParams()
  const { may } = useSession()
  const cache = useQueryClient()
  const home = useQuery(queries.home(id))
  const [changing, setChanging] = useState(false)
  const [placing, setPlacing] = useState(false)
  const [moving, setMoving] = useState<string | null>(null)
  if (!home.data)
    return home.error ? <Resting error={home.error} retry={() => void home.refetch()} /> : <Waiting />
  const { data } = home
  const again = async () => {
    const all = [['home'], ['card'], ['book'], ['round']]
    await Promise.all(all.map((queryKey) => cache.invalidateQueries({ queryKey })))
  }
  const dog = data.dogs.find((d) => d.id === moving)
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">{data.name}</h1>
        {may('dog') && (
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => setPlacing(true)}>
              <MapPin aria-hidden className="size-5" />{' '}
              {data.spot ? 'On the van’s map' : 'Put on the van’s map'}
            </Button>
            <Button onClick={() => setChanging(true)}>
              <PencilLine aria-hidden className="size-5" /> Change this home
            </Button>
          </div>
        )}
        {placing && <OnTheMap home={data} after={() => void again()} onClose={() => setPlacing(false)} />}
      </div>
      {data.note && <p className="rounded-md bg-slate-soft p-3 font-bold text-slate">{data.note}</p>}
      {data.open.length > 0 && (
        <section aria-labelledby="open">
          <h2 id="open" className="mb-2 text-xl">
            To see to
          </h2>
          <ul className="panel list-disc space-y-1 p-4 pl-9">
            {data.open.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </section>
      )}
      <People home={data} />
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
      <Past home={data} />
      {may('people') && <OwnData home={data.id} after={again} />}
      {changing && (
        <ChangeHome
          key={data.version}
          home={data}
          after={() => void again()}
          onClose={() => setChanging(false)}
        />
      )}
      {dog && <MoveDog dog={dog} after={() => void again()} onClose={() => setMoving(null)} />}
    </div>
  )
}

function People({ home }: { home: HomeData }) {
  return (
    <section aria-labelledby="people">
      <h2 id="people" className="mb-2 text-xl">
        People
      </h2>
      <ul className="grid gap-2 sm:grid-cols-2">
        {home.people.map((p) => (
          <li key={p.id} className="panel p-4">
            <b className="block">{p.name}</b>
            <Phone number={p.phone} />
            {p.email && (
              <a className="block min-h-6 text-slate underline" href={`mailto:${p.email}`}>
                {p.email}
              </a>
            )}
            <p className="text-sm text-ink-2">
              {WRITES[p.writes]}
              {p.writes_on && `, ${day(p.writes_on)}`}
              {p.collects ? ' · may fetch the dogs' : ' · does not fetch the dogs'}
              {p.word && ` · word: ${p.word}`}
            </p>
            {p.also.map((h) => (
              <Link key={h.id} to={`/homes/${h.id}`} className="block min-h-6 text-thistle underline">
                also the {h.name} home
              </Link>
            ))}
          </li>
        ))}
        {home.others.map((o) => (
          <li key={o.name} className="panel border-dashed p-4">
            <b className="block">{o.name}</b>
            <Phone number={o.phone} />
            <p className="text-sm text-ink-2">
              lives elsewhere · {o.role === 'second' ? 'called where nobody answers' : 'only fetches'}
              {o.collects && ' · may fetch the dogs'}
              {o.word && ` · word: ${o.word}`}
            </p>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-ink-2">
        {home.vet && <>Vet: {home.vet}. </>}
        {home.quiet_from && `No message between ${home.quiet_from} and ${home.quiet_to}.`}
      </p>
    </section>
  )
}

function Phone({ number }: { number: string }) {
  if (!number) return null
  return (
    <a className="block min-h-6 text-lg text-slate underline" href={`tel:${number.replaceAll(' ', '')}`}>
      {number}
    </a>
  )
}
