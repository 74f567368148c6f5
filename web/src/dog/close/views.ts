// The parts that come close, each from the dog's own build.
import type { DogLook } from '../build'
import { belowOf } from './below'
import { headOf } from './head'
import { keep, type CloseUp, type Kept } from './plate'

export type View = 'head' | 'below'
export interface Wanted {
  view: View
  look: DogLook
}
const VIEWS: Record<View, (look: DogLook) => CloseUp> = { head: headOf, below: belowOf }

export function closeUpOf(view: View, look: DogLook): CloseUp {
  return VIEWS[view](look)
}

export function keepOf(view: View, look: DogLook): Kept[] {
  return keep(closeUpOf(view, look))
}

/** The zones that are seen of a view, from the back of the drawing to its front. */
export function zonesOfView(view: View, look: DogLook): string[] {
  return [...new Set(closeUpOf(view, look).plates.flatMap((p) => p.zones.map(([z]) => z)))]
}
