// A close-up of a dog: plates from back to front, each with a skin, zones painted on it one over another, and
// hair that grows from it. What does not depend on lengths is computed once for each look and kept.
import { edgeOf } from '../edge'
import { noise, seeded, type Point } from '../geometry'
import { textureOf, type CoatTexture } from '../lay'
import type { Spot } from '../part'
import { cellPoint, outline, rings, sample, type Raster } from '../raster'
import { sure } from '../../sure'
import type { Shape } from './shapes'

export interface Plate {
  id: string
  skin: Shape
  /** id, where it lies (null: everywhere), cm over which it runs into what is under it */
  zones: [string, Shape | null, number?][]
  /** which way hair lies; shorter than 1: it points at us */
  lay: (x: number, y: number) => Point
  /** how far its hair hangs instead of standing, 0 to 1 */
  fall?: number
  /** a part of a length that is seen from here */
  flat?: number
  /** of another colour than hair: pads, the inside of an ear */
  tints?: Record<string, string>
  /** an edge of its own is drawn; else it melts into what is under it */
  edge?: boolean
  /** or only below this height */
  edgeBelow?: number
}
export interface CloseUp {
  /** the zones it is looked at for, where that is not all it draws */
  shows?: string[]
  /** words beside parts that look alike */
  captions?: { text: string; at: Point }[]
  box: [number, number, number, number]
  plates: Plate[]
  /** where no number may stand: eyes and nose */
  keep: Shape
  /** cells of its raster, where the usual are too few */
  cells?: number
  /** how much coarser its hair is drawn than a head's */
  coarse?: number
  /** mm of hair that are drawn at most: cords to the floor would cover the next foot */
  most?: number
  /** drawn after the plate of that id */
  art: Record<string, Art[]>
}
export interface Art {
  d: string
  /** filled with this; none: a line */
  fill?: string
  width?: number
  opacity?: number
}

export interface Kept {
  raster: Raster
  skin: Float32Array
  raw: (Float32Array | null)[]
  cells: Float64Array[]
  layX: Float32Array
  layY: Float32Array
  paths: Record<string, string>
  spots: Record<string, Spot>
}

const CELLS = 15_000
const BEYOND = 3
const NEAR = 9
/** How far hair is followed from its skin, cm. */
const REACH = 6

export function keep(view: CloseUp): Kept[] {
  const [x0, y0, x1, y1] = view.box
  const scale = Math.min(7, Math.sqrt((view.cells ?? CELLS) / ((x1 - x0) * (y1 - y0))))
  return view.plates.map((p, n): Kept => {
    const raster = rasterOf(p, view.box, scale)
    const size = raster.width * raster.height
    const skin = new Float32Array(size)
    const layX = new Float32Array(size)
    const layY = new Float32Array(size)
    for (let k = 0; k < size; k++) {
      const at = cellPoint(raster, k)
      skin[k] = p.skin(...at)
      const [x, y] = p.lay(...at)
      const m = Math.max(1, Math.sqrt(x * x + y * y))
      layX[k] = x / m
      layY[k] = y / m
    }
    // Far from its skin nobody asks where a zone is.
    const raw = p.zones.map(([, f]) => {
      if (!f) return null
      const out = new Float32Array(size)
      for (let k = 0; k < size; k++) out[k] = sure(skin[k]) > NEAR ? NEAR : f(...cellPoint(raster, k))
      return out
    })
    const paths: Record<string, string> = {}
    const spots: Record<string, Spot> = {}
    const cells: Float64Array[] = []
    // A later zone lies on an earlier one: from the last to the first, with what is covered already.
    const covered = new Float32Array(size).fill(NEAR)
    for (let z = p.zones.length - 1; z >= 0; z--) {
      const own = raw[z] ?? null
      const g = new Float64Array(size)
      let best: Spot = { at: [0, 0], room: -9 }
      for (let k = 0; k < size; k++) {
        const r = own ? sure(own[k]) : -NEAR
        const v = Math.max(r, -sure(covered[k]))
        g[k] = -v
        if (r < sure(covered[k])) covered[k] = r
        if (-v <= best.room || -sure(skin[k]) + 0.25 <= best.room) continue
        const [x, y] = cellPoint(raster, k)
        const rim = Math.min(x - x0, x1 - x, y - y0, y1 - y) - 0.5
        let room = Math.min(-v, -sure(skin[k]) + 0.25, rim, view.keep(x, y))
        for (let o = n + 1; o < view.plates.length && room > best.room; o++)
          room = Math.min(room, sure(view.plates[o]).skin(x, y))
        if (room > best.room) best = { at: [x, y], room }
      }
      const id = sure(p.zones[z])[0]
      paths[id] = outline(raster, g)
      spots[id] = best
      cells[z] = g
    }
    return { raster, skin, raw, cells, layX, layY, paths, spots }
  })
}

/** As much of the box as a plate and its hair can reach, and a little beyond: nothing ends at the rim. */
function rasterOf(p: Plate, [x0, y0, x1, y1]: CloseUp['box'], scale: number): Raster {
  let [left, low, right, high] = [x1, y1, x0, y0]
  for (let y = y0 - BEYOND; y <= y1 + BEYOND; y++)
    for (let x = x0 - BEYOND; x <= x1 + BEYOND; x++)
      if (p.skin(x, y) < 1) {
        left = Math.min(left, x)
        right = Math.max(right, x)
        low = Math.min(low, y)
        high = Math.max(high, y)
      }
  const from: Point = [Math.max(x0 - BEYOND, left - REACH), Math.max(y0 - BEYOND, low - REACH)]
  const to: Point = [Math.min(x1 + BEYOND, right + REACH), Math.min(y1 + BEYOND, high + REACH)]
  return {
    x0: from[0],
    y0: from[1],
    width: Math.max(4, Math.ceil((to[0] - from[0]) * scale)),
    height: Math.max(4, Math.ceil((to[1] - from[1]) * scale)),
    scale,
  }
}

