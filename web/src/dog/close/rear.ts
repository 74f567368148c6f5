// The rear come close, of the dog lying on its back: ring, channel, groin and what lies around them.
import type { DogLook } from '../build'
import { belowOf } from './below'
import type { CloseUp } from './plate'

const BOTH = ['inner_thigh', 'breeches']

export function rearOf(look: DogLook): CloseUp {
  const below = belowOf(look)
  return {
    ...below,
    box: [-11.5, -5.5, 11.5, 17],
    cells: 16_000,
    coarse: 1,
    shows: [
      'under_tail_ring',
      'channel',
      'groin',
      'sheath_or_vulva',
      'belly_patch',
      'tail_root',
      'tail_flag',
      ...BOTH.flatMap((z) => [`${z}_left`, `${z}_right`]),
    ],
  }
}
