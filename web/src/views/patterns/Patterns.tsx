// House patterns: the salon's own plans, drawn; laid on a dog, or changed and spread to the cards that
// follow.
import { useQuery } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useMemo, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { DogDrawing } from '../../dog/DogDrawing'
import type { DrawnZone } from '../../dog/zone'
import { useLook } from '../../dog/useLook'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Change } from './Change'
import { Lay } from './Lay'
import { OnTheWay, useOnTheWay } from './OnTheWay'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { isRight } from '../../parts/sides'
import { Followers } from './Followers'
import { NewPattern } from './NewPattern'

const ANY_DOG = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'plume',
  tail_carriage: 'up',
  coat: 'curly',
}

export function Patterns() {
  const { may } = useSession()
  const [search, setSearch] = useSearchParams()
  const list = useQuery(queries.patterns())
  const words = useQuery(queries.words())
  const [adding, setAdding] = useState(false)
  const dogId = search.get('dog')
  const chosen = search.get('pattern') ?? list.data?.patterns[0]?.id ?? null
  const set = (change: Record<string, string | null>) =>
    setSearch(
      (was) => {
        const next = new URLSearchParams(was)
        for (const [k, v] of Object.entries(change)) {
          if (v === null) next.delete(k)
          else next.set(k, v)
        }
        return next
      },
      { replace: true },
    )
  if (!list.data || !words.data) {
    const error = list.error ?? words.error
    return error ? <Resting error={error} retry={() => void list.refetch()} /> : <Waiting />
  }
  return (
    <div
      className={`flex flex-1 flex-col gap-2 p-3 sm:p-4 wide:h-[calc(100dvh-var(--top))] wide:flex-none
      wide:overflow-hidden`}
    >
      <header className="flex flex-wrap items-center gap-3">
        <h1 className="flex-1 text-3xl leading-none">House patterns</h1>
        {may('plan') && (
          <Button className="min-h-10" onClick={() => setAdding(true)}>
            <Plus aria-hidden className="size-4" /> New pattern
          </Button>
        )}
      </header>
      <div className="flex min-h-0 flex-1 flex-col gap-3 wide:flex-row">
        <nav
          aria-label="Patterns"
          className="panel min-h-0 shrink-0 overflow-y-auto p-2 wide:w-60 short:w-40"
        >
          {list.data.patterns.length === 0 && (
            <p className="p-3 text-ink-2">
              No pattern yet. Save a dog’s plan from its card, or write one here.
            </p>
          )}
          <ul className="space-y-1">
            {list.data.patterns.map((p) => (
              <li key={p.id}>
                <button
                  type="button"
                  aria-pressed={p.id === chosen}
                  onClick={() => set({ pattern: p.id })}
                  className={`block min-h-14 w-full rounded-md border p-2 text-left
                    ${
                      p.id === chosen ? 'border-thistle bg-thistle-soft' : 'border-transparent hover:bg-well'
                    }`}
                >
                  <b className="block leading-tight">{p.name}</b>
                  <span className="block text-sm text-ink-2">
                    {p.followers === 0
                      ? 'nobody follows it'
                      : p.followers === 1
                        ? 'one card follows'
                        : `${p.followers} cards follow`}
                  </span>
                  {p.behind > 0 && (
                    <span className="block text-sm font-bold text-bracken">
                      {p.behind === 1 ? 'one has an older version' : `${p.behind} have an older version`}
                    </span>
                  )}
                </button>
              </li>
            ))}
          </ul>
        </nav>
        {chosen ? (
          <One
            key={chosen}
            id={chosen}
            words={words.data}
            dogId={dogId}
            onDog={(d) => set({ dog: d })}
            onGone={() => set({ pattern: null })}
          />
        ) : (
          <p className="panel flex-1 p-6 text-ink-2">
            A pattern is a plan the house gives many dogs: same lengths, same shapes, each dog with its own
            exceptions.
          </p>
        )}
      </div>
      {adding && <NewPattern onClose={() => setAdding(false)} onAdded={(id) => set({ pattern: id })} />}
    </div>
  )
}

