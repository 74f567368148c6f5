// Where a block stands on the time line of a day, and how times are said.
import type { Schemas } from '../../app/client'

export type PlaceDay = Schemas['AgendaPlaceView']
/** A visit as it is booked: what is moved. */
export type HeldDog = PlaceDay['unfit'][0]['dogs'][0]

/** First and last hour that the line shows, in minutes from midnight. */
export function span(place: PlaceDay): { from: number; to: number } {
  const begins = [...place.people.map((p) => p.from), ...place.dogs.map((d) => d.arrives)]
  const ends = [...place.people.map((p) => p.to), ...place.dogs.map((d) => Math.max(d.ends, d.promised))]
  const from = Math.floor(Math.min(540, ...begins) / 60) * 60
  return { from, to: Math.max(from + 60, Math.ceil(Math.max(1020, ...ends) / 60) * 60) }
}

/** Left and width in per cent of the line. */
export function block(line: { from: number; to: number }, from: number, to: number) {
  const all = line.to - line.from
  return { left: `${(100 * (from - line.from)) / all}%`, width: `${(100 * (to - from)) / all}%` }
}

/** Half minutes are the plan's, not people's: a begin is said rounded down, an end rounded up. */
export function time(minutes: number, end = false): string {
  const m = end ? Math.ceil(minutes) : Math.floor(minutes)
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`
}

export const STATIONS = [
  ['tub', 'Tub'],
  ['dryer', 'Dryer'],
  ['table', 'Table'],
  ['pen', 'Pen'],
] as const
