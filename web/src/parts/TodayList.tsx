// Today's list: what is really done, where it is other than on the card and why, and what it is next time.
import type { Schemas } from '../app/client'
import { day, mm, sentence } from '../ui/words'

type Row = Schemas['TodayRowView']

/** A sign for each state, so that colour is never alone. */
const STATES: Record<string, { sign: string; label: string; tone: string }> = {
  planned: { sign: '≠', label: 'today', tone: 'text-thistle' },
  waits_for_agreement: { sign: '?', label: 'waits for the owner', tone: 'text-haw' },
  waits_for_dry: { sign: '~', label: 'waits until bone dry', tone: 'text-slate' },
  deferred: { sign: '→', label: 'another day', tone: 'text-bracken' },
  not_touched: { sign: '×', label: 'not touched', tone: 'text-haw' },
  done: { sign: '✓', label: 'done', tone: 'text-moss' },
}
const ORDER = ['waits_for_agreement', 'not_touched', 'waits_for_dry', 'deferred', 'planned', 'done']

interface Props {
  today: Schemas['TodayView']
  labels: Record<string, string>
  onZone: (zone: string) => void
}

export function TodayList({ today, labels, onZone }: Props) {
  const rows = today.zones.filter((z) => z.differs)
  const groups = grouped(rows)
  return (
    <div className="space-y-3">
      {today.stops && (
        <p role="alert" className="rounded-md bg-haw-soft px-3 py-2 font-bold text-haw">
          {today.stops}
        </p>
      )}
      {groups.length === 0 ? (
        <p className="text-ink-2">Everything is done as on the card.</p>
      ) : (
        <ul aria-label="Other than on the card" className="divide-y divide-line">
          {groups.map((g) => {
            const state = STATES[g.row.state] ?? STATES.planned
            return (
              <li key={g.zones.join()} className="py-2">
                <p className="flex flex-wrap items-baseline gap-x-2">
                  <b className={`w-4 text-center ${state?.tone}`} aria-hidden>
                    {state?.sign}
                  </b>
                  <b className={state?.tone}>{state?.label}:</b>
                  <span>
                    {g.row.words ?? 'nothing done'}
                    {g.row.finished_mm !== null && g.row.words && `, leaves ${mm(g.row.finished_mm)}`}
                  </span>
                  {g.row.card && g.row.card !== g.row.words && (
                    <s className="text-sm text-ink-2">
                      <span className="sr-only">in place of </span>
                      {g.row.card}
                    </s>
                  )}
                </p>
                <p className="flex flex-wrap gap-x-2 pl-6">
                  {g.zones.map((z) => (
                    <button
                      key={z}
                      type="button"
                      className="min-h-8 font-bold text-thistle underline underline-offset-2"
                      onClick={() => onZone(z)}
                    >
                      {labels[z] ?? z}
                    </button>
                  ))}
                </p>
                <p className="pl-6 text-sm text-ink-2">
                  {sentence(g.row.why)} {g.row.refer && <b className="text-haw">{sentence(g.row.refer)} </b>}
                  {next(g.row)}
                </p>
              </li>
            )
          })}
        </ul>
      )}
    </div>
  )
}

/** What it is next time. */
function next(r: Row): string {
  if (r.date) return `On ${day(r.date)}.`
  const back = r.fill_back_on ? ` (about ${day(r.fill_back_on)})` : ''
  return r.next ? sentence(r.next + back) : ''
}

/** Rows that say the same are said once. */
function grouped(rows: Row[]): { row: Row; zones: string[] }[] {
  const out = new Map<string, { row: Row; zones: string[] }>()
  for (const row of rows) {
    const key = JSON.stringify([
      row.state,
      row.words,
      row.card,
      row.why,
      row.next,
      row.fill_back_on,
      row.refer,
    ])
    const group = out.get(key) ?? { row, zones: [] }
    group.zones.push(row.zone)
    out.set(key, group)
  }
  return [...out.values()].sort((a, b) => ORDER.indexOf(a.row.state) - ORDER.indexOf(b.row.state))
}
