// The week slider: from today on, with a mark where each clock strikes and the load as it rises.
import { addDays, parseISO } from 'date-fns'
import { memo, useId, useMemo } from 'react'
import { plainDay, trim } from '../../ui/words'
import { marks, struck, type Outlook } from '../../parts/weeksAhead'

export function Weeks({
  outlook,
  today,
  planned,
  week,
  onWeek,
}: {
  outlook: Outlook
  today: string
  planned: boolean
  week: number
  onWeek: (week: number) => void
}) {
  const id = useId()
  const last = outlook.weeks[outlook.weeks.length - 1] ?? 26
  const on = plainDay(addDays(parseISO(today), Math.round(week * 7)))
  const due = struck(outlook, week)
  const strikes = useMemo(() => marks(outlook), [outlook])
  const rows = Math.max(1, ...strikes.map((m) => m.row + 1))
  return (
    <section aria-label="Weeks ahead" className="panel px-4 pb-2 pt-1">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <label htmlFor={id} className="font-bold">
          {week === 0 ? (planned ? 'Freshly done today' : 'Today') : `In ${trim(week)} weeks, ${on}`}
        </label>
        <span className="text-sm text-ink-2">
          line: matting score · dashed: the salon’s limit {outlook.limit}
        </span>
      </div>
      <Load outlook={outlook} last={last} />
      <input
        id={id}
        type="range"
        min={0}
        max={last}
        step={0.5}
        value={week}
        onChange={(e) => onWeek(Number(e.target.value))}
        aria-valuetext={
          (week === 0 ? 'today' : `in ${trim(week)} weeks, ${on}`) +
          (due.length ? `; due: ${due.join(', ')}` : '')
        }
        className="h-8 w-full accent-thistle"
      />
      <ol
        className="relative isolate mx-[9px] text-xs short:sr-only"
        style={{ height: 8 + 15 * rows }}
        aria-label="When each clock strikes"
      >
        {strikes.map((m) => (
          <li
            key={m.week}
            className={`absolute top-0 whitespace-nowrap
              ${m.week <= week ? 'font-bold text-bracken' : 'text-ink-2'}`}
            style={{ left: `${(m.week / last) * 100}%`, paddingTop: 5 + 15 * m.row }}
          >
            <span
              aria-hidden
              className="absolute left-0 top-0 -z-10 w-0.5 bg-current"
              style={{ height: 16 + 15 * m.row }}
            />
            <span className={`bg-sheet ${m.week / last > 0.85 ? 'absolute right-1' : 'ml-1'}`}>
              {m.names.join(', ')}
            </span>
            <span className="sr-only">
              {m.week === 0 ? ': struck already' : `: in ${trim(m.week)} weeks`}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}

const Load = memo(function Load({ outlook, last }: { outlook: Outlook; last: number }) {
  const high = (l: number) => Math.min(20, (l / Math.max(1, outlook.limit * 2)) * 20)
  const points = outlook.load.map(
    (l, i) => `${(((outlook.weeks[i] ?? 0) / last) * 100).toFixed(1)} ${(20 - high(l)).toFixed(1)}`,
  )
  return (
    <div className="relative px-[9px]">
      <svg viewBox="0 0 100 20" preserveAspectRatio="none" className="block h-6 w-full" aria-hidden>
        <path d={`M0 20L${points.join('L')}L100 20Z`} style={{ fill: 'var(--bracken-soft)' }} />
        <path
          d={`M${points.join('L')}`}
          fill="none"
          style={{ stroke: 'var(--bracken)' }}
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d="M0 10H100"
          style={{ stroke: 'var(--haw)' }}
          strokeWidth="1"
          strokeDasharray="4 4"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </div>
  )
})
