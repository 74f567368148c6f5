// Whether the screen is a phone's, upright or on its side: then actions stand behind one button and a
// zone's sheet comes from below.
import { useSyncExternalStore } from 'react'

/** The same bounds as the styles' `phone` and `short`. */
const QUERIES = { phone: '(max-width: 47.99rem) and (min-height: 30.01rem)', short: '(max-height: 30rem)' }

function useMatch(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = globalThis.matchMedia?.(query)
      list?.addEventListener('change', changed)
      return () => list?.removeEventListener('change', changed)
    },
    () => globalThis.matchMedia?.(query).matches ?? false,
  )
}

export function useSmall(): { phone: boolean; short: boolean; small: boolean } {
  const phone = useMatch(QUERIES.phone)
  const short = useMatch(QUERIES.short)
  return { phone, short, small: phone || short }
}
