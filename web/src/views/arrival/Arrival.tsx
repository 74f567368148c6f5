// Arrival: what came in, in two minutes and with one hand; ends in an agreement that the core has reckoned.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { WholeWord } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Navigate, useParams } from 'react-router'
import { api, take, writeKey, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { seenClose } from '../../dog/close/views'
import { zonesSeen } from '../../dog/field'
import { useLook } from '../../dog/useLook'
import { Away } from '../../ui/Away'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { useUnhurried } from '../../ui/useUnhurried'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { DogHead } from '../../parts/DogHead'
import { Cautions } from '../../parts/Cautions'
import { useElsewhere } from '../../parts/useElsewhere'
import { Line } from '../../parts/Line'
import type { LineData } from '../../parts/LineField'
import { Agree } from './Agree'
import { combOf, sendable, type ArrivalData, type CombDraft } from '../../parts/comb'
import { Check } from './Check'
import { CombStage } from './CombStage'
import { Handling } from './Handling'
import { Mats } from './Mats'
import { Photos } from '../../parts/Photos'
import { KindOfVisit } from './KindOfVisit'
import { Saving } from './Saving'
import { Today } from './Today'
import { useAutosave } from './useAutosave'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { LinkButton } from '../../ui/LinkButton'
import { isLeft, isRight, viewFor } from '../../parts/sides'

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

export function Arrival() {
  const { id = '' } = useParams()
  const arrival = useQuery(queries.arrival(id))
  const words = useQuery(queries.words())
  const unhurried = useUnhurried(!!arrival.data && !!words.data)
  if (!arrival.data || !words.data || !unhurried) {
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
  const elsewhere = useElsewhere(dog.id)
  const labels = useMemo(() => Object.fromEntries(words.zones.map((z) => [z.id, z.label])), [words])
  const [zone, setZone] = useState<string | null>(null)
  const [tab, setTab] = useState('mats')
  const [view, setView] = useState('side')
  const [side, setSide] = useState<'left' | 'right'>('left')
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
  const canWork = may('visit')
  const look = useLook(dog)
  const seen = zonesSeen(look)
  const choose = (z: string) => {
    setZone(z)
    if (tab !== 'today') setTab('mats')
    const next = viewFor(z, view === 'after' ? 'side' : view, {
      side: seen,
      ...seenClose(look),
    })
    if (view !== 'after' || next !== 'side') setView(next)
    if (next === 'side' && isRight(z)) setSide('right')
    else if (next === 'side' && isLeft(z)) setSide('left')
  }
  return (
    <div className="screen">
      <DogHead
        dog={dog.id}
        name={dog.name}
        view="arrival"
        about={`${day(arrival.day)} · taken in by ${arrival.who} · ${
          arrival.state === 'open' ? 'nothing agreed yet' : arrival.state
        }`}
        saved={
          <Saving
            save={comb}
            what="comb test"
            onTheirs={() => comb.takeTheirs(combOf(arrival.comb), arrival.comb.version)}
          />
        }
      >
        {canWork && (
          <LinkButton kind="main" to={`/dogs/${dog.id}/table`}>
            To the table
          </LinkButton>
        )}
        <KindOfVisit arrival={arrival} canWork={canWork} settled={comb.status === 'saved'} />
        <LinkButton to={`/dogs/${dog.id}`}>Card</LinkButton>
        <Button className="min-h-11" aria-expanded={line} onClick={() => setLine(!line)}>
          <WholeWord aria-hidden className="size-5" /> One line
        </Button>
        {canWork && (
          <LinkButton to={`/dogs/${dog.id}/visit`} state={handOver(arrival)}>
            Record visit
          </LinkButton>
        )}
      </DogHead>
      <Cautions
        cautions={[...arrival.comb.findings, ...arrival.findings, ...arrival.cautions, ...elsewhere].sort(
          (a, b) => rank(a.level) - rank(b.level),
        )}
      />
      {offline && navigator.onLine && (
        <Away>The salon is not answering. What you enter stays here and is sent when it is back.</Away>
      )}
      <div
        className={`flex min-h-0 flex-1 flex-col gap-3 p-3 sm:p-4 wide:flex-row
        wide:lefty:flex-row-reverse`}
      >
        <CombStage
          arrival={arrival}
          words={words}
          labels={labels}
          comb={comb}
          look={look}
          canWork={canWork}
          said={line ? (planned ?? []) : null}
          zone={zone}
          onZone={setZone}
          onChoose={choose}
          view={view}
          onView={setView}
          side={side}
          onSide={setSide}
        />
        <section
          aria-label="Sheet"
          className="panel flex min-h-0 flex-col wide:w-[27rem] wide:max-w-[48vw] wide:shrink-0
            short:w-[min(19rem,40vw)]"
        >
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
                { id: 'today', label: 'Today' },
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
              <TabPage value="today">
                <Today arrival={arrival} labels={labels} onZone={choose} onAgree={() => setTab('agree')} />
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
  const found = a.hands_on
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
