// A part with a skin of its own that lies over the body: the tail and the near ear. Its zones follow one
// another from root to tip.
import { capsule, smin, type Capsule, type Point } from './geometry'
import { outline, cellPoint, rings, sample, type Raster } from './raster'
import { sure } from '../sure'

export interface Part {
  skin: Float32Array
  /** per cell how far along the part it lies: 0 at the root, 1 at the tip */
  along: Float32Array
  /** its zones and where each ends */
  zones: { id: string; to: number }[]
  /** which way its hair falls */
  fall: Point
  path: string
}

const FAR = 9
const BLEND = 0.14

export function partOf(r: Raster, chain: Capsule[], join: number, zones: Part['zones'], fall: Point): Part {
  const size = r.width * r.height
  const part: Part = {
    skin: new Float32Array(size).fill(FAR),
    along: new Float32Array(size),
    zones,
    fall,
    path: '',
  }
  const lengths = chain.map((c) => Math.hypot(c[1][0] - c[0][0], c[1][1] - c[0][1]))
  const total = lengths.reduce((a, b) => a + b, 0) || 1
  const xs = chain.flatMap((c) => [c[0][0], c[1][0]])
  const ys = chain.flatMap((c) => [c[0][1], c[1][1]])
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  for (let k = 0; k < size; k++) {
    const [x, y] = cellPoint(r, k)
    // Hair reaches no further than this from a tail or an ear.
    if (x < left - 12 || x > right + 12 || y < low - 22 || y > high + 12) continue
    let v = 1e3
    let least = 1e9
    let before = 0
    chain.forEach((c, i) => {
      const d = capsule(x, y, c)
      v = v > 900 ? d : smin(v, d, join)
      if (d < least) {
        least = d
        const dx = c[1][0] - c[0][0]
        const dy = c[1][1] - c[0][1]
        const t = ((x - c[0][0]) * dx + (y - c[0][1]) * dy) / (dx * dx + dy * dy || 1)
        part.along[k] = (before + Math.max(0, Math.min(1, t)) * sure(lengths[i])) / total
      }
      before += sure(lengths[i])
    })
    part.skin[k] = v
  }
  part.path = outline(r, part.skin.map((v) => -v) as unknown as Float64Array)
  return part
}

/** The outlines of its zones, hair included, and where the number of each stands. */
export function zonesOf(
  r: Raster,
  part: Part,
  inSight: (k: number) => number,
): { paths: Record<string, string>; spots: Record<string, Spot> } {
  const paths: Record<string, string> = {}
  const spots: Record<string, Spot> = {}
  let from = -1
  part.zones.forEach(({ id, to }, i) => {
    const until = i === part.zones.length - 1 ? 2 : to
    let best: Spot = { at: [0, 0], room: -9 }
    for (let k = 0; k < part.skin.length; k++) {
      const along = sure(part.along[k])
      const room = Math.min(-sure(part.skin[k]), Math.min(until - along, along - from) * 20, inSight(k))
      if (room > best.room) best = { at: cellPoint(r, k), room }
    }
    paths[id] = stretch(r, part, i, i)
    spots[id] = best
    from = to
  })
  return { paths, spots }
}

/** The outline of a part from one of its zones to another, hair included. */
export function stretch(r: Raster, part: Part, first: number, last: number): string {
  const from = first === 0 ? -1 : sure(part.zones[first - 1]).to
  const until = last === part.zones.length - 1 ? 2 : sure(part.zones[last]).to
  const grid = new Float64Array(part.skin.length)
  for (let k = 0; k < grid.length; k++) {
    const skin = sure(part.skin[k])
    const along = sure(part.along[k])
    grid[k] = skin >= FAR ? -1 : Math.min((until - along) * 20, (along - from) * 20, 8 - skin)
  }
  return outline(r, grid)
}

export interface Spot {
  at: Point
  /** the radius of the circle that fits, cm */
  room: number
}

/** Its hair's length at a place, cm: zones run into one another. */
export function lengthAlong(part: Part, along: number, cm: readonly number[]): number {
  let l = sure(cm[0])
  for (let i = 1; i < part.zones.length; i++) {
    const t = Math.max(0, Math.min(1, (along - sure(part.zones[i - 1]).to) / BLEND + 0.5))
    l += (sure(cm[i]) - l) * t
  }
  return l
}

/** Its outline with hair of these lengths, cm by zone. */
export function grownPart(r: Raster, part: Part, cm: readonly number[], stand: number): Point[][] {
  const out = new Float64Array(part.skin.length).fill(-1)
  const [fx, fy] = part.fall
  for (let k = 0; k < out.length; k++) {
    if (sure(part.skin[k]) >= FAR) continue
    const [x, y] = cellPoint(r, k)
    const l = lengthAlong(part, sure(part.along[k]), cm)
    let v = sure(part.skin[k]) - l * stand
    for (const t of [0.35, 0.7, 1])
      v = Math.min(v, sample(r, part.skin, x - fx * l * t, y - fy * l * t) - l * stand * (1 - t * 0.6))
    out[k] = -v
  }
  return rings(r, out)
}
