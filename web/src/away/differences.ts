// Where the salon reckons otherwise than was shown without it: said, for somebody to look at. What was signed
// stays as it was signed.
import type { CombData } from '../parts/comb'
import type { Entry, Safe } from './safe'

export interface Difference {
  id: string
  dog: string
  what: string
  here: string
  salon: string
  signed: boolean
}
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

export async function noteDifference(safe: Safe, entry: Entry, body: unknown): Promise<void> {
  const found = differences(entry, body)
  if (found.length)
    await safe.write('differences', [...((await safe.read<Difference[]>('differences')) ?? []), ...found])
}
