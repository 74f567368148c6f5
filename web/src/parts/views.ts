// The views of a drawn dog that every stage offers, by name.
import type { View } from '../dog/close/views'

export const VIEWS: { id: 'side' | View; label: string }[] = [
  { id: 'side', label: 'Side' },
  { id: 'head', label: 'Head' },
  { id: 'above', label: 'Above' },
  { id: 'below', label: 'Below' },
  { id: 'feet', label: 'Feet' },
  { id: 'toes', label: 'Toes' },
  { id: 'rear', label: 'Rear' },
]

const HEAD = /^(skull|fringe|brow|inner_eye|stop|cheek|muzzle|lips|beard|ear_)/
const FEET = /^(pads|between_toes|toe_outline)_/

/** What comes close when this zone is tapped on the side view: the head, or the feet. */
export function closer(zone: string): View | null {
  return HEAD.test(zone) ? 'head' : FEET.test(zone) ? 'feet' : null
}
