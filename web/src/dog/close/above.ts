// The dog from above, its head to the left as from the side: the outline of its back, both sides at
// once, neck and ears.
import type { DogLook } from '../build'
import type { Point } from '../geometry'
import { line } from './features'
import type { Art, CloseUp, Plate } from './plate'
import { above, and, below, blob, both, cap, ell, flip, melt, sym, within, type Shape } from './shapes'

const MUZZLE: Record<string, number> = { flat: 0.34, short: 0.66, medium: 0.94, long: 1.14 }
const WIDE: Record<string, number> = { low: 1.04, square: 1, leggy: 0.84, broad: 1.18 }
const WAIST: Record<string, number> = { low: 1.02, square: 0.94, leggy: 0.7, broad: 0.98 }

export function aboveOf(look: DogLook): CloseUp {
  const b = WIDE[look.build] ?? 1
  const w = WAIST[look.build] ?? 0.94
  const head = look.build === 'broad' ? 1.14 : look.build === 'leggy' ? 0.88 : 1
  const long = MUZZLE[look.muzzle] ?? 0.94
  const m = (look.muzzle === 'flat' ? 2.7 : 2.2) * head
  const top = 57.6 + 6.2 * long
  const trunk = sym(
    [0, 52],
    [3.1, 50.5],
    [3.7 * b, 46.6],
    [6.3 * b, 42.6],
    [7.3 * b, 38],
    [7.7 * b, 31.5],
    [7.2 * b, 25],
    [5.7 * w, 18.4],
    [5.9 * w, 13.4],
    [6.7 * b, 8.8],
    [5.8 * b, 3.6],
    [3.4, 0.4],
    [0, -0.4],
  )
  const ears = (['left', 'right'] as const).map((side) => earPlate(look.ear_type, side, head))
  const skull: Plate = {
    id: 'head',
    skin: melt(
      1.6,
      ell(0, 54.2, 4.1 * head, 4.4),
      cap([-2.5 * head, 55.6], [2.5 * head, 55.6], 2.1),
      cap([0, 57], [0, top - m * 0.8], m * 1.1, m * 0.86),
    ),
    zones: [
      ['skull', null],
      [
        'cheek_left',
        and(
          (x) => x + 2.9 * head,
          above(() => 54.4),
        ),
        0.6,
      ],
      [
        'cheek_right',
        and(
          (x) => 2.9 * head - x,
          above(() => 54.4),
        ),
        0.6,
      ],
      ['muzzle', above(() => 59.6), 0.6],
      ['stop', ell(0, 58.9, 1.05, 1.1), 0.3],
      ['fringe', ell(0, 56.3, 2.6 * head, 1.25), 0.5],
      ['brow', both(ell(2.15 * head, 57.7, 1.1, 0.6, -18)), 0.3],
    ],
    lay: (x, y) => [x * 0.16, y > 56 ? 0.5 : -0.9],
    flat: 0.75,
  }
  const eyes: Art[] = [
    line(0.34, 0.95, [-58.6, 1.5 * head], [-59.1, 2.1 * head], [-58.5, 2.7 * head]),
    line(0.34, 0.95, [-58.6, -1.5 * head], [-59.1, -2.1 * head], [-58.5, -2.7 * head]),
    { d: `M${-top + 0.3} -1.1q-1.5 -0.2 -1.5 1.1q0 1.3 1.5 1.1q0.7 -1.1 0 -2.2Z`, fill: '#2b2130' },
  ]
  const plates: Plate[] = [
    {
      id: 'body',
      skin: trunk,
      zones: bodyZones(b, w),
      lay: (x) => [x * 0.12, -1],
      flat: 0.85,
    },
    tailPlate(look.tail_type),
    skull,
    ...ears,
  ]
  return {
    box: [-top - 3, -13, look.tail_type === 'long' ? 13 : 6.5, 13],
    cells: 22_000,
    most: 40,
    plates: plates.map(lying),
    keep: lain(ell(0, top, 1.6, 1.2)),
    art: { body: [line(0.16, 0.35, [-49, 0], [-30, 0], [-8, 0])], head: eyes },
    coarse: 1.4,
  }
}

/** Built with its head up, shown with its head to the left. */
const lain =
  (f: Shape): Shape =>
  (x, y) =>
    f(y, -x)
function lying(p: Plate): Plate {
  return {
    ...p,
    skin: lain(p.skin),
    zones: p.zones.map(([id, f, over]) =>
      over === undefined ? [id, f && lain(f)] : [id, f && lain(f), over],
    ),
    lay: (x, y) => {
      const [u, v] = p.lay(y, -x)
      return [-v, u]
    },
  }
}

function bodyZones(b: number, w: number): Plate['zones'] {
  const sides = (id: string, f: Shape, blend: number): [string, Shape, number][] => [
    [`${id}_left`, f, blend],
    [`${id}_right`, flip(f), blend],
  ]
  const left =
    (x0: number): Shape =>
    (x) =>
      x + x0
  const between = (low: number, high: number): Shape =>
    and(
      above(() => low),
      below(() => high),
    )
  return [
    ['back', null],
    ['loin', between(11.5, 18.6), 0.9],
    ['rump', below(() => 11.5), 0.9],
    ...sides('ribs', and(left(3.3 * b), between(18.6, 36)), 0.8),
    ...sides('shoulder', and(left(3 * b), between(36, 46)), 0.8),
    ...sides(
      'thigh',
      and(
        left(3.4 * Math.max(b, w)),
        below(() => 12),
      ),
      0.8,
    ),
    ['neck_sides', above(() => 44.6), 0.9],
    [
      'nape',
      and(
        above(() => 43.4),
        within(1.9),
      ),
      0.6,
    ],
  ]
}

function tailPlate(type: string): Plate {
  const end: Point = type === 'long' ? [1.6, -10.6] : type === 'bob' ? [0.2, -2.4] : [0.8, -4.6]
  return {
    id: 'tail',
    skin: melt(1, cap([0, 1.6], [0, -1], 1.7, 1.45), cap([0, -1], end, 1.45, 0.75)),
    zones: [
      ['tail_flag', null],
      ['tail_root', above(() => -1), 0.5],
      ['tail_tip', below(() => end[1] + 0.6), 0.5],
    ],
    lay: () => [0.3, -1],
    flat: 0.75,
  }
}

function earPlate(type: string, side: 'left' | 'right', k: number): Plate {
  const put = (f: Shape): Shape => (side === 'left' ? flip(f) : f)
  const prick = type === 'prick'
  const leather = prick
    ? blob([2 * k, 52.4], [3.1 * k, 54.6], [4.9 * k, 54.4], [5.4 * k, 52.4], [4 * k, 51], [2.6 * k, 51.2])
    : blob(
        [2.6 * k, 54.4],
        [4.2 * k, 55.8],
        [6.9 * k, 55.2],
        [8.4 * k, 52.6],
        [8.2 * k, 50.2],
        [6.4 * k, 50],
        [4.3 * k, 51.6],
        [2.9 * k, 52.6],
      )
  return {
    id: `ear-${side}`,
    skin: put(leather),
    zones: [
      [`ear_outer_${side}`, null],
      [`ear_feather_${side}`, put(prick ? ell(5.4 * k, 52.3, 0.8, 0.9) : ell(8.1 * k, 50.6, 1.5, 1.5)), 0.4],
    ],
    lay: (x) => [Math.sign(x) * 0.7, -0.7],
    flat: 0.75,
  }
}
