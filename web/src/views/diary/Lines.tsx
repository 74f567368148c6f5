// People and stations of one place against the time of the day: who does what to which dog where and when.
import type { ReactNode } from 'react'
import { block, PARTS, span, STATIONS, time, type PlaceDay } from './chart'

const TONES = [
  'bg-thistle-soft border-thistle',
  'bg-moss-soft border-moss',
  'bg-slate-soft border-slate',
  'bg-bracken-soft border-bracken',
  'bg-haw-soft border-haw',
  'bg-sheet border-ink-2',
]

export function Lines({ place }: { place: PlaceDay }) {
  const line = span(place)
  const hours = Array.from({ length: (line.to - line.from) / 60 + 1 }, (_, i) => line.from + 60 * i)
  const tone = (booking: string) => TONES[place.dogs.findIndex((d) => d.booking === booking) % TONES.length]
  const row = (
    key: string,
    name: string,
    note: ReactNode,
    items: PlaceDay['items'],
    free?: PlaceDay['people'][0],
  ) => (
    <li key={key} className="grid grid-cols-[7.5rem_1fr] items-center border-t border-line">
      <span className="truncate py-2 pr-2 text-sm font-bold">
        {name}
        {note}
      </span>
      <ol className="relative h-12" aria-label={`${name}, in order`}>
        {free && (
          <li aria-hidden className="absolute inset-y-0 bg-well" style={block(line, free.from, free.to)} />
        )}
        {items.map((i) => (
          <li
            key={`${i.booking} ${i.phase} ${i.from}`}
            title={`${i.name}: ${PARTS[i.phase] ?? i.phase}, ${time(i.from)}–${time(i.to, true)}`}
            className={`absolute inset-y-1 overflow-hidden rounded border-l-4 px-1 text-xs leading-5
              ${tone(i.booking)}`}
            style={block(line, i.from, i.to)}
          >
            <b className="block truncate">{i.name}</b>
            <span className="block truncate">
              {PARTS[i.phase] ?? i.phase}
              <span className="sr-only">
                , {time(i.from)} to {time(i.to, true)}
                {i.person === null && ', nobody has to stay'}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </li>
  )
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`${place.name}: the day by time`}>
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
              place.items.filter((i) => i.person === p.id),
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
  )
}
