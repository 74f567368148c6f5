// What the step or the zone in hand is: whether it is open, waits, and what its tool is called.
import type { Schemas } from '../../app/client'
import type { Waits } from '../../dog/zone'
import type { Shown } from './taps'

export function waitsFor(groom: Shown, zone: string): Waits {
  return groom.zones.find((z) => z.zone === zone)?.waits ?? ''
}

export function isOpen(groom: Shown, zone: string): boolean {
  const state = groom.zones.find((z) => z.zone === zone)?.state
  return state === 'planned' || state === 'partly'
}

/** The tool as it is picked up: without the base under it. */
export function toolWords(recipe: Schemas['RecipeView']): string {
  return recipe.tool?.kind === 'guard'
    ? `${recipe.tool.mm} mm guard`
    : recipe.tool?.kind === 'blade'
      ? `${recipe.tool.label} blade`
      : recipe.words
}
