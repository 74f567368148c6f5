// Shapes as signed distances, negative inside: what close-ups are built from. Centimetres of dog, y up.
import { capsule, smin, type Point } from '../geometry'
import { sure } from '../../sure'

export type Shape = (x: number, y: number) => number

export const cap =
  (a: Point, b: Point, ra: number, rb = ra): Shape =>
  (x, y) =>
    capsule(x, y, [a, b, ra, rb])

/** An ellipse, turned by degrees. */
export function ell(cx: number, cy: number, rx: number, ry: number, turn = 0): Shape {
  const c = Math.cos((turn * Math.PI) / 180)
  const s = Math.sin((turn * Math.PI) / 180)
  return (x, y) => {
    const u = (x - cx) * c + (y - cy) * s
    const v = -(x - cx) * s + (y - cy) * c
    const k0 = Math.sqrt((u / rx) ** 2 + (v / ry) ** 2)
    const k1 = Math.sqrt((u / rx / rx) ** 2 + (v / ry / ry) ** 2)
    return k1 < 1e-6 ? -Math.min(rx, ry) : (k0 * (k0 - 1)) / k1
  }
}

/** A smooth closed shape through points. */
export function blob(...points: Point[]): Shape {
  const ring = points.flatMap((_, i) => {
    const [a, b, c, d] = [-1, 0, 1, 2].map((o) => sure(points[(i + o + points.length) % points.length]))
    return Array.from({ length: 6 }, (_, j): Point => {
      const t = j / 6
      const at = (k: 0 | 1) => curve(sure(a)[k], sure(b)[k], sure(c)[k], sure(d)[k], t)
      return [at(0), at(1)]
    })
  })
  return polygon(ring)
}

function curve(a: number, b: number, c: number, d: number, t: number): number {
  return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t ** 3)
}

function polygon(ring: Point[]): Shape {
  const xs = ring.map((q) => q[0])
  const ys = ring.map((q) => q[1])
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  return (x, y) => {
    const ox = Math.max(x0 - x, x - x1, 0)
    const oy = Math.max(y0 - y, y - y1, 0)
    if (ox > 9 || oy > 9) return Math.sqrt(ox * ox + oy * oy)
    let d = 1e9
    let inside = false
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [ax, ay] = sure(ring[j])
      const ex = sure(ring[i])[0] - ax
      const ey = sure(ring[i])[1] - ay
      const wx = x - ax
      const wy = y - ay
      const t = Math.max(0, Math.min(1, (wx * ex + wy * ey) / (ex * ex + ey * ey || 1e-9)))
      const q = (wx - ex * t) ** 2 + (wy - ey * t) ** 2
      if (q < d) d = q
      if (ay > y !== sure(ring[i])[1] > y && x < (ex * (y - ay)) / (ey || 1e-9) + ax) inside = !inside
    }
    return inside ? -Math.sqrt(d) : Math.sqrt(d)
  }
}

/** A closed shape from its right half, top to bottom. */
export function sym(...points: Point[]): Shape {
  const other = points.filter((q) => q[0] > 0.01).map(([x, y]): Point => [-x, y])
  return blob(...points, ...other.reverse())
}

export const melt =
  (k: number, ...shapes: Shape[]): Shape =>
  (x, y) =>
    shapes.reduce((v, f) => (v > 900 ? f(x, y) : smin(v, f(x, y), k)), 1e3)
export const or =
  (...shapes: Shape[]): Shape =>
  (x, y) =>
    Math.min(...shapes.map((f) => f(x, y)))
export const and =
  (...shapes: Shape[]): Shape =>
  (x, y) =>
    Math.max(...shapes.map((f) => f(x, y)))
export const not =
  (f: Shape): Shape =>
  (x, y) =>
    -f(x, y)
/** The same on the other side. */
export const flip =
  (f: Shape): Shape =>
  (x, y) =>
    f(-x, y)
/** On both sides. */
export const both =
  (f: Shape): Shape =>
  (x, y) =>
    f(Math.abs(x), y)
export const below =
  (h: (x: number) => number): Shape =>
  (x, y) =>
    y - h(x)
export const above =
  (h: (x: number) => number): Shape =>
  (x, y) =>
    h(x) - y
/** To the right of a line. */
export const right =
  (h: number): Shape =>
  (x) =>
    h - x
export const within =
  (h: number): Shape =>
  (x) =>
    Math.abs(x) - h

export function moved(f: Shape, dx: number, dy: number, turn = 0, k = 1): Shape {
  const c = Math.cos((turn * Math.PI) / 180)
  const s = Math.sin((turn * Math.PI) / 180)
  return (x, y) => {
    const u = (x - dx) / k
    const v = (y - dy) / k
    return f(u * c + v * s, -u * s + v * c) * k
  }
}
