// The bones and muscle of one dog: its build, muzzle, ears and tail as capsules, with the landmarks a groomer
// names.
import type { Capsule, Point } from './geometry'
import { sure } from '../sure'

export interface DogLook {
  build: string
  muzzle: string
  ear_type: string
  ear_set: string
  tail_type: string
  tail_carriage: string
  coat: string
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
  toes: Point[][]
  /** Stop-line landmarks. */
  marks: Record<string, Point>
  /** Seed points of the zones seen from the side, several where a zone is long. */
  seeds: Record<string, Point[]>
  /** Where the ear leather ends and the feather begins. */
  earSplit: { from: Point; to: Point }
  /** Drawing box: left, bottom, right, top. */
  box: [number, number, number, number]
}

const BUILD: Record<string, { leg: number; long: number; bone: number; neck: number; depth: number }> = {
  low: { leg: 0.5, long: 1.14, bone: 1.12, neck: 0.84, depth: 1.0 },
  square: { leg: 1, long: 1, bone: 1, neck: 1, depth: 1 },
  leggy: { leg: 1.2, long: 1.03, bone: 0.84, neck: 1.14, depth: 0.95 },
}
const MUZZLE: Record<string, number> = { flat: 0.34, short: 0.66, medium: 0.94, long: 1.14 }

export function skeleton(look: DogLook): Skeleton {
  const { leg, long, bone, neck, depth } = sure(BUILD[look.build] ?? BUILD.square)
  const muz = MUZZLE[look.muzzle] ?? 1
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
  const H = (x: number, y: number): Point => {
    const q = P(x, y)
    return [q[0] + hx, q[1] + hy]
  }
  const stop = H(10.8, 61.2)
  const M = (x: number, y: number): Point => {
    const q = H(x, y)
    return [stop[0] + (q[0] - stop[0]) * muz, stop[1] + (q[1] - stop[1]) * (0.72 + 0.28 * muz)]
  }
  const flat = look.muzzle === 'flat'
  const trunk: Capsule[] = [
    [P(27.5, 37.6), P(40, 38.4), 11.4 * depth, 11.0 * depth],
    [P(40, 38.6), P(53, 41), 10.8 * depth, 7.6],
    [P(53, 41.2), P(61.5, 41.6), 7.6, 8.0],
    [P(24.5, 36.5), P(23.2, 41), 7.6, 7.2],
    [P(27.5, 43.5), H(18.4, 58.4), 7.8, 4.9],
    [P(29, 45.5), P(33, 46), 3.6, 3.2],
  ]
  const head: Capsule[] = [
    [H(16.4, 61.6), H(13.2, 62.6), 5.0, 4.7],
    [H(14.6, 59.6), H(12.4, 59.8), 3.9, 3.6],
  ]
  const muzzle: Capsule[] = flat
    ? [
        [H(11.6, 60.6), M(4.2, 59.8), 4.3, 3.9],
        [H(11.6, 57.8), M(4.6, 57.0), 3.0, 2.8],
      ]
    : [
        [H(11.4, 60.4), M(3.1, 59.1), 3.7, 2.35],
        [H(11.6, 58.2), M(4.6, 57.1), 2.5, 1.5],
        [M(7.2, 58.6), M(4.4, 58.2), 2.9, 2.4],
      ]
  const fore: Capsule[] = [
    [P(26.4, 37), P(30.4, 28), 6.4, 4.4 * bone],
    [P(30.4, 28), F(28.9, 13), 3.7 * bone, 2.25 * bone],
    [F(28.9, 13), F(28, 5.2), 2.2 * bone, 2.05 * bone],
    [F(27.6, 3), [X(24.6), 2.3], 2.7 * bone, 2.2 * bone],
  ]
  const hind: Capsule[] = [
    [P(61.2, 41), P(57.4, 28.6), 8.6, 5.2],
    [P(64.5, 38), P(62, 31), 5.6, 5],
    [P(57.4, 28.6), F(65.6, 16), 4.6, 2.5 * bone],
    [F(66.4, 16.4), F(65.9, 14), 1.9 * bone, 2.1 * bone],
    [F(66, 14), F(65.2, 5), 2.05 * bone, 2.05 * bone],
    [F(64.8, 3), [X(61.9), 2.3], 2.6 * bone, 2.15 * bone],
  ]
  const shift = (c: Capsule, dx: number, dy: number): Capsule => [
    [c[0][0] + dx, c[0][1] + dy],
    [c[1][0] + dx, c[1][1] + dy],
    c[2] * 0.92,
    c[3] * 0.92,
  ]
  const far = [...fore.map((c) => shift(c, -4.6, 1)), ...hind.slice(2).map((c) => shift(c, -5.4, 1))]

  const tail = tailOf(look, P)
  const lift = look.ear_set === 'high' ? 1.3 : look.ear_set === 'low' ? -1.9 : 0
  const E = (x: number, y: number): Point => {
    const q = H(x, y)
    return [q[0], q[1] + lift]
  }
  const ear = earOf(look.ear_type, E)
  const farEar = look.ear_type === 'prick' ? ear.map((c) => shift(c, -2.6, -0.2)) : []
  const tip = sure(ear[ear.length - 1])
  const root = sure(ear[0])

  const eye: Point = flat ? H(10.4, 62.2) : H(10.7, 62.7)
  const nose: Point = flat ? M(1.2, 61.0) : M(1.5, 60.0)
  const mouth: Point[] = flat
    ? [M(1.6, 58.2), M(6, 57.0), M(9.4, 57.6)]
    : [M(2, 57.7), M(5.4, 57.0), M(9.6, 57.5)]
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
    elbow_left: [P(32.2, 28)],
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
    elbow: P(31.4, 27),
    hock: F(67.4, 16),
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
    seeds,
    marks,
    toes: [toes(X(24.6), bone), toes(X(61.9), bone)],
    earSplit: { from: root[0], to: tip[1] },
    box: [Math.min(M(0, 60)[0], H(6, 60)[0]) - 7, -3, right + 6, top + 5],
  }
}

