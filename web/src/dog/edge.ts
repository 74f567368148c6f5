// The outline of hair: crisp where it is short, scallops of curl, broken tufts of wire, locks that taper and
// hang. One closed path, so that it fills, clips and is drawn alike.
import { seeded, type Point } from './geometry'
import type { Edge } from './lay'
import { at, between, smooth } from './raster'
import { sure } from '../sure'

export interface Hair {
  /** cm at a place */
  length: (p: Point) => number
  /** which way it lies there, about unit length, y up */
  lay: (p: Point) => Point
}

/** Hair shorter than this, cm, has a smooth edge whatever its kind. */
const SHORT = 0.45
const STEP: Record<Edge, number> = { crisp: 0, curl: 1.5, tuft: 1.15, lock: 1.25, cord: 1.5 }
/** Nothing is drawn below the ground. */
const GROUND = 0.12

/**
 * @param close how near it is seen: 1 for the whole dog, less where a part comes close; then there is no
 *   ground either
 */
export function edgeOf(all: Point[][], kind: Edge, hair: Hair, close = 1): string {
  return all.map((ring) => (kind === 'crisp' ? smooth(ring) : edge(ring, kind, hair, close))).join('')
}

function edge(ring: Point[], kind: Edge, hair: Hair, close: number): string {
  const points = evenly(ring, STEP[kind] * close)
  const ground = (p: Point): Point => (close === 1 && p[1] < GROUND ? [p[0], GROUND] : p)
  if (points.length < 6) return smooth(ring)
  const out = area(ring) > 0 ? 1 : -1
  const random = seeded(Math.round(Math.abs(area(ring)) * 10) + 3)
  let d = `M${at(sure(points[0]))}`
  points.forEach((a, i) => {
    const b = sure(points[(i + 1) % points.length])
    const m = between(a, b)
    const dx = b[0] - a[0]
    const dy = b[1] - a[1]
    const step = Math.hypot(dx, dy) || 1
    // Outwards: to the right of a ring that runs against the clock.
    const n: Point = [(dy / step) * out, (-dx / step) * out]
    const l = hair.length(m)
    const chance = random()
    if (l < SHORT * close || (close === 1 && m[1] < 0.6)) {
      d += `L${at(b)}`
      return
    }
    if (kind === 'curl') {
      const bulge = Math.min(0.62, 0.1 + 0.3 * l) * (0.75 + 0.5 * chance) * close
      d += `Q${at(off(m, n, bulge * 1.7))} ${at(b)}`
      return
    }
    const lay = hair.lay(m)
    const facing = lay[0] * n[0] + lay[1] * n[1]
    if (kind === 'tuft') {
      const reach = Math.min(1.5, 0.16 + 0.34 * l) * (0.45 + 0.8 * chance)
      const tip = on(off(m, n, reach * 0.5), lay, reach * 0.55)
      d += `L${at(ground(tip))}L${at(b)}`
      return
    }
    // Locks hang only where the hair lies away from the body; elsewhere the coat is closed.
    if (facing < 0.12 || (close < 1 && lay[1] > -0.2)) {
      d += `Q${at(off(m, n, 0.1))} ${at(b)}`
      return
    }
    const reach = Math.min(kind === 'cord' ? 2.4 : 3.4, l * 0.42 * (0.35 + facing)) * (0.55 + 0.75 * chance)
    const way: Point = [lay[0] * 0.75 + n[0] * 0.25, lay[1] * 0.75 + n[1] * 0.25 - 0.3]
    const tip = ground(on(m, way, reach))
    if (kind === 'cord') {
      // A cord keeps its width and ends round.
      d += `L${at(ground(on(a, way, reach)))}Q${at(ground(on(m, way, reach * 1.25)))} ${at(
        ground(on(b, way, reach)),
      )}L${at(b)}`
      return
    }
    d += `Q${at(ground(on(a, way, reach * 0.62)))} ${at(tip)}Q${at(ground(on(b, way, reach * 0.3)))} ${at(b)}`
  })
  return d + 'Z'
}

function off(p: Point, n: Point, by: number): Point {
  return [p[0] + n[0] * by, p[1] + n[1] * by]
}
const on = off

/** The same ring in even steps of about this length. */
export function evenly(ring: readonly Point[], step: number): Point[] {
  const closed = [...ring, sure(ring[0])]
  const total = closed.slice(1).reduce((s, p, i) => s + gap(sure(closed[i]), p), 0)
  const count = Math.max(3, Math.round(total / step))
  const each = total / count
  const out: Point[] = []
  let gone = 0
  let next = 0
  for (let i = 1; i < closed.length && out.length < count; i++) {
    const a = sure(closed[i - 1])
    const b = sure(closed[i])
    const long = gap(a, b)
    while (next <= gone + long && out.length < count) {
      const t = long === 0 ? 0 : (next - gone) / long
      out.push([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t])
      next += each
    }
    gone += long
  }
  return out
}

function gap(a: Point, b: Point): number {
  return Math.hypot(b[0] - a[0], b[1] - a[1])
}

/** Above 0 where the ring runs against the clock, y up. */
function area(ring: readonly Point[]): number {
  return ring.reduce((s, [x, y], i) => {
    const [nx, ny] = sure(ring[(i + 1) % ring.length])
    return s + (x * ny - nx * y) / 2
  }, 0)
}
