// Tails and ears as chains of capsules, by type and carriage.
import type { Capsule, Point } from './geometry'
import { sure } from '../sure'

type Place = (x: number, y: number) => Point

export function tailOf(type: string, carriage: string, P: Place, bone: number): Capsule[] {
  const chain = (points: [number, number][], radii: number[]): Capsule[] =>
    points
      .slice(1)
      .map(
        (p, i) => [P(...sure(points[i])), P(...p), sure(radii[i]) * bone, sure(radii[i + 1]) * bone] as const,
      )
  if (type === 'bob')
    return chain(
      [
        [66.4, 46],
        [69.2, 48],
        [70.6, 49.8],
      ],
      [2.5, 2.1, 1.5],
    )
  if (type === 'curled')
    return carriage === 'down'
      ? chain(
          [
            [66.6, 45],
            [71.4, 38.6],
            [73, 29],
            [75.6, 25.2],
            [77.6, 27.8],
          ],
          [2.2, 1.7, 1.3, 1.1, 0.8],
        )
      : // Over the back, its tip lying on the flank.
        chain(
          [
            [66, 46.4],
            [70.2, 51.6],
            [68.4, 56.6],
            [62.4, 57],
            [58.4, 53],
            [58.6, 48.6],
          ],
          [2.4, 2.1, 1.9, 1.7, 1.4, 1],
        )
  if (carriage === 'down')
    return chain(
      [
        [66.6, 45],
        [71.6, 38],
        [73.6, 28],
        [75.4, 21],
      ],
      [2.2, 1.7, 1.2, 0.7],
    )
  if (carriage === 'level')
    return chain(
      [
        [66.6, 45.8],
        [74, 46.6],
        [83, 49.4],
      ],
      [2.2, 1.5, 0.7],
    )
  return type === 'plume'
    ? chain(
        [
          [66.4, 46.2],
          [70.8, 52.6],
          [70.4, 59.6],
          [66.8, 63.6],
        ],
        [2.3, 1.8, 1.3, 0.9],
      )
    : // Up and bent a little forward, as a sickle.
      chain(
        [
          [66.4, 46.2],
          [70.2, 53],
          [71, 60],
          [69.4, 64],
        ],
        [2.3, 1.7, 1.2, 0.8],
      )
}

export function earOf(type: string, E: Place, k: number): Capsule[] {
  const ear = (points: [number, number][], radii: number[]): Capsule[] =>
    points
      .slice(1)
      .map((p, i) => [E(...sure(points[i])), E(...p), sure(radii[i]) * k, sure(radii[i + 1]) * k] as const)
  switch (type) {
    case 'prick':
      return ear(
        [
          [15.9, 64.4],
          [16.9, 69],
          [17.6, 74.4],
        ],
        [2.9, 2.2, 0.25],
      )
    case 'button':
      return ear(
        [
          [17, 65.4],
          [16, 66.8],
          [13.2, 62.8],
        ],
        [1.5, 2.5, 0.6],
      )
    case 'rose':
      return ear(
        [
          [15.6, 65.4],
          [18.4, 65.8],
          [20.6, 62.8],
        ],
        [1.9, 1.8, 0.6],
      )
    case 'short_drop':
      return ear(
        [
          [16.2, 65.2],
          [17.2, 62],
          [16.4, 57.8],
        ],
        [1.9, 2.7, 1.2],
      )
    case 'long_drop':
      return ear(
        [
          [16.4, 63.8],
          [18.2, 57],
          [18.2, 48.6],
        ],
        [1.6, 3.1, 2.5],
      )
    default:
      return ear(
        [
          [16.2, 64.8],
          [17.8, 59.6],
          [17.2, 54],
        ],
        [1.7, 3, 1.9],
      )
  }
}

/** What is seen of an ear besides its outline: the inner face of a prick ear, the fold of one that falls. */
export function earLines(type: string, E: Place): { inner: Point[]; folds: Point[][] } {
  switch (type) {
    case 'prick':
      return { inner: [E(14.6, 65.2), E(15.3, 68.6), E(17.2, 73), E(16.6, 68.4), E(16.4, 65)], folds: [] }
    case 'button':
      return { inner: [], folds: [[E(18, 66.2), E(15.6, 66.6), E(13.4, 65.2)]] }
    case 'rose':
      return {
        inner: [E(17.6, 65.4), E(19.2, 65.2), E(19.6, 63.6), E(18.4, 64.2)],
        folds: [[E(16, 65.2), E(17.8, 64.4), E(19.8, 63.4)]],
      }
    default:
      return { inner: [], folds: [[E(15, 65.6), E(16.2, 66.2), E(17.6, 65)]] }
  }
}
