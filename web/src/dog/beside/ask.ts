// What a page asks the worker that computes drawings, and what it answers.
import type { Area } from '../areas'
import type { DogLook } from '../build'
import type { Kept } from '../close/plate'
import type { View } from '../close/views'
import type { CoatPaths } from '../coat'
import type { Field } from '../field'

/** What a page asks; its answer has the same number. */
export type Ask =
  | { what: 'close'; key: string; view: View; look: DogLook }
  | { what: 'field'; look: DogLook }
  | { what: 'draw'; look: DogLook; lengths: string; alike: Record<string, string> }
export interface Drawn {
  paths: CoatPaths
  areas: Area[]
}
export type Answer = Kept[] | Field | Drawn | null
