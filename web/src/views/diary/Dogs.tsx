// The dogs of one place on a day: when each comes, is ready, was promised, waits; what has no place.
import { Link } from 'react-router'
import { DateSaid } from '../../parts/DateSaid'
import { kindSaid } from '../../parts/kinds'
import { Button } from '../../ui/Button'
import { day } from '../../ui/words'
import { time, type HeldDog, type PlaceDay } from './chart'

interface Props {
  place: PlaceDay
  /** null: who looks at it may not book */
  onOpen: ((dog: HeldDog) => void) | null
}

export function Dogs({ place, onOpen }: Props) {
  return (
    <>
      {place.unfit.map((u) => (
        <div
          key={u.names.join()}
          role="alert"
          className="flex flex-wrap items-center justify-between gap-2 border-l-4 border-haw bg-haw-soft px-3
            py-2 text-haw"
        >
          <p>
            <b>
              {u.names.join(' and ')} {u.names.length > 1 ? 'have' : 'has'} no place on this day:
            </b>{' '}
            {u.why}.{' '}
            {u.on ? `The first day with room is ${day(u.on)}.` : 'None of the next 60 days has room.'}
          </p>
          {onOpen && (
            <p className="flex flex-wrap gap-2">
              {u.dogs.map((d) => (
                <Button
                  key={d.booking}
                  className="min-h-11"
                  aria-label={`Move ${d.name}`}
                  onClick={() => onOpen(d)}
                >
                  {u.dogs.length > 1 ? `Move ${d.name}` : 'Move'}
                </Button>
              ))}
            </p>
          )}
        </div>
      ))}
      {place.dogs.length > 0 && (
        <div
          className="relative overflow-x-auto"
          tabIndex={0}
          role="region"
          aria-label={`${place.name}: the dogs`}
        >
          <table className="w-full min-w-[36rem] text-left text-sm">
            <thead>
              <tr className="text-ink-2">
                {['Comes', 'Dog', 'For', 'With', 'Ready', 'Promised', 'Waits'].map((h) => (
                  <th key={h} scope="col" className="py-1 pr-3 font-normal">
                    {h}
                  </th>
                ))}
                {onOpen && (
                  <th scope="col" className="sr-only">
                    Change
                  </th>
                )}
              </tr>
            </thead>
            <tbody>
              {[...place.dogs]
                .sort((a, b) => a.arrives - b.arrives)
                .map((d) => (
                  <tr key={d.booking} className="border-t border-line">
                    <td className="py-2 pr-3">{time(d.arrives)}</td>
                    <td className="pr-3">
                      <Link className="font-bold text-slate underline" to={`/dogs/${d.dog}`}>
                        {d.name}
                      </Link>
                      <span className="flex flex-col">
                        <DateSaid date={d} />
                      </span>
                    </td>
                    <td className="pr-3">{kindSaid(d.kind).toLowerCase()}</td>
                    <td className="pr-3">{d.with ?? 'anybody'}</td>
                    <td className="pr-3">{time(d.ends, true)}</td>
                    <td className="pr-3">
                      {time(d.promised)}
                      {d.late > 0 && <b className="text-haw"> · {Math.ceil(d.late)} min late</b>}
                    </td>
                    <td>{d.waiting >= 1 ? `${Math.round(d.waiting)} min` : 'not'}</td>
                    {onOpen && (
                      <td className="text-right">
                        <Button
                          kind="quiet"
                          className="min-h-11"
                          aria-label={`Move ${d.name}`}
                          onClick={() => onOpen(d)}
                        >
                          Move
                        </Button>
                      </td>
                    )}
                  </tr>
                ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  )
}
