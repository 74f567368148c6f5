// Keeps what was computed once in the browser's own store, for as long as the code that computed it is the
// same.
import { clear, get, keys, set } from 'idb-keyval'

/** The built file's name changes with what is in it: what another release computed is not taken for ours. */
const RELEASE = import.meta.url
const MOST = 40
/** In the worker's own memory no more than a card and a table look at: each is some megabytes. */
const MOST_NOW = 8
const now = new Map<string, unknown>()

function know<T>(key: string, made: T): T {
  if (now.size >= MOST_NOW) now.delete(now.keys().next().value ?? '')
  now.set(key, made)
  return made
}

export async function remembered<T>(key: string, make: () => T): Promise<T> {
  if (now.has(key)) return now.get(key) as T
  const kept = await keptBefore<T>(key)
  if (kept?.release === RELEASE) {
    return know(key, kept.made)
  }
  const made = know(key, make())
  void keepIt(key, made)
  return made
}

/** Where there is no store at all, asking for it throws at once. */
async function keptBefore<T>(key: string): Promise<{ release: string; made: T } | undefined> {
  try {
    return await get<{ release: string; made: T }>(key)
  } catch {
    return undefined
  }
}

/** A full or forbidden store is no matter: it is computed again next time. */
async function keepIt(key: string, made: unknown): Promise<void> {
  try {
    if ((await keys()).length >= MOST) await clear()
    await set(key, { release: RELEASE, made })
  } catch {
    return
  }
}
