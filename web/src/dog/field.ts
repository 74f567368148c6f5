// Everything about a dog's drawing that does not depend on its lengths, computed once per look and kept.
import { contours } from 'd3-contour'
import { skeleton, type DogLook, type Skeleton } from './build'
import { join, noise, smin, type Point } from './geometry'
import { layOf } from './lay'
import { sure } from '../sure'

/** Cells per centimetre. */
const SCALE = 2.2
const NEAREST = 4

export interface Field {
  bones: Skeleton
  width: number
  height: number
  x0: number
  y0: number
  zones: string[]
  skin: Float32Array
  earSkin: Float32Array
  far: Float32Array
  /** per cell the nearest zones and their weights, and the direction hair lies */
  near: Uint8Array
  weight: Float32Array
  layX: Float32Array
  layY: Float32Array
  /** roughness noise, so that wool looks like wool */
  rough: Float32Array
  paths: { skin: string; earSkin: string; far: string; farEar: string; zones: Record<string, string> }
  anchors: Record<string, Point>
}

const kept = new Map<string, Field>()

export function fieldOf(look: DogLook): Field {
  const key = [look.build, look.muzzle, look.ear_type, look.ear_set, look.tail_type, look.tail_carriage].join(
    '|',
  )
  let field = kept.get(key)
  if (!field) {
    if (kept.size > 12) kept.delete(kept.keys().next().value ?? '')
    kept.set(key, (field = compute(look)))
  }
  return field
}

function compute(look: DogLook): Field {
  const bones = skeleton(look)
  const [x0, y0, x1, y1] = bones.box
  const width = Math.ceil((x1 - x0) * SCALE)
  const height = Math.ceil((y1 - y0) * SCALE)
  const size = width * height
  const zones = Object.keys(bones.seeds)
  const sided = zones.filter((z) => !z.startsWith('ear_'))
  const f: Field = {
    bones,
    width,
    height,
    x0,
    y0,
    zones,
    skin: new Float32Array(size),
    earSkin: new Float32Array(size),
    far: new Float32Array(size),
    near: new Uint8Array(size * NEAREST),
    weight: new Float32Array(size * NEAREST),
    layX: new Float32Array(size),
    layY: new Float32Array(size),
    rough: new Float32Array(size),
    paths: { skin: '', earSkin: '', far: '', farEar: '', zones: {} },
    anchors: {},
  }
  const farEar = new Float32Array(size)
  const distance = sided.map(() => new Float32Array(size))
  for (let j = 0, k = 0; j < height; j++) {
    for (let i = 0; i < width; i++, k++) {
      const x = x0 + (i + 0.5) / SCALE
      const y = y0 + (j + 0.5) / SCALE
      f.skin[k] = skinAt(bones, x, y)
      f.earSkin[k] = join(x, y, bones.ear, 2)
      f.far[k] = join(x, y, bones.far, 2.2)
      farEar[k] = bones.farEar.length ? join(x, y, bones.farEar, 2) : 9
      f.rough[k] = noise(x * 0.95, y * 0.95) * 0.7 + noise(x * 2.1 + 9, y * 2.1) * 0.4
      nearest(f, sided, distance, k, x, y)
    }
  }
  f.paths.skin = outline(f, negated(f.skin))
  f.paths.earSkin = outline(f, negated(f.earSkin))
  f.paths.far = outline(f, negated(f.far))
  f.paths.farEar = bones.farEar.length ? outline(f, negated(farEar)) : ''
  cells(f, sided, distance)
  earCells(f)
  for (const z of zones) f.anchors[z] = anchor(f, z)
  return f
}

function skinAt(b: Skeleton, x: number, y: number): number {
  const trunk = smin(join(x, y, b.trunk, 5), smin(join(x, y, b.head, 3), join(x, y, b.muzzle, 1.4), 1.6), 2.6)
  return smin(
    smin(smin(trunk, join(x, y, b.fore, 2), 3), join(x, y, b.hind, 2.4), 3.2),
    join(x, y, b.tail, 1.6),
    2,
  )
}

