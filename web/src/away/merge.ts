// A comb test that was changed on two devices: zone by zone, what only one of them touched is taken; what
// both touched is for somebody to choose. Nothing is overwritten.
import type { MatDraft } from '../parts/comb'

export interface Clash {
  zone: string
  mine: MatDraft | null
  theirs: MatDraft | null
}

const same = (a: MatDraft | null, b: MatDraft | null) => JSON.stringify(bare(a)) === JSON.stringify(bare(b))
const bare = (m: MatDraft | null) =>
  m && [m.severity, m.severity ? m.spread : null, m.clearance ?? null, m.skin ?? null, m.overrule ?? null]

export function mergeZones(
  base: MatDraft[],
  mine: MatDraft[],
  theirs: MatDraft[],
): { zones: MatDraft[]; clashes: Clash[] } {
  const of = (list: MatDraft[], zone: string) => list.find((m) => m.zone === zone) ?? null
  const zones: MatDraft[] = []
  const clashes: Clash[] = []
  for (const zone of new Set([...theirs, ...mine, ...base].map((m) => m.zone))) {
    const [was, my, their] = [of(base, zone), of(mine, zone), of(theirs, zone)]
    const takes = same(my, their) || same(my, was) ? their : same(their, was) ? my : undefined
    if (takes === undefined) clashes.push({ zone, mine: my, theirs: their })
    const kept = takes === undefined ? their : takes
    if (kept) zones.push(kept)
  }
  return { zones, clashes }
}