/** The outline of several zones of a plate together. */
export function together(kept: Kept, zones: number[]): string {
  const [first = 0, ...others] = zones
  if (others.length === 0) return outline(kept.raster, sure(kept.cells[first]))
  const grid = Float64Array.from(sure(kept.cells[first]))
  for (const z of others)
    for (let k = 0; k < grid.length; k++) grid[k] = Math.max(sure(grid[k]), sure(sure(kept.cells[z])[k]))
  return outline(kept.raster, grid)
}

/** The outline with hair and the hairs of a plate. @param mm length by zone */
export function grow(p: Plate, kept: Kept, coat: string, mm: (zone: string) => number, coarse = 1): Grown {
  const { raster, skin, raw, layX, layY } = kept
  const texture = plateTexture(p, coat)
  const size = skin.length
  const L = new Float32Array(size)
  const lengths = p.zones.map(([id]) => Math.min(180, mm(id)) / 10)
  const out = new Float64Array(size)
  for (let k = 0; k < size; k++) {
    let l = sure(lengths[0])
    for (let z = 1; z < raw.length; z++) {
      const t = 0.5 - (sure(raw[z])?.[k] ?? 9) / (2 * (sure(p.zones[z])[2] ?? 0.3))
      const a = Math.max(0, Math.min(1, t))
      if (a > 0) l += (sure(lengths[z]) - l) * a * a * (3 - 2 * a)
    }
    L[k] = l
  }
  const f = p.flat ?? 1
  for (let k = 0; k < size; k++) {
    const l = sure(L[k]) * f
    const s = sure(skin[k])
    if (s > l * 1.6 + 1.2) {
      out[k] = l - s
      continue
    }
    const [x, y] = cellPoint(raster, k)
    let v = s - l * texture.stand
    for (const t of [0.25, 0.5, 0.75, 1]) {
      const q = sample(
        raster,
        skin,
        x - sure(layX[k]) * l * t * texture.hang,
        y - sure(layY[k]) * l * t * texture.hang,
      )
      v = Math.min(v, q - l * texture.stand * (1 - t * 0.7))
    }
    out[k] = -(v + noise(x * 1.5, y * 1.5) * texture.rough * 0.5 * Math.min(1, l * 0.5))
  }
  const hair = {
    length: (q: Point) => sample(raster, L, ...q) * f,
    lay: (q: Point): Point => [sample(raster, layX, ...q), sample(raster, layY, ...q)],
  }
  const plain = p.edge === false && p.edgeBelow === undefined
  const edge = edgeOf(rings(raster, out), plain ? 'crisp' : texture.edge, hair, 0.5 * coarse)
  return { outline: edge, strokes: strokes(p, kept, L, texture, coarse), texture }
}

export interface Grown {
  outline: string
  strokes: string
  texture: CoatTexture
}

function plateTexture(p: Plate, coat: string): CoatTexture {
  const base = textureOf(coat)
  const fall = p.fall ?? 0
  return { ...base, stand: base.stand * (1 - fall * 0.6), hang: base.hang + (0.95 - base.hang) * fall }
}

function strokes(p: Plate, kept: Kept, L: Float32Array, texture: CoatTexture, coarse: number): string {
  const { raster, skin, layX, layY } = kept
  const random = seeded(p.id.length * 97 + 7)
  const step = (0.42 * coarse) / Math.sqrt(Math.max(0.2, texture.density))
  const high = raster.y0 + raster.height / raster.scale
  const wide = raster.x0 + raster.width / raster.scale
  let d = ''
  for (let y = raster.y0; y < high; y += step)
    for (let x = raster.x0; x < wide; x += step) {
      const px = x + (random() - 0.5) * step * 1.3
      const py = y + (random() - 0.5) * step * 1.3
      const keepIt = random()
      const turn = random()
      const long = random()
      const l = sample(raster, L, px, py)
      if (texture.density === 0 || sample(raster, skin, px, py) > 0.1 || l < 0.05) continue
      if (keepIt > 0.5 + 0.7 / (0.5 + l)) continue
      const a =
        Math.atan2(sample(raster, layY, px, py), sample(raster, layX, px, py)) +
        (turn - 0.5) * texture.wander +
        noise(px * 0.7, py * 0.7) * texture.wander * 0.4
      const m = Math.max(0.16, Math.min(texture.edge === 'curl' ? 1.1 : 4, l)) * (0.7 + 0.4 * long)
      const dx = Math.cos(a) * m
      const dy = Math.sin(a) * m
      const bend = (turn > 0.5 ? 1 : -1) * texture.bend
      const c = `${(dx * 0.5 - dy * 0.4 * bend).toFixed(2)} ${(-(dy * 0.5 + dx * 0.4 * bend)).toFixed(2)}`
      d += `M${px.toFixed(2)} ${(-py).toFixed(2)}q${c} ${dx.toFixed(2)} ${(-dy).toFixed(2)}`
    }
  return d
}
