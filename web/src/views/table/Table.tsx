// The table: what is next in big type, the dog lighting up zone by zone, timers, and everything a wet
// thumb has to say.
import { useQuery } from '@tanstack/react-query'
import { FlipHorizontal2, Hand, OctagonAlert, Spline, WholeWord } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useLocation, useParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { DogDrawing, type DrawnZone, type Waits } from '../../dog/DogDrawing'
import { fieldOf } from '../../dog/field'
import { BELOW, Underside } from '../../dog/Underside'
import { useLook } from '../../dog/useLook'
import { Away } from '../../ui/Away'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { shortDay } from '../../ui/words'
import { Cautions } from '../../parts/Cautions'
import type { LineData } from '../../parts/LineField'
import { TodayList } from '../../parts/TodayList'
import { AskOwner } from './AskOwner'
import { HandOver } from './HandOver'
import { Head } from './Head'
import { IncidentForm } from './IncidentForm'
import { LineDone } from './LineDone'
import { MatFound } from './MatFound'
import { Notes } from './Notes'
import { isOpen, Now } from './Now'
import { Otherwise } from './Otherwise'
import { Pace } from './Pace'
import { Parts } from './Parts'
import { RearView } from './RearView'
import { Steps } from './Steps'
import { handWords, stateOf, type TapData } from './taps'
import { Timers } from './Timers'
import { useAwake, useGroom, useSince } from './useGroom'
import { sure } from '../../sure'
import { drawnAs, fromSide, isLeft, isRight } from '../../parts/sides'

/** Only an hour off or so is worth a word. */
const CLOCK_OFF_S = 120
const REAR = ['thigh_left', 'thigh_right', 'breeches_left', 'breeches_right', 'rump', 'under_tail_ring']

