// The hands-on check as the salon describes it: what is tapped here is what is sent.
import type { Schemas } from '../../app/client'
import type { ArrivalData } from '../../parts/comb'

export type Hands = ArrivalData['hands_on']
type Given<T> = NonNullable<T> extends (infer One)[] ? One : NonNullable<T>
type Words = Schemas['VocabularyView']
/** Fields with one word of a closed list, or several. */
export type Worded = 'stage' | 'upkeep' | 'parasites' | 'lameness' | 'airway' | 'teeth' | 'vaccination'
export type Foot = keyof NonNullable<Hands['pads']>
export type Side = keyof NonNullable<Hands['ears']>
export type Claw = NonNullable<NonNullable<Hands['claws']>[Foot]>[number]
export type Ear = NonNullable<NonNullable<Hands['ears']>[Side]>[number]
export type Skin = Given<Hands['skin']>
export type FoundHere = Given<Hands['found']>

export const SIDES: Side[] = ['left', 'right']
export const FEET: Foot[] = ['front_left', 'front_right', 'hind_left', 'hind_right']

/** Whether there is such a zone: what a form gives is text. */
export function isZone(words: Words, id: string): id is NonNullable<FoundHere['zone']> {
  return words.zones.some((one) => one.id === id)
}

/** The check with one answer changed; what is empty is left out. */
export function withAnswer<K extends keyof Hands>(before: Hands, name: K, value: Hands[K] | null): Hands {
  const next = { ...before }
  if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) delete next[name]
  else next[name] = value
  return next
}

export function toggled<T>(now: T[] | null | undefined, item: T): T[] {
  const list = now ?? []
  return list.includes(item) ? list.filter((i) => i !== item) : [...list, item]
}
