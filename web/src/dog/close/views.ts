// The parts that come close, each from the dog's own build: computed once for each look and kept.
import type { DogLook } from '../build'
import { headOf } from './head'
import { keep, type CloseUp, type Kept } from './plate'

export type View = 'head'
const VIEWS: Record<View, (look: DogLook) => CloseUp> = { head: headOf }

const known = new Map<string, { close: CloseUp; kept: Kept[] }>()

export function closeUpOf(view: View, look: DogLook): { close: CloseUp; kept: Kept[] } {
  const key = [view, look.build, look.muzzle, look.ear_type, look.ear_set, look.size].join('|')
  let one = known.get(key)
  if (!one) {
    if (known.size > 12) known.delete(known.keys().next().value ?? '')
    const close = VIEWS[view](look)
    known.set(key, (one = { close, kept: keep(close) }))
  }
  return one
}

/** The zones that are seen of a view, head to tail. */
export function zonesOfView(view: View, look: DogLook): string[] {
  return [...new Set(VIEWS[view](look).plates.flatMap((p) => p.zones.map(([z]) => z)))]
}
