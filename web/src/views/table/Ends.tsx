// What the end of a groom asks and says: each agreed place done as agreed, what grows out when, the clocks it
// sets back.
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { clockName } from '../../parts/clocks'
import { day, mm, shortDay } from '../../ui/words'
import type { TapData } from '../../parts/taps'

type Finish = Schemas['FinishView']

interface Props {
  finish: Finish
  labels: Record<string, string>
  canWork: boolean
  tap: (data: TapData) => void
}

const STATES: Record<string, string> = {
  as_agreed: 'done as agreed, by what was tapped',
  differently: 'done differently',
  not_done: 'not done',
}

export function AsAgreed({ finish, labels, canWork, tap }: Props) {
  if (finish.agreed.length === 0) return null
  const open = finish.agreed.filter((p) => p.said === null && p.state === 'as_agreed')
  const say = (zone: string, ok: boolean) => tap({ kind: 'look', look: `agreed.${zone}`, ok })
  return (
    <section className="panel space-y-2 p-4" aria-label="As agreed">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-xl">Done as agreed?</h2>
        {canWork && open.length > 1 && (
          <Button className="min-h-12" onClick={() => open.forEach((p) => say(p.zone, true))}>
            Yes, all {open.length}
          </Button>
        )}
      </div>
      <ul className="divide-y divide-line">
        {finish.agreed.map((p) => (
          <li key={p.zone} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1.5">
            <span className="min-w-0 flex-1 basis-48">
              <b>{labels[p.zone] ?? p.zone}</b>: {p.words}
              {p.finished_mm !== null && `, leaves ${mm(p.finished_mm)}`}
              <span className={`block text-sm ${tone(p.state)}`}>{STATES[p.state] ?? p.state}</span>
            </span>
            <Choice
              label={`${labels[p.zone] ?? p.zone}, as agreed`}
              disabled={!canWork}
              value={p.said === null ? '' : p.said ? 'yes' : 'no'}
              onChange={(v) => say(p.zone, v === 'yes')}
              options={[
                { id: 'yes', label: 'yes' },
                { id: 'no', label: 'no' },
              ]}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}

export function GrowsOut({ finish, labels }: { finish: Finish; labels: Record<string, string> }) {
  if (finish.exceptions.length === 0) return null
  return (
    <section className="panel p-4" aria-label="Shorter places">
      <h2 className="text-xl">Shorter than the style, for now</h2>
      <ul className="divide-y divide-line">
        {finish.exceptions.map((e) => (
          <li key={e.zone} className="py-1.5">
            <b>{labels[e.zone] ?? e.zone}</b>: {e.words}
            {e.left_mm !== null && `, ${mm(e.left_mm)} left`} · grown out by {day(e.grown_out_on)}
          </li>
        ))}
      </ul>
    </section>
  )
}

export function Clocks({ finish }: { finish: Finish }) {
  return (
    <section aria-label="Clocks">
      <h3 className="font-bold">What this visit sets back</h3>
      <ul className="grid gap-x-4 text-sm sm:grid-cols-2">
        {finish.clocks.map((c) => (
          <li key={c.clock} className="py-0.5">
            <b className={c.reset ? 'text-moss' : 'text-bracken'} aria-hidden>
              {c.reset ? '↺ ' : '– '}
            </b>
            <b>{clockName(c.clock)}</b> {c.why}
            {c.next_on && `, next ${shortDay(c.next_on)}`}
          </li>
        ))}
      </ul>
    </section>
  )
}

function tone(state: string): string {
  return state === 'as_agreed' ? 'text-ink-2' : 'font-bold text-bracken'
}
