// Arrival: what came in, in two minutes and with one hand; ends in an agreement that the core has reckoned.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { FlipHorizontal2, Undo2, WholeWord } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Navigate, useParams } from 'react-router'
import { api, take, writeKey, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { fieldOf } from '../../dog/field'
import { useLook } from '../../dog/useLook'
import { DogDrawing, type DrawnZone } from '../../dog/DogDrawing'
import { BELOW, Underside } from '../../dog/Underside'
import { Away } from '../../ui/Away'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { Cautions } from '../../parts/Cautions'
import { Line } from '../../parts/Line'
import type { LineData } from '../../parts/LineField'
import { Agree } from './Agree'
import { combOf, sendable, withMat, type ArrivalData, type CombDraft, type MatDraft } from './comb'
import { Check } from './Check'
import { Handling } from './Handling'
import { Mats } from './Mats'
import { Photos } from '../../parts/Photos'
import { KindOfVisit } from './KindOfVisit'
import { Saving } from './Saving'
import { useAutosave } from './useAutosave'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { LinkButton } from '../../ui/LinkButton'
import { drawnAs, fromSide, isLeft, isRight } from '../../parts/sides'

/** Opens today's arrival of a dog, or goes on with it. */
export function OpenArrival() {
  const { id = '' } = useParams()
  const { may } = useSession()
  const key = useRef(writeKey())
  const cache = useQueryClient()
  const opened = useQuery({
    queryKey: ['open-arrival', id],
    queryFn: () =>
      take(
        api.POST('/api/dogs/{id}/arrivals', {
          params: { path: { id }, header: { 'Idempotency-Key': key.current } },
        }),
      ),
    enabled: may('visit'),
    staleTime: Infinity,
  })
  if (!may('visit')) return <p className="p-6">Your role does not take dogs in.</p>
  if (opened.error) return <Resting error={opened.error} retry={() => void opened.refetch()} />
  if (!opened.data) return <Waiting what="Opening the arrival" />
  cache.setQueryData(['arrival', opened.data.id], opened.data)
  return <Navigate to={`/arrivals/${opened.data.id}`} replace />
}

const PLAIN = 'border-line bg-sheet hover:bg-well'

export function Arrival() {
  const { id = '' } = useParams()
  const arrival = useQuery(queries.arrival(id))
  const words = useQuery(queries.words())
  if (!arrival.data || !words.data) {
    const failed = arrival.error ?? words.error
    return failed ? (
      <Resting error={failed} retry={() => (void arrival.refetch(), void words.refetch())} />
    ) : (
      <Waiting what="Fetching the arrival" />
    )
  }
  return (
    <Page
      key={id}
      arrival={arrival.data}
      words={words.data}
      offline={arrival.isError ? arrival.error : null}
    />
  )
}

function Page({
  arrival,
  words,
  offline,
}: {
  arrival: ArrivalData
  words: Schemas['VocabularyView']
  offline: Error | null
}) {
  const cache = useQueryClient()
  const { may, session } = useSession()
  const { dog } = arrival
  const labels = useMemo(() => Object.fromEntries(words.zones.map((z) => [z.id, z.label])), [words])
  const [zone, setZone] = useState<string | null>(null)
  const [tab, setTab] = useState('mats')
  const [view, setView] = useState('side')
  const [side, setSide] = useState<'left' | 'right'>('left')
  const [brush, setBrush] = useState(-1)
  const [line, setLine] = useState(false)
  const [planned, setPlanned] = useState<LineData['zones'] | null>(null)
  const show = (next: ArrivalData) => cache.setQueryData(['arrival', arrival.id], next)
  const mine = { name: `comb-${arrival.id}`, me: session.id }
  const comb = useAutosave<CombDraft>(
    mine,
    combOf(arrival.comb),
    arrival.comb.version,
    async (value, version) => {
      const next = await take(
        api.PUT('/api/arrivals/{id}/comb', {
          params: {
            path: { id: arrival.id },
            header: { 'If-Match': `"${version}"`, 'Idempotency-Key': writeKey() },
          },
          body: sendable(value),
        }),
      )
      cache.setQueryData<ArrivalData>(
        ['arrival', arrival.id],
        (before) => before && { ...before, comb: next },
      )
      return next.version
    },
  )
  const { receive } = comb
  useEffect(() => receive(combOf(arrival.comb), arrival.comb.version), [receive, arrival])
  useEffect(() => {
    document.title = `${dog.name}, arrival · Keen Thistle`
  }, [dog.name])
  const mats = useMemo(() => Object.fromEntries(comb.value.zones.map((z) => [z.zone, z])), [comb.value])
  const look = useLook(dog)
  const seen = fieldOf(look).zones
  const drawn = (ids: string[], of: (id: string) => string) =>
    Object.fromEntries(
      ids.map((base): [string, DrawnZone] => {
        const z = of(base)
        const mat = mats[z]
        const last = arrival.last_found[z as keyof typeof arrival.last_found]
        const text = mat ? (mat.severity > 0 ? String(mat.severity) : '✓') : last ? '?' : ''
        return [
          base,
          {
            id: z,
            label: labels[z] ?? z,
            mm: null,
            drawnMm: 24,
            planned: true,
            mat: {
              severity: mat?.severity ?? 0,
              text,
              said: mat ? undefined : last ? `not combed yet, was ${last} last time` : 'not combed yet',
            },
          },
        ]
      }),
    )
  const canWork = may('visit')
  // What each finding replaced, so that a slip of the thumb is one tap to take back.
  const [before, setBefore] = useState<{ zone: string; was: MatDraft | null }[]>([])
  const set = (z: string, severity: number) => {
    if (!canWork || mats[z]?.severity === severity) return
    setBefore((all) => [...all.slice(-30), { zone: z, was: mats[z] ?? null }])
    comb.change((c) => withMat(c, z, { severity }, words.severities))
  }
  const undo = () => {
    const last = before.at(-1)
    if (!last) return
    setBefore((all) => all.slice(0, -1))
    comb.change((c) => ({
      ...c,
      zones: [...c.zones.filter((z) => z.zone !== last.zone), ...(last.was ? [last.was] : [])],
    }))
    setZone(last.zone)
  }
  const choose = (z: string) => {
    setZone(z)
    setTab('mats')
    if (view === 'side' && isRight(z) && seen.includes(drawnAs(z))) setSide('right')
    if (view === 'side' && isLeft(z) && seen.includes(z)) setSide('left')
  }
  const paint = (z: string) => {
    if (brush >= 0) set(z, brush)
    setZone(z)
  }
  const mirrored = (base: string) => fromSide(side, base)
  const common = {
    selected: zone,
    onSelect: choose,
    onDigit: (n: number) => zone && set(zone, n),
    name: dog.name,
    onPaint: brush >= 0 && canWork ? paint : undefined,
  }
  const chosen =
    arrival.comb.options.find((o) => o.choice === (comb.value.choice ?? arrival.comb.choice)) ??
    arrival.comb.options[0]
  const left = (chosen?.left ?? {}) as Record<string, number>
  const whenDone = Object.fromEntries(
    seen.map((base): [string, DrawnZone] => {
      const z = mirrored(base)
      return [
        base,
        {
          id: z,
          label: labels[z] ?? z,
          mm: left[z] ?? null,
          drawnMm: left[z] ?? 12,
          planned: left[z] !== undefined,
          exception: chosen?.patches.includes(z),
        },
      ]
    }),
  )
  const said = Object.fromEntries((planned ?? []).map((z) => [z.zone, z]))
  const asSaid = Object.fromEntries(
    seen.map((base): [string, DrawnZone] => {
      const z = said[mirrored(base)]
      return [
        base,
        {
          id: mirrored(base),
          label: labels[mirrored(base)] ?? base,
          mm: z?.finished_mm ?? null,
          drawnMm: z?.finished_mm ?? 12,
          planned: z !== undefined,
          exception: z?.recipe?.exception,
          stopLine: z?.recipe?.stop_line,
        },
      ]
    }),
  )
  const unasked = arrival.asked_first.filter((z) => !mats[z])
  return (
    <div className="flex flex-1 flex-col lg:h-[calc(100dvh-3.1rem)] lg:flex-none lg:overflow-hidden">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pb-2 pt-3 sm:px-5">
        <div className="min-w-0 flex-1 basis-64">
          <h1 className="text-3xl leading-none">
            {dog.name} <span className="text-xl font-bold text-ink-2">arrival</span>
          </h1>
          <p className="mt-1 text-sm text-ink-2">
            {day(arrival.day)} · taken in by {arrival.who} ·{' '}
            {arrival.state === 'open' ? 'nothing agreed yet' : arrival.state}
          </p>
        </div>
        <KindOfVisit arrival={arrival} canWork={canWork} settled={comb.status === 'saved'} />
        <Saving
          save={comb}
          what="comb test"
          onTheirs={() => comb.takeTheirs(combOf(arrival.comb), arrival.comb.version)}
        />
        <LinkButton to={`/dogs/${dog.id}`}>Card</LinkButton>
        <Button className="min-h-11" aria-expanded={line} onClick={() => setLine(!line)}>
          <WholeWord aria-hidden className="size-5" /> One line
        </Button>
        {canWork && <LinkButton to={`/dogs/${dog.id}/table`}>To the table</LinkButton>}
        {canWork && (
          <LinkButton to={`/dogs/${dog.id}/visit`} state={handOver(arrival)}>
            Record visit
          </LinkButton>
        )}
      </div>
      <Cautions
        cautions={[...arrival.comb.findings, ...arrival.findings, ...arrival.cautions].sort(
          (a, b) => rank(a.level) - rank(b.level),
        )}
      />
      {offline && navigator.onLine && (
        <Away>The salon is not answering. What you enter stays here and is sent when it is back.</Away>
      )}
      <div className="flex min-h-0 flex-1 flex-col gap-3 p-3 sm:p-4 lg:flex-row">
        <section aria-label="Comb test" className="panel flex min-h-0 flex-1 flex-col overflow-hidden">
          <div className="flex flex-wrap items-center gap-2 border-b border-line p-2">
            <Choice
              small
              label="View"
              value={view}
              onChange={setView}
              options={[
                { id: 'side', label: 'Side' },
                { id: 'below', label: 'From below' },
                { id: 'after', label: 'When done' },
              ]}
            />
            {view !== 'below' && (
              <Button className="min-h-10" onClick={() => setSide(side === 'left' ? 'right' : 'left')}>
                <FlipHorizontal2 aria-hidden className="size-4" /> Turn
                <span className="-ml-2 max-sm:sr-only">: {side} side</span>
              </Button>
            )}
            <p className="min-w-0 flex-1 text-sm text-ink-2 max-md:hidden">
              {view === 'after'
                ? `${chosen?.title ?? ''}: mm it leaves. ` +
                  (chosen?.back_message
                    ? `Back to the usual: ${chosen.back_message}`
                    : 'Hatched patches fill back.')
                : 'Choose what the comb finds, then tap or draw across zones. ? was matted last time.'}
            </p>
          </div>
          <div className="relative min-h-64 flex-1 p-2 max-lg:h-[62vw] max-lg:max-h-[30rem] max-lg:flex-none">
            <div className="absolute inset-2">
              {line ? (
                <DogDrawing
                  look={look}
                  zones={asSaid}
                  side={side}
                  selected={zone}
                  onSelect={setZone}
                  name={`${dog.name} as the line says`}
                />
              ) : view === 'side' ? (
                <DogDrawing look={look} zones={drawn(seen, mirrored)} side={side} {...common} />
              ) : view === 'after' ? (
                <DogDrawing
                  look={look}
                  zones={whenDone}
                  side={side}
                  selected={zone}
                  onSelect={choose}
                  name={`${dog.name} when done`}
                />
              ) : (
                <Underside zones={drawn(BELOW, (z) => z)} {...common} />
              )}
            </div>
          </div>
          {canWork && !line && (
            <div className="space-y-2 border-t border-line p-2">
              <div
                role="radiogroup"
                aria-label="The comb finds"
                className="flex flex-wrap gap-1.5 max-sm:grid max-sm:grid-cols-3"
              >
                {[-1, 0, 1, 2, 3, 4].map((n) => (
                  <button
                    key={n}
                    type="button"
                    role="radio"
                    aria-checked={brush === n}
                    onClick={() => setBrush(n)}
                    className={`flex min-h-12 min-w-20 flex-1 items-center justify-center gap-2 rounded-md
                      border px-2 text-sm font-bold
                      ${brush === n ? 'border-thistle bg-thistle-soft text-thistle' : PLAIN}`}
                  >
                    {n > 0 && (
                      <svg viewBox="0 0 8 8" className="size-6 shrink-0 rounded bg-well" aria-hidden>
                        <rect width="8" height="8" style={{ fill: `url(#kt-mat-${n})` }} />
                      </svg>
                    )}
                    {n < 0 ? 'just look' : `${n} ${words.severities.find((s) => s.id === n)?.label}`}
                  </button>
                ))}
                <Button
                  className="min-h-12 min-w-20 flex-1 text-sm"
                  disabled={before.length === 0}
                  onClick={undo}
                >
                  <Undo2 aria-hidden className="size-5" /> Undo
                </Button>
              </div>
              {unasked.length > 0 && (
                <div
                  className="flex items-center gap-1.5 overflow-x-auto pb-0.5"
                  role="group"
                  aria-label="Usual places, not combed yet"
                  tabIndex={0}
                >
                  <span className="shrink-0 text-sm text-ink-2">Not combed yet:</span>
                  {unasked.map((z) => (
                    <button
                      key={z}
                      type="button"
                      onClick={() => {
                        setView(seen.includes(drawnAs(z)) ? 'side' : 'below')
                        choose(z)
                        if (brush >= 0) set(z, brush)
                      }}
                      className={`min-h-11 shrink-0 rounded-md border border-dashed border-line
                        bg-sheet px-2.5
                        text-sm hover:bg-well`}
                    >
                      {labels[z]}
                      {!!arrival.last_found[z as keyof typeof arrival.last_found] && (
                        <b className="ml-1 text-haw">
                          was {String(arrival.last_found[z as keyof typeof arrival.last_found])}
                        </b>
                      )}
                    </button>
                  ))}
                </div>
              )}
            </div>
          )}
        </section>
        <section aria-label="Sheet" className="panel flex min-h-0 flex-col lg:w-[27rem] lg:shrink-0">
          {line && (
            <Line dogId={dog.id} labels={labels} onShown={setPlanned} onClose={() => setLine(false)} />
          )}
          <Tabs
            value={tab}
            onValueChange={setTab}
            className={line ? 'hidden' : 'flex min-h-0 flex-1 flex-col'}
          >
            <TabBar
              label="Arrival"
              tabs={[
                { id: 'mats', label: 'Mats' },
                { id: 'check', label: 'Check' },
                { id: 'handling', label: 'Handling' },
                { id: 'agree', label: 'Agree' },
                { id: 'photos', label: 'Photos' },
              ]}
            />
            <div className="min-h-0 flex-1 overflow-y-auto">
              <TabPage value="mats">
                <Mats
                  arrival={arrival}
                  comb={comb}
                  zone={zone}
                  labels={labels}
                  words={words}
                  canWork={canWork}
                  onZone={choose}
                />
              </TabPage>
              <TabPage value="check" keeps={{ open: tab === 'check' }}>
                <Check arrival={arrival} words={words} canWork={canWork} onSaved={show} />
              </TabPage>
              <TabPage value="handling">
                <Handling arrival={arrival} words={words} canWork={canWork} />
              </TabPage>
              <TabPage value="agree" keeps={{ open: tab === 'agree' }}>
                <Agree arrival={arrival} comb={comb} labels={labels} canWork={canWork} onSaved={show} />
              </TabPage>
              <TabPage value="photos">
                <Photos arrival={arrival} labels={labels} zone={zone} canWork={canWork} />
              </TabPage>
            </div>
          </Tabs>
        </section>
      </div>
    </div>
  )
}

function rank(level: string): number {
  return level === 'danger' ? 0 : level === 'caution' ? 1 : 2
}

/** What the visit form need not ask again. */
function handOver(a: ArrivalData) {
  const found = a.hands_on as {
    kg?: number
    upkeep?: string
    lengths?: Record<string, number>
    owner_cut?: boolean
  }
  const clipped = a.comb.zones
    .filter((z) => z.decision === 'clip' && z.blade !== null)
    .map((z) => [z.zone, z.blade])
  return {
    load: a.comb.load,
    tender: Math.max(0, ...a.comb.zones.filter((z) => z.tender).map((z) => z.severity)),
    kg: found.kg ?? null,
    upkeep: found.upkeep ?? null,
    lengths: found.lengths ?? null,
    ownerCut: found.owner_cut === true,
    clipped: Object.fromEntries(clipped) as Record<string, string>,
  }
}
