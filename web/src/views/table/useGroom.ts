// A groom on this device: what the salon says, what is tapped here, and getting the one to the other.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { api, take, writeKey } from '../../app/client'
import { useOutbox } from '../../app/outbox'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { useToast } from '../../ui/Toasts'
import { deviceName } from '../../parts/device'
import { changed, makeTap, overlay, waitingFor, type Groom, type Tap, type TapData } from '../../parts/taps'

const BATCH = 200

export function useGroom(id: string) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const groom = useQuery(queries.groom(id))
  const [ahead, setAhead] = useState(0)
  const seen = useRef(0)
  useEffect(() => {
    seen.current = groom.data?.seq ?? 0
  }, [groom.data])
  const { items, state, change, flush } = useOutbox<Tap>({
    ...waitingFor(id),
    me: session.id,
    most: BATCH,
    send: async (taps) => {
      const answer = await take(
        api.POST('/api/grooms/{id}/taps', {
          params: { path: { id }, header: { 'Idempotency-Key': writeKey() } },
          body: { sent_at: new Date().toISOString(), device: deviceName(), taps },
        }),
      )
      await cache.cancelQueries({ queryKey: ['groom', id] })
      const had = cache.getQueryData<Groom>(['groom', id])
      cache.setQueryData<Groom>(['groom', id], had && changed(had, answer.groom))
      // Today's list was made anew: it is read as a whole.
      if (had && had.made !== answer.groom.made) void cache.invalidateQueries({ queryKey: ['groom', id] })
      setAhead(answer.clock_ahead_s)
      for (const r of answer.results)
        if (r.message) toast({ text: r.message, bad: r.outcome === 'refused' || r.outcome === 'late' })
      const others = new Set(answer.results.filter((r) => r.outcome === 'someone_elses').map((r) => r.id))
      return taps.map((t) => t.id).filter((t) => !others.has(t))
    },
    refused: (problem, taps) => {
      // Not there for whoever is signed in now: kept for who made them.
      if (!problem || ![400, 413, 422].includes(problem.status))
        return problem && [403, 404].includes(problem.status) ? 'stop' : 'wait'
      // Never to be counted as it is: said, rather than tried for ever.
      toast({
        text:
          (taps.length === 1 ? 'One tap was' : `${taps.length} taps were`) + ` refused: ${problem.message}`,
        bad: true,
      })
      return 'drop'
    },
  })
  const tap = useCallback(
    (data: TapData) => {
      const made = makeTap(data, seen.current, session.id)
      change((all) => [...all, made])
      void flush()
      return made.id
    },
    [change, flush, session.id],
  )
  const shown = useMemo(
    () => (groom.data ? overlay(groom.data, items, session.name) : null),
    [groom.data, items, session.name],
  )
  return {
    groom: shown,
    error: groom.error,
    refetch: groom.refetch,
    tap,
    waiting: items.filter((t) => !t.by || t.by === session.id).length,
    others: items.filter((t) => t.by && t.by !== session.id).length,
    away: state === 'away' || state === 'stopped' || (groom.isError && groom.data !== undefined),
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
