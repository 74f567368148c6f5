// Zones that are alike and touch are one area: one tone, one number, at the place with the most room.
import { areaPath, halved, insideArea, NEAREST, type Field } from './field'
import { stretch, type Spot } from './part'
import { cellPoint, sample } from './raster'
import { sure } from '../sure'

export interface Area {
  zones: string[]
  path: string
  spot: Spot
}

const kept = new WeakMap<Field, Map<string, Area>>()
const touching = new WeakMap<Field, Map<string, Set<string>>>()

/** @param alike zones by what is alike in them: those of one word that touch become one area */
export function areasOf(f: Field, alike: Record<string, string>): Area[] {
  const meets = neighbours(f)
  const left = new Set(f.zones.filter((z) => alike[z] !== undefined))
  const areas: Area[] = []
  for (const first of f.zones) {
    if (!left.delete(first)) continue
    const zones = [first]
    for (let i = 0; i < zones.length; i++)
      for (const z of meets.get(sure(zones[i])) ?? [])
        if (alike[z] === alike[first] && left.delete(z)) zones.push(z)
    areas.push(areaOf(f, zones.sort()))
  }
  return areas
}

function areaOf(f: Field, zones: string[]): Area {
  let known = kept.get(f)
  if (!known) kept.set(f, (known = new Map<string, Area>()))
  const key = zones.join(' ')
  let area = known.get(key)
  if (!area) {
    if (known.size > 300) known.clear()
    known.set(key, (area = make(f, zones)))
  }
  return area
}

function make(f: Field, zones: string[]): Area {
  const spot = f.spots[sure(zones[0])]
  if (spot) {
    // Of a tail or an ear: its zones lie behind one another, the roomiest carries the number.
    const best = zones.map((z) => sure(f.spots[z])).reduce((a, b) => (b.room > a.room ? b : a))
    return { zones, path: ofPart(f, zones), spot: best }
  }
  const numbers = new Set(zones.map((z) => f.body.indexOf(z)))
  return {
    zones,
    path: zones.length === 1 ? sure(f.paths.zones[sure(zones[0])]) : areaPath(f, numbers),
    spot: roomiest(f, numbers),
  }
}

/** Zones of a part that touch follow one another. */
function ofPart(f: Field, zones: string[]): string {
  const part = f.ear.zones.some((z) => z.id === zones[0]) ? f.ear : f.tail
  const numbers = zones.map((z) => part.zones.findIndex((p) => p.id === z))
  return stretch(f, part, Math.min(...numbers), Math.max(...numbers))
}

/** The middle of the largest circle in an area that lies on the dog, in sight, off the eye. */
function roomiest(f: Field, numbers: Set<number>): Spot {
  const half = halved(f)
  const [ex, ey] = f.bones.eye
  let best: Spot = { at: [0, 0], room: -9 }
  for (let j = 0; j < half.height; j++)
    for (let i = 0; i < half.width; i++) {
      const k = 2 * j * f.width + 2 * i
      const skin = -sure(f.skin[k])
      if (skin < best.room || skin < -0.6) continue
      const p = cellPoint(f, k)
      const room = Math.min(
        skin + 0.8,
        insideArea(f, k, numbers) / 2,
        sure(f.ear.skin[k]) - 0.1,
        sure(f.tail.skin[k]),
        Math.hypot(p[0] - ex, p[1] - ey) - 1.4,
      )
      if (room > best.room) best = { at: p, room }
    }
  return best
}

/** Which zones share a border. */
function neighbours(f: Field): Map<string, Set<string>> {
  let known = touching.get(f)
  if (known) return known
  touching.set(f, (known = new Map<string, Set<string>>()))
  const join = (a: string, b: string) => {
    for (const [x, y] of [
      [a, b],
      [b, a],
    ] as const)
      known.set(x, (known.get(x) ?? new Set<string>()).add(y))
  }
  for (let k = 0; k < f.skin.length - f.width; k++) {
    if (sure(f.skin[k]) > 0.4) continue
    const own = sure(f.near[k * NEAREST])
    for (const n of [k + 1, k + f.width]) {
      const other = sure(f.near[n * NEAREST])
      if (own !== other && sample(f, f.skin, ...cellPoint(f, n)) < 0.4)
        join(sure(f.body[own]), sure(f.body[other]))
    }
  }
  for (const part of [f.tail, f.ear])
    part.zones.slice(1).forEach(({ id }, i) => join(sure(part.zones[i]).id, id))
  return known
}
