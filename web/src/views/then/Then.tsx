// Then and now: one dog drawn twice to scale, two visits or today and in some weeks, with what differs
// between.
import { useQuery } from '@tanstack/react-query'
import { ArrowLeft, FlipHorizontal2 } from 'lucide-react'
import { useMemo, useRef, useState, useDeferredValue } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { FilmFrame } from '../../dog/film/FilmFrame'
import { useFilm } from '../../dog/film/useFilm'
import { DogDrawing } from '../../dog/DogDrawing'
import { useLook } from '../../dog/useLook'
import { Button } from '../../ui/Button'
import { SelectField } from '../../ui/Field'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Why } from '../../ui/Why'
import { day, mm, shortDay, trim } from '../../ui/words'
import { Differences } from './Differences'
import { Weeks } from './Weeks'
import { at, struck } from '../../parts/weeksAhead'
import { drawnAs } from '../../parts/sides'
import { useRested, frames, score } from '../../parts/coatAhead'

type ThenData = Schemas['ThenView']
type SideData = Schemas['SideView']

export function Then() {
  const { id = '' } = useParams()
  const [search, setSearch] = useSearchParams()
  const a = search.get('a') ?? ''
  const b = search.get('b') ?? ''
  const then = useQuery(queries.then(id, a, b))
  const words = useQuery(queries.words())
  const [week, setWeek] = useState(0)
  // The dog follows the finger; the list comes when it rests.
  const rested = useRested(week)
  const moving = rested !== week
  const [turned, setTurned] = useState<'left' | 'right'>('left')
  const [zone, setZone] = useState<string | null>(null)
  if (!then.data || !words.data) {
    const error = then.error ?? words.error
    return error ? <Resting error={error} retry={() => void then.refetch()} /> : <Waiting />
  }
  const data = then.data
  const ahead = data.now.id === 'today' || data.now.id === 'plan'
  const choose = (name: 'a' | 'b', value: string) => {
    if (name === 'b') setWeek(0)
    setSearch(
      (was) => {
        const next = new URLSearchParams(was)
        next.set(name, value)
        return next
      },
      { replace: true },
    )
  }
  const options = [
    { id: 'today', label: 'Today, as it should be' },
    { id: 'plan', label: 'As planned, freshly done' },
    ...data.visits.map((v) => ({ id: v.id, label: `${day(v.day)} · ${v.kind} · ${v.who}` })),
  ]
  const w = ahead ? week : 0
  const band = data.outlook.reasons.find((r) => r.term === 'band')?.value ?? '–'
  const settled = ahead ? rested : 0
  return (
    <div
      className={`flex flex-1 flex-col gap-2 p-3 sm:p-4 lg:h-[calc(100dvh-var(--top))] lg:flex-none
      lg:overflow-hidden short:h-auto short:overflow-visible short:p-2`}
    >
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2 short:flex-nowrap short:gap-x-2">
        <Link
          to={`/dogs/${id}`}
          className="inline-flex min-h-11 min-w-11 items-center gap-2 font-bold text-thistle"
          aria-label={`Back to ${data.dog.name}’s card`}
        >
          <ArrowLeft aria-hidden className="size-5" />
        </Link>
        <h1 className="flex-1 text-3xl leading-none short:truncate short:text-xl">
          {data.dog.name}, then and now
        </h1>
        <p className="text-sm text-ink-2">
          grows {trim(data.growth.mm_per_week)} mm a week, give or take {band}{' '}
          <Why of={`${trim(data.growth.mm_per_week)} mm a week`} reasons={data.growth.reasons} />
        </p>
        <Button className="min-h-10" onClick={() => setTurned(turned === 'left' ? 'right' : 'left')}>
          <FlipHorizontal2 aria-hidden className="size-4" /> Turn
          <span className="sr-only">: {turned} side</span>
        </Button>
      </header>
      <div className="flex min-h-0 flex-1 flex-col gap-3 lg:flex-row short:flex-col">
        {/* on its side a phone shows both dogs and the slider; the list is below */}
        <div
          className={`flex min-h-0 min-w-0 flex-1 flex-col gap-2 short:h-[calc(100dvh-4rem)]
          short:flex-none`}
        >
          <div className="grid min-h-0 flex-1 gap-2 sm:grid-cols-2 short:grid-rows-1">
            <Half
              data={data}
              side={data.then}
              label="Then"
              options={options}
              onChoose={(v) => choose('a', v)}
              turned={turned}
              zone={zone}
              onZone={setZone}
              words={words.data.zones}
              week={0}
            />
            <Half
              data={data}
              side={data.now}
              label={w > 0 ? `In ${trim(w)} weeks` : 'Now'}
              options={options}
              onChoose={(v) => choose('b', v)}
              turned={turned}
              zone={zone}
              onZone={setZone}
              words={words.data.zones}
              week={w}
              ahead={ahead}
              settled={settled}
              moving={moving}
            />
          </div>
          {ahead && (
            <Weeks
              outlook={data.outlook}
              today={data.today}
              planned={data.now.id === 'plan'}
              week={week}
              onWeek={setWeek}
            />
          )}
        </div>
        <Differences
          data={data}
          week={settled}
          ahead={ahead}
          words={words.data.zones}
          zone={zone}
          onZone={setZone}
        />
      </div>
    </div>
  )
}

