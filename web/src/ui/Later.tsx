// What is below the fold: there a moment after the rest, which is not held up by it.
import { useDeferredValue, type ReactNode } from 'react'

export function Later({ children }: { children: ReactNode }) {
  return useDeferredValue(true, false) ? children : null
}
