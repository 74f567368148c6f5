// When the dog should be back: the recommendation, every clock with its reasons, the owner's own wish, and
// booking it.
import { differenceInCalendarDays, parseISO } from 'date-fns'
import { useState } from 'react'
import { type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Reasons, Why } from '../../ui/Why'
import { day, mm, money, shortDay } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import { clockName } from '../../parts/clocks'
import { Gone } from './Gone'
import { NextDate } from './NextDate'
import { notYet } from '../../parts/notYet'
import { NotYet } from './NotYet'

interface Props {
  card: Schemas['CardView']
  /** zone => its name */
  labels: Record<string, string>
  wish: number | null
  onWish: (weeks: number | null) => void
  onVisit: (visit: string) => void
  /** to the first zone, where nothing is planned yet */
  onPlan: () => void
  onLine: () => void
}

export function WhenBack(props: Props) {
  const { card, onPlan, onLine } = props
  return (
    <div className="space-y-5 p-4">
      {card.dog.stops.length > 0 ? (
        <Gone dog={card.dog} />
      ) : notYet(card) ? (
        <NotYet card={card} onZone={onPlan} onLine={onLine} />
      ) : (
        <Dates {...props} />
      )}
      {card.dog.stops.length === 0 && <NextDate card={card} />}
    </div>
  )
}