interface HalfProps {
  data: ThenData
  side: SideData
  label: string
  options: { id: string; label: string }[]
  onChoose: (id: string) => void
  turned: 'left' | 'right'
  zone: string | null
  onZone: (zone: string) => void
  words: Schemas['VocabularyView']['zones']
  week: number
  ahead?: boolean
  /** weeks from now, where its slider last stood still */
  settled?: number
  moving?: boolean
}

function Half({
  data,
  side,
  label,
  options,
  onChoose,
  turned,
  zone,
  onZone,
  words,
  week,
  ahead = false,
  settled = week,
  moving = false,
}: HalfProps) {
  const look = useLook(data.dog)
  const { outlook, natural } = data
  const later = ahead && week > 0
  const frame = useMemo(
    () => frames(side, outlook, natural, words, turned, ahead),
    [side, outlook, natural, words, turned, ahead],
  )
  const box = useRef<HTMLDivElement>(null)
  // With a dog chosen by its zone the drawing itself follows: a film has no chosen zone.
  const scene = useMemo(
    () => (ahead && !zone ? { look, side: turned, weeks: outlook.weeks, frame } : null),
    [ahead, zone, look, turned, outlook, frame],
  )
  const film = useFilm(box, scene)
  const half = Math.round(week * 2) / 2
  const picture = moving ? film?.get(half) : undefined
  // Without a film by half weeks, whose coats may be laid already; the slider goes before the drawing.
  const shown = useDeferredValue(picture ? settled : moving ? half : week)
  const drawn = useMemo(() => frame(shown), [frame, shown])
  const curve = zone ? outlook.zones[zone] : undefined
  const strikes = later ? struck(outlook, week) : []
  return (
    <section aria-label={label} className="panel flex min-h-64 flex-col overflow-hidden short:min-h-0">
      <div className="px-3 pt-2 short:px-1 short:pt-1 short:[&_.label]:sr-only">
        <SelectField
          label={label}
          value={side.id}
          options={options}
          onChange={(e) => onChoose(e.target.value)}
        />
      </div>
      <div className="relative min-h-40 flex-1 short:min-h-0">
        <div className="absolute inset-x-2 inset-y-0">
          <div ref={box} data-film-of={film?.size} className={`h-full ${picture ? 'invisible' : ''}`}>
            <DogDrawing
              look={look}
              zones={drawn}
              side={turned}
              selected={zone}
              onSelect={onZone}
              name={`${data.dog.name}, ${label}`}
              tag={ahead ? '' : 'then-'}
              moving={moving && !film}
            />
          </div>
          {picture && <FilmFrame picture={picture} week={half} />}
        </div>
      </div>
      <div className="min-h-[4.75rem] px-3 pb-2 text-sm short:min-h-0 short:pb-0 short:text-xs">
        {ahead ? (
          <>
            {later && (
              <p>
                <b>matting score {score(outlook, week)}</b> of {outlook.limit} allowed
                {strikes.length > 0 && (
                  <>
                    {' · '}
                    <Link to={`/dogs/${data.dog.id}?tab=back`} className="font-bold text-bracken underline">
                      due: {strikes.join(', ')}
                    </Link>
                  </>
                )}
              </p>
            )}
            {curve && zone ? (
              <p>
                <b>{drawn[drawnAs(zone)]?.label}</b> {mm(at(curve.mm, outlook.weeks, week))}
                {week > 0 &&
                  `, four of five between ${trim(at(curve.low, outlook.weeks, week))} and ` +
                    mm(at(curve.high, outlook.weeks, week))}
              </p>
            ) : (
              <p className="text-ink-2">
                {later ? 'Tap a zone for its band.' : `last groomed ${day(outlook.from)}`}
              </p>
            )}
          </>
        ) : (
          <>
            <p>
              {[
                side.who,
                side.place,
                side.minutes && `${side.minutes} min`,
                side.load !== null && `arrived with a matting score of ${trim(side.load)}`,
              ]
                .filter(Boolean)
                .join(' · ')}
            </p>
            {side.note && <p className="text-ink-2">{side.note}</p>}
          </>
        )}
        {side.photos.length > 0 && (
          <ul className="mt-1 flex gap-2 overflow-x-auto" aria-label={`Photos, ${shortDay(side.day)}`}>
            {side.photos.map((p) => (
              <li key={p.id} className="shrink-0">
                <a href={`/api/photos/${p.id}/large`} target="_blank" rel="noreferrer">
                  <img
                    src={`/api/photos/${p.id}/small`}
                    alt={`${p.moment}, ${p.zone}`}
                    loading="lazy"
                    className="h-16 w-24 rounded object-cover"
                  />
                </a>
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  )
}