/** The nearest zones of a cell: chalk lines bend a little, as anatomy does. */
function nearest(f: Field, sided: string[], distance: Float32Array[], k: number, x: number, y: number): void {
  const wx = x + noise(x * 0.16, y * 0.16) * 1.5
  const wy = y + noise(x * 0.16 + 40, y * 0.16 + 7) * 1.5
  const best = [0, 0, 0, 0]
  const least = [1e9, 1e9, 1e9, 1e9]
  for (let z = 0; z < sided.length; z++) {
    let d = 1e9
    const seeds = sure(f.bones.seeds[sure(sided[z])])
    for (let s = 0; s < seeds.length; s++) {
      const dx = wx - sure(seeds[s])[0]
      const dy = wy - sure(seeds[s])[1]
      const q = dx * dx + dy * dy
      if (q < d) d = q
    }
    sure(distance[z])[k] = d = Math.sqrt(d)
    if (d >= sure(least[NEAREST - 1])) continue
    let at = NEAREST - 1
    for (; at > 0 && sure(least[at - 1]) > d; at--) {
      least[at] = sure(least[at - 1])
      best[at] = sure(best[at - 1])
    }
    least[at] = d
    best[at] = z
  }
  let sum = 0
  let lx = 0
  let ly = 0
  for (let n = 0; n < best.length; n++) {
    const d = sure(sure(distance[sure(best[n])])[k])
    const w = 1 / (d ** 4 + 3)
    f.near[k * NEAREST + n] = sure(best[n])
    f.weight[k * NEAREST + n] = w
    const lay = layOf(sure(sided[sure(best[n])]))
    lx += lay[0] * w
    ly += lay[1] * w
    sum += w
  }
  for (let n = k * NEAREST; n < k * NEAREST + best.length; n++) f.weight[n] = sure(f.weight[n]) / sum
  f.layX[k] = lx / sum
  f.layY[k] = ly / sum
}

/** Chalk lines are soft: half the resolution is enough for them. */
function cells(f: Field, sided: string[], distance: Float32Array[]): void {
  const half: Raster = {
    x0: f.x0,
    y0: f.y0,
    width: Math.floor(f.width / 2),
    height: Math.floor(f.height / 2),
    scale: SCALE / 2,
  }
  const grid = new Float64Array(half.width * half.height)
  sided.forEach((zone, z) => {
    for (let j = 0, h = 0; j < half.height; j++) {
      for (let i = 0; i < half.width; i++, h++) {
        const k = 2 * j * f.width + 2 * i
        const first = f.near[k * NEAREST]
        const other = first === z ? f.near[k * NEAREST + 1] : first
        grid[h] = sure(sure(distance[sure(other)])[k]) - sure(sure(distance[z])[k])
      }
    }
    f.paths.zones[zone] = outlineOf(half, grid)
  })
}

/** The ear is its own field: leather above, feather below. */
function earCells(f: Field): void {
  const { from, to } = f.bones.earSplit
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1
  const cut = new Float64Array(f.width * f.height)
  for (const [zone, sign] of [
    ['ear_outer_left', 1],
    ['ear_feather_left', -1],
  ] as const) {
    for (let j = 0, k = 0; j < f.height; j++) {
      for (let i = 0; i < f.width; i++, k++) {
        if (sure(f.earSkin[k]) > 9) {
          cut[k] = -1
          continue
        }
        const x = f.x0 + (i + 0.5) / SCALE
        const y = f.y0 + (j + 0.5) / SCALE
        const along = ((x - from[0]) * (to[0] - from[0]) + (y - from[1]) * (to[1] - from[1])) / length
        cut[k] = Math.min(
          sign * (0.62 * length - along + noise(x * 0.5, y * 0.5) * 0.3),
          7 - sure(f.earSkin[k]),
        )
      }
    }
    f.paths.zones[zone] = outline(f, cut)
  }
}

