// Lengths and scores of the weeks ahead, and a slider's value once it rests.
import { useEffect, useState } from 'react'
import type { Schemas } from '../app/client'
import type { DrawnZone } from '../dog/zone'
import { trim } from '../ui/words'
import { at, lengthsAt, matsAt } from './weeksAhead'
import { drawnAs, isLeft, isRight } from './sides'

type ThenData = Schemas['ThenView']
type SideData = Schemas['SideView']

const MATS = ['', 'tangles', 'mats', 'tight mats', 'felt']
const REST_MS = 180

/** A value as it was when it last stood still. */
export function useRested(value: number): number {
  const [rested, setRested] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), REST_MS)
    return () => clearTimeout(timer)
  }, [value])
  return rested
}

/** The dog at a week, as it is drawn: what is known, else like the hair around it, else as such coats are. */
export function frames(
  side: SideData,
  outlook: ThenData['outlook'],
  natural: ThenData['natural'],
  words: Schemas['VocabularyView']['zones'],
  turned: 'left' | 'right',
  ahead: boolean,
) {
  const known = Object.fromEntries(side.zones.map((z) => [z.zone, z]))
  const seen = words.filter((word) => !(turned === 'left' ? isRight(word.id) : isLeft(word.id)))
  const made = new Map<number, Record<string, DrawnZone>>()
  return (week: number): Record<string, DrawnZone> => {
    const kept = made.get(week)
    if (kept) return kept
    const later = ahead && week > 0
    const lengths = later ? lengthsAt(outlook, week) : {}
    const mats = later ? matsAt(outlook, week) : {}
    const mmOf = (id: string) => lengths[id] ?? known[id]?.mm ?? null
    const out: Record<string, DrawnZone> = {}
    for (const word of seen) {
      const length = mmOf(word.id)
      const severity = mats[word.id] ?? 0
      const around = length === null ? word.meets.map(mmOf).filter((v) => v !== null) : []
      out[drawnAs(word.id)] = {
        id: word.id,
        label: word.label,
        mm: length,
        drawnMm: around.length ? around.reduce((x, y) => x + y, 0) / around.length : (natural[word.id] ?? 10),
        planned: known[word.id] !== undefined,
        exception: known[word.id]?.exception,
        ...(severity > 1
          ? {
              mat: {
                severity,
                text: length === null ? '' : trim(length),
                said: `${length === null ? '' : `${trim(length)} millimetres, `}${MATS[severity]} likely`,
              },
            }
          : {}),
      }
    }
    made.set(week, out)
    return out
  }
}

/** How far it will be matted in so many weeks, whole of 100. */
export function score(outlook: NonNullable<Schemas['ThenView']['outlook']>, week: number): number {
  return Math.round(at(outlook.load, outlook.weeks, week))
}