function Dates({ card, labels, wish, onWish, onVisit }: Props) {
  const { interval, growth, today } = card
  const late = interval.full_on ? differenceInCalendarDays(parseISO(today), parseISO(interval.full_on)) : 0
  const longest = Math.max(8, ...interval.clocks.map((c) => c.weeks), wish ?? 0)
  return (
    <>
      <section>
        {interval.full_weeks === null ? (
          <>
            <h2 className="text-2xl">No full groom asked for</h2>
            <p>The {clockName(interval.binding)} clock leads.</p>
          </>
        ) : (
          <>
            <h2 className="text-3xl">
              Back in {interval.full_weeks} weeks{' '}
              <Why of="the recommended interval" reasons={interval.reasons} onVisit={onVisit} />
            </h2>
            <p className="text-lg">
              {day(interval.full_on)}
              {late > 0 && <b className="text-haw"> · {late} days late</b>}
            </p>
            <p className="text-sm text-ink-2">
              <b>{clockName(interval.binding)}</b> decides
            </p>
          </>
        )}
        {interval.next && (
          <p className="mt-2 rounded-md bg-moss-soft px-3 py-2 text-moss">
            <b>Next:</b> {interval.next.words} <b className="whitespace-nowrap">{day(interval.next.on)}</b>
          </p>
        )}
        <ul className="mt-2 text-sm text-ink-2">
          {between(interval).map(([what, weeks, on]) => (
            <li key={what}>
              {what} every {weeks} weeks in between, next {day(on)}
            </li>
          ))}
          {interval.fringe_on && <li>The fringe reaches the eye about {day(interval.fringe_on)}</li>}
        </ul>
        <div className="mt-2 space-y-2">
          {interval.warnings.map((w) => (
            <CautionLine key={w.code} caution={w} />
          ))}
        </div>
      </section>
      {card.patches.length > 0 && (
        <section aria-label="Shorter for now">
          <h3 className="mb-1 text-lg">Shorter than the style, for now</h3>
          <ul className="divide-y divide-line text-sm">
            {patches(card.patches, labels).map((p) => (
              <li key={p.words} className="py-1">
                {p.words}: left {mm(p.left_mm)} on {shortDay(p.since)} ·{' '}
                <b>grown out by {day(p.grown_out_on)}</b>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h3 className="mb-2 text-lg">The clocks</h3>
        <ul className="space-y-1">
          {interval.clocks.map((c) => (
            <li key={c.clock} className="grid grid-cols-[6.2rem_1fr_10.4rem] items-center gap-2">
              <span className={c.clock === interval.binding ? 'font-bold text-thistle' : ''}>
                {clockName(c.clock)}
              </span>
              <span className="relative h-5 overflow-hidden rounded bg-well" aria-hidden>
                <span
                  className={`absolute inset-y-0 left-0
                    ${c.clock === interval.binding ? 'bg-thistle' : 'bg-ink-2/45'}`}
                  style={{ width: `${(100 * c.weeks) / longest}%` }}
                />
                <span
                  className="absolute inset-y-0 w-0.5 bg-haw"
                  style={{ left: `${Math.min(100, (100 * weeksSince(today, c.since)) / longest)}%` }}
                />
              </span>
              <span className="whitespace-nowrap text-right text-sm">
                {c.weeks} wk<span className="text-ink-2"> from {shortDay(c.since)}</span>{' '}
                <Why
                  of={`the ${clockName(c.clock)} clock, counted from ${day(c.since)}`}
                  reasons={c.reasons}
                  onVisit={onVisit}
                />
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-xs text-ink-2">
          The red mark is today; each clock counts from when that was last done.
        </p>
      </section>
      <Wish interval={interval} wish={wish} onWish={onWish} />
      <section>
        <h3 className="text-lg">Growth</h3>
        <p>
          {growth.mm_per_week} mm a week ± {growth.sd}{' '}
          <Why of="how fast this coat grows" reasons={growth.reasons} onVisit={onVisit} />
        </p>
      </section>
    </>
  )
}

/** Places that say the same are said once. */
function patches(all: Schemas['CardView']['patches'], labels: Record<string, string>) {
  const out = new Map<string, Schemas['CardView']['patches'][number] & { words: string }>()
  for (const p of all) {
    const key = [p.left_mm, p.since, p.grown_out_on].join()
    const had = out.get(key)
    const name = labels[p.zone] ?? p.zone
    out.set(key, { ...p, words: had ? `${had.words}; ${name}` : name })
  }
  return [...out.values()]
}

const weeksSince = (today: string, since: string) =>
  Math.max(0, differenceInCalendarDays(parseISO(today), parseISO(since)) / 7)

/** The smaller visits that keep what the full groom alone would not. */
function between(interval: Schemas['IntervalView']) {
  const all: [string, number | null, string | null][] = [
    ['A bath', interval.bath_weeks, interval.bath_on],
    ['A tidy', interval.tidy_weeks, interval.tidy_on],
    ['Nails', interval.nails_weeks, interval.nails_on],
  ]
  return all.filter((v): v is [string, number, string] => v[1] !== null && v[2] !== null)
}

function Wish({
  interval,
  wish,
  onWish,
}: {
  interval: Schemas['IntervalView']
  wish: number | null
  onWish: (weeks: number | null) => void
}) {
  const { session } = useSession()
  // What is typed stays as typed, an emptied field too; only whole weeks are asked about.
  const [typed, setTyped] = useState(wish === null ? '' : String(wish))
  const asked = /^\d+$/.test(typed) && Number(typed) >= 1 && Number(typed) <= 52 ? Number(typed) : null
  const answer = interval.wish
  return (
    <section className="rounded-lg bg-well p-3">
      <h3 className="mb-2 text-lg">The owner would like</h3>
      <label className="flex flex-wrap items-center gap-2">
        every
        <input
          className="field w-20"
          type="number"
          min={1}
          max={52}
          value={typed}
          aria-label="Weeks the owner would like"
          aria-invalid={typed !== '' && asked === null}
          aria-describedby="wish-error"
          onChange={(e) => {
            const text = e.target.value
            setTyped(text)
            if (/^\d+$/.test(text) && Number(text) >= 1 && Number(text) <= 52) onWish(Number(text))
          }}
        />
        weeks
      </label>
      <p id="wish-error" role="alert" className="text-sm font-bold text-haw">
        {typed !== '' && asked === null && 'Whole weeks from 1 to 52.'}
      </p>
      {answer && answer.weeks === asked && (
        <div className="mt-3 space-y-2 text-sm" aria-live="polite">
          <p>
            Then, on {day(answer.on)}: coat about <b>{mm(answer.length_mm)}</b>, matting score{' '}
            <b>{answer.load}</b>
            {answer.matting_minutes !== null && (
              <>
                , about <b>{Math.round(answer.matting_minutes)} min</b> on mats
              </>
            )}
            {answer.fee_minor !== null && answer.fee_minor > 0 && (
              <>
                , fee <b>{money(answer.fee_minor, session.currency)}</b>
              </>
            )}
            .
          </p>
          {answer.breaks.length === 0 ? (
            <p className="font-bold text-moss">Every clock is kept.</p>
          ) : (
            <p className="text-bracken">
              <b>Breaks: </b>
              {answer.breaks.map((b) => `${b.clock} by ${b.over_by_weeks} wk`).join(', ')}
            </p>
          )}
          <details>
            <summary className="text-slate underline">why?</summary>
            <Reasons reasons={answer.reasons} />
          </details>
        </div>
      )}
    </section>
  )
}
