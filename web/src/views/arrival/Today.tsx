// Today's list as it grows: what is other than on the card, what waits for a signature, what another
// visit holds.
import { day, hours, money } from '../../ui/words'
import { useSession } from '../../app/session'
import { TodayList } from '../../parts/TodayList'
import { Button } from '../../ui/Button'
import type { ArrivalData } from '../../parts/comb'

interface Props {
  arrival: ArrivalData
  labels: Record<string, string>
  onZone: (zone: string) => void
  onAgree: () => void
}

export function Today({ arrival, labels, onZone, onAgree }: Props) {
  const { session } = useSession()
  const { today, comb } = arrival
  const chosen = comb.options.find((o) => o.choice === comb.choice) ?? comb.options[0]
  const named = (z: string) => labels[z] ?? z
  const waiting = today.zones.filter((z) => z.state === 'waits_for_agreement')
  return (
    <div className="space-y-4 p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-xl">Today</h2>
        {chosen && (
          <p className="font-bold">
            {hours(chosen.slot_minutes)}
            {chosen.price_minor !== null && ` · ${money(chosen.price_minor, session.currency)}`}
          </p>
        )}
      </div>
      {waiting.length > 0 && (
        <div className="rounded-md border-l-4 border-haw bg-haw-soft px-3 py-2 text-haw">
          <p className="font-bold">
            {waiting.length === 1 ? '1 place waits' : `${waiting.length} places wait`} for a signature:{' '}
            {Math.round(today.asks_share * 100)} % of the body. Until then the rest goes on.
          </p>
          <Button className="mt-1 text-ink" onClick={onAgree}>
            To the agreement
          </Button>
        </div>
      )}
      {today.stays_dry.length > 0 && (
        <p className="rounded-md bg-slate-soft px-3 py-2 text-slate">
          No water and no dryer near: {today.stays_dry.map(named).join(', ')}.
        </p>
      )}
      <TodayList today={today} labels={labels} onZone={onZone} />
      {chosen && chosen.later.length > 0 && (
        <section aria-label="Another visit">
          <h3 className="mb-1 text-lg">Another visit</h3>
          <ul className="divide-y divide-line">
            {chosen.later.map((l) => (
              <li key={l.on} className="py-1.5 text-sm">
                <b>{day(l.on)}</b>: {l.zones.map(named).join(', ')} · {hours(l.minutes)} ·{' '}
                {money(l.price_minor, session.currency)}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
