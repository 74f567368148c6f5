// The dog from below, lying on its back with its head away: the dog's left is on the right. The places a side
// view hides and mats love.
import type { DogLook } from '../build'
import type { Point } from '../geometry'
import { line, pair } from './features'
import { toward, zonesBelow, type Legs } from './belowZones'
import { footPlate } from './foot'
import type { Art, CloseUp, Plate } from './plate'
import { above, and, below, blob, both, cap, ell, flip, melt, right, sym, type Shape } from './shapes'

const MUZZLE: Record<string, number> = { flat: 0.34, short: 0.66, medium: 0.94, long: 1.14 }
const LEG: Record<string, number> = { low: 0.55, square: 1, leggy: 1.18, broad: 0.88 }
const WIDE: Record<string, number> = { low: 1, square: 1, leggy: 0.86, broad: 1.16 }

/** The fore leg folds at the elbow, the hind leg at stifle and hock; short legs keep their feet. */
function legsOf(g: number, b: number): Legs {
  const elbow: Point = [10.6 * b, 33.4]
  const wrist = toward(elbow, [15.9, 41.6], g)
  const hip: Point = [4.6 * b, 7.6]
  const knee = toward(hip, [12.4, 15.6], 0.45 + 0.55 * g)
  const hock = toward(knee, [18.6, 6.6], 0.3 + 0.7 * g)
  const hind = toward(hock, [21.2, 13], 0.4 + 0.6 * g)
  return {
    elbow,
    wrist,
    paw: [wrist[0] + 1.3, wrist[1] + 4],
    hip,
    knee,
    hock,
    hind,
    sole: [hind[0] + 0.9, hind[1] + 2.8],
  }
}

export function belowOf(look: DogLook): CloseUp {
  const b = WIDE[look.build] ?? 1
  const long = MUZZLE[look.muzzle] ?? 0.94
  const male = look.sex === 'male'
  const legs = legsOf(LEG[look.build] ?? 1, b)
  const { elbow, wrist, paw, hip, knee, hock, hind, sole } = legs
  const top = 57.5 + 5.6 * long
  const trunk = sym(
    [0, 52],
    [3.6, 50],
    [4.6, 46.5],
    [6.6 * b, 43],
    [8.4 * b, 38.5],
    [9.3 * b, 32.5],
    [8.8 * b, 26],
    [7.1 * b, 20],
    [6.1 * b, 15],
    [6 * b, 9],
    [5.4, 4.4],
    [3.2, 1.2],
    [0, 0.2],
  )
  const fore = melt(
    1.2,
    cap([5.6 * b, 39.6], elbow, 3.6, 2.6),
    cap(elbow, wrist, 2.55, 1.6),
    cap(wrist, paw, 1.6, 1.5),
  )
  const rear = melt(
    1.6,
    cap(hip, toward(hip, knee, 0.55), 5.2, 4.6),
    cap(toward(hip, knee, 0.5), knee, 4.5, 3),
    cap(knee, toward(knee, hock, 0.45), 2.9, 2.5),
    cap(toward(knee, hock, 0.4), hock, 2.5, 1.25),
    cap([hock[0] + 0.7, hock[1] - 0.7], hock, 1.05, 1.2),
    cap(hock, hind, 1.25, 1.35),
    cap(hind, sole, 1.35, 1.4),
  )
  const body = melt(2.2, trunk, both(fore), both(rear))
  const degrees = (a: Point, q: Point) => (-Math.atan2(q[0] - a[0], q[1] - a[1]) * 180) / Math.PI
  const front = degrees(wrist, paw)
  const back = degrees(hind, sole)
  const plates: Plate[] = [
    {
      id: 'tail',
      skin: melt(1, cap([0, -0.8], [0.5, -5], 1.7, 1.3), cap([0.5, -5], [2.2, -9.4], 1.3, 0.7)),
      zones: [
        ['tail_flag', null],
        ['tail_root', above(() => -3.4), 0.6],
        ['tail_tip', below(() => -8.2), 0.6],
      ],
      lay: () => [0.5, -1],
      flat: 0.7,
    },
    ...(['left', 'right'] as const).map((side) => earPlate(look.ear_type, side)),
    {
      id: 'body',
      skin: body,
      zones: zonesBelow(legs, b, male, trunk),
      lay: (x, y) => {
        const a = Math.abs(x)
        const s = Math.sign(x)
        if (a > 6.5 && y < 24) return [s * 0.5, -0.9]
        if (y > 46 || a <= 2) return [x * 0.09, -1]
        return a > 9 && y > 30 ? [s * 0.25, -1] : [s * 0.8, -0.75]
      },
      flat: 0.72,
    },
    jawPlate(long, top),
    footPlate('front_left', paw, front, 1.02),
    footPlate('front_right', [-paw[0], paw[1]], -front, 1.02),
    footPlate('hind_left', sole, back, 0.95),
    footPlate('hind_right', [-sole[0], sole[1]], -back, 0.95),
  ]
  return {
    box: [-31, -11.5, 31, top + 3.5],
    cells: 26_000,
    plates,
    keep: ell(0, top, 1.2, 1),
    art: { body: bodyArt(b, male), jaw: jawArt(top, long) },
    coarse: 1.5,
  }
}

