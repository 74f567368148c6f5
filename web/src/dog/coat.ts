// The coat: the skin's field grown by each zone's length in true scale, and the hairs drawn on it.
import { edgeOf } from './edge'
import { mixAt, type Field } from './field'
import { noise, seeded, type Point } from './geometry'
import { textureOf, type CoatTexture } from './lay'
import { grownPart, lengthAlong, type Part } from './part'
import { cellPoint, rings, sample } from './raster'
import { sure } from '../sure'

/** Drawing units (cm) per millimetre of hair. True scale. */
const CM = 0.1
const FEW = 0.2
/** Hair is drawn no longer than this, mm: what is longer is parted and lies on the ground. */
const LONGEST = 180

export interface CoatPaths {
  coat: string
  tail: string
  ear: string
  far: string
  strokes: string
  /** a part of the strokes, for a drawing that changes under a finger */
  few: string
  tailStrokes: string
  earStrokes: string
}

/** Paths of a coat. Lengths are mm by zone id; a zone that is not named is bare. */
export function coatOf(f: Field, coat: string, lengths: Record<string, number>): CoatPaths {
  const texture = textureOf(coat)
  const cm = (z: string) => Math.min(LONGEST, lengths[z] ?? 0) * CM
  const mm = f.body.map(cm)
  const size = f.width * f.height
  const L = new Float32Array(size)
  for (let k = 0; k < size; k++) L[k] = mixAt(f, k, mm)
  const strokes = hairs(f, L, texture, coat === 'corded' ? 2.4 : 1)
  const hair = {
    length: (p: Point) => sample(f, L, ...p),
    lay: (p: Point): Point => [sample(f, f.layX, ...p), sample(f, f.layY, ...p)],
  }
  return {
    coat: edgeOf(rings(f, grown(f, L, texture)), texture.edge, hair),
    far: edgeOf(rings(f, grownFar(f, L, texture)), texture.edge, hair),
    ...partPaths(f, f.tail, texture, cm, 'tail', 13),
    ...partPaths(f, f.ear, texture, cm, 'ear', 11),
    strokes,
    few: strokes.slice(0, strokes.indexOf('M', strokes.length * FEW)),
  } as CoatPaths
}

/** Off the skin by a part of the length, and along the lay by the rest: feathers hang, blends appear. */
function grown(f: Field, L: Float32Array, { stand, hang, rough }: CoatTexture): Float64Array {
  const out = new Float64Array(L.length)
  for (let k = 0; k < L.length; k++) {
    const l = sure(L[k])
    const skin = sure(f.skin[k])
    if (skin > l * 1.7 + 2) {
      out[k] = -1
      continue
    }
    const [x, y] = cellPoint(f, k)
    const lx = sure(f.layX[k]) * l * hang
    const ly = sure(f.layY[k]) * l * hang
    let v = skin - l * stand
    for (const t of [0.35, 0.7, 1]) {
      const q = sample(f, f.skin, x - lx * t, y - ly * t) - l * stand * (1 - t * 0.8)
      if (q < v) v = q
    }
    v += sure(f.rough[k]) * rough * Math.min(1, l * 0.9)
    out[k] = -Math.max(v, 0.15 - y)
  }
  return out
}

function grownFar(f: Field, L: Float32Array, { stand }: CoatTexture): Float64Array {
  const out = new Float64Array(L.length)
  for (let k = 0; k < L.length; k++)
    out[k] = -Math.max(sure(f.far[k]) - sure(L[k]) * Math.min(0.55, stand), 0.9 - cellPoint(f, k)[1])
  return out
}

/** The outline and the hairs of a tail or an ear. */
function partPaths(
  f: Field,
  part: Part,
  texture: CoatTexture,
  cm: (zone: string) => number,
  name: 'tail' | 'ear',
  seed: number,
): Record<string, string> {
  const lengths = part.zones.map((z) => cm(z.id))
  const length = (p: Point) => lengthAlong(part, sample(f, part.along, ...p), lengths)
  const m = Math.hypot(...part.fall) || 1
  const fall: Point = [part.fall[0] / m, part.fall[1] / m]
  const outline = grownPart(f, part, lengths, Math.min(0.5, texture.stand) * (name === 'ear' ? 0.5 : 0.8))
  const random = seeded(seed)
  let d = ''
  for (let i = 0, drawn = 0; i < 60000 && drawn < 130 * texture.density; i++) {
    const k = Math.floor(random() * part.skin.length)
    if (sure(part.skin[k]) > 0.1) continue
    drawn++
    const p = cellPoint(f, k)
    d += hair(...p, ...fall, Math.max(0.3, length(p)) * 0.9, texture.bend, texture.wander, random)
  }
  return { [name]: edgeOf(outline, texture.edge, { length, lay: () => fall }), [`${name}Strokes`]: d }
}

function hairs(f: Field, L: Float32Array, texture: CoatTexture, longer: number): string {
  const random = seeded(7)
  const wanted = Math.round(1500 * texture.density)
  let d = ''
  for (let i = 0, drawn = 0; i < 14000 && drawn < wanted; i++) {
    const k = Math.floor(random() * L.length)
    const l = sure(L[k]) * longer
    if (sure(f.skin[k]) > 0.25 || l < 0.1) continue
    // Short coats need more, smaller marks; long coats fewer.
    if (random() > 0.35 + 0.9 / (0.6 + l)) continue
    drawn++
    const [x, y] = cellPoint(f, k)
    d += hair(x, y, sure(f.layX[k]), sure(f.layY[k]), Math.max(0.3, l), texture.bend, texture.wander, random)
  }
  return d
}

function hair(
  x: number,
  y: number,
  lx: number,
  ly: number,
  l: number,
  bend: number,
  wander: number,
  random: () => number,
): string {
  const m = Math.hypot(lx, ly) || 1
  const a = Math.atan2(ly / m, lx / m) + (random() - 0.5) * wander + noise(x * 0.3, y * 0.3) * wander * 0.5
  const length = l * (0.75 + 0.4 * random())
  const dx = Math.cos(a) * length
  const dy = Math.sin(a) * length
  const side = (random() > 0.5 ? 1 : -1) * bend
  const n = (v: number) => v.toFixed(2)
  const bent = `${n(dx * 0.5 - dy * 0.4 * side)} ${n(-(dy * 0.5 + dx * 0.4 * side))}`
  return `M${n(x)} ${n(-y)}q${bent} ${n(dx)} ${n(-dy)}`
}
