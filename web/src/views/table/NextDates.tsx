// When a dog comes back: the clocks, and for each kind of visit a date of those that are free.
import { Check } from 'lucide-react'
import type { ReactNode } from 'react'
import type { Schemas } from '../../app/client'
import { useKeptHere } from '../../app/keptHere'
import { useSession } from '../../app/session'
import { Offers } from '../../parts/Offers'
import { day } from '../../ui/words'
import type { Dates } from './dates'

interface Props {
  dog: string
  finish: Schemas['FinishView']
  canWork: boolean
  dates: Dates
  onDates: (dates: Dates) => void
  clocks: ReactNode
}

/** Where nobody has chosen another. */
const USUAL = '09:00'

export function NextDates({ dog, finish, canWork, dates, onDates, clocks }: Props) {
  const { may } = useSession()
  const kept = useKeptHere()
  const away = kept.open !== null && kept.away
  const turn = (kind: string, on: string) => {
    const { [kind]: there, ...rest } = dates
    onDates(there ? rest : { ...dates, [kind]: { day: on, time: USUAL, staff: '' } })
  }
  return (
    <section className="panel space-y-3 p-4" aria-label="Next dates">
      <h2 className="text-xl">When back</h2>
      {finish.next_visit && (
        <p className="rounded-md bg-well px-3 py-2">
          <b>Next:</b> {finish.next_visit.words}{' '}
          <span className="text-ink-2">About {day(finish.next_visit.on)}.</span>
        </p>
      )}
      {clocks}
      {away && (
        <p role="status" className="rounded-md bg-bracken-soft px-3 py-2 font-bold text-bracken">
          No signal: a date is a wish. The salon books it when it hears of it, or leaves it with the desk and
          says why.
        </p>
      )}
      <div className="grid gap-2">
        {finish.next.map((n) => {
          const chosen = dates[n.kind]
          return (
            <div key={n.kind} className="space-y-2">
              <button
                type="button"
                aria-pressed={!!chosen}
                disabled={!canWork}
                onClick={() => turn(n.kind, n.on)}
                className={`flex min-h-14 w-full items-center gap-3 rounded-md border px-3 text-left
                  ${chosen ? 'border-moss bg-moss-soft' : 'border-line bg-sheet hover:bg-well'}`}
              >
                <Check aria-hidden className={`size-6 shrink-0 ${chosen ? 'text-moss' : 'text-line'}`} />
                <span>
                  <b className="capitalize">{n.kind}</b>,{' '}
                  {chosen ? `${day(chosen.day)} at ${chosen.time}` : day(n.on)}
                  {!may('book') && ', as a wish for the desk'}{' '}
                  <span className="block text-sm text-ink-2">{n.why}</span>
                </span>
              </button>
              {chosen && !away && (
                <Offers
                  dog={dog}
                  kind={n.kind}
                  due={n.on}
                  chosen={chosen}
                  onChoose={(date) => onDates({ ...dates, [n.kind]: date })}
                />
              )}
            </div>
          )
        })}
      </div>
    </section>
  )
}
