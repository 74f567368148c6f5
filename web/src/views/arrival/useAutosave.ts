// What is typed or tapped is shown at once and saved behind: one request at a time, nothing lost while
// there is no server.
import { useCallback, useEffect, useRef, useState } from 'react'
import { ApiError } from '../../app/client'

export type Status = 'saved' | 'saving' | 'waiting' | 'refused' | 'conflict'
const PAUSE_MS = 200
const AGAIN_MS = 2500

/** put: sends the value made from a version, answers the version it has become. */
export function useAutosave<T>(
  initial: T,
  version: number,
  put: (value: T, version: number) => Promise<number>,
) {
  const [value, setValue] = useState(initial)
  const [status, setStatus] = useState<Status>('saved')
  const [error, setError] = useState<ApiError | null>(null)
  const now = useRef({ value: initial, version, dirty: false, busy: false, theirs: 0, gone: false })
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const send = useRef(put)
  useEffect(() => {
    send.current = put
  })
  const flush = useCallback(async () => {
    const n = now.current
    if (n.busy) return
    n.busy = true
    while (n.dirty && !n.gone) {
      setStatus('saving')
      const sent = n.value
      try {
        n.version = await send.current(sent, n.version)
        n.dirty = n.value !== sent
        setError(null)
        if (!n.dirty) setStatus('saved')
      } catch (e) {
        const problem = e instanceof ApiError ? e : null
        setError(problem)
        if (problem?.status === 412) {
          n.theirs = problem.problem.version ?? 0
          setStatus('conflict')
          break
        }
        // Refused as it is: the next change sends it again. Anything else is a matter of waiting.
        if (problem && problem.status >= 400 && problem.status < 500 && problem.status !== 401) {
          setStatus('refused')
          break
        }
        setStatus('waiting')
        await new Promise((again) => setTimeout(again, AGAIN_MS))
      }
    }
    n.busy = false
  }, [])
  const change = useCallback(
    (next: T | ((before: T) => T)) => {
      const n = now.current
      n.value = typeof next === 'function' ? (next as (before: T) => T)(n.value) : next
      n.dirty = true
      setValue(n.value)
      setStatus('saving')
      clearTimeout(timer.current)
      timer.current = setTimeout(() => void flush(), PAUSE_MS)
    },
    [flush],
  )
  /** Somebody else saved: taken over unless something of ours is on its way. */
  const receive = useCallback((theirs: T, version: number) => {
    const n = now.current
    if (n.dirty || n.busy || version <= n.version) return
    n.value = theirs
    n.version = version
    setValue(theirs)
  }, [])
  const keepMine = useCallback(() => {
    now.current.version = now.current.theirs
    void flush()
  }, [flush])
  const takeTheirs = useCallback((theirs: T, version: number) => {
    Object.assign(now.current, { value: theirs, version, dirty: false })
    setValue(theirs)
    setStatus('saved')
    setError(null)
  }, [])
  useEffect(() => {
    const n = now.current
    n.gone = false
    return () => {
      clearTimeout(timer.current)
      n.gone = true
    }
  }, [])
  return { value, change, status, error, receive, keepMine, takeTheirs, flush }
}
