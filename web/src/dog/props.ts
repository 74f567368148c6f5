// What the side view's drawing is told.
import type { DogLook } from './build'
import type { DrawnZone } from './zone'

export interface DogDrawingProps {
  look: DogLook
  /** zones by their left-side id, whichever side is looked at */
  zones: Record<string, DrawnZone>
  side: 'left' | 'right'
  selected: string | null
  /** tapped: by a finger, not by a key */
  onSelect: (id: string, tapped?: boolean) => void
  /** Enter on a zone: to its recipe */
  onOpen?: () => void
  name: string
  idle?: boolean
  /** single zones are shown: in a comb test, while zones are chosen one by one */
  cells?: boolean
  /** a finger drawn across zones: called once for each it comes upon */
  onPaint?: (id: string) => void
  /** a digit typed while a zone is chosen */
  onDigit?: (digit: number) => void
  /** keeps the ids of two drawings on one page apart */
  tag?: string
  /** only this of it, cm: left, low, right, high */
  part?: [number, number, number, number]
  /** of its own colour, where the dog is shown as it is today */
  markings?: readonly string[] | undefined
  /** while it changes under a finger: fewer hairs, so that it keeps up */
  moving?: boolean
}