/** Where a zone's number stands: inside the skin, far from its borders and from the eye. */
function anchor(f: Field, zone: string): Point {
  const seeds = sure(f.bones.seeds[zone])
  if (zone.startsWith('ear_')) return sure(seeds[0])
  const inside = seeds.filter((p) => sample(f, f.skin, p[0], p[1]) < 0.6)
  const pool = inside.length ? inside : seeds
  const [ex, ey] = f.bones.eye
  return pool.reduce((a, b) =>
    Math.hypot(b[0] - ex, b[1] - ey) > Math.hypot(a[0] - ex, a[1] - ey) &&
    Math.hypot(a[0] - ex, a[1] - ey) < 3
      ? b
      : a,
  )
}

export function sample(f: Field, grid: Float32Array, x: number, y: number): number {
  const i = Math.max(0, Math.min(f.width - 2, (x - f.x0) * SCALE - 0.5))
  const j = Math.max(0, Math.min(f.height - 2, (y - f.y0) * SCALE - 0.5))
  const i0 = Math.floor(i)
  const j0 = Math.floor(j)
  const u = i - i0
  const v = j - j0
  const k = j0 * f.width + i0
  return (
    (sure(grid[k]) * (1 - u) + sure(grid[k + 1]) * u) * (1 - v) +
    (sure(grid[k + f.width]) * (1 - u) + sure(grid[k + f.width + 1]) * u) * v
  )
}

export function mixAt(f: Field, k: number, lengths: ArrayLike<number>): number {
  let l = 0
  for (let n = 0; n < NEAREST; n++)
    l += sure(f.weight[k * NEAREST + n]) * (lengths[sure(f.near[k * NEAREST + n])] ?? 0)
  return l
}

export function cellPoint(f: Field, k: number): Point {
  return [f.x0 + ((k % f.width) + 0.5) / SCALE, f.y0 + (Math.floor(k / f.width) + 0.5) / SCALE]
}

function negated(grid: Float32Array): Float64Array {
  const out = new Float64Array(grid.length)
  for (let k = 0; k < grid.length; k++) out[k] = -sure(grid[k])
  return out
}

interface Raster {
  x0: number
  y0: number
  width: number
  height: number
  scale: number
}

/** The outline where a grid is above zero, as a smooth SVG path with y down. */
export function outline(f: Field, grid: Float64Array): string {
  return outlineOf({ x0: f.x0, y0: f.y0, width: f.width, height: f.height, scale: SCALE }, grid)
}

function outlineOf(r: Raster, grid: Float64Array): string {
  const shape = contours()
    .size([r.width, r.height])
    .smooth(true)
    .contour(grid as unknown as number[], 0)
  return shape.coordinates
    .map((polygon) => polygon.map((ring) => smooth(r, ring as [number, number][])).join(''))
    .join('')
}

function smooth(r: Raster, ring: [number, number][]): string {
  const points = ring.slice(0, -1).map(([i, j]): Point => [r.x0 + i / r.scale, -(r.y0 + j / r.scale)])
  if (points.length < 6) return ''
  const half = points.filter((_, i) => i % 2 === 0)
  const n = (v: number) => v.toFixed(2)
  let d = ''
  half.forEach((a, i) => {
    const b = half[(i + 1) % half.length]
    const m = mid2(a, sure(b))
    d += i === 0 ? `M${n(m[0])} ${n(m[1])}` : `Q${n(a[0])} ${n(a[1])} ${n(m[0])} ${n(m[1])}`
  })
  const first = sure(half[0])
  const m = mid2(sure(first), sure(half[1 % half.length]))
  return `${d}Q${n(first[0])} ${n(first[1])} ${n(m[0])} ${n(m[1])}Z`
}

function mid2(a: Point, b: Point): Point {
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
}
