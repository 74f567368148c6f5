// Where a dog’s markings lie, by zone: drawn over its tones, so that a length is still read from them.

interface Marking {
  /** zones by their left-side id */
  zones: string[]
  tone: 'light' | 'dark' | 'tan'
}

const FEET = ['toe_outline_front_left', 'toe_outline_hind_left']
const FACE = ['muzzle', 'lips', 'beard']
const MARKINGS: Record<string, Marking> = {
  white_chest: { zones: ['chest', 'throat', 'front_feather_left'], tone: 'light' },
  white_feet: { zones: FEET, tone: 'light' },
  white_face: { zones: [...FACE, 'stop', 'fringe'], tone: 'light' },
  white_tail_tip: { zones: ['tail_tip'], tone: 'light' },
  dark_face: { zones: [...FACE, 'inner_eye_left', 'cheek_left', 'ear_outer_left'], tone: 'dark' },
  dark_back: { zones: ['back', 'loin', 'rump', 'nape', 'ribs_left', 'tail_root'], tone: 'dark' },
  tan_points: {
    zones: [...FACE, 'brow', 'hock_left', 'foreleg_left', 'under_tail_ring', ...FEET],
    tone: 'tan',
  },
  patches: {
    zones: ['ribs_left', 'rump', 'ear_outer_left', 'ear_feather_left', 'cheek_left', 'tail_root'],
    tone: 'dark',
  },
}
export type Tone = Marking['tone']

/** Tone of the marking on a zone; none: the coat’s own colour. @param markings as recorded of the dog */
export function marked(markings: readonly string[], zone: string): Tone | null {
  const left = zone.replace(/_right$/, '_left')
  return markings.map((m) => MARKINGS[m]).findLast((m) => m?.zones.includes(left))?.tone ?? null
}