function earPlate(type: string, side: 'left' | 'right'): Plate {
  const prick = type === 'prick'
  const put = (f: Shape): Shape => (side === 'left' ? f : flip(f))
  const leather = prick
    ? blob(
        [2.6, 55.4],
        [3.6, 57.6],
        [5.4, 60.4],
        [7.6, 62.4],
        [7.8, 59.2],
        [6.9, 55.8],
        [5.2, 53.4],
        [3.2, 53],
      )
    : blob(
        [3, 55.6],
        [5.2, 56.6],
        [8.2, 55.6],
        [10.4, 52.6],
        [10.4, 50.4],
        [8.6, 49.8],
        [6.4, 51.2],
        [3.8, 52.4],
      )
  const inner = prick
    ? blob([3.8, 55.6], [5.2, 58.4], [7, 60.8], [6.9, 58], [5.8, 55.2], [4.4, 54.4])
    : blob([3.8, 54.8], [5.6, 55.6], [7.8, 54.6], [9.2, 52.4], [8.4, 51.2], [6.6, 52.2], [4.4, 53.2])
  return {
    id: `ear-${side}`,
    skin: put(leather),
    zones: [
      [`ear_feather_${side}`, null],
      [`ear_inner_${side}`, put(inner), 0.15],
    ],
    lay: (x) => (prick ? [x * 0.2, 1] : [x * 0.1, -1]),
    flat: 0.7,
    tints: { [`ear_inner_${side}`]: 'var(--flesh)' },
  }
}

function jawPlate(long: number, top: number): Plate {
  const m = 2.5 + (1 - long) * 1.2
  const side = and(
    right(2.5),
    below(() => 57.2),
  )
  return {
    id: 'jaw',
    skin: sym(
      [0, top + 1.2],
      [m * 0.62, top + 0.9],
      [m, top - 0.9],
      [m + 0.25, top - 3],
      [4.3, 56.2],
      [5.3, 53.6],
      [5, 50.8],
      [3.6, 48.4],
      [0, 47.4],
    ),
    zones: [
      ['throat', null],
      ['cheek_left', side, 0.4],
      ['cheek_right', flip(side), 0.4],
      ['lips', above(() => 56), 0.4],
      [
        'beard',
        and(
          above((x) => 56 + 0.3 * Math.abs(x)),
          both(cap([0, 56], [0, top - 1.2], 2, m * 0.62)),
        ),
        0.4,
      ],
    ],
    lay: (x) => [x * 0.1, -1],
    flat: 0.75,
  }
}

function bodyArt(b: number, male: boolean): Art[] {
  const art = [
    line(0.2, 0.3, [0, 44], [0.15, 36], [0, 27.6]),
    // end of the ribs, fold of the armpit, fold of the groin
    pair(0.18, 0.4, [0.5, 26.2], [2.6, 24.3], [5, 21], [6.2, 17.6]),
    pair(0.24, 0.7, [6 * b, 41.5], [7.4 * b, 38.4], [8 * b, 35], [9.4 * b, 32.6]),
    pair(0.24, 0.6, [6.3 * b, 16.5], [4.9, 13.6], [4.3, 9.8], [3.6, 6.2], [2.4, 3]),
    line(0.3, 0.7, [-0.7, 1.5], [0, 1.1], [0.7, 1.5]),
  ]
  return male
    ? [...art, pair(0.2, 0.9, [0.72, 13.9], [0.95, 11], [1.15, 8.2], [0.6, 6.9])]
    : [...art, line(0.16, 0.85, [0, 6], [0.06, 4.8], [0, 3.5])]
}

function jawArt(top: number, long: number): Art[] {
  const m = 2.5 + (1 - long) * 1.2
  return [
    pair(
      0.2,
      0.7,
      [0, top - 0.9],
      [m * 0.5, top - 1.3],
      [m * 0.72, top - 2.6],
      [m * 0.86, top - 4.4],
      [3.4, 56],
    ),
    {
      d: `M-1.3 ${-top - 0.2}Q0 ${-top - 1.9} 1.3 ${-top - 0.2}Q0 ${-top + 0.9} -1.3 ${-top - 0.2}Z`,
      fill: '#2b2130',
    },
  ]
}
