// A groom on this device: what the salon says, what is tapped here, and getting the one to the other.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { api, ApiError, take, writeKey } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { useToast } from '../../ui/Toasts'
import { changed, deviceName, makeTap, overlay, queue, type Groom, type Tap, type TapData } from './taps'

const BATCH = 200
const AGAIN_MS = 2000

export function useGroom(id: string) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const groom = useQuery(queries.groom(id))
  const [waiting, setWaiting] = useState<Tap[]>(() => queue.read(id))
  const [away, setAway] = useState(false)
  const [ahead, setAhead] = useState(0)
  const busy = useRef(false)
  const gone = useRef(false)
  const seen = useRef(0)
  useEffect(() => {
    seen.current = groom.data?.seq ?? 0
  }, [groom.data])

  const flush = useCallback(async () => {
    if (busy.current) return
    busy.current = true
    // Others' taps wait for whoever made them; one without a name is from before taps had one.
    const mine = () =>
      queue
        .read(id)
        .filter((t) => !t.by || t.by === session.id)
        .slice(0, BATCH)
    for (let batch = mine(); batch.length && !gone.current; batch = mine()) {
      try {
        const answer = await take(
          api.POST('/api/grooms/{id}/taps', {
            params: { path: { id }, header: { 'Idempotency-Key': writeKey() } },
            body: { sent_at: new Date().toISOString(), device: deviceName(), taps: batch },
          }),
        )
        const kept = new Set(answer.results.filter((r) => r.outcome === 'someone_elses').map((r) => r.id))
        const left = queue.drop(id, new Set(batch.map((t) => t.id).filter((t) => !kept.has(t))))
        await cache.cancelQueries({ queryKey: ['groom', id] })
        cache.setQueryData<Groom>(['groom', id], (had) => had && changed(had, answer.groom))
        setWaiting(left)
        setAway(false)
        setAhead(answer.clock_ahead_s)
        for (const r of answer.results)
          if (r.message) toast({ text: r.message, bad: r.outcome === 'refused' || r.outcome === 'late' })
        // Somebody else has signed in beside this tab: asking again would get the same answer.
        if (batch.every((t) => kept.has(t.id))) break
      } catch (e) {
        const problem = e instanceof ApiError ? e : null
        if (problem && [400, 413, 422].includes(problem.status)) {
          // Never to be counted as it is: said, and kept apart rather than tried for ever.
          toast({
            text:
              (batch.length === 1 ? 'One tap was' : `${batch.length} taps were`) +
              ` refused: ${problem.message}`,
            bad: true,
          })
          setWaiting(queue.drop(id, new Set(batch.map((t) => t.id))))
          continue
        }
        setAway(true)
        // Not there for whoever is signed in now: kept for who made them.
        if (problem && [403, 404].includes(problem.status)) break
        await new Promise((again) => setTimeout(again, AGAIN_MS))
      }
    }
    busy.current = false
  }, [id, cache, toast, session.id])

  useEffect(() => {
    gone.current = false
    void flush()
    const now = () => void flush()
    addEventListener('online', now)
    return () => {
      gone.current = true
      removeEventListener('online', now)
    }
  }, [flush])

  const tap = useCallback(
    (data: TapData) => {
      const made = makeTap(data, seen.current, session.id)
      setWaiting(queue.add(id, made))
      void flush()
      return made.id
    },
    [id, flush, session.id],
  )
  const shown = useMemo(
    () => (groom.data ? overlay(groom.data, waiting, session.name) : null),
    [groom.data, waiting, session.name],
  )
  return {
    groom: shown,
    error: groom.error,
    refetch: groom.refetch,
    tap,
    waiting: waiting.filter((t) => !t.by || t.by === session.id).length,
    others: waiting.filter((t) => t.by && t.by !== session.id).length,
    away: away || (groom.isError && groom.data !== undefined),
    ahead,
  }
}

/**
 * Milliseconds by which the running figures of this view have grown: what it was old when it came (an
 * unchanged one is not sent again), and what has passed since.
 */
export function useSince(now: string, age: number): number {
  const [since, setSince] = useState(age)
  useEffect(() => {
    const came = performance.now()
    const tick = () => setSince(age + performance.now() - came)
    tick()
    const timer = setInterval(tick, 500)
    return () => clearInterval(timer)
  }, [now, age])
  return since
}

/** The screen stays on while a dog is on the table. */
export function useAwake(on: boolean) {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | null = null
    let over = false
    const hold = () => {
      if (document.visibilityState === 'visible')
        navigator.wakeLock.request('screen').then(
          (l) => (over ? void l.release() : (lock = l)),
          () => {},
        )
    }
    hold()
    document.addEventListener('visibilitychange', hold)
    return () => {
      over = true
      document.removeEventListener('visibilitychange', hold)
      void lock?.release()
    }
  }, [on])
}
