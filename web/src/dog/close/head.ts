// The head from the front: the dog's left is on the right. Fringe falls over the eye, beard over the throat,
// an ear over the cheek, each with hair of its own.
import type { DogLook } from '../build'
import type { Point } from '../geometry'
import { sure } from '../../sure'
import { earPlate } from './ears'
import { eyes, mouth, nose, wrinkles } from './features'
import type { Art, CloseUp, Plate } from './plate'
import { and, below, both, cap, ell, flip, melt, or, right, within } from './shapes'

const MUZZLE: Record<string, number> = { flat: 0.34, short: 0.66, medium: 0.94, long: 1.14 }
export const INK = 'var(--hair-stroke)'
const NOSE_AT = 0.9

export function headOf(look: DogLook): CloseUp {
  const w = look.build === 'broad' ? 1.14 : look.build === 'leggy' ? 0.9 : 1
  const flat = look.muzzle === 'flat'
  const long = MUZZLE[look.muzzle] ?? 0.94
  const mw = (flat ? 3 : 2.3) * (look.build === 'broad' ? 1.15 : look.build === 'leggy' ? 0.88 : 1)
  const ny = -1.5 - 2.9 * long
  const ex = 2 * w
  const up = look.ear_set === 'high' ? 0.8 : look.ear_set === 'low' ? -1.5 : 0
  const behind = look.ear_type === 'prick'
  const skull = melt(
    1.8,
    ell(0, 1.75, 4.15 * w, 3.15),
    cap([-2.3 * w, -0.8], [2.3 * w, -0.8], 2.2),
    cap([0, -2.2], [0, ny - 0.2], 2.7, 1.9),
  )
  const snout = melt(
    0.8,
    cap([0, -0.4], [0, ny + 0.4], 1, mw * 0.62),
    cap([-mw * 0.52, ny - 0.8], [mw * 0.52, ny - 0.8], mw * 0.58),
    cap([-0.55, ny - 2.05], [0.55, ny - 2.05], 0.95 * (0.6 + (0.4 * mw) / 2.3)),
  )
  const stop = ell(0, -0.05, 0.85, 1.35)
  const inner = ell(1.22 * w, -0.5, 0.5, 0.66, 25)
  const cheek = and(
    right(1.75 * w),
    below((x) => 0.95 + (x - 3) * 0.1),
  )
  const ears = (['right', 'left'] as const).map((side) => earPlate(look.ear_type, side, w, up))
  // Up from the stop over the crown, down over the cheeks.
  const face = (x: number, y: number): Point => [x * 0.13, y > 3.9 ? 0.1 : -0.9]
  const plates: Plate[] = [
    {
      id: 'neck',
      skin: melt(2, cap([0, -2], [0, -24], 4.2 * w, 5.6 * w)),
      zones: [
        ['neck_sides', null],
        ['throat', within(2.7), 0.5],
      ],
      lay: (x) => [x * 0.08, -1],
    },
    ...(behind ? ears.map((e) => e.plate) : []),
    {
      id: 'skull',
      skin: skull,
      zones: [
        ['skull', null],
        ['cheek_left', cheek, 0.9],
        ['cheek_right', flip(cheek), 0.9],
        ['fringe', ell(0, 2.5, 3 * w, 1.3), 0.5],
        ['brow', both(ell(ex, 1.12, 1.5, 0.6, -6)), 0.3],
      ],
      lay: face,
    },
    {
      id: 'snout',
      skin: snout,
      zones: [
        ['muzzle', null],
        ['beard', below((x) => ny - 2.1 + 0.1 * Math.abs(x)), 0.3],
        ['lips', both(cap([0.3, ny - 1.55], [mw * 0.9, ny - 1.75], 0.4, 0.46)), 0.25],
      ],
      lay: (x, y) => (y < ny - 1.4 ? [x * 0.25, -1] : [x * 0.42, -0.85]),
      edge: false,
      edgeBelow: ny - 1,
    },
    {
      id: 'corners',
      skin: or(stop, both(inner)),
      zones: [
        ['stop', null],
        ['inner_eye_left', inner, 0.1],
        ['inner_eye_right', flip(inner), 0.1],
      ],
      lay: (x) => [x, -1],
      flat: 0.25,
      edge: false,
    },
    ...(behind ? [] : ears.map((e) => e.plate)),
  ]
  const last = sure(plates[plates.length - 1]).id
  const art: Record<string, Art[]> = {
    corners: [...wrinkles(flat, ny), ...mouth(ny, mw), ...nose(ny, NOSE_AT + 0.14 * long), ...eyes(ex)],
  }
  for (const e of ears) art[e.plate.id] = e.art
  art[last] ??= []
  return {
    box: [-10.4, -12.6, 10.4, behind ? 11.2 : 7.6],
    plates,
    keep: or(both(ell(ex, 0, 1.15, 0.7)), ell(0, ny, 1.5, 1.1)),
    art,
  }
}
