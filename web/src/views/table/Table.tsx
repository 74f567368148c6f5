// The table: what is next in big type, the dog lighting up zone by zone, timers, and everything a wet
// thumb has to say.
import { useQuery } from '@tanstack/react-query'
import { Hand, OctagonAlert, Spline, WholeWord } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useLocation, useParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { zonesSeen } from '../../dog/field'
import { useLook } from '../../dog/useLook'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { useUnhurried } from '../../ui/useUnhurried'
import { Waiting } from '../../ui/Waiting'
import { DogHead } from '../../parts/DogHead'
import { Cautions } from '../../parts/Cautions'
import { useElsewhere } from '../../parts/useElsewhere'
import type { LineData } from '../../parts/LineField'
import { Kept } from './Kept'
import { HandOver } from './HandOver'
import { IncidentForm } from './IncidentForm'
import { LineDone } from './LineDone'
import { MatFound } from './MatFound'
import { Now } from './Now'
import { isOpen } from './zoneStates'
import { Otherwise } from './Otherwise'
import { Pace } from './Pace'
import { Stage } from './Stage'
import { Strips } from './Strips'
import { useWayBack } from './useWayBack'
import { Timers } from './Timers'
import { useAwake, useGroom, useSince } from './useGroom'
import { drawnAs, isLeft, isRight } from '../../parts/sides'

export function Table() {
  const { id = '' } = useParams()
  const words = useQuery(queries.words())
  const groom = useGroom(id)
  const unhurried = useUnhurried(!!groom.groom && !!words.data)
  if (!groom.groom || !words.data || !unhurried) {
    const failed = groom.error ?? words.error
    return failed ? (
      <Resting error={failed} retry={() => (void groom.refetch(), void words.refetch())} />
    ) : (
      <Waiting what="Fetching the groom" />
    )
  }
  return <Page key={id} at={groom} groom={groom.groom} words={words.data} />
}

