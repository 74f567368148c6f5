// What is asked of a round; it stands in the address, so that a reload asks it again.
import type { Schemas } from '../../app/client'

export const ASKED = ['on', 'van', 'order', 'afresh', 'behind', 'water', 'power', 'dog', 'kind'] as const

export interface RoundProps {
  round: Schemas['RoundView']
  asked: Record<string, string>
  /** null takes a question back */
  ask: (change: Partial<Record<(typeof ASKED)[number], string | null>>) => void
}
