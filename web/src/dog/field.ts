// Everything about a dog's drawing that does not depend on its lengths, computed once per look and kept.
import { skeleton, type DogLook, type Skeleton } from './build'
import { join, noise, smin, type Point } from './geometry'
import { layOf } from './lay'
import { partOf, zonesOf, type Part, type Spot } from './part'
import { cellPoint, negated, outline, sample, type Raster } from './raster'
import { sure } from '../sure'

/** Cells per centimetre. */
const SCALE = 2.2
export const NEAREST = 4

export interface Field extends Raster {
  bones: Skeleton
  /** all that are seen from the side: those of the body, then the tail's, then the ear's */
  zones: string[]
  body: string[]
  skin: Float32Array
  far: Float32Array
  tail: Part
  /** carried over the back: drawn over the body */
  tailOver: boolean
  ear: Part
  /** per cell the nearest zones, how far their seeds are, their weights, and the direction hair lies */
  near: Uint8Array
  distance: Float32Array
  weight: Float32Array
  layX: Float32Array
  layY: Float32Array
  /** roughness noise, so that wool looks like wool */
  rough: Float32Array
  paths: { skin: string; farEar: string; zones: Record<string, string> }
  /** where each zone is for the arrow keys */
  anchors: Record<string, Point>
  /** where the number of a tail's or an ear's zone stands */
  spots: Record<string, Spot>
}

const kept = new Map<string, Field>()

export function keyOfField(look: DogLook): string {
  const { build, muzzle, ear_type, ear_set, tail_type, tail_carriage, size, absent = [] } = look
  const gone = absent.join(' ')
  return ['side', build, muzzle, ear_type, ear_set, tail_type, tail_carriage, size ?? '', gone].join('|')
}

/** The field of a look where it was computed already. */
export function knownField(look: DogLook): Field | null {
  return kept.get(keyOfField(look)) ?? null
}

/** One that was computed elsewhere; the first that is known stays. */
export function knowField(look: DogLook, field: Field): Field {
  const known = knownField(look)
  if (known) return known
  if (kept.size > 12) kept.delete(kept.keys().next().value ?? '')
  kept.set(keyOfField(look), field)
  return field
}

export function fieldOf(look: DogLook): Field {
  return knownField(look) ?? knowField(look, compute(look))
}

const seen = new Map<string, string[]>()

/** The zones that are seen from the side of a dog that has all of them: what it has not hangs on the side. */
export function zonesSeen(look: DogLook): string[] {
  const key = keyOfField(look)
  let zones = seen.get(key)
  if (!zones) seen.set(key, (zones = [...bodyZones(skeleton({ ...look, absent: [] })), ...TAIL, ...EAR]))
  return zones
}

const TAIL = ['tail_root', 'tail_flag', 'tail_tip']
const EAR = ['ear_outer_left', 'ear_feather_left']
const bodyZones = (bones: Skeleton) => Object.keys(bones.seeds).filter((z) => !OF_A_PART.test(z))

const OF_A_PART = /^(ear_|tail_(root|flag|tip)$)/

function compute(look: DogLook): Field {
  const bones = skeleton(look)
  const [x0, y0, x1, y1] = bones.box
  const width = Math.ceil((x1 - x0) * SCALE)
  const height = Math.ceil((y1 - y0) * SCALE)
  const size = width * height
  const raster: Raster = { x0, y0, width, height, scale: SCALE }
  const body = bodyZones(bones)
  const stump = look.tail_type === 'bob'
  const tail = partOf(
    raster,
    bones.tail,
    1.6,
    [
      { id: 'tail_root', to: stump ? 0.42 : 0.24 },
      { id: 'tail_flag', to: stump ? 0.74 : 0.8 },
      { id: 'tail_tip', to: 1 },
    ],
    tailFall(look),
  )
  const hasEar = !look.absent?.includes('left_ear')
  const ear = partOf(
    raster,
    // One that is not there lies far from the drawing.
    hasEar ? bones.ear : [[[900, 900], [901, 900], 0.1, 0.1]],
    2,
    hasEar
      ? [
          { id: 'ear_outer_left', to: 0.56 },
          { id: 'ear_feather_left', to: 1 },
        ]
      : [],
    look.ear_type === 'prick' ? [0.06, -0.15] : [0.06, -0.8],
  )
  const f: Field = {
    ...raster,
    bones,
    zones: [...body, ...tail.zones.map((z) => z.id), ...ear.zones.map((z) => z.id)],
    body,
    skin: new Float32Array(size),
    far: new Float32Array(size),
    tail,
    tailOver: look.tail_type === 'curled' && look.tail_carriage !== 'down',
    ear,
    near: new Uint8Array(size * NEAREST),
    distance: new Float32Array(size * NEAREST),
    weight: new Float32Array(size * NEAREST),
    layX: new Float32Array(size),
    layY: new Float32Array(size),
    rough: new Float32Array(size),
    paths: { skin: '', farEar: '', zones: {} },
    anchors: {},
    spots: {},
  }
  const farEar = new Float32Array(size)
  for (let k = 0; k < size; k++) {
    const [x, y] = cellPoint(f, k)
    f.skin[k] = skinAt(bones, x, y)
    f.far[k] = join(x, y, bones.far, 2)
    farEar[k] = bones.farEar.length ? join(x, y, bones.farEar, 1.2) : 9
    f.rough[k] = noise(x * 0.95, y * 0.95) * 0.7 + noise(x * 2.1 + 9, y * 2.1) * 0.4
    nearest(f, k, x, y)
  }
  f.paths.skin = outline(f, negated(f.skin))
  f.paths.farEar = bones.farEar.length ? outline(f, negated(farEar)) : ''
  f.body.forEach((zone, z) => (f.paths.zones[zone] = areaPath(f, new Set([z]))))
  // A tail is behind the body, but for one that is carried over the back.
  const seen = [f.tailOver ? () => 9 : (k: number) => sure(f.skin[k]) + 0.4, () => 9]
  for (const [i, part] of [tail, ear].entries()) {
    const { paths, spots } = zonesOf(f, part, sure(seen[i]))
    Object.assign(f.paths.zones, paths)
    Object.assign(f.spots, spots)
  }
  for (const z of f.zones) f.anchors[z] = f.spots[z]?.at ?? anchor(f, z)
  return f
}

