// One foot from below: outline, between the toes, pads. Toes up, about 5 cm long.
import type { Point } from '../geometry'
import type { Plate } from './plate'
import { ell, melt, moved, or, sym, type Shape } from './shapes'

const DIGITS: [number, number, number, number, number][] = [
  [-1.72, 0.72, 0.6, 0.86, 16],
  [-0.64, 1.86, 0.56, 0.86, 5],
  [0.64, 1.86, 0.56, 0.86, -5],
  [1.72, 0.72, 0.6, 0.86, -16],
]
const PALM = sym(
  [0, 0.5],
  [0.6, 0.3],
  [1.08, -0.4],
  [1.5, -1],
  [1.4, -1.55],
  [0.9, -1.66],
  [0.45, -1.38],
  [0, -1.58],
)
const FOOT = sym(
  [0, 3.15],
  [0.75, 3.2],
  [1.55, 2.55],
  [2.4, 1.65],
  [2.75, 0.5],
  [2.3, -0.8],
  [1.8, -1.9],
  [1.55, -3.2],
  [0, -3.9],
)
const SOLE = sym(
  [0, 2.9],
  [0.85, 2.9],
  [1.5, 2.2],
  [2.25, 1.5],
  [2.4, 0.4],
  [1.75, -0.7],
  [1.5, -1.6],
  [0, -1.7],
)
const PADS = or(
  ...DIGITS.map(([x, y, a, b, t]) =>
    melt(0.3, ell(x, y, a, b * 0.92, t), ell(x * 1.02, y - 0.2, a * 1.02, b * 0.7, t)),
  ),
  PALM,
)

/** @param foot as front_left @param at where its middle lies @param turn degrees @param k its size */
export function footPlate(foot: string, at: Point, turn: number, k: number): Plate {
  const put = (f: Shape): Shape => moved(f, at[0], at[1], turn, k)
  return {
    id: `foot-${foot}`,
    skin: put(FOOT),
    zones: [
      [`toe_outline_${foot}`, null],
      [`between_toes_${foot}`, put(SOLE), 0.1],
      [`pads_${foot}`, put(PADS), 0.05],
    ],
    lay: (x, y) => [x - at[0], y - at[1]],
    flat: 0.7,
    tints: { [`pads_${foot}`]: 'var(--pad)' },
  }
}
