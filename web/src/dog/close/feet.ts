// The four feet from below, side by side: pads, between the toes, outline; the dog's left is on the right.
import type { CloseUp } from './plate'
import type { Point } from '../geometry'
import { footPlate } from './foot'

const X = 5
const FRONT = 6.2
const HIND = -5.4
const FEET: { foot: string; text: string; at: Point; size: number }[] = [
  { foot: 'front_left', text: 'front left', at: [X, FRONT], size: 1.16 },
  { foot: 'front_right', text: 'front right', at: [-X, FRONT], size: 1.16 },
  { foot: 'hind_left', text: 'hind left', at: [X, HIND], size: 1.06 },
  { foot: 'hind_right', text: 'hind right', at: [-X, HIND], size: 1.06 },
]

export function feetOf(): CloseUp {
  return {
    box: [-11.5, -12, 11.5, 11.8],
    cells: 18_000,
    plates: FEET.map(({ foot, at, size }) => footPlate(foot, at, 0, size)),
    most: 22,
    keep: () => 9,
    art: {},
    captions: FEET.map(({ text, at: [x, y] }) => ({ text, at: [x < 0 ? -9.6 : 9.6, y + 4.6] as Point })),
  }
}
