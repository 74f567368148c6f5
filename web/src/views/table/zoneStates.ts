// What the step or the zone in hand is: whether it is open, waits, and what its tool is called.
import type { Schemas } from '../../app/client'
import type { Waits } from '../../dog/zone'
import type { Shown, TapData } from '../../parts/taps'

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

/**
 * The steps that one word tells of with this one, itself the first: those of the same work that follow it
 * and are still to come. What waits is not told of.
 */
export function runOf(groom: Shown, step: Schemas['TableStepView']): Schemas['TableStepView'][] {
  if (!step.together) return [step]
  const left = groom.steps
    .slice(groom.steps.findIndex((s) => s.key === step.key))
    .filter((s) => s.state !== 'done' && s.state !== 'skipped' && s.waits === '')
  const end = left.findIndex((s) => s.together !== step.together)
  return end < 0 ? left : left.slice(0, end)
}

/** Taps that say of steps that they went as planned; what waits in one is left. */
export function allDone(groom: Shown, steps: Schemas['TableStepView'][]): TapData[] {
  const zones = [...new Set(steps.flatMap((s) => s.zones))].filter(
    (z) => isOpen(groom, z) && !waitsFor(groom, z),
  )
  return [
    ...(zones.length ? [{ kind: 'zone', zones, state: 'done' }] : []),
    ...steps.filter((s) => s.zones.length === 0).map((s) => ({ kind: 'step', step: s.key, state: 'done' })),
  ]
}
