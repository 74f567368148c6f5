// The bones and muscle of one dog: its build, muzzle, ears and tail as capsules, with the landmarks a groomer
// names.
import { zonesGone } from './absent'
import type { Capsule, Point } from './geometry'
import { earLines, earOf, tailOf } from './tails'
import { sure } from '../sure'

export interface DogLook {
  build: string
  muzzle: string
  ear_type: string
  ear_set: string
  tail_type: string
  tail_carriage: string
  coat: string
  /** of its body: a small dog has a large skull */
  size?: 'small' | 'medium' | 'large'
  sex?: string
  /** ears and legs that it has not, such as left_ear; drawn from a side, the left ones are the near ones */
  absent?: readonly string[]
}

export interface Skeleton {
  trunk: Capsule[]
  head: Capsule[]
  muzzle: Capsule[]
  fore: Capsule[]
  hind: Capsule[]
  far: Capsule[]
  tail: Capsule[]
  ear: Capsule[]
  farEar: Capsule[]
  eye: Point
  nose: Point
  mouth: Point[]
  /** of the two near feet, then of the far ones */
  toes: Point[][]
  /** how large the head is against a usual one */
  hs: number
  /** Stop-line landmarks. */
  marks: Record<string, Point>
  /** Seed points of the zones seen from the side, several where a zone is long. */
  seeds: Record<string, Point[]>
  earLines: { inner: Point[]; folds: Point[][] }
  /** Drawing box: left, bottom, right, top. */
  box: [number, number, number, number]
}

interface Build {
  leg: number
  long: number
  bone: number
  neck: number
  /** how thick the neck is, how deep the chest, how narrow the waist, how full the cheek */
  thick: number
  depth: number
  waist: number
  jowl: number
}
const BUILD: Record<string, Build> = {
  low: { leg: 0.5, long: 1.14, bone: 1.12, neck: 0.84, thick: 1, depth: 1, waist: 1.06, jowl: 1 },
  square: { leg: 1, long: 1, bone: 1, neck: 1, thick: 0.96, depth: 1, waist: 0.98, jowl: 1 },
  leggy: { leg: 1.2, long: 1.03, bone: 0.8, neck: 1.16, thick: 0.82, depth: 1.08, waist: 0.7, jowl: 0.92 },
  broad: { leg: 0.84, long: 0.98, bone: 1.26, neck: 0.9, thick: 1.42, depth: 1.12, waist: 1.08, jowl: 1.34 },
}
const SKULL: Record<string, number> = { small: 1.13, medium: 1, large: 0.94 }
const MUZZLE: Record<string, number> = { flat: 0.34, short: 0.66, medium: 0.94, long: 1.14 }

