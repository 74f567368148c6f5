// Distance fields: the small vocabulary the drawn dog is built from. Units are centimetres of dog, y up.
import { sure } from '../sure'

export type Point = readonly [number, number]

/** A tapered capsule: two ends, two radii. */
export type Capsule = readonly [Point, Point, number, number]

/** Signed distance to a tapered capsule; negative inside. */
export function capsule(x: number, y: number, c: Capsule): number {
  const a = c[0]
  const px = x - a[0]
  const py = y - a[1]
  const dx = c[1][0] - a[0]
  const dy = c[1][1] - a[1]
  const l2 = dx * dx + dy * dy || 1e-9
  const t = Math.max(0, Math.min(1, (px * dx + py * dy) / l2))
  const qx = px - dx * t
  const qy = py - dy * t
  // Not Math.hypot: this runs a million times a dog, and hypot is many times slower.
  return Math.sqrt(qx * qx + qy * qy) - (c[2] + (c[3] - c[2]) * t)
}

/** Smooth minimum: joins two fields with a fillet of about k. */
export function smin(a: number, b: number, k: number): number {
  const h = Math.max(0, k - Math.abs(a - b)) / k
  return Math.min(a, b) - (h * h * k) / 4
}

/** One field from many capsules. */
export function join(x: number, y: number, parts: readonly Capsule[], k: number): number {
  let v = 1e3
  for (let i = 0; i < parts.length; i++) {
    const d = capsule(x, y, sure(parts[i]))
    v = v > 900 ? d : smin(v, d, k)
  }
  return v
}

/** A small deterministic random source, so that the same dog is drawn with the same hair each time. */
export function seeded(seed: number): () => number {
  let s = seed % 2147483647 || 1
  return () => (s = (s * 16807) % 2147483647) / 2147483647
}

/** Smooth value noise in [-1, 1]. */
export function noise(x: number, y: number): number {
  const xi = Math.floor(x)
  const yi = Math.floor(y)
  const xf = x - xi
  const yf = y - yi
  const u = xf * xf * (3 - 2 * xf)
  const v = yf * yf * (3 - 2 * yf)
  const h = (i: number, j: number) => {
    const n = Math.sin(i * 127.1 + j * 311.7) * 43758.5453
    return (n - Math.floor(n)) * 2 - 1
  }
  return (
    (h(xi, yi) * (1 - u) + h(xi + 1, yi) * u) * (1 - v) +
    (h(xi, yi + 1) * (1 - u) + h(xi + 1, yi + 1) * u) * v
  )
}
