// What PHP sampled every half week, read between its samples; and which clocks and mats a week has behind it.
import type { Schemas } from '../app/client'

export type Outlook = Schemas['ThenView']['outlook']

/** A curve at a week: a sample, or the straight line between two. */
export function at(curve: number[], weeks: number[], week: number): number {
  const i = weeks.findIndex((w) => w >= week)
  if (i < 0) return curve[curve.length - 1] ?? 0
  const [before, after] = [curve[i - 1], curve[i] ?? 0]
  const [from, to] = [weeks[i - 1], weeks[i]]
  if (before === undefined || from === undefined || to === undefined || to === week) return after
  return before + ((week - from) / (to - from)) * (after - before)
}

/** Lengths by zone at a week, in tenths of a mm. */
export function lengthsAt(outlook: Outlook, week: number): Record<string, number> {
  return Object.fromEntries(
    Object.entries(outlook.zones).map(([zone, c]) => [
      zone,
      Math.round(at(c.mm, outlook.weeks, week) * 10) / 10,
    ]),
  )
}

/** The worst mat that is likely by then, by zone. */
export function matsAt(outlook: Outlook, week: number): Record<string, number> {
  const out: Record<string, number> = {}
  for (const m of outlook.mats) if (m.week <= week) out[m.zone] = Math.max(out[m.zone] ?? 0, m.severity)
  return out
}

export function struck(outlook: Outlook, week: number): string[] {
  return outlook.clocks.filter((c) => c.weeks <= week).map((c) => c.clock)
}

export interface Mark {
  week: number
  names: string[]
  /** which line its words stand on, so that none covers another */
  row: number
}
/** Share of the slider's width that a letter takes on a tablet; on a phone words may run on. */
const LETTER = 0.0085

/** Clocks that strike within the slider, those of the same half week on one mark. */
export function marks(outlook: Outlook): Mark[] {
  const last = outlook.weeks[outlook.weeks.length - 1] ?? 0
  const out: Mark[] = []
  for (const c of [...outlook.clocks].sort((a, b) => a.weeks - b.weeks)) {
    if (c.weeks > last) continue
    const week = Math.max(0, c.weeks)
    const near = out[out.length - 1]
    if (near && week - near.week < 0.5) near.names.push(c.clock)
    else out.push({ week, names: [c.clock], row: 0 })
  }
  const ends: number[] = []
  for (const m of out) {
    const from = m.week / last
    const free = ends.findIndex((end) => end < from)
    m.row = free < 0 ? ends.length : free
    ends[m.row] = from + (m.names.join(', ').length + 2) * LETTER
  }
  return out
}