function Page({
  at,
  groom,
  words,
}: {
  at: ReturnType<typeof useGroom>
  groom: NonNullable<ReturnType<typeof useGroom>['groom']>
  words: Schemas['VocabularyView']
}) {
  const { may } = useSession()
  const { dog } = groom
  const elsewhere = useElsewhere(dog.id)
  const { tap, back, some } = useWayBack(at, groom)
  const backOne = () => {
    const step = back()
    setZone(null)
    setPicked(step)
  }
  const ready = groom.next === null && groom.state !== 'closed'
  const canWork = may('visit') && groom.state !== 'closed'
  const labels = useMemo(() => Object.fromEntries(words.zones.map((z) => [z.id, z.label])), [words])
  const house = useQuery(queries.house())
  const drawings = useMemo(
    () => Object.fromEntries((house.data?.styles ?? []).map((s) => [s.name, s.drawing])),
    [house.data],
  )
  const [zone, setZone] = useState<string | null>(null)
  const [picked, setPicked] = useState<string | null>(null)
  const [view, setView] = useState('side')
  const [side, setSide] = useState<'left' | 'right'>('left')
  // Led here from the emergency sheet: what happened is noted first.
  const { incident } = (useLocation().state ?? {}) as { incident?: string }
  const [dialog, setDialog] = useState<'otherwise' | 'incident' | 'hand' | 'mat' | null>(
    incident ? 'incident' : null,
  )
  const now = useRef<HTMLDivElement>(null)
  const [line, setLine] = useState(false)
  const [said, setSaid] = useState<LineData['zones'] | null>(null)
  const saidById = Object.fromEntries((said ?? []).map((z) => [z.zone, z]))
  const since = useSince(groom.now, groom.age_ms ?? 0) / 60000
  useAwake(groom.state === 'open')
  useEffect(() => {
    document.title = `${dog.name}, at the table · Keen Thistle`
  }, [dog.name])
  const look = useLook(dog)
  const seen = zonesSeen(look)
  // A step picked from the list stays in hand until it is done.
  const chosen = groom.steps.find((s) => s.key === picked && s.state !== 'done' && s.state !== 'skipped')
  const step = chosen ?? groom.steps.find((s) => s.key === groom.next) ?? null
  const inHand = new Set(zone ? [zone] : (step?.zones.filter((z) => isOpen(groom, z)) ?? []))
  const choose = (id: string) => {
    setZone(id === zone ? null : id)
    if (isRight(id) && seen.includes(drawnAs(id))) setSide('right')
    if (isLeft(id) && seen.includes(id)) setSide('left')
  }
  const onKeys = (e: React.KeyboardEvent) => {
    if (e.key === 'Enter' && e.target instanceof SVGElement)
      now.current?.querySelector<HTMLButtonElement>('[data-testid=done]')?.focus()
  }
  const blade = step?.blade ?? null
  const spent = groom.minutes + (groom.state === 'open' ? since : 0)
  const link =
    'inline-flex min-h-12 items-center gap-2 rounded-md border border-line bg-sheet ' +
    'px-3 font-bold hover:bg-well'
  return (
    <div className="screen">
      <DogHead
        dog={dog.id}
        name={dog.name}
        view="at the table"
        about={
          <>
            {groom.place_name} · with <b className="text-ink">{groom.who}</b> · {Math.floor(spent)} min
            {groom.estimate_minutes !== null && ` of about ${Math.round(groom.estimate_minutes)}`}
            {groom.state === 'paused' && ' · paused'}
            {groom.state === 'closed' && ` · closed by ${groom.closed_by}`}
          </>
        }
        saved={<Kept at={at} />}
      >
        <Link
          to={`/grooms/${groom.id}/finish`}
          className={`lg:order-last ${link}
            ${ready ? 'border-thistle bg-thistle text-thistle-ink hover:brightness-110' : ''}`}
        >
          Finish
        </Link>
        {canWork && (
          <Button className="min-h-12" onClick={() => setDialog('mat')}>
            <Spline aria-hidden className="size-5" /> Mat found
          </Button>
        )}
        {canWork && (
          <Button className="min-h-12 text-haw" onClick={() => setDialog('incident')}>
            <OctagonAlert aria-hidden className="size-5" /> Incident
          </Button>
        )}
        {canWork && (
          <Button
            className="min-h-12"
            aria-expanded={line}
            onClick={() => {
              setLine(!line)
              setView('side')
            }}
          >
            <WholeWord aria-hidden className="size-5" /> One line
          </Button>
        )}
        {canWork && (
          <Button className="min-h-12" onClick={() => setDialog('hand')}>
            <Hand aria-hidden className="size-5" /> Pause or hand over
          </Button>
        )}
      </DogHead>
      <Cautions cautions={[...groom.cautions, ...elsewhere]} />
      <Strips
        at={at}
        groom={groom}
        labels={labels}
        canWork={canWork}
        onTap={tap}
        onList={() => setView('today')}
      />
      <div
        className={`flex min-h-0 flex-1 flex-col gap-3 p-3 wide:flex-row wide:lefty:flex-row-reverse
        short:gap-2 short:p-2`}
      >
        <Stage
          groom={groom}
          words={words}
          labels={labels}
          look={look}
          said={line ? saidById : null}
          inHand={inHand}
          stepKey={step?.key ?? null}
          zone={zone}
          onZone={choose}
          view={view}
          onView={setView}
          side={side}
          onSide={setSide}
          canWork={canWork}
          onTap={tap}
          onPick={(key) => (setPicked(key), setZone(null))}
          onKeys={onKeys}
        />
        <div
          ref={now}
          className={`panel flex min-h-0 flex-col narrow:order-1 wide:w-[30rem] wide:max-w-[50vw]
            wide:shrink-0`}
        >
          {line ? (
            <LineDone
              groom={groom}
              labels={labels}
              onShown={setSaid}
              onTap={tap}
              onClose={() => setLine(false)}
            />
          ) : (
            <Now
              drawings={drawings}
              groom={groom}
              step={step}
              zone={zone}
              labels={labels}
              canWork={canWork}
              onTap={tap}
              onOtherwise={() => setDialog('otherwise')}
              onZone={setZone}
              onBack={some ? backOne : null}
            >
              <Pace groom={groom} since={since} canWork={canWork} onTap={tap} />
              <Timers groom={groom} blade={blade} canWork={canWork} onTap={tap} />
            </Now>
          )}
          {line && <Timers groom={groom} blade={blade} canWork={canWork} onTap={tap} />}
        </div>
      </div>
      {dialog === 'otherwise' && (
        <Otherwise
          groom={groom}
          zones={[...inHand]}
          labels={labels}
          words={words}
          onClose={() => setDialog(null)}
          onTap={(data) => (tap(data), setZone(null))}
        />
      )}
      {dialog === 'incident' && (
        <IncidentForm
          words={words}
          today={groom.now.slice(0, 10)}
          what={incident ?? 'nick'}
          zone={zone ?? [...inHand][0] ?? ''}
          tool={step?.tool ?? ''}
          onClose={() => setDialog(null)}
          onTap={tap}
        />
      )}
      {dialog === 'mat' && (
        <MatFound groom={groom} words={words} zone={zone ?? ''} onClose={() => setDialog(null)} />
      )}
      {dialog === 'hand' && <HandOver groom={groom} onClose={() => setDialog(null)} onTap={tap} />}
    </div>
  )
}