export function skeleton(look: DogLook): Skeleton {
  const { leg, long, bone, neck, thick, depth, waist, jowl } = sure(BUILD[look.build] ?? BUILD.square)
  const muz = MUZZLE[look.muzzle] ?? 1
  const hs = (SKULL[look.size ?? 'medium'] ?? 1) * (look.build === 'broad' ? 1.16 : 1)
  const X = (x: number) => (x > 33 ? 33 + (x - 33) * long : x)
  const Y = (y: number) => (y > 25 ? 25 * leg + (y - 25) : y * leg)
  const P = (x: number, y: number): Point => [X(x), Y(y)]
  // Feet keep their size however short the leg is.
  const F = (x: number, y: number): Point => [
    X(x),
    y < 6 ? y : 6 + (Y(y) - 6 * leg) * ((25 * leg - 6) / (19 * leg)),
  ]
  const hx = -(neck - 1) * 10
  const hy = (neck - 1) * 22
  const pole = P(16.4, 60)
  const H = (x: number, y: number): Point => {
    const q = P(x, y)
    return [pole[0] + (q[0] - pole[0]) * hs + hx, pole[1] + (q[1] - pole[1]) * hs + hy]
  }
  const stop = H(10.8, 61.2)
  const M = (x: number, y: number): Point => {
    const q = H(x, y)
    return [stop[0] + (q[0] - stop[0]) * muz, stop[1] + (q[1] - stop[1]) * (0.72 + 0.28 * muz)]
  }
  const flat = look.muzzle === 'flat'
  // Ribs deepest behind the elbow, the line rising to the waist; withers, croup and forechest stand out.
  const loin = 41.9 + 6.9 * (1 - waist)
  const trunk: Capsule[] = [
    [P(28, 37), P(39, 38.2), 11.9 * depth, 10.9 * depth],
    [P(39, 38.6), P(53, loin), 10.4 * depth, 6.9 * waist],
    [P(53, loin), P(61.5, 41.6), 6.9 * waist, 7.8],
    [P(24.6, 36.8), P(22.8, 41.2), 7.2, 6.6],
    [P(27.5, 43.2), H(18.6, 58), 7.9 * thick, 4.7 * thick],
    [P(29.4, 46.4), P(34, 46.4), 3.4, 2.8],
    [P(57, 44.7), P(62.6, 43.6), 4.1, 4.4],
  ]
  const head: Capsule[] = [
    [H(16.6, 61.8), H(13, 63), 5 * hs, 4.5 * hs],
    [H(14.8, 59.3), H(12.6, 59.6), 4 * hs * jowl, 3.5 * hs * jowl],
  ]
  const muzzle: Capsule[] = flat
    ? [
        [H(11.6, 60.4), M(4.2, 59.6), 4.1 * hs, 3.7 * hs],
        [H(11.6, 57.6), M(4.6, 56.8), 3 * hs * jowl, 2.8 * hs * jowl],
      ]
    : [
        [H(11.2, 60), M(3.1, 59.1), 3.35 * hs, 2.2 * hs],
        [H(11.6, 58), M(4.6, 57.1), 2.5 * hs, 1.4 * hs],
        [M(7.4, 58.4), M(4.4, 58.2), 2.75 * hs * jowl, 2.3 * hs * jowl],
      ]
  const gone = zonesGone(look)
  const lacks = (part: string) => look.absent?.includes(part) ?? false
  const wholeFore: Capsule[] = [
    [P(26.2, 38), P(30.6, 29.4), 6.2, 4.2 * bone],
    [P(31, 28.6), P(32.6, 27.4), 3 * bone, 1.9 * bone],
    [P(30.4, 28), F(29, 13.4), 3.5 * bone, 2.05 * bone],
    [F(29, 13.2), F(28.7, 11.4), 2.3 * bone, 2.2 * bone],
    [F(28.7, 11), F(27.8, 4.8), 1.95 * bone, 2 * bone],
    [F(27.4, 3), [X(24.4), 2.3], 2.65 * bone, 2.15 * bone],
  ]
  const wholeHind: Capsule[] = [
    [P(61.4, 41), P(57.6, 30), 8.6, 5.4],
    [P(64.8, 38.4), P(62.6, 31), 5.2, 4.4],
    [P(57, 29.6), P(55.6, 28.4), 4.6, 3.8],
    [P(57, 28.4), F(65.6, 16.8), 4.4, 2.1 * bone],
    [F(67.7, 17.4), F(66.4, 15), 1.2 * bone, 1.95 * bone],
    [F(66.1, 14.6), F(65.2, 5), 1.85 * bone, 1.9 * bone],
    [F(64.8, 3), [X(61.8), 2.3], 2.6 * bone, 2.1 * bone],
  ]
  const shift = (c: Capsule, dx: number, dy: number, k = 0.93): Capsule => [
    [c[0][0] + dx, c[0][1] + dy],
    [c[1][0] + dx, c[1][1] + dy],
    c[2] * k,
    c[3] * k,
  ]
  // The other pair stands a step ahead and a little further off.
  const far = [
    ...(lacks('right_foreleg') ? [] : wholeFore.map((c) => shift(c, -5, 0.9))),
    ...(lacks('right_hind_leg') ? [] : wholeHind.slice(2).map((c) => shift(c, -5.6, 0.9))),
  ]
  // What is left of a leg: the shoulder, the thigh.
  const fore = lacks('left_foreleg') ? wholeFore.slice(0, 1) : wholeFore
  const hind = lacks('left_hind_leg') ? wholeHind.slice(0, 3) : wholeHind

  const tail = tailOf(look.tail_type, look.tail_carriage, P, 0.5 + 0.5 * bone)
  const lift = look.ear_set === 'high' ? 1.3 : look.ear_set === 'low' ? -1.9 : 0
  const E = (x: number, y: number): Point => {
    const q = H(x, y)
    return [q[0], q[1] + lift]
  }
  const ear = earOf(look.ear_type, E, hs)
  const farEar =
    look.ear_type === 'prick' && !lacks('right_ear') ? ear.map((c) => shift(c, -4.4, 0.1, 0.96)) : []
  const tip = sure(ear[ear.length - 1])
  const root = sure(ear[0])

  const eye: Point = flat ? H(10.3, 62) : H(10.9, 62.4)
  const nose: Point = flat ? M(1.2, 60.8) : M(1.5, 60)
  const mouth: Point[] = flat
    ? [M(1.6, 58.2), M(5.4, 56.4), M(9.6, 57.2)]
    : [M(2, 57.7), M(5.6, 56.7), M(10, 57.4)]
  const [t0, t1, t2] = [sure(tail[0])[0], sure(tail[0])[1], sure(tail[tail.length - 1])[1]]

  const seeds: Record<string, Point[]> = {
    skull: [H(16, 66.5), H(13.4, 67)],
    fringe: [H(10.4, 67.4), H(9.6, 65.4)],
    brow: [H(10.2, 64.4)],
    inner_eye_left: [M(10, 62.2)],
    stop: [M(9.2, 63.2)],
    cheek_left: [H(14.2, 59), H(16, 57.2)],
    muzzle: [M(5.6, 60.6), M(3, 60.8), M(7.6, 60.2)],
    lips: [M(4.6, 57.3), M(7.4, 57.1)],
    beard: [M(5, 54.6), M(8.6, 54.6), M(3, 55)],
    nape: [H(22.6, 60), P(26.8, 53), H(19.6, 64.2)],
    neck_sides: [P(22.8, 51), H(19.4, 55.6)],
    throat: [P(17, 50), H(15, 54), P(18.4, 46.6)],
    shoulder_left: [P(27, 43), P(27.4, 37), P(29, 32.6)],
    chest: [P(18.2, 38), P(18.8, 42.2), P(20.4, 32.6)],
    back: [P(35, 49.6), P(42, 49.4), P(48, 49.2)],
    ribs_left: [P(38, 40), P(45.4, 40), P(37, 34.4), P(45, 34.6), P(49.6, 38)],
    loin: [P(54, 47.6), P(55.4, 44)],
    belly: [P(37, 27.4), P(44, 28.4), P(50, 32)],
    rump: [P(62, 49), P(66, 46.4), P(60.6, 45.4)],
    thigh_left: [P(60.8, 38), P(58.4, 32), P(62.6, 34), P(60, 26)],
    breeches_left: [P(69.6, 38), P(69, 33), P(66.6, 27.6)],
    hock_left: [F(65.8, 17), F(65.6, 10)],
    foreleg_left: [P(28.8, 24), F(28.8, 16), F(28.4, 9)],
    front_feather_left: [F(32, 19), P(32.4, 24)],
    elbow_left: [P(32.6, 28)],
    toe_outline_front_left: [[X(26), 2.4]],
    toe_outline_hind_left: [[X(63.4), 2.4]],
    tail_root: [t0],
    tail_root_arc: [P(70.2, 44)],
    tail_flag: look.tail_type === 'bob' ? [mid(t0, t1, 0.55)] : [mid(t0, t1, 0.75), mid(t1, t2, 0.35)],
    tail_tip: [mid(t1, t2, 1.05)],
    ear_outer_left: [mid(root[0], tip[1], 0.25)],
    ear_feather_left: [mid(root[0], tip[1], 0.9)],
  }
  const marks: Record<string, Point> = {
    ear_fold: root[0],
    rear_ear_crease: [root[0][0] + 2.4, root[0][1] - 1.5],
    eye_corner: [eye[0] - 0.9, eye[1]],
    nose_tip: nose,
    breastbone_dip: P(17.4, 43.2),
    elbow: P(32.2, 27),
    hock: F(67.6, 16.6),
    knee: P(54.6, 27.4),
    tuck_up: P(53, 33.4),
    root_of_tail: t0,
  }
  const top = Math.max(H(16, 70)[1], ...tail.map((c) => c[1][1] + 4), ...ear.map((c) => c[1][1] + 2))
  const right = Math.max(X(75), ...tail.map((c) => c[1][0] + 4))
  return {
    trunk,
    head,
    muzzle,
    fore,
    hind,
    far,
    tail,
    ear,
    farEar,
    eye,
    nose,
    mouth,
    seeds: Object.fromEntries(Object.entries(seeds).filter(([z]) => !gone.has(z))),
    marks,
    toes: [
      lacks('left_foreleg') ? [] : toes(X(24.4), bone, 0),
      lacks('left_hind_leg') ? [] : toes(X(61.8), bone, 0),
      lacks('right_foreleg') ? [] : toes(X(24.4) - 5, bone * 0.93, 0.9),
      lacks('right_hind_leg') ? [] : toes(X(61.8) - 5.6, bone * 0.93, 0.9),
    ],
    hs,
    earLines: lacks('left_ear') ? { inner: [], folds: [] } : earLines(look.ear_type, E),
    box: [Math.min(M(0, 60)[0], H(6, 60)[0]) - 7, -3, right + 6, top + 5],
  }
}

export function mid(a: Point, b: Point, f: number): Point {
  return [a[0] + (b[0] - a[0]) * f, a[1] + (b[1] - a[1]) * f]
}

function toes(x: number, bone: number, y: number): Point[] {
  return [
    [x - 0.9 * bone, 1.3 + y],
    [x + 0.7 * bone, 1.2 + y],
  ]
}
