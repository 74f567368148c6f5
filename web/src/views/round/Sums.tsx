// What the round comes to: when the van is home, how long on the road, who is late, and how it compares.
import { hours } from '../../ui/words'
import { Button } from '../../ui/Button'
import type { RoundProps } from './asked'

export function Sums({ round, asked, ask }: RoundProps) {
  const late = round.stops.filter((s) => s.why !== '').length
  const dearer = round.best !== null && round.calls.length > 0 ? round.cost - round.best : 0
  return (
    <section aria-label="What it comes to" className="panel space-y-2 p-3">
      <p className="flex flex-wrap gap-x-5 gap-y-1">
        {round.now && (
          <span>
            Now at <b>{round.now.where}</b>, free at <b>{round.now.time}</b>, {round.now.litres} l and{' '}
            {round.now.power_minutes} min of power left
          </span>
        )}
        {round.back && (
          <span>
            Home at <b className="tabular-nums">{round.back}</b>
          </span>
        )}
        <span>{hours(round.driven)} on the road</span>
        {round.overtime > 0 && (
          <span className="font-bold text-bracken">{hours(round.overtime)} over the day</span>
        )}
        <span className={late > 0 ? 'font-bold text-haw' : 'font-bold text-moss'}>
          {late === 0 ? 'Nothing breaks' : `${late} ${late === 1 ? 'call breaks' : 'calls break'} it`}
        </span>
      </p>
      {asked.order && (
        <p className="flex flex-wrap items-center gap-2">
          <span>
            {round.calls.length === 0
              ? 'This order does not hold.'
              : dearer > 0
                ? `Your order costs ${dearer} minutes more than the best one: a minute late counts ten.`
                : 'Your order is as good as the best one.'}
          </span>
          <Button onClick={() => ask({ order: null })}>Back to the best order</Button>
        </p>
      )}
      {asked.afresh && (
        <p className="flex flex-wrap items-center gap-2">
          <span>Planned as if nobody had been told a time.</span>
          <Button onClick={() => ask({ afresh: null })}>Keep what was told</Button>
        </p>
      )}
    </section>
  )
}