function One({
  id,
  words,
  dogId,
  onDog,
  onGone,
}: {
  id: string
  words: Schemas['VocabularyView']
  dogId: string | null
  onDog: (dog: string | null) => void
  onGone: () => void
}) {
  const pattern = useQuery(queries.pattern(id))
  const { job, sent } = useOnTheWay(pattern.data)
  const card = useQuery({
    ...queries.card(dogId ?? '', null, null),
    enabled: dogId !== null,
    refetchInterval: false,
  })
  const [drawn, setDrawn] = useState<Record<string, number | null> | null>(null)
  const [zone, setZone] = useState<string | null>(null)
  const dog = dogId === null ? undefined : card.data?.dog
  const look = useLook(dog ?? ANY_DOG)
  const lengths = useMemo(
    () => drawn ?? Object.fromEntries((pattern.data?.zones ?? []).map((z) => [z.zone, z.finished_mm])),
    [drawn, pattern.data],
  )
  const zones = useMemo(() => {
    const natural = Object.fromEntries(
      (dog ? (card.data?.zones ?? []) : []).map((z) => [z.zone, z.finished_mm ?? z.natural_mm]),
    )
    const out: Record<string, DrawnZone> = {}
    for (const w of words.zones) {
      if (isRight(w.id)) continue
      const known = lengths[w.id] ?? null
      const around = w.meets.map((m) => lengths[m] ?? null).filter((v) => v !== null)
      out[w.id] = {
        id: w.id,
        label: w.label,
        mm: known,
        drawnMm: natural[w.id] ?? (around.length ? around.reduce((x, y) => x + y, 0) / around.length : 12),
        planned: w.id in lengths,
      }
    }
    return out
  }, [lengths, words.zones, card.data, dog])
  if (!pattern.data)
    return pattern.error ? (
      <Resting error={pattern.error} retry={() => void pattern.refetch()} />
    ) : (
      <Waiting />
    )
  const data = pattern.data
  return (
    <>
      <section
        aria-label="The pattern drawn"
        className="panel flex min-h-72 min-w-0 flex-1 short:min-h-0 flex-col overflow-hidden"
      >
        <div className="px-4 pt-3">
          <h2 className="text-xl leading-tight">
            {data.pattern.name}
            {dog && (
              <>
                {' on '}
                <Link to={`/dogs/${dog.id}`} className="text-thistle underline underline-offset-2">
                  {dog.name}
                </Link>
              </>
            )}
          </h2>
          {data.pattern.note && <p className="text-sm text-ink-2">{data.pattern.note}</p>}
        </div>
        <div className="relative min-h-48 flex-1 short:min-h-0">
          <div className="absolute inset-2">
            <DogDrawing
              look={look}
              zones={zones}
              side="left"
              selected={zone}
              onSelect={setZone}
              name={dog?.name ?? 'A dog in this pattern'}
            />
          </div>
        </div>
        <p className="min-h-8 px-4 pb-2 text-sm" role="status">
          {zone && zones[zone] ? (
            <>
              <b>{zones[zone].label}</b>{' '}
              {data.zones.find((z) => z.zone === zone)?.words ?? 'not in this pattern'}
            </>
          ) : (
            <span className="text-ink-2">dots: not in this pattern</span>
          )}
        </p>
      </section>
      <section
        aria-label="Sheet"
        className="panel flex min-h-0 flex-col wide:w-[26rem] wide:shrink-0
        short:w-[17rem]"
      >
        <OnTheWay job={job} />
        <Tabs
          defaultValue="lay"
          className="flex min-h-0 flex-1 flex-col"
          onValueChange={() => setDrawn(null)}
        >
          <TabBar
            label={data.pattern.name}
            tabs={[
              { id: 'lay', label: 'Lay it on a dog' },
              { id: 'change', label: 'Change' },
              { id: 'who', label: 'Who follows' },
            ]}
          />
          <div className="min-h-0 flex-1 overflow-y-auto">
            <TabPage value="lay">
              <Lay
                pattern={data}
                dogId={dogId}
                dogName={dog?.name ?? null}
                onDog={onDog}
                onShown={setDrawn}
                onZone={setZone}
              />
            </TabPage>
            <TabPage value="change">
              <Change
                key={data.pattern.version}
                pattern={data}
                onShown={setDrawn}
                onSent={sent}
                onGone={onGone}
              />
            </TabPage>
            <TabPage value="who">
              <Followers data={data} words={words} />
            </TabPage>
          </div>
        </Tabs>
      </section>
    </>
  )
}
