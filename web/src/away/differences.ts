// Where the salon reckons otherwise than was shown without it: said, for somebody to look at. What was signed
// stays as it was signed.
import type { CombData } from '../parts/comb'
import type { Entry, Safe } from './safe'

export interface Difference {
  id: string
  dog: string
  what: string
  here: string
  /** the salon's figure; of taps, what it says of them */
  salon: string
  signed: boolean
}
/** What of a tap is no figure: the salon has not counted it, and says why. */
export const TAPS = 'taps'
interface Shown {
  decisions?: Record<string, string>
  minutes?: number | null
  price_minor?: number | null
}

/** body: of the salon's answer, a comb test or an arrival. */
export function differences(entry: Entry, body: unknown): Difference[] {
  const shown = (entry.shown ?? {}) as Shown
  const signed = entry.path.endsWith('/agreement')
  const comb = (signed ? (body as { comb?: CombData }).comb : (body as CombData)) ?? null
  if (!comb?.zones || !shown.decisions) return []
  const out: Difference[] = []
  type Figure = string | number | null | undefined
  const note = (what: string, here: Figure, salon: Figure) => {
    if (here !== null && here !== undefined && salon !== null && salon !== undefined && here !== salon)
      out.push({
        id: `${entry.id} ${what}`,
        dog: entry.dog,
        what,
        here: String(here),
        salon: String(salon),
        signed,
      })
  }
  for (const zone of comb.zones) note(zone.zone, shown.decisions[zone.zone], zone.decision)
  const option = comb.options.find((o) => o.choice === 'as_reckoned')
  if (signed && option) {
    note('minutes', shown.minutes, option.slot_minutes)
    note('price', shown.price_minor, option.price_minor)
  }
  return out
}

/** What the salon says of taps that came in, each reason once: not counted, or counted with a remark. */
export function saidOfTaps(entry: Entry, body: unknown): Difference[] {
  const results = (body as { results?: { id: string; message: string | null }[] } | null)?.results ?? []
  const said = new Map<string, string[]>()
  for (const { id, message } of results) if (message) said.set(message, [...(said.get(message) ?? []), id])
  return [...said].map(([message, ids]) => ({
    id: `${entry.id} ${ids[0]}`,
    dog: entry.dog,
    what: TAPS,
    here: String(ids.length),
    salon: message,
    signed: false,
  }))
}

export async function noteDifference(safe: Safe, entry: Entry, body: unknown): Promise<void> {
  const found = [...differences(entry, body), ...saidOfTaps(entry, body)]
  if (found.length) await safe.amend<Difference[]>('differences', (was) => [...(was ?? []), ...found])
}
