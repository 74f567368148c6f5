// The parts that come close, each from the dog's own build.
import { zonesGone } from '../absent'
import type { DogLook } from '../build'
import { aboveOf } from './above'
import { belowOf } from './below'
import { feetOf } from './feet'
import { headOf } from './head'
import { keep, type CloseUp, type Kept } from './plate'
import { rearOf } from './rear'
import { toesOf } from './toes'

const VIEWS = {
  head: headOf,
  above: aboveOf,
  below: belowOf,
  feet: feetOf,
  toes: toesOf,
  rear: rearOf,
} satisfies Record<string, (look: DogLook) => CloseUp>
export type View = keyof typeof VIEWS
export interface Wanted {
  view: View
  look: DogLook
}

export function isCloseUp(view: string): view is View {
  return view in VIEWS
}

export function closeUpOf(view: View, look: DogLook): CloseUp {
  const close = VIEWS[view](look)
  if (!look.absent?.length) return close
  const gone = zonesGone(look)
  const there = (z: string) => !gone.has(z)
  const feet = new Set([...gone].map((z) => /^toe_outline_(.*)$/.exec(z)?.[1]?.replace('_', ' ')))
  return {
    ...close,
    plates: close.plates
      .map((p) => ({ ...p, zones: p.zones.filter(([z]) => there(z)) }))
      .filter((p) => p.zones.length > 0),
    ...(close.shows ? { shows: close.shows.filter(there) } : {}),
    ...(close.captions ? { captions: close.captions.filter((c) => !feet.has(c.text)) } : {}),
  }
}

export function keepOf(view: View, look: DogLook): Kept[] {
  return keep(closeUpOf(view, look))
}

/** The zones that are drawn in a view, from the back of the drawing to its front. */
export function zonesOfView(view: View, look: DogLook): string[] {
  return [...new Set(closeUpOf(view, look).plates.flatMap((p) => p.zones.map(([z]) => z)))]
}

/**
 * By view, the zones that somebody who looks for one is brought to it for; the first is where it is
 * largest. The side view comes before all of them.
 */
export function seenClose(look: DogLook): Record<View, string[]> {
  const of = (view: View) => closeUpOf(view, look).shows ?? zonesOfView(view, look)
  return {
    head: of('head'),
    feet: of('feet'),
    rear: of('rear'),
    below: of('below'),
    above: of('above'),
    toes: of('toes'),
  }
}