export function Table() {
  const { id = '' } = useParams()
  const words = useQuery(queries.words())
  const groom = useGroom(id)
  if (!groom.groom || !words.data) {
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
  // What was tapped here of zones and steps can be taken back, the newest first; what was half done is so
  // again.
  const [done, setDone] = useState<{ data: TapData; half: { zone: string; why: string }[] }[]>([])
  const tap = (data: TapData) => {
    if ((data.kind === 'zone' || data.kind === 'step') && data.state !== 'planned' && data.state !== 'open') {
      const half = groom.zones
        .filter((z) => z.state === 'partly' && ((data.zones ?? []) as string[]).includes(z.zone))
        .map(({ zone, why }) => ({ zone, why }))
      setDone((all) => [...all.slice(-40), { data, half }])
    }
    return at.tap(data)
  }
  const backOne = () => {
    const last = done.at(-1)
    if (!last) return
    setDone((all) => all.slice(0, -1))
    const zones = (last.data.zones ?? []) as string[]
    const rest = zones.filter((zone) => !last.half.some((h) => h.zone === zone))
    if (last.data.kind === 'step') at.tap({ kind: 'step', step: last.data.step, state: 'open' })
    if (rest.length) at.tap({ kind: 'zone', zones: rest, state: 'planned' })
    for (const why of new Set(last.half.map((h) => h.why))) {
      at.tap({
        kind: 'zone',
        zones: last.half.filter((h) => h.why === why).map((h) => h.zone),
        state: 'partly',
        why,
      })
    }
    setZone(null)
    setPicked(
      typeof last.data.step === 'string'
        ? last.data.step
        : (groom.steps.find((s) => s.zones.some((z) => zones.includes(z)))?.key ?? null),
    )
  }
  const ready = groom.next === null && groom.state !== 'closed'
  const noted = groom.notes.length + groom.incidents.length
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
  const seen = fieldOf(look).zones
  // A step picked from the list stays in hand until it is done.
  const chosen = groom.steps.find((s) => s.key === picked && s.state !== 'done' && s.state !== 'skipped')
  const step = chosen ?? groom.steps.find((s) => s.key === groom.next) ?? null
  const byId = useMemo(() => Object.fromEntries(groom.zones.map((z) => [z.zone, z])), [groom.zones])
  const inHand = new Set(zone ? [zone] : (step?.zones.filter((z) => isOpen(groom, z)) ?? []))
  const drawn = (ids: string[], of: (id: string) => string) =>
    Object.fromEntries(
      ids.map((base): [string, DrawnZone] => {
        const id = of(base)
        const z = sure(byId[id])
        const one = saidById[id]
        const mm = z.actual_mm ?? z.planned_mm
        const done = z.state === 'done'
        return [
          base,
          {
            id,
            label: labels[id] ?? id,
            mm: one ? one.finished_mm : z.planned_mm,
            drawnMm: one
              ? (one.finished_mm ?? z.natural_mm)
              : done
                ? (mm ?? z.natural_mm)
                : (z.now_mm ?? mm ?? z.natural_mm),
            planned: z.planned !== null || z.state !== 'planned',
            state: one ? undefined : stateOf(z.state),
            now: line ? one !== undefined : inHand.has(id),
            stopLine: z.planned?.stop_line,
            hatch: mats[id],
            waits: z.state === 'planned' || z.state === 'partly' ? (z.waits as Waits) : '',
            hardWith: groom.hard_lines.flatMap(({ zone, other }) =>
              zone === id && of(drawnAs(other)) === other ? [drawnAs(other)] : [],
            ),
          },
        ]
      }),
    )
  const choose = (id: string) => {
    setZone(id === zone ? null : id)
    if (isRight(id) && seen.includes(drawnAs(id))) setSide('right')
    if (isLeft(id) && seen.includes(id)) setSide('left')
  }
  const onKeys = (e: React.KeyboardEvent) => {
    if (e.key === 'Enter' && e.target instanceof SVGElement)
      now.current?.querySelector<HTMLButtonElement>('[data-testid=done]')?.focus()
  }
  const mats: Record<string, number> = groom.today?.mats ?? {}
  const blade = step?.blade ?? null
  const spent = groom.minutes + (groom.state === 'open' ? since : 0)
  const link =
    'inline-flex min-h-12 items-center gap-2 rounded-md border border-line bg-sheet ' +
    'px-3 font-bold hover:bg-well'
  return (
    <div className="flex flex-1 flex-col lg:h-[calc(100dvh-3.1rem)] lg:flex-none lg:overflow-hidden">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2 px-4 pb-2 pt-2 sm:px-5">
        <div className="min-w-0 flex-1 basis-64">
          <h1 className="text-3xl leading-none">
            {dog.name} <span className="text-xl font-bold text-ink-2">at the table</span>
          </h1>
          <p className="mt-1 text-sm text-ink-2">
            {groom.place_name} · with <b className="text-ink">{groom.who}</b> · {Math.floor(spent)} min
            {groom.estimate_minutes !== null && ` of about ${Math.round(groom.estimate_minutes)}`}
            {groom.state === 'paused' && ' · paused'}
            {groom.state === 'closed' && ` · closed by ${groom.closed_by}`}
          </p>
        </div>
        <p
          role="status"
          className={`text-sm font-bold ${at.waiting > 0 && at.away ? 'text-haw' : 'text-ink-2'}`}
          data-testid="kept"
        >
          {at.waiting > 0
            ? at.away
              ? `${at.waiting} ${at.waiting === 1 ? 'tap' : 'taps'} kept here, sent when it can be`
              : 'sending …'
            : ''}
        </p>
        {at.others > 0 && (
          <p role="status" className="text-sm font-bold text-bracken">
            {at.others} {at.others === 1 ? 'tap' : 'taps'} of somebody else kept here until they sign in
          </p>
        )}
        {canWork && (
          <>
            <Button
              className="min-h-12 max-sm:px-2 max-sm:text-sm"
              aria-expanded={line}
              onClick={() => {
                setLine(!line)
                setView('side')
              }}
            >
              <WholeWord aria-hidden className="size-5" /> One line
            </Button>
            <Button
              className="min-h-12 text-haw max-sm:px-2 max-sm:text-sm"
              onClick={() => setDialog('incident')}
            >
              <OctagonAlert aria-hidden className="size-5" /> Incident
            </Button>
            <Button className="min-h-12 max-sm:px-2 max-sm:text-sm" onClick={() => setDialog('mat')}>
              <Spline aria-hidden className="size-5" /> Mat found
            </Button>
            <Button className="min-h-12 max-sm:px-2 max-sm:text-sm" onClick={() => setDialog('hand')}>
              <Hand aria-hidden className="size-5" /> Pause or hand over
            </Button>
          </>
        )}
        <Link
          to={`/grooms/${groom.id}/finish`}
          className={`${link}
            ${ready ? 'border-thistle bg-thistle text-thistle-ink hover:brightness-110' : ''}`}
        >
          Finish
        </Link>
      </div>
      <Cautions cautions={groom.cautions} />
      <Head groom={groom} onList={() => setView('today')} />
      <AskOwner groom={groom} canWork={canWork} />
      {at.away && navigator.onLine && (
        <Away>The salon is not answering. Taps are kept here and sent when it is back.</Away>
      )}
      {Math.abs(at.ahead) > CLOCK_OFF_S && (
        <p role="status" className="bg-slate-soft px-5 py-1 text-sm font-bold text-slate">
          This device&rsquo;s clock is {Math.round(Math.abs(at.ahead) / 60)} minutes{' '}
          {at.ahead > 0 ? 'fast' : 'slow'}. Times are corrected.
        </p>
      )}
      {groom.held.map((h) => (
        <div
          key={h.id + h.zone}
          role="alert"
          className={`flex flex-wrap items-center gap-2 border-b border-bracken bg-bracken-soft px-5 py-1.5
            text-bracken`}
        >
          <p className="min-w-0 flex-1 basis-64 font-bold">
            {labels[h.zone]}: {h.theirs_who} says {h.theirs}, {h.who} says {h.mine}.
          </p>
          <Button
            className="min-h-12 text-ink"
            onClick={() => tap({ kind: 'choose', held: h.id, zone: h.zone, ok: false })}
          >
            {h.theirs_who} is right
          </Button>
          <Button
            className="min-h-12 text-ink"
            onClick={() => tap({ kind: 'choose', held: h.id, zone: h.zone, ok: true })}
          >
            {h.who} is right
          </Button>
        </div>
      ))}
      {groom.state === 'paused' && (
        <div
          className={`flex flex-wrap items-center gap-3 border-b border-slate bg-slate-soft px-5 py-2
          text-slate`}
        >
          <p className="min-w-0 flex-1 font-bold">Paused. {groom.hand_over && handWords(groom.hand_over)}</p>
          {canWork && (
            <Button kind="main" className="min-h-14 px-6 text-lg" onClick={() => tap({ kind: 'resume' })}>
              Go on
            </Button>
          )}
        </div>
      )}
      <div className="flex min-h-0 flex-1 flex-col gap-3 p-3 lg:flex-row">
        <section
          aria-label="The dog"
          className="panel flex min-h-0 flex-1 flex-col overflow-hidden max-lg:order-2"
          onKeyDown={onKeys}
        >
          <div className="flex flex-wrap items-center gap-2 border-b border-line p-2">
            <Choice
              small
              label="View"
              value={view}
              onChange={setView}
              options={[
                { id: 'side', label: 'Side' },
                ...(groom.strip_map.length > 0 ? [{ id: 'strip', label: 'Stripped' }] : []),
                { id: 'below', label: 'Below' },
                { id: 'rear', label: 'Rear' },
                { id: 'parts', label: 'Nails, ears' },
                { id: 'steps', label: 'Steps' },
                ...(groom.today ? [{ id: 'today', label: 'Today' }] : []),
                {
                  id: 'notes',
                  label: noted > 0 ? `Notes (${noted})` : 'Notes',
                },
              ]}
            />
            {(view === 'side' || view === 'strip') && (
              <Button className="min-h-10" onClick={() => setSide(side === 'left' ? 'right' : 'left')}>
                <FlipHorizontal2 aria-hidden className="size-4" /> Turn
                <span className="-ml-2 max-sm:sr-only">: {side} side</span>
              </Button>
            )}
          </div>
          {view === 'steps' ? (
            <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} role="group" aria-label="Steps">
              <Steps
                groom={groom}
                labels={labels}
                inHand={step?.key ?? null}
                canWork={canWork}
                onTap={tap}
                onPick={(key) => (setPicked(key), setZone(null))}
              />
            </div>
          ) : view === 'parts' ? (
            <div
              className="min-h-0 flex-1 overflow-y-auto"
              tabIndex={0}
              role="group"
              aria-label="Nails and ears"
            >
              <Parts groom={groom} canWork={canWork} onTap={tap} />
            </div>
          ) : view === 'today' && groom.today ? (
            <div className="min-h-0 flex-1 overflow-y-auto p-4" tabIndex={0} role="group" aria-label="Today">
              <TodayList
                today={groom.today}
                labels={labels}
                onZone={(id) => {
                  setView(seen.includes(drawnAs(id)) ? 'side' : 'below')
                  choose(id)
                }}
              />
            </div>
          ) : view === 'notes' ? (
            <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} role="group" aria-label="Notes">
              <Notes groom={groom} labels={labels} canWork={canWork} onTap={tap} />
            </div>
          ) : (
            <div
              className={`relative min-h-64 flex-1 p-2 max-lg:h-[62vw] max-lg:max-h-[30rem]
              max-lg:flex-none`}
            >
              <div className="absolute inset-2">
                {view === 'side' ? (
                  <DogDrawing
                    look={look}
                    zones={drawn(seen, (base) => fromSide(side, base))}
                    side={side}
                    selected={zone}
                    onSelect={choose}
                    name={dog.name}
                  />
                ) : view === 'strip' ? (
                  <DogDrawing
                    look={look}
                    zones={stripped(
                      groom,
                      drawn(seen, (base) => fromSide(side, base)),
                    )}
                    side={side}
                    selected={zone}
                    onSelect={choose}
                    name={`${dog.name}, when stripped`}
                  />
                ) : view === 'below' ? (
                  <Underside
                    zones={drawn(BELOW, (z) => z)}
                    selected={zone}
                    onSelect={choose}
                    name={dog.name}
                  />
                ) : (
                  <RearView
                    groom={groom}
                    zones={drawn(REAR, (z) => z)}
                    canWork={canWork}
                    onSelect={choose}
                    onTap={tap}
                  />
                )}
              </div>
            </div>
          )}
          {(view === 'side' || view === 'below') && (
            <p className="flex flex-wrap gap-x-4 border-t border-line px-3 py-1.5 text-sm text-ink-2">
              <span>✓ done</span> <span>½ partly</span> <span>→ later</span> <span>– not needed</span>{' '}
              <span>numbers: mm to leave</span>
              <b className="ml-auto text-ink">{progress(groom.zones)}</b>
            </p>
          )}
        </section>
        <div ref={now} className="panel flex min-h-0 flex-col max-lg:order-1 lg:w-[30rem] lg:shrink-0">
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
              onBack={done.length > 0 ? backOne : null}
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

/** The strip map: by date, the longest ago the densest; what is not stripped carries nothing. */
function stripped(groom: Schemas['GroomView'], zones: Record<string, DrawnZone>): Record<string, DrawnZone> {
  const days = Object.fromEntries(groom.strip_map.map((s) => [s.zone, s.day]))
  const ages = [...new Set(groom.strip_map.map((s) => s.day ?? ''))].sort().reverse()
  return Object.fromEntries(
    Object.entries(zones).map(([base, z]) => {
      const day = days[z.id]
      const words = day === undefined ? 'not stripped' : day === null ? 'not yet' : shortDay(day)
      const mat = {
        severity: day === undefined ? 0 : day === null ? 4 : Math.min(4, ages.indexOf(day)),
        text: day === undefined ? '' : words,
        said: words,
      }
      return [base, { ...z, mat, state: undefined }]
    }),
  )
}

function progress(zones: Schemas['TableZoneView'][]): string {
  const mine = zones.filter((z) => z.planned !== null || z.state !== 'planned')
  return `${mine.filter((z) => z.state !== 'planned' && z.state !== 'partly').length} of ${mine.length} zones`
}
