// What is typed and not saved yet, kept in this tab's own store: it outlives a reload, Back and another
// tap. Keys begin with who
// typed it: on a shared tablet the next person neither reads nor saves it.
import { useCallback, useState } from 'react'

const PREFIX = 'thistle.draft.'

export const drafts = {
  read<T>(key: string): T | null {
    try {
      const kept = sessionStorage.getItem(PREFIX + key)
      return kept === null ? null : (JSON.parse(kept) as T)
    } catch {
      return null
    }
  },
  write(key: string, value: unknown): void {
    try {
      if (value === null || value === undefined) sessionStorage.removeItem(PREFIX + key)
      else sessionStorage.setItem(PREFIX + key, JSON.stringify(value))
    } catch {
      // A full store: the draft lives on in the page alone.
    }
  },
  /** What follows the prefix in the keys of all drafts that begin so. */
  below(prefix: string): string[] {
    return Object.keys(sessionStorage)
      .filter((key) => key.startsWith(PREFIX + prefix))
      .map((key) => key.slice(PREFIX.length + prefix.length))
  },
}

/**
 * Like useState, but what is set is there again when the same thing is opened again; null: nothing is typed.
 */
export function useDraft<T>(key: string): [T | null, (next: T | null) => void] {
  const [value, setValue] = useState<T | null>(() => drafts.read<T>(key))
  const set = useCallback(
    (next: T | null) => {
      drafts.write(key, next)
      setValue(next)
    },
    [key],
  )
  return [value, set]
}
