// What is on its way to the cards behind the scenes: how far it has come, what came of it, why it stopped.
import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useToast } from '../../ui/Toasts'
import { useWrite } from '../../app/useWrite'

type PatternData = Schemas['PatternView']
/** What to say of it when it is done, and the change by which it can be taken back. */
interface Going {
  text: string
  change: string | null
}

/** Follows what was sent to the cards of a pattern; what it was is said when it has arrived. */
export function useOnTheWay(pattern: PatternData | undefined) {
  const cache = useQueryClient()
  const toast = useToast()
  const going = useRef<Going | null>(null)
  const id = pattern?.pattern.id ?? ''
  const job = pattern?.job ?? null
  const shown = useCallback(
    (next: PatternData) => {
      cache.setQueryData(queries.pattern(id).queryKey, next)
      for (const key of ['patterns', 'card', 'follows', 'fit', 'line', 'spread'])
        void cache.invalidateQueries({ queryKey: [key] })
    },
    [cache, id],
  )
  // The pattern stays as it was changed; its cards go back, but for zones that somebody has changed since.
  const { mutate: takeBack } = useWrite({
    send: (change: string, write) =>
      take(
        api.DELETE('/api/patterns/{id}/spread/{change}', {
          params: { path: { id, change }, header: write },
        }),
      ),
    onSuccess: (next) => {
      going.current = {
        text: 'Taken back on the cards; the pattern stays as you changed it',
        change: null,
      }
      shown(next)
    },
    onError: (e) => toast({ text: `Not taken back: ${e.message}`, bad: true }),
  })
  const state = job?.state
  useEffect(() => {
    if (!going.current || !pattern || state === 'open') return
    const { text, change } = going.current
    going.current = null
    if (state === 'failed') return
    shown(pattern)
    toast({
      text,
      action: change ? { label: 'Take back on the cards', run: () => takeBack(change) } : undefined,
    })
  }, [pattern, state, shown, toast, takeBack])
  const sent = (next: PatternData, text: string) => {
    going.current = { text, change: next.spread }
    shown(next)
  }
  return { job, sent }
}

export function OnTheWay({ job }: { job: Schemas['JobView'] | null }) {
  if (!job || job.state === 'done') return null
  if (job.state === 'failed')
    return (
      <p role="alert" className="m-3 rounded-md bg-haw-soft p-3 font-bold text-haw">
        Not all cards followed: {job.why} Who manages the salon can try it again, in the outbox.
      </p>
    )
  return (
    <div role="status" className="space-y-1 border-b border-line p-3">
      <progress
        className="h-3 w-full accent-thistle"
        max={Math.max(1, job.total)}
        value={job.done}
        aria-label="Cards that have followed"
      />
      <p className="text-sm text-ink-2">
        On its way to the cards: {job.done} of {job.total}. You may leave; it goes on by itself.
      </p>
    </div>
  )
}
