// What is typed or tapped is shown at once and saved behind: the newest only, nothing lost while there is no
// server.
import { useCallback, useEffect, useRef, useState } from 'react'
import { writeKey, type ApiError } from '../../app/client'
import { kept, useOutbox, type Kept } from '../../app/outbox'

/** unheard: what it goes on from has never reached the salon. */
export type Status = 'saved' | 'saving' | 'waiting' | 'refused' | 'conflict' | 'unheard'
const PAUSE_MS = 200

/** from: the version it was begun from. */
interface Typed<T> extends Kept {
  value: T
  from: number
}

/** name, me: what it is, and whose. put: sends the value made from a version, answers what it has become. */
export function useAutosave<T>(
  { name, me }: { name: string; me: string },
  initial: T,
  version: number,
  put: (value: T, version: number) => Promise<number>,
) {
  const mine = (all: Typed<T>[]) => all.filter((i) => !i.by || i.by === me).at(-1)
  const [value, setValue] = useState(() => mine(kept.read<Typed<T>>(name))?.value ?? initial)
  const [error, setError] = useState<ApiError | null>(null)
  const now = useRef({ value, version, theirs: 0 })
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const { items, state, change, flush } = useOutbox<Typed<T>>({
    name,
    me,
    most: 1,
    send: async ([one]) => {
      if (!one) return []
      // What we have saved ourselves meanwhile is no change by somebody else.
      now.current.version = await put(one.value, Math.max(one.from, now.current.version))
      setError(null)
      return [one.id]
    },
    refused: (e) => {
      setError(e)
      if (e?.status === 412) now.current.theirs = e.problem.version ?? 0
      // Refused as it is: the next change sends it again. Anything else is a matter of waiting.
      return e && e.status >= 400 && e.status < 500 && e.status !== 401 ? 'stop' : 'wait'
    },
  })
  const waiting = mine(items)
  const [paused, setPaused] = useState(false)
  const status: Status =
    waiting === undefined
      ? 'saved'
      : state === 'stopped' && !paused
        ? error?.status === 412
          ? (error.problem.version ?? waiting.from) < waiting.from
            ? 'unheard'
            : 'conflict'
          : 'refused'
        : state === 'away' && !paused
          ? 'waiting'
          : 'saving'
  const alter = useCallback(
    (next: T | ((before: T) => T)) => {
      const n = now.current
      n.value = typeof next === 'function' ? (next as (before: T) => T)(n.value) : next
      setValue(n.value)
      setPaused(true)
      change((all) => [
        ...all.filter((i) => i.by && i.by !== me),
        { id: writeKey(), by: me, value: n.value, from: n.version },
      ])
      clearTimeout(timer.current)
      timer.current = setTimeout(() => {
        setPaused(false)
        void flush()
      }, PAUSE_MS)
    },
    [change, flush, me],
  )
  const dirty = useRef(false)
  useEffect(() => {
    dirty.current = waiting !== undefined
  })
  /** Somebody else saved: taken over unless something of ours is on its way. */
  const receive = useCallback((theirs: T, version: number) => {
    const n = now.current
    if (dirty.current || version <= n.version) return
    n.value = theirs
    n.version = version
    setValue(theirs)
  }, [])
  const keepMine = useCallback(() => {
    const { theirs } = now.current
    now.current.version = theirs
    // Also where it was begun from a version that the salon never had: a device's that was cleared.
    change((all) => all.map((i) => (!i.by || i.by === me ? { ...i, from: theirs } : i)))
    void flush()
  }, [change, flush, me])
  const takeTheirs = useCallback(
    (theirs: T, version: number) => {
      Object.assign(now.current, { value: theirs, version })
      change((all) => all.filter((i) => i.by && i.by !== me))
      setValue(theirs)
      setError(null)
    },
    [change, me],
  )
  useEffect(() => () => clearTimeout(timer.current), [])
  return { value, change: alter, status, error, receive, keepMine, takeTheirs, flush }
}
