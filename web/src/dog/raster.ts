// Grids over the drawing, and the outlines where they are above zero. Cells count from the lower left.
import { contours } from 'd3-contour'
import type { Point } from './geometry'
import { sure } from '../sure'

export interface Raster {
  x0: number
  y0: number
  width: number
  height: number
  /** cells per centimetre */
  scale: number
}

export function cellPoint(r: Raster, k: number): Point {
  return [r.x0 + ((k % r.width) + 0.5) / r.scale, r.y0 + (Math.floor(k / r.width) + 0.5) / r.scale]
}

export function sample(r: Raster, grid: Float32Array, x: number, y: number): number {
  const i = Math.max(0, Math.min(r.width - 2, (x - r.x0) * r.scale - 0.5))
  const j = Math.max(0, Math.min(r.height - 2, (y - r.y0) * r.scale - 0.5))
  const i0 = Math.floor(i)
  const j0 = Math.floor(j)
  const u = i - i0
  const v = j - j0
  const k = j0 * r.width + i0
  return (
    (sure(grid[k]) * (1 - u) + sure(grid[k + 1]) * u) * (1 - v) +
    (sure(grid[k + r.width]) * (1 - u) + sure(grid[k + r.width + 1]) * u) * v
  )
}

export function negated(grid: Float32Array): Float64Array {
  const out = new Float64Array(grid.length)
  for (let k = 0; k < grid.length; k++) out[k] = -sure(grid[k])
  return out
}

/** Where a grid is above zero: closed rings, y up, without those too small to be seen. */
export function rings(r: Raster, grid: Float64Array): Point[][] {
  const shape = contours()
    .size([r.width, r.height])
    .smooth(true)
    .contour(grid as unknown as number[], 0)
  return shape.coordinates.flatMap((polygon) =>
    polygon
      .map((ring) =>
        ring.slice(0, -1).map(([i, j]): Point => [r.x0 + sure(i) / r.scale, r.y0 + sure(j) / r.scale]),
      )
      .filter((ring) => ring.length >= 6),
  )
}

/** A smooth closed path through every other point of a ring, y down. */
export function smooth(ring: readonly Point[]): string {
  const half = ring.filter((_, i) => i % 2 === 0)
  let d = ''
  half.forEach((a, i) => {
    const m = between(a, sure(half[(i + 1) % half.length]))
    d += i === 0 ? `M${at(m)}` : `Q${at(a)} ${at(m)}`
  })
  const first = sure(half[0])
  return `${d}Q${at(first)} ${at(between(first, sure(half[1 % half.length])))}Z`
}

export function outline(r: Raster, grid: Float64Array): string {
  return rings(r, grid).map(smooth).join('')
}

/** A point as a path has it: y down. */
export function at([x, y]: Point): string {
  return `${x.toFixed(2)} ${(-y).toFixed(2)}`
}

export function between(a: Point, b: Point): Point {
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
}
