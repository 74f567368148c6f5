// Keeps what was changed of a zone, its other side with it, or takes it out of the plan; each can be undone.
import { useQueryClient } from '@tanstack/react-query'
import { api, ApiError, take, type Problem, type Schemas } from '../../app/client'
import type { RecipeDraft } from '../../app/queries'
import { ifMatch, useWrite, type Write } from '../../app/useWrite'
import { useUndo } from '../../parts/useUndo'
import { useToast } from '../../ui/Toasts'

interface Options {
  dogId: string
  zone: { id: string; label: string }
  current: Schemas['CardView']['zones'][number] | undefined
  /** the other side, where both are to be alike, with the version it was begun from */
  twin: { zone: string; version: number; label: string | undefined } | null
  onKept: () => void
  onConflict: (theirs: Problem) => void
}

export function useZoneWrites({ dogId, zone, current, twin, onKept, onConflict }: Options) {
  const cache = useQueryClient()
  const toast = useToast()
  const card = ['card', dogId]
  const undo = useUndo(card)
  const back = (id: string, also?: string[]) => ({
    label: 'Undo',
    run: () => undo({ id, also, said: `${zone.label}: taken back` }),
  })
  const put = (version: number, recipe: RecipeDraft, write: Write) =>
    take(
      api.PUT('/api/dogs/{id}/plan/{zone}', {
        params: { path: { id: dogId, zone: zone.id }, header: { ...ifMatch(version), ...write } },
        body: recipe,
      }),
    )
  const save = useWrite({
    send: async ({ recipe, version }: { recipe: RecipeDraft; version: number }, write) => {
      if (!twin) return [await put(version, recipe, write)]
      try {
        const sides = [
          { zone: zone.id, version, recipe },
          { zone: twin.zone, version: twin.version, recipe },
        ]
        const done = await take(
          api.POST('/api/dogs/{id}/plan/changes', {
            params: { path: { id: dogId }, header: write },
            body: { changes: sides },
          }),
        )
        return done.zones
      } catch (e) {
        if (!(e instanceof ApiError) || e.status !== 412 || e.problem.zone !== twin.zone) throw e
        // The other side belongs to whoever changed it meanwhile until somebody looks at it; this one is
        // saved.
        const who = e.problem.changed_by ?? 'somebody'
        toast({
          text: `${twin.label ?? 'The other side'} stays as it is: ${who} has changed it meanwhile`,
          bad: true,
        })
        return [await put(version, recipe, write)]
      }
    },
    onSuccess: (done) => {
      onKept()
      const [id, ...also] = done.flatMap((d) => (d.change ? [d.change] : []))
      if (id !== undefined)
        toast({
          text: `${zone.label}${done.length > 1 ? ', both sides' : ''}: saved`,
          action: back(id, also),
        })
      void cache.invalidateQueries({ queryKey: card })
    },
    onError: (e) => {
      if (e instanceof ApiError && e.status === 412) onConflict(e.problem)
      void cache.invalidateQueries({ queryKey: card })
    },
  })
  const clear = useWrite({
    send: (_: void, write) =>
      take(
        api.DELETE('/api/dogs/{id}/plan/{zone}', {
          params: {
            path: { id: dogId, zone: zone.id },
            header: { ...ifMatch(current?.version ?? 0), ...write },
          },
        }),
      ),
    onSuccess: (done) => {
      onKept()
      if (done.change) toast({ text: `${zone.label}: taken out of the plan`, action: back(done.change) })
      void cache.invalidateQueries({ queryKey: card })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  return { save, clear }
}
