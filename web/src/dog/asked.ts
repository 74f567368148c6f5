// What a side view's drawing hangs on: lengths for the coat, what is alike for the areas.
import type { DogLook } from './build'
import { zonesSeen } from './field'
import { sure } from '../sure'
import { alike, type DrawnZone } from './zone'

/** Both as JSON, by left-side zone: equal zones in new objects ask for the same drawing. */
export function askedOf(
  look: DogLook,
  zones: Record<string, DrawnZone>,
  cells = false,
): { lengths: string; alike: string } {
  const seen = zonesSeen(look).filter((z) => zones[z])
  return {
    lengths: JSON.stringify(
      Object.fromEntries(Object.entries(zones).map(([id, z]) => [id, z.mm ?? z.drawnMm])),
    ),
    alike: JSON.stringify(Object.fromEntries(seen.map((z) => [z, cells ? z : alike(sure(zones[z]))]))),
  }
}
