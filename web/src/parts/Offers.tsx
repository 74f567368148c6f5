// Dates to offer for the next visit, each with why: a tap fills the form in.
import { useQuery } from '@tanstack/react-query'
import { api, take } from '../app/client'
import { day } from '../ui/words'

interface Props {
  dog: string
  kind: string
  /** a booking that would be given up for it */
  moving?: string
  /** the last day that keeps the clock; as the dog's clocks say where it is left out */
  due?: string
  chosen: { day: string; time: string; staff: string }
  onChoose: (date: { day: string; time: string; staff: string }) => void
}

export function Offers({ dog, kind, moving, due, chosen, onChoose }: Props) {
  const offers = useQuery({
    queryKey: ['offers', dog, kind, moving, due],
    queryFn: () =>
      take(
        api.GET('/api/dogs/{id}/proposals', {
          params: {
            path: { id: dog },
            query: { kind, ...(moving ? { moving } : {}), ...(due ? { due } : {}) },
          },
        }),
      ),
    staleTime: 30_000,
  })
  if (!offers.data) return null
  const { proposals, minutes } = offers.data
  if (minutes === null) return <p className="text-sm text-ink-2">Weigh the dog, and dates can be offered.</p>
  if (proposals.length === 0)
    return <p className="text-sm text-bracken">Nobody has {minutes} minutes near that day.</p>
  return (
    <div role="group" aria-label="Dates to offer" className="space-y-1">
      <p className="text-sm text-ink-2">To offer, {minutes} min each:</p>
      {proposals.map((p) => {
        const on = p.day === chosen.day && p.time === chosen.time && p.staff === chosen.staff
        return (
          <button
            key={`${p.day} ${p.time}`}
            type="button"
            aria-pressed={on}
            className={`block min-h-11 w-full rounded-md border-2 px-3 py-1 text-left text-sm
              ${on ? 'border-thistle bg-thistle-soft' : 'border-line bg-sheet hover:bg-well'}`}
            onClick={() => onChoose({ day: p.day, time: p.time, staff: p.staff })}
          >
            <b>
              {day(p.day)}, {p.time}
            </b>{' '}
            with {p.name.split(' ')[0]}
            <span className={`block text-xs ${p.late_days > 0 ? 'font-bold text-haw' : 'text-ink-2'}`}>
              {p.reasons.join(', ')}
            </span>
          </button>
        )
      })}
    </div>
  )
}
