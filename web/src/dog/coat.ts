// The coat: the skin's field grown by each zone's length in true scale, and the hairs drawn on it.
import { cellPoint, mixAt, outline, sample, type Field } from './field'
import { noise, seeded } from './geometry'
import { layOf, textureOf } from './lay'
import { sure } from '../sure'

/** Drawing units (cm) per millimetre of hair. True scale. */
const CM = 0.1
const FEW = 0.2

export interface CoatPaths {
  coat: string
  ear: string
  far: string
  strokes: string
  /** a part of the strokes, for a drawing that changes under a finger */
  few: string
  earStrokes: string
}

/** Paths of a coat. Lengths are mm by zone id; a zone that is not named is bare. */
export function coatOf(f: Field, coat: string, lengths: Record<string, number>): CoatPaths {
  const texture = textureOf(coat)
  const sided = f.zones.filter((z) => !z.startsWith('ear_'))
  const mm = sided.map((z) => Math.min(180, lengths[z] ?? 0) * CM)
  const size = f.width * f.height
  const L = new Float32Array(size)
  for (let k = 0; k < size; k++) L[k] = mixAt(f, k, mm)
  const earMm = Math.min(180, lengths.ear_feather_left ?? 0) * CM
  const leatherMm = Math.min(180, lengths.ear_outer_left ?? 0) * CM
  const strokes = hairs(f, L, texture, coat === 'corded' ? 2.4 : 1)
  return {
    coat: outline(f, grown(f, L, texture.rough)),
    ear: outline(f, grownEar(f, leatherMm, earMm, texture.rough)),
    far: outline(f, grownFar(f, L)),
    strokes,
    few: strokes.slice(0, strokes.indexOf('M', strokes.length * FEW)),
    earStrokes: earHairs(f, leatherMm, earMm, texture),
  }
}

/** Off the skin by a part of the length, and along the lay by the rest: feathers hang, blends appear. */
function grown(f: Field, L: Float32Array, rough: number): Float64Array {
  const out = new Float64Array(L.length)
  for (let k = 0; k < L.length; k++) {
    const l = sure(L[k])
    const skin = sure(f.skin[k])
    if (skin > l * 1.7 + 2) {
      out[k] = -1
      continue
    }
    const [x, y] = cellPoint(f, k)
    let v = skin - l * 0.42
    for (const t of [0.35, 0.7, 1]) {
      const q =
        sample(f, f.skin, x - sure(f.layX[k]) * l * t * 0.9, y - sure(f.layY[k]) * l * t * 0.9) -
        l * 0.42 * (1 - t * 0.8)
      if (q < v) v = q
    }
    v += sure(f.rough[k]) * rough * Math.min(1, l * 0.9)
    out[k] = -Math.max(v, 0.15 - y)
  }
  return out
}

function grownFar(f: Field, L: Float32Array): Float64Array {
  const out = new Float64Array(L.length)
  for (let k = 0; k < L.length; k++)
    out[k] = -Math.max(sure(f.far[k]) - sure(L[k]) * 0.55, 0.5 - cellPoint(f, k)[1])
  return out
}

function earLength(f: Field, y: number, leather: number, feather: number): number {
  const { from, to } = f.bones.earSplit
  const along = Math.abs(to[1] - from[1]) < 1 ? 0.5 : (from[1] - y) / (from[1] - to[1])
  const t = Math.max(0, Math.min(1, (along - 0.35) / 0.5))
  return leather + (feather - leather) * t
}

function grownEar(f: Field, leather: number, feather: number, rough: number): Float64Array {
  const out = new Float64Array(f.earSkin.length)
  const up = f.bones.earSplit.to[1] > f.bones.earSplit.from[1]
  for (let k = 0; k < out.length; k++) {
    if (sure(f.earSkin[k]) > 9) {
      out[k] = -1
      continue
    }
    const [x, y] = cellPoint(f, k)
    const l = earLength(f, y, leather, feather)
    let v = sure(f.earSkin[k]) - l * 0.22
    for (const t of [0.35, 0.7, 1])
      v = Math.min(
        v,
        sample(f, f.earSkin, x - 0.06 * l * t, y + (up ? 0.15 : 0.8) * l * t) - l * 0.22 * (1 - t * 0.6),
      )
    out[k] = -(v + sure(f.rough[k]) * rough * 0.6 * Math.min(1, l))
  }
  return out
}

function hairs(f: Field, L: Float32Array, texture: ReturnType<typeof textureOf>, longer: number): string {
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
    d += hair(x, y, sure(f.layX[k]), sure(f.layY[k]), Math.max(0.35, l), texture.bend, texture.wander, random)
  }
  return d
}

function earHairs(f: Field, leather: number, feather: number, texture: ReturnType<typeof textureOf>): string {
  const random = seeded(11)
  const lay = layOf('ear_outer_left')
  const up = f.bones.earSplit.to[1] > f.bones.earSplit.from[1] ? -0.8 : 1
  let d = ''
  for (let i = 0, drawn = 0; i < 30000 && drawn < 120 * texture.density; i++) {
    const k = Math.floor(random() * f.earSkin.length)
    if (sure(f.earSkin[k]) > 0.1) continue
    drawn++
    const [x, y] = cellPoint(f, k)
    const l = Math.max(0.3, earLength(f, y, leather, feather))
    d += hair(x, y, lay[0], lay[1] * up, l * 0.9, texture.bend, texture.wander, random)
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
