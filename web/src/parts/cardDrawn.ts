// How the zones of a card are drawn, in every view of the dog.
import type { Schemas } from '../app/client'
import type { DrawnZone } from '../dog/zone'
import { drawnAs, fromSide } from './sides'

type Drawn = Record<string, DrawnZone>

/**
 * @param seen zones of the side view and of the part that has come close, as the drawing names them
 * @param today as it is now, not as the trim leaves it
 */
export function drawnOf(
  card: Schemas['CardView'],
  zones: Schemas['VocabularyView']['zones'],
  seen: { side: string[]; closeUp: string[] },
  side: 'left' | 'right',
  today: boolean,
  fresh: Set<string>,
): { side: Drawn; closeUp: Drawn } {
  const byId = Object.fromEntries(card.zones.map((z) => [z.zone, z]))
  const words = Object.fromEntries(zones.map((z) => [z.id, z]))
  const known = (id: string) =>
    (today ? (byId[id]?.now_mm ?? byId[id]?.finished_mm) : byId[id]?.finished_mm) ?? null
  const one = (id: string, hardWith: string[]): DrawnZone[] => {
    const z = byId[id]
    if (!z) return []
    // A zone nobody planned is drawn like the hair around it, so that the dog has no holes; dots mark it.
    const around = (words[id]?.meets ?? []).map(known).filter((v) => v !== null)
    const mean = around.length ? around.reduce((a, b) => a + b, 0) / around.length : z.natural_mm
    return [
      {
        id,
        label: words[id]?.label ?? id,
        mm: today ? z.now_mm : z.finished_mm,
        drawnMm: known(id) ?? mean,
        planned: today ? z.now_mm !== null : z.recipe !== null,
        exception: z.recipe?.exception,
        fresh: fresh.has(id),
        off: !today && z.here !== null && !z.here.close,
        stopLine: z.recipe?.stop_line,
        hardWith,
      },
    ]
  }
  const lines = (id: string) => card.hard_lines.flatMap((l) => (l.zone === id ? [l.other] : []))
  const all = (ids: string[], of: (base: string) => string, back: (other: string) => string[]) =>
    Object.fromEntries(
      ids.flatMap((base) =>
        one(of(base), lines(of(base)).flatMap(back)).map((z): [string, DrawnZone] => [base, z]),
      ),
    )
  const here = (id: string) => id
  return {
    side: all(
      seen.side,
      (base) => fromSide(side, base),
      (other) => (fromSide(side, drawnAs(other)) === other ? [drawnAs(other)] : []),
    ),
    closeUp: all(seen.closeUp, here, (other) => [other]),
  }
}
