// Seven days, each with how much of the people's time is booked: a tap goes there.
import { useQuery } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { shortDay } from '../../ui/words'

interface Props {
  from: string
  on: string
  today: string
  onDay: (day: string) => void
}

export function Week({ from, on, today, onDay }: Props) {
  const week = useQuery({
    queryKey: ['agenda', 'week', from],
    queryFn: () => take(api.GET('/api/agenda/week', { params: { query: { from } } })),
  })
  return (
    <nav aria-label="The week" className="grid min-h-20 grid-cols-7 gap-1">
      {week.data?.days.map((d) => {
        const share = d.hands > 0 ? d.minutes / d.hands : d.minutes > 0 ? 1 : 0
        const booked = d.dogs === 0 ? 'free' : `${Math.round(100 * share)} %`
        const said = d.day < today && d.dogs === 0 ? 'over' : d.hands === 0 ? 'closed' : booked
        return (
          <button
            key={d.day}
            type="button"
            aria-current={d.day === on ? 'date' : undefined}
            className={`flex min-h-20 flex-col justify-between rounded-md border-2 p-1.5 text-left text-xs
              sm:text-sm
              ${d.day === on ? 'border-thistle bg-thistle-soft' : 'border-line bg-sheet hover:bg-well'}`}
            onClick={() => onDay(d.day)}
          >
            <b aria-hidden className="sm:hidden">
              {Number(d.day.slice(8))}
            </b>
            <b className="block truncate max-sm:sr-only">{shortDay(d.day)}</b>
            <span className="block truncate text-ink-2">
              {d.dogs > 0 && (
                <span className="max-sm:sr-only">
                  {d.dogs} {d.dogs === 1 ? 'dog' : 'dogs'},{' '}
                </span>
              )}
              {said}
            </span>
            <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="h-2 w-full" aria-hidden>
              <rect width="100" height="6" style={{ fill: 'var(--line)' }} />
              <rect
                width={Math.min(100, 100 * share)}
                height="6"
                style={{ fill: share > 0.95 ? 'var(--haw)' : 'var(--thistle)' }}
              />
            </svg>
          </button>
        )
      })}
    </nav>
  )
}
