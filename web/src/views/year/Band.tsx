// A year on one band: what is booked, how long each clock runs under it, what the salon and the owner would.
import type { ReactNode } from 'react'
import { day, shortDay } from '../../ui/words'
import { late, months, place, shifted, SHORT, type Check, type YearData } from './band'
import type { Hold } from './useNudge'

type Booking = YearData['booked'][0]
interface Props {
  data: YearData
  check: Check
  hold: Hold | null
  chosen: string | null
  onChoose: (id: string) => void
  /** null: who looks at it may not book */
  handles: ((b: Booking) => Record<string, unknown>) | null
}

export function Band({ data, check, hold, chosen, onChoose, handles }: Props) {
  const { today } = data
  const lane = (key: string, name: ReactNode, tall: boolean, children: ReactNode) => (
    <div key={key} className="grid grid-cols-[10rem_1fr] items-center border-t border-line">
      <p className="pr-2 text-sm leading-tight">{name}</p>
      <div className={`relative ${tall ? 'h-14' : 'h-8'}`} data-band>
        {data.closed.map((c) => (
          <span
            key={c.from}
            aria-hidden
            title={`closed, ${shortDay(c.from)} to ${shortDay(c.to)}`}
            className="absolute inset-y-0 bg-well"
            style={{ left: `${place(today, c.from)}%`, width: `${100 / 52}%` }}
          />
        ))}
        {children}
      </div>
    </div>
  )
  const marks = (visits: Check['visits'], tone: string) =>
    visits.map((v) => (
      <li
        key={`${v.day} ${v.kind}`}
        title={`${SHORT[v.kind]}, ${day(v.day)}`}
        className={`absolute top-1 -translate-x-1/2 rounded px-1 text-xs leading-6 ${tone}
          ${v.kind === 'full' ? 'font-bold' : ''}`}
        style={{ left: `${place(today, v.day)}%` }}
      >
        {SHORT[v.kind]}
        <span className="sr-only">, {day(v.day)}</span>
      </li>
    ))
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The year on a band">
      <div className="min-w-[60rem] pr-6">
        <div className="relative ml-[10rem] h-6 text-xs text-ink-2" aria-hidden>
          {months(today).map((m) => (
            <span
              key={m.on}
              className="absolute border-l border-line pl-1"
              style={{ left: `${place(today, m.on)}%` }}
            >
              {m.label}
            </span>
          ))}
        </div>
        {lane(
          'booked',
          <b>Booked</b>,
          true,
          <ul aria-label="Booked">
            {data.booked.map((b) => {
              const on = hold?.id === b.id ? hold.day : b.day
              return (
                <li
                  key={b.id}
                  className="absolute top-1 -translate-x-1/2"
                  style={{ left: `${place(today, on)}%` }}
                >
                  <button
                    type="button"
                    aria-pressed={chosen === b.id}
                    className={`h-12 min-w-12 rounded-md border-2 px-1 text-xs leading-tight font-bold
                      ${handles ? 'cursor-ew-resize touch-none' : ''}
                      border-thistle ${chosen === b.id ? 'bg-thistle text-paper' : 'bg-thistle-soft'}
                      ${b.state === 'wished' ? 'border-dashed' : ''}`}
                    onClick={() => onChoose(b.id)}
                    {...handles?.(b)}
                  >
                    {SHORT[b.kind]}
                    <span className="block font-normal">{shortDay(on)}</span>
                    {b.state === 'wished' && <span className="sr-only">, wished only</span>}
                  </button>
                </li>
              )
            })}
            {data.booked.length === 0 && (
              <li className="absolute inset-y-0 left-2 grid items-center text-sm text-ink-2">Nothing yet.</li>
            )}
          </ul>,
        )}
        {data.clocks.map((c) =>
          lane(
            c.clock,
            <>
              {c.label}
              <span className="block text-xs text-ink-2">within {c.weeks} weeks</span>
            </>,
            false,
            <ul aria-label={`${c.label}, how long it runs`}>
              {check.runs
                .filter((r) => r.clock === c.clock)
                .map((r) => {
                  const left = place(today, r.from)
                  const kept = r.days - r.over
                  return (
                    <li
                      key={r.from}
                      className="absolute inset-y-1.5 flex overflow-hidden rounded-sm border-r-2 border-sheet"
                      style={{ left: `${left}%`, width: `${place(today, r.to) - left}%` }}
                    >
                      <span className="sr-only">
                        {shortDay(r.from)} to {shortDay(r.to)}:{' '}
                        {r.over > 0 ? (r.open ? due(r) : late(r.over)) : 'kept'}
                      </span>
                      <Run
                        from={r.from}
                        today={today}
                        kept={kept}
                        over={r.over}
                        open={r.open ? due(r) : null}
                      />
                    </li>
                  )
                })}
            </ul>,
          ),
        )}
        {data.advice.visits.length > 0 &&
          lane(
            'advice',
            <b className="text-moss">The salon’s advice</b>,
            false,
            <ul aria-label="The salon’s advice">{marks(data.advice.visits, 'bg-moss-soft text-moss')}</ul>,
          )}
        {data.wish &&
          lane(
            'wish',
            <b className="text-slate">The owner’s wish</b>,
            false,
            <ul aria-label="The owner’s wish">{marks(data.wish.visits, 'bg-slate-soft text-slate')}</ul>,
          )}
      </div>
    </div>
  )
}

interface RunProps {
  from: string
  today: string
  kept: number
  over: number
  /** what is said of a run that no visit ends */
  open: string | null
}

function due(r: Check['runs'][0]): string {
  return `due ${shortDay(shifted(r.from, 7 * r.limit))}, nothing booked`
}

/** What is kept of a run, and what is too long, told apart by stripes as well. */
function Run({ from, today, kept, over, open }: RunProps) {
  const gone = Math.max(0, Math.round((Date.parse(today) - Date.parse(from)) / 86_400_000))
  const seen = Math.max(0, kept - gone)
  return (
    <>
      <span aria-hidden className="h-full bg-moss-soft" style={{ flexGrow: seen }} />
      {over > 0 && (
        <span
          aria-hidden
          className={`h-full overflow-hidden whitespace-nowrap px-1 text-xs leading-5 font-bold
            ${open ? 'bg-bracken-soft text-bracken' : 'striped bg-haw-soft text-haw'}`}
          style={{ flexGrow: over, flexBasis: 0, minWidth: 0 }}
        >
          {open ?? late(over)}
        </span>
      )}
    </>
  )
}