/** Feathers of a tail hang; over the back they lie on the flank. */
function tailFall(look: DogLook): Point {
  if (look.tail_carriage === 'down') return [0.25, -0.75]
  if (look.tail_type === 'curled') return [-0.1, -0.85]
  return look.tail_type === 'plume' ? [0.6, -0.7] : [0.4, -0.7]
}

function skinAt(b: Skeleton, x: number, y: number): number {
  const face = smin(join(x, y, b.head, 2.6), join(x, y, b.muzzle, 1.2), 0.9)
  const trunk = smin(join(x, y, b.trunk, 4.4), face, 2.4)
  return smin(smin(trunk, join(x, y, b.fore, 1.6), 2.6), join(x, y, b.hind, 2), 3)
}

/** The nearest zones of a cell: chalk lines bend a little, as anatomy does. */
function nearest(f: Field, k: number, x: number, y: number): void {
  const wx = x + noise(x * 0.16, y * 0.16) * 1.5
  const wy = y + noise(x * 0.16 + 40, y * 0.16 + 7) * 1.5
  const best = [0, 0, 0, 0]
  const least = [1e9, 1e9, 1e9, 1e9]
  for (let z = 0; z < f.body.length; z++) {
    let d = 1e9
    const seeds = sure(f.bones.seeds[sure(f.body[z])])
    for (let s = 0; s < seeds.length; s++) {
      const dx = wx - sure(seeds[s])[0]
      const dy = wy - sure(seeds[s])[1]
      const q = dx * dx + dy * dy
      if (q < d) d = q
    }
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
  for (let n = 0; n < NEAREST; n++) {
    const d = Math.sqrt(sure(least[n]))
    const w = 1 / (d ** 4 + 3)
    const lay = layOf(sure(f.body[sure(best[n])]))
    f.near[k * NEAREST + n] = sure(best[n])
    f.distance[k * NEAREST + n] = d
    f.weight[k * NEAREST + n] = w
    lx += lay[0] * w
    ly += lay[1] * w
    sum += w
  }
  for (let n = k * NEAREST; n < (k + 1) * NEAREST; n++) f.weight[n] = sure(f.weight[n]) / sum
  f.layX[k] = lx / sum
  f.layY[k] = ly / sum
}

/** How far inside an area of body zones a cell lies; below 0: outside. */
export function insideArea(f: Field, k: number, area: Set<number>): number {
  let own = 99
  let other = 99
  for (let n = k * NEAREST; n < (k + 1) * NEAREST; n++) {
    const d = sure(f.distance[n])
    if (area.has(sure(f.near[n]))) own = Math.min(own, d)
    else other = Math.min(other, d)
  }
  return Math.max(-4, Math.min(12, other - own))
}

/** Chalk lines are soft: half the resolution is enough for them. */
export function halved(f: Field): Raster {
  return {
    x0: f.x0,
    y0: f.y0,
    width: Math.floor(f.width / 2),
    height: Math.floor(f.height / 2),
    scale: f.scale / 2,
  }
}

/** The outline of an area of body zones, by their numbers. */
export function areaPath(f: Field, area: Set<number>): string {
  const half = halved(f)
  const grid = new Float64Array(half.width * half.height)
  for (let j = 0, h = 0; j < half.height; j++)
    for (let i = 0; i < half.width; i++, h++) grid[h] = insideArea(f, 2 * j * f.width + 2 * i, area)
  return outline(half, grid)
}

/** Where a zone is: inside the skin, far from its borders and from the eye. */
function anchor(f: Field, zone: string): Point {
  const seeds = sure(f.bones.seeds[zone])
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

export function mixAt(f: Field, k: number, lengths: ArrayLike<number>): number {
  let l = 0
  for (let n = 0; n < NEAREST; n++)
    l += sure(f.weight[k * NEAREST + n]) * (lengths[sure(f.near[k * NEAREST + n])] ?? 0)
  return l
}