export function mid(a: Point, b: Point, f: number): Point {
  return [a[0] + (b[0] - a[0]) * f, a[1] + (b[1] - a[1]) * f]
}

function toes(x: number, bone: number): Point[] {
  return [
    [x - 0.6 * bone, 1.2],
    [x + 1.0 * bone, 1.1],
  ]
}

function tailOf(look: DogLook, P: (x: number, y: number) => Point): Capsule[] {
  const way = look.tail_carriage
  const chain = (points: [number, number][], radii: number[]): Capsule[] =>
    points
      .slice(1)
      .map((p, i) => [P(...sure(points[i])), P(...p), sure(radii[i]), sure(radii[i + 1])] as const)
  if (look.tail_type === 'bob')
    return chain(
      [
        [67, 46.4],
        [70.4, 48.4],
      ],
      [2.4, 1.9],
    )
  if (look.tail_type === 'curled') {
    return way === 'down'
      ? chain(
          [
            [67, 45.4],
            [72.4, 37],
            [73.4, 27],
            [76.6, 24],
            [78, 27.4],
          ],
          [2.2, 1.6, 1.2, 1, 0.8],
        )
      : chain(
          [
            [66.6, 46.6],
            [71, 53],
            [68, 59.4],
            [61.4, 58.4],
            [59.6, 53.6],
          ],
          [2.3, 1.9, 1.6, 1.3, 1],
        )
  }
  if (way === 'down')
    return chain(
      [
        [67, 45.2],
        [72.6, 37.4],
        [74, 27],
        [75, 20],
      ],
      [2.2, 1.7, 1.2, 0.8],
    )
  if (way === 'level')
    return chain(
      [
        [67.2, 46.2],
        [75, 47.6],
        [84, 49.6],
      ],
      [2.2, 1.5, 0.8],
    )
  return look.tail_type === 'plume'
    ? chain(
        [
          [67, 46.6],
          [71.6, 54],
          [69.8, 62],
          [66.4, 65],
        ],
        [2.3, 1.7, 1.2, 0.9],
      )
    : chain(
        [
          [67, 46.6],
          [71.2, 54],
          [72.2, 62.6],
        ],
        [2.3, 1.7, 1.1],
      )
}

function earOf(type: string, E: (x: number, y: number) => Point): Capsule[] {
  switch (type) {
    case 'prick':
      return [
        [E(15.8, 64.6), E(16.8, 69.4), 2.9, 2.0],
        [E(16.8, 69.4), E(17.0, 73.6), 2.0, 0.5],
      ]
    case 'button':
      return [
        [E(16.4, 66.4), E(15.8, 67.2), 1.8, 2.2],
        [E(15.6, 66.4), E(12.9, 62.6), 2.3, 0.9],
      ]
    case 'rose':
      return [
        [E(15.8, 65.6), E(18.6, 65.8), 1.9, 1.7],
        [E(18.6, 65.8), E(20.4, 63.2), 1.6, 0.8],
      ]
    case 'short_drop':
      return [
        [E(16.2, 65.4), E(17.2, 62), 1.9, 2.7],
        [E(17.2, 62), E(16.2, 57.8), 2.6, 1.4],
      ]
    case 'long_drop':
      return [
        [E(16.4, 63.8), E(18.4, 57), 1.7, 3.2],
        [E(18.4, 57), E(18.4, 48.4), 3.3, 2.7],
      ]
    default:
      return [
        [E(16.2, 64.8), E(17.8, 59.4), 1.8, 3.0],
        [E(17.8, 59.4), E(17.4, 54), 3.0, 2.2],
      ]
  }
}
