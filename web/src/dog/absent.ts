// Ears and legs that a dog has not: which zones a drawing loses with them, and which of them are near.

interface Lacking {
  absent?: readonly string[]
}

/** By part of one side, without that side. */
const ZONES: Record<string, string[]> = {
  ear: ['ear_outer', 'ear_inner', 'ear_feather'],
  foreleg: ['foreleg', 'front_feather', 'elbow', 'pads_front', 'between_toes_front', 'toe_outline_front'],
  hind_leg: ['hock', 'pads_hind', 'between_toes_hind', 'toe_outline_hind'],
}

/** The zones of what is not there, by their own ids. */
export function zonesGone(look: Lacking): Set<string> {
  return new Set(
    (look.absent ?? []).flatMap((part) => {
      const [side = '', ...what] = part.split('_')
      return (ZONES[what.join('_')] ?? []).map((z) => `${z}_${side}`)
    }),
  )
}

/** A dog as it is drawn from one side: what it has not is near or far, `left_ear` is the near one. */
export function asSeen<L extends Lacking>(look: L, side: 'left' | 'right'): L {
  if (!look.absent?.length || side === 'left') return look
  const turned = look.absent.map((p) =>
    p.startsWith('left_') ? p.replace('left_', 'right_') : p.replace('right_', 'left_'),
  )
  return { ...look, absent: turned.sort() }
}

/** @param zones as a drawing from the side names them; the same object where all of them are there */
export function thereOf<T>(zones: Record<string, T>, look: Lacking): Record<string, T> {
  if (!look.absent?.length) return zones
  const gone = zonesGone(look)
  return Object.fromEntries(Object.entries(zones).filter(([z]) => !gone.has(z)))
}
