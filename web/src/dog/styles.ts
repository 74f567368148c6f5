// What each style of a house does to a dog, as lengths of the zones it is about and the line it is cut along:
// drawn on a sample dog, in the view a groomer looks at it in.
import type { DogLook } from './build'
import type { View } from './close/views'
import type { Reach } from './close/Extents'
import { sure } from '../sure'

export interface StyleDrawn {
  view: View | 'side'
  /** the part that is looked at, cm of that view: left, low, right, high */
  part: [number, number, number, number]
  look?: Partial<DogLook>
  /** mm by zone; the others carry a middling coat */
  mm: Record<string, number>
  /** the line it is cut along, cm, as a path of the view */
  cut?: string
  reach?: Reach
}

/** Of both sides. */
const both = (zone: string, mm: number) => ({ [`${zone}_left`]: mm, [`${zone}_right`]: mm })
const face = (mm: Record<string, number>, cut?: string): StyleDrawn => ({
  view: 'head',
  part: [-7.6, -9.4, 7.6, 6.8],
  mm: { ...HEAD, ...mm },
  cut,
})
const ear = (outer: number, feather: number, cut?: string): StyleDrawn => ({
  view: 'head',
  part: [-0.8, -9.8, 12.4, 3.4],
  mm: { ...HEAD, ...both('ear_outer', outer), ...both('ear_feather', feather) },
  cut,
})
const pads = (between: number, outline = 9): StyleDrawn => ({
  view: 'feet',
  part: [0.8, 1.6, 9.2, 10.6],
  mm: { between_toes_front_left: between, toe_outline_front_left: outline, pads_front_left: 0 },
})
const foot = (outline: number, between: number, leg: number, cut?: string): StyleDrawn => ({
  view: 'toes',
  part: [-8.6, -3.8, 0.2, 5.4],
  mm: {
    toe_outline_front_left: outline,
    between_toes_front_left: between,
    foreleg_left: leg,
    // its neighbours stay out of the picture
    toe_outline_front_right: 1,
    toe_outline_hind_right: 1,
  },
  cut,
})
const rear = (reach: Reach, mm: Record<string, number> = {}): StyleDrawn => ({
  view: 'rear',
  part: [-9.5, -6, 9.5, 13],
  mm: { ...both('breeches', 34), ...both('inner_thigh', 22), ...mm },
  reach,
})
const belly = (mm: Record<string, number>, cut?: string): StyleDrawn => ({
  view: 'below',
  part: [-10, 1, 10, 23],
  look: { sex: 'male' },
  mm: { belly: 20, groin: 14, ...mm },
  cut,
})
const tail = (type: string, carriage: string, [root, flag, tip]: [number, number, number]): StyleDrawn => ({
  view: 'side',
  part: sure(PLACE[carriage]),
  look: { tail_type: type, tail_carriage: carriage },
  mm: { tail_root: root, tail_flag: flag, tail_tip: tip, rump: 14, tail_root_arc: 10 },
})
const PLACE: Record<string, StyleDrawn['part']> = {
  up: [56, 38, 84, 70],
  level: [58, 30, 90, 58],
  down: [56, 18, 86, 52],
}
const HEAD = {
  ...both('cheek', 14),
  ...both('inner_eye', 3),
  ...both('ear_outer', 14),
  ...both('ear_feather', 20),
  skull: 14,
  fringe: 14,
  brow: 10,
  stop: 6,
  muzzle: 12,
  lips: 8,
  beard: 14,
}
const NONE: Reach = { ring: 0, channel: 0, arc: 0 }

export const STYLES: Record<string, StyleDrawn> = {
  fringe_kept: face({ fringe: 50, brow: 30, ...both('cheek', 5), stop: 4 }),
  fringe_sections: face({ fringe: 22, brow: 10 }, 'M-4.4 -0.6L-1.2 -2M4.4 -0.6L1.2 -2'),
  half_circle: face({ fringe: 20, brow: 8 }, 'M-4.2 0.2A4.4 3 0 0 1 4.2 0.2'),
  straight_brow: face({ fringe: 22, brow: 10 }, 'M-4.2 -1.5H4.2'),
  clean_face: face({ ...both('cheek', 1.5), muzzle: 1.5, lips: 1.5, beard: 1.5, stop: 1.5, brow: 6 }),
  round_head: face(
    { skull: 30, fringe: 26, ...both('cheek', 30), muzzle: 22, beard: 20 },
    'M0 -6.4A6.6 7.6 0 1 1 -0.01 -6.4Z',
  ),
  beard: face({ beard: 36, muzzle: 24, lips: 14, ...both('cheek', 5) }),
  inner_corners: face(
    { ...both('inner_eye', 0.5), stop: 1, fringe: 26, brow: 20 },
    'M-1.2 0.2V1.2M1.2 0.2V1.2',
  ),
  to_the_fold: ear(1.5, 45, 'M4 1.3Q6 0.6 7.4 1.4'),
  straight_edge: ear(20, 26, 'M2.6 7H8.4'),
  v_edge: ear(20, 26, 'M2.4 4.8L5.3 8.4L8.2 4.8'),
  bell: ear(12, 36, 'M1.8 5.2A3.5 3.8 0 0 0 8.8 5.2'),
  thinned: ear(26, 26),
  edge_only: ear(3, 5, 'M3.5 3.4Q3.7 5.2 5.4 5.4Q7.2 5.2 7.4 3.2Q7.6 0 6.9 -1.4'),
  skimmed: pads(9),
  level: pads(4, 5),
  flush: pads(0.4, 5),
  round_foot: foot(14, 5, 20, 'M-7 0.6Q-7.4 2.8 -4.2 2.9Q-1 2.8 -1.4 0.6'),
  clean_foot: foot(0.5, 0.5, 18, 'M-6.6 -1.3H-1.8'),
  natural_foot: foot(20, 14, 20),
  ring: rear({ ...NONE, ring: 10 }),
  ring_strip: rear({ ...NONE, ring: 10, channel: 50 }),
  ring_strip_arc: rear({ ring: 10, channel: 50, arc: 14 }),
  breeches_short: rear(NONE, both('breeches', 8)),
  belly_short: belly({ belly_patch: 1, groin: 1.5, sheath_or_vulva: 2 }),
  ends_only: belly({ belly_patch: 12, sheath_or_vulva: 12 }, 'M-1.8 -5.4H1.8'),
  tuft_kept: belly({ belly_patch: 1, groin: 1.5, sheath_or_vulva: 30 }),
  tuft_cleared: belly({ belly_patch: 1, groin: 1.5, sheath_or_vulva: 1.5 }),
  flag_arc: tail('sickle', 'level', [14, 60, 26]),
  carrot: tail('whip', 'up', [16, 9, 4]),
  plume_cleared: tail('plume', 'up', [4, 70, 55]),
  bob_rounded: tail('bob', 'up', [12, 26, 26]),
  pompon: tail('sickle', 'up', [2, 2, 45]),
  tail_left: tail('sickle', 'down', [20, 45, 35]),
}

/** Whose styles are drawn: a dog of no breed, with the coat that shows most. */
export const SAMPLE: DogLook = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'sickle',
  tail_carriage: 'up',
  coat: 'wavy',
  size: 'medium',
  sex: 'female',
}
