// Where each zone of the dog lies, seen from below.
import type { Point } from '../geometry'
import type { Plate } from './plate'
import { above, and, below, blob, both, cap, ell, flip, melt, or, right, type Shape } from './shapes'

/** Joints of the dog's left legs. */
export interface Legs {
  elbow: Point
  wrist: Point
  paw: Point
  hip: Point
  knee: Point
  hock: Point
  hind: Point
  sole: Point
}

/** Part of the way from one point to another. */
export const toward = (a: Point, q: Point, k: number): Point => [
  a[0] + (q[0] - a[0]) * k,
  a[1] + (q[1] - a[1]) * k,
]

/** Painted in order: a later one lies on an earlier one. */
export function zonesBelow(
  { elbow, wrist, paw, hip, knee, hock, hind }: Legs,
  b: number,
  male: boolean,
  trunk: Shape,
): Plate['zones'] {
  const zones: Plate['zones'] = [
    ['belly', null],
    ['chest', above((x) => 26.5 - Math.max(0, Math.abs(x) - 0.8) * 1.05), 0.8],
    ['throat', above((x) => 45.5 - 0.02 * x * x), 0.8],
  ]
  const sides = (id: string, f: Shape, blend: number) =>
    zones.push([`${id}_left`, f, blend], [`${id}_right`, flip(f), blend])
  const rib: Shape = (x, y) => -1.9 - trunk(x, y)
  sides(
    'ribs',
    and(
      rib,
      right(2),
      above(() => 17.5),
      below(() => 41),
    ),
    0.6,
  )
  sides(
    'shoulder',
    or(cap([8.2 * b, 43], [elbow[0] - 0.6, elbow[1] + 1.4], 2.7, 2.5), cap([7 * b, 44.5], [8 * b, 42], 2)),
    0.6,
  )
  sides('foreleg', or(cap(toward(elbow, wrist, 0.18), wrist, 3.4, 3), cap(wrist, paw, 3, 3)), 0.5)
  sides('armpit', ell(8 * b, 35.6, 1.8, 2.9, -28), 0.4)
  sides('elbow', ell(elbow[0] + 0.2, elbow[1] - 1.3, 1.9, 1.5, 10), 0.4)
  sides(
    'front_feather',
    cap([elbow[0] + 2.2, elbow[1] - 0.5], [wrist[0] + 0.4, wrist[1] - 1.8], 1.5, 1.3),
    0.4,
  )
  const inside: Shape = (x, y) => 2.9 + 0.22 * y - x
  sides(
    'inner_thigh',
    and(
      (x, y) => 2.2 + 0.22 * y - x,
      below(() => 21),
    ),
    0.5,
  )
  const long = Math.hypot(knee[0] - hip[0], knee[1] - hip[1]) || 1
  const off = (q: Point, n: number): Point => [
    q[0] - ((knee[1] - hip[1]) / long) * n,
    q[1] + ((knee[0] - hip[0]) / long) * n,
  ]
  const shin = cap(toward(knee, hock, 0.1), toward(knee, hock, 0.6), 3.6, 3)
  sides('thigh', and(or(shin, cap(off(toward(hip, knee, 0.55), 5), off(knee, 3.2), 2, 2.3)), inside), 0.6)
  sides('hock', cap(toward(knee, hock, 0.75), hind, 2.9, 2.6), 0.5)
  sides('breeches', cap([4.6 * b, 0.4], [knee[0] + 0.8, hock[1] - 1], 1.9, 1.9), 0.5)
  zones.push(
    ['belly_patch', male ? ell(0, 13.6, 3.3 * b, 4.6) : ell(0, 12.4, 3.2 * b, 3.4), 0.3],
    ['groin', both(ell(4.5 * b, 11.2, 1.3, 3.4, 14)), 0.3],
    ['channel', cap([0, 5.8], [0, 2], 1.3), 0.15],
    ['sheath_or_vulva', sheath(male), male ? 0.2 : 0.12],
    ['under_tail_ring', ell(0, 1.5, 1.85, 1.4), 0.1],
  )
  return zones
}

function sheath(male: boolean): Shape {
  return male
    ? melt(0.6, cap([0, 13.8], [0, 8.2], 0.85, 1.2), ell(0, 14.4, 0.6, 0.85))
    : blob([0, 6.8], [1.05, 5.9], [1.05, 4.8], [0.3, 3.3], [0, 3], [-0.3, 3.3], [-1.05, 4.8], [-1.05, 5.9])
}
