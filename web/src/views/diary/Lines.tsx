// People and stations of one place against the time of the day: who does what to which dog where and when.
import type { ReactNode } from 'react'
import type { Where } from '../../parts/useMove'
import { useDrag } from './useDrag'
import { PARTS } from '../../parts/visitParts'
import { block, span, STATIONS, time, type PlaceDay } from './chart'

const TONES = [
  'bg-thistle-soft border-thistle',
  'bg-moss-soft border-moss',
  'bg-slate-soft border-slate',
  'bg-bracken-soft border-bracken',
  'bg-haw-soft border-haw',
  'bg-sheet border-ink-2',
]

interface Props {
  place: PlaceDay
  /** null: who looks at it may not book */
  onDrop: ((dog: PlaceDay['dogs'][0], to: Pick<Where, 'time' | 'staff'>) => void) | null
  onOpen: (dog: PlaceDay['dogs'][0]) => void
}

/** Share of the line from which a hand can take a block, on a phone as well; shorter ones have Move below. */
const HAND = 0.045

export function Lines({ place, onDrop, onOpen }: Props) {
  const { hold, onKey, onDown, letGo } = useDrag(place, onDrop ?? (() => {}))
  const line = span(place)
  const hours = Array.from({ length: (line.to - line.from) / 60 + 1 }, (_, i) => line.from + 60 * i)
  const tone = (booking: string) => TONES[place.dogs.findIndex((d) => d.booking === booking) % TONES.length]
  const item = (i: PlaceDay['items'][0]) => {
    const dog = place.dogs.find((d) => d.booking === i.booking)
    const by = hold && hold.dog.booking === i.booking ? hold.arrives - hold.dog.arrives : 0
    const part = `${PARTS[i.phase] ?? i.phase}${i.helper === null ? '' : ' · two lift'}`
    const said = (
      <>
        <b className="block truncate">{i.name}</b>
        <span className="block truncate">
          {part}
          <span className="sr-only">
            , {time(i.from)} to {time(i.to, true)}
            {i.person === null && ', nobody has to stay'}
          </span>
        </span>
      </>
    )
    return (
      <li
        key={`${i.booking} ${i.phase} ${i.from}`}
        title={`${i.name}: ${part}, ${time(i.from)}–${time(i.to, true)}`}
        className={`absolute inset-y-1 overflow-hidden rounded border-l-4 text-xs leading-5
          ${tone(i.booking)} ${by ? 'opacity-70 outline-2 outline-thistle' : ''}`}
        style={block(line, i.from + by, i.to + by)}
      >
        {onDrop && dog && (i.to - i.from) / (line.to - line.from) >= HAND ? (
          <button
            type="button"
            className="block size-full cursor-grab px-1 text-left"
            onClick={() => onOpen(dog)}
            onKeyDown={onKey(dog)}
            onBlur={letGo}
            onPointerDown={onDown(
              dog,
              (b) => (line.to - line.from) / (b.closest('ol')?.getBoundingClientRect().width || 1),
            )}
          >
            {said}
          </button>
        ) : (
          <div className="px-1">{said}</div>
        )}
      </li>
    )
  }
  const row = (
    key: string,
    name: string,
    note: ReactNode,
    items: PlaceDay['items'],
    free?: PlaceDay['people'][0],
  ) => (
    <li
      key={key}
      data-person={free?.id}
      className={`grid grid-cols-[7.5rem_1fr] items-center border-t border-line
        ${hold && hold.staff === free?.id ? 'bg-thistle-soft' : ''}`}
    >
      <span className="truncate py-2 pr-2 text-sm font-bold">
        {name}
        {note}
      </span>
      <ol className="relative h-12" aria-label={`${name}, in order`}>
        {free && (
          <li aria-hidden className="absolute inset-y-0 bg-well" style={block(line, free.from, free.to)} />
        )}
        {items.map(item)}
      </ol>
    </li>
  )
  const who = hold && place.people.find((p) => p.id === hold.staff)
  return (
    <>
      <p role="status" className="min-h-6 text-sm">
        {hold ? (
          <b className="text-thistle">
            {hold.dog.name}: {time(hold.arrives)} {who ? `with ${who.name}` : 'with anybody'}. Let go or Enter
            moves it, Esc leaves it.
          </b>
        ) : onDrop ? (
          <span className="text-ink-2">
            Drag a dog to another time or person, or go to it and use the arrow keys; a click opens it.
          </span>
        ) : null}
      </p>
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label={`${place.name}: the day by time`}
      >
        <div className="min-w-[44rem] pr-4">
          <div className="relative ml-[7.5rem] h-6 text-xs text-ink-2" aria-hidden>
            {hours.map((h) => (
              <span key={h} className="absolute -translate-x-1/2" style={{ left: block(line, h, h).left }}>
                {time(h)}
              </span>
            ))}
          </div>
          <ul aria-label="People">
            {place.people.map((p) =>
              row(
                p.id,
                p.name.split(' ')[0] ?? p.name,
                p.overtime > 0 && (
                  <span className="block text-xs text-haw">{Math.ceil(p.overtime)} min over</span>
                ),
                // Who helps to lift is busy as well.
                place.items.filter((i) => i.person === p.id || i.helper === p.id),
                p,
              ),
            )}
          </ul>
          <ul aria-label="Stations" className="mt-2 border-t-2 border-line">
            {STATIONS.flatMap(([kind, label]) =>
              Array.from({ length: place.stations[kind] }, (_, n) => n + 1).map((n) => ({
                kind,
                n,
                name: place.stations[kind] > 1 ? `${label} ${n}` : label,
                items: place.items.filter((i) => i.station === kind && i.unit === n),
              })),
            )
              .filter((s) => s.items.length > 0)
              .map((s) => row(`${s.kind} ${s.n}`, s.name, null, s.items))}
          </ul>
        </div>
      </div>
    </>
  )
}
