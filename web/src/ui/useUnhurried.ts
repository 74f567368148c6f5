// A large view drawn for the first time, a little at a time: a tap meanwhile is answered at once.
import { useDeferredValue } from 'react'

/** Whether to draw it: true soon after what it shows is there. */
export function useUnhurried(there: boolean): boolean {
  return useDeferredValue(there, false) && there
}
