// Ears seen from the front: leather, what hangs from it, what is seen of the inside, the fold.
import type { Point } from '../geometry'
import { line } from './features'
import type { Art, Plate } from './plate'
import { and, below, blob, ell, flip, melt, moved, not, type Shape } from './shapes'

export interface Ear {
  plate: Plate
  art: Art[]
}

/** @param x where it is set. @param up how much higher than level */
export function earPlate(type: string, side: 'left' | 'right', w: number, up: number): Ear {
  const x = 3.05 * w
  const s = side === 'left' ? 1 : -1
  const put = (f: Shape): Shape => {
    const lifted = moved(f, 0, up)
    return s === 1 ? lifted : flip(lifted)
  }
  const points = (...p: Point[]): Point[] => p.map(([px, py]): Point => [s * px, py + up])
  const { skin, feather, inner, fold } = leather(type, x)
  const prick = type === 'prick'
  return {
    plate: {
      id: `ear-${side}`,
      skin: put(skin),
      zones: [
        [`ear_outer_${side}`, null],
        [`ear_feather_${side}`, put(feather), 0.7],
        [`ear_inner_${side}`, put(inner), 0.1],
      ],
      lay: prick ? (px) => [px * 0.25, 1] : () => [s * 0.12, -1],
      flat: prick ? 0.6 : 1,
      fall: prick ? 0 : 0.8,
      tints: { [`ear_inner_${side}`]: 'var(--flesh)' },
    },
    art: [line(0.14, 0.7, ...points(...fold))],
  }
}

/** The leather of one ear on the dog's left, its lower part, what is seen of its inside, its fold. */
function leather(type: string, x: number): { skin: Shape; feather: Shape; inner: Shape; fold: Point[] } {
  if (type === 'prick') {
    const skin = blob(
      [x - 2.2, 3.2],
      [x - 1.75, 5.2],
      [x - 0.7, 7.6],
      [x + 0.75, 9.6],
      [x + 1.6, 8],
      [x + 1.95, 5.6],
      [x + 1.75, 3.2],
      [x + 0.9, 1.4],
      [x - 0.8, 1.6],
    )
    const inner = blob(
      [x - 1.3, 3.6],
      [x - 0.9, 5.4],
      [x + 0.4, 8.3],
      [x + 1.05, 7],
      [x + 1.2, 5],
      [x + 0.9, 3.3],
      [x, 2.4],
    )
    const feather = and(
      skin,
      below((t) => 3.6 + (t - x) * 0.3),
    )
    return {
      skin,
      inner,
      feather,
      fold: [
        [x - 0.9, 3.4],
        [x - 0.5, 5.2],
        [x + 0.35, 7.4],
      ],
    }
  }
  if (type === 'button' || type === 'rose') {
    const skin = melt(
      0.3,
      blob(
        [x - 1.7, 3.4],
        [x - 1.2, 5],
        [x - 0.2, 5.9],
        [x + 1.4, 5.6],
        [x + 2.1, 4],
        [x + 1.4, 2.2],
        [x, 1.9],
      ),
      blob(
        [x - 1.5, 4.9],
        [x - 0.6, 5.9],
        [x + 1.3, 5.8],
        [x + 2.2, 4.6],
        [x + 1.9, 2.6],
        [x + 1.2, 0.9],
        [x - 0.2, 2.9],
      ),
    )
    const inner = blob([x - 1.5, 4.6], [x - 1.5, 3.4], [x - 0.5, 2.2], [x + 0.3, 2], [x - 0.5, 3.2])
    const feather = and(
      skin,
      below((t) => 2.9 + (t - x) * 0.2),
    )
    return {
      skin,
      inner,
      feather,
      fold: [
        [x - 1.45, 4.75],
        [x - 0.5, 3.2],
        [x + 1.1, 1],
      ],
    }
  }
  const k = type === 'short_drop' ? 0.74 : type === 'long_drop' ? 1.36 : 1
  const l = 7.2 * k
  const y = 2.9
  const q = x + 1
  const skin = blob(
    [q - 0.75, y + 0.35],
    [q + 0.1, y + 0.9],
    [q + 1.1, y + 0.35],
    [q + 1.9, y - 1.4],
    [q + 2.3, y - l * 0.5],
    [q + 2.1, y - l * 0.85],
    [q + 1.15, y - l],
    [q + 0.2, y - l * 0.88],
    [q - 0.2, y - l * 0.5],
    [q - 0.5, y - 1.2],
  )
  return {
    skin,
    feather: below((t) => y - l * 0.6 + 0.12 * (t - q)),
    // Only its front edge is turned to us.
    inner: and(not(moved(skin, 0.7, 0)), ell(q - 0.3, y - l * 0.52, 1, l * 0.4)),
    fold: [
      [q - 0.5, y + 0.2],
      [q + 0.3, y + 0.4],
      [q + 1.05, y - 0.1],
    ],
  }
}
