// A glove hits twice: whether a hit is meant for what is in hand.
import { useLayoutEffect, useRef } from 'react'

/** What comes this soon after another step came in hand is not meant for it. */
const SETTLE_MS = 700

/**
 * Whether the step in hand has been there for long enough that a hit is meant for it; moved() says it
 * changes now.
 * Who has tapped a zone on the dog since means it.
 */
export function useSettled(step: string | undefined, zone: string | null) {
  const changed = useRef(-SETTLE_MS)
  const before = useRef(step)
  useLayoutEffect(() => {
    if (before.current !== step) changed.current = performance.now()
    before.current = step
  }, [step])
  useLayoutEffect(() => {
    if (zone !== null) changed.current = -SETTLE_MS
  }, [zone])
  return {
    settled: () => performance.now() - changed.current >= SETTLE_MS,
    moved: () => (changed.current = performance.now()),
  }
}
