// The four feet from the front: outline, what stands out between the toes, nails, and the leg that comes down
// into each: the two in front, then the two behind; the dog's left is on the right.
import type { Point } from '../geometry'
import { at } from '../raster'
import type { Art, CloseUp, Plate } from './plate'
import { cap, ell, melt, moved, or, type Shape } from './shapes'

const FEET: { foot: string; leg: string; text: string; at: Point; size: number }[] = [
  { foot: 'front_right', leg: 'foreleg_right', text: 'front right', at: [-12.6, 0], size: 1.12 },
  { foot: 'front_left', leg: 'foreleg_left', text: 'front left', at: [-4.2, 0], size: 1.12 },
  { foot: 'hind_right', leg: 'hock_right', text: 'hind right', at: [4.2, 0], size: 1.04 },
  { foot: 'hind_left', leg: 'hock_left', text: 'hind left', at: [12.6, 0], size: 1.04 },
]
/** Middle of each toe, half its width and height, turned by degrees. */
const DIGITS: [number, number, number, number, number][] = [
  [-1.95, -0.75, 0.72, 1.05, 10],
  [-0.72, -0.5, 0.76, 1.3, 3],
  [0.72, -0.5, 0.76, 1.3, -3],
  [1.95, -0.75, 0.72, 1.05, -10],
]
const GAPS: [number, number][] = [
  [-1.36, -0.85],
  [0, -0.75],
  [1.36, -0.85],
]

export function toesOf(): CloseUp {
  return {
    box: [-17.4, -5.6, 17.4, 6.4],
    cells: 18_000,
    plates: FEET.map(({ foot, leg, at: middle, size }) => toesPlate(foot, leg, middle, size)),
    most: 22,
    keep: () => 9,
    art: Object.fromEntries(FEET.map(({ foot, at: middle, size }) => [`toes-${foot}`, nails(middle, size)])),
    captions: FEET.map(({ text, at: [x] }) => ({ text, at: [x, -5] as Point })),
    shows: FEET.flatMap(({ foot }) => [`toe_outline_${foot}`, `between_toes_${foot}`]),
  }
}

function toesPlate(foot: string, leg: string, [x, y]: Point, k: number): Plate {
  const put = (f: Shape): Shape => moved(f, x, y, 0, k)
  const toes = or(...DIGITS.map(([cx, cy, a, b, turn]) => ell(cx, cy, a, b, turn)))
  return {
    id: `toes-${foot}`,
    skin: put(melt(0.5, cap([0, 12], [0, 1.4], 1.42, 1.5), cap([-1, 0.3], [1, 0.3], 1.3), toes)),
    zones: [
      [leg, null],
      [`toe_outline_${foot}`, put((_, v) => v - 1.15), 0.3],
      [`between_toes_${foot}`, put(or(...GAPS.map(([cx, cy]) => ell(cx, cy, 0.3, 0.85)))), 0.1],
    ],
    lay: (px, py) => (py > y + k ? [(px - x) * 0.1, -1] : [(px - x) * 0.3, -0.9]),
    flat: 0.8,
  }
}

/** A nail at the end of each toe, and the lines between the toes. */
function nails([x, y]: Point, k: number): Art[] {
  const p = (u: number, v: number) => at([x + u * k, y + v * k])
  return [
    {
      d: DIGITS.map(([cx, cy, , b]) => {
        const low = cy - b + 0.42
        const tip = `Q${p(cx, low + 0.3)} ${p(cx + 0.2, low)}`
        const back = `Q${p(cx + 0.12, low - 0.6)} ${p(cx, low - 0.72)}`
        return `M${p(cx - 0.2, low)}${tip}${back}Q${p(cx - 0.12, low - 0.6)} ${p(cx - 0.2, low)}Z`
      }).join(''),
      fill: '#2b2130',
    },
    { d: GAPS.map(([cx, cy]) => `M${p(cx, cy + 1)}L${p(cx, cy - 0.9)}`).join(''), width: 0.16, opacity: 0.7 },
  ]
}
