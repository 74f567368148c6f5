// Whether anything can be said of when a dog should be back.
import type { Schemas } from '../app/client'

/** Without a plan or a visit no date is more than a guess. */
export function notYet(card: Schemas['CardView']): boolean {
  return card.unknown.some((u) => u.what === 'plan' || u.what === 'visits')
}
