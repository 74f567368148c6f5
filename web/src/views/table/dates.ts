// The next dates that are given at the end of a groom, by kind of visit.
import type { Schemas } from '../../app/client'

export interface Chosen {
  day: string
  time: string
  staff: string
}
/** What is not there is not booked. */
export type Dates = Record<string, Chosen>

export function datesToSend(finish: Schemas['FinishView'], dates: Dates) {
  return finish.next.flatMap((n) => {
    const chosen = dates[n.kind]
    return chosen ? [{ kind: n.kind, on: chosen.day, time: chosen.time, staff: chosen.staff || null }] : []
  })
}
