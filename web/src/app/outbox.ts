// What was entered here and has not reached the salon yet: kept in the browser's own store, so that a
// reload or a flat battery loses nothing, and sent one request at a time for as long as it takes. The one
// engine for it.
import { useCallback, useEffect, useRef, useState } from 'react'
import { ApiError } from './client'

/** by: id of the person whose it is; only they send it. One without is from before there was one. */
export interface Kept {
  id: string
  by?: string
}
/** What to do about a refusal: let it go, stop until something changes, or try again. */
export type Verdict = 'drop' | 'stop' | 'wait'
export type State = 'sent' | 'sending' | 'away' | 'stopped'

const FORM = 1
const AGAIN_MS = 2000
const key = (name: string) => `kt-out-${name}`

function parse(text: string | null): unknown {
  try {
    return text === null ? null : JSON.parse(text)
  } catch {
    return null
  }
}
interface Box {
  form?: unknown
  items?: unknown
}
const isKept = (one: unknown): one is Kept =>
  typeof one === 'object' && one !== null && 'id' in one && typeof one.id === 'string'

/** What a full store has no room for lives as long as its page: it is still sent. */
const full = new Map<string, string>()

export const kept = {
  /**
   * old: where an earlier release kept them, as a bare list: taken over. What a later release has kept is put
   * aside under a name of its own, not read and not lost.
   */
  read<I extends Kept>(name: string, old?: string): I[] {
    const text = full.get(name) ?? localStorage.getItem(key(name))
    const box = parse(text)
    const { form, items }: Box = typeof box === 'object' && box !== null ? box : {}
    if (typeof form === 'number' && form > FORM && text !== null) {
      localStorage.setItem(`${key(name)}.form-${form}`, text)
      localStorage.removeItem(key(name))
    }
    const before = old === undefined ? null : parse(localStorage.getItem(old))
    const all = [before, form === FORM ? items : null].flatMap((list) =>
      Array.isArray(list) ? list.filter(isKept) : [],
    )
    if (old !== undefined && Array.isArray(before)) {
      kept.write(name, all)
      localStorage.removeItem(old)
    }
    return all as I[]
  },
  write(name: string, items: Kept[]): void {
    full.delete(name)
    if (items.length === 0) return localStorage.removeItem(key(name))
    const text = JSON.stringify({ form: FORM, items })
    try {
      localStorage.setItem(key(name), text)
    } catch {
      full.set(name, text)
    }
  },
}

interface Options<I extends Kept> {
  name: string
  old?: string
  /** who is signed in */
  me: string
  /** how many go in one request */
  most: number
  /** sends them, answers the ids of those the salon has */
  send: (items: I[]) => Promise<string[]>
  refused: (e: ApiError | null, items: I[]) => Verdict
}

/** Keeps, shows and sends; what comes in while something is on its way goes with the next. */
export function useOutbox<I extends Kept>(options: Options<I>) {
  const { name, old, me } = options
  const [items, setItems] = useState<I[]>(() => kept.read(name, old))
  const [state, setState] = useState<State>(items.length ? 'away' : 'sent')
  const now = useRef({ options, busy: false, gone: false })
  useEffect(() => {
    now.current.options = options
  })
  const change = useCallback(
    (make: (all: I[]) => I[]) => {
      const all = make(kept.read<I>(name))
      kept.write(name, all)
      setItems(all)
    },
    [name],
  )
  const flush = useCallback(async () => {
    const n = now.current
    if (n.busy) return
    n.busy = true
    const mine = () =>
      kept
        .read<I>(name)
        .filter((i) => !i.by || i.by === me)
        .slice(0, n.options.most)
    for (let batch = mine(); batch.length && !n.gone; batch = mine()) {
      setState('sending')
      const ids = new Set(batch.map((i) => i.id))
      try {
        const done = new Set(await n.options.send(batch))
        change((all) => all.filter((i) => !done.has(i.id)))
        setState('sent')
        // Asking again would get the same answer: somebody else has signed in beside this tab.
        if (done.size === 0) break
      } catch (e) {
        const verdict = n.options.refused(e instanceof ApiError ? e : null, batch)
        if (verdict === 'drop') change((all) => all.filter((i) => !ids.has(i.id)))
        setState(verdict === 'drop' ? 'sent' : verdict === 'stop' ? 'stopped' : 'away')
        if (verdict === 'stop') break
        if (verdict === 'wait') await new Promise((again) => setTimeout(again, AGAIN_MS))
      }
    }
    n.busy = false
  }, [name, me, change])
  useEffect(() => {
    const n = now.current
    n.gone = false
    void flush()
    const online = () => void flush()
    addEventListener('online', online)
    return () => {
      n.gone = true
      removeEventListener('online', online)
    }
  }, [flush])
  return { items, state, change, flush }
}
