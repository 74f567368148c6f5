// Takes a change of the log back, wherever it is offered.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../app/client'
import { useWrite } from '../app/useWrite'
import { useToast } from '../ui/Toasts'

interface Change {
  id: string
  /** made with it: taken back with it */
  also?: string[]
  /** what is said when it is taken back */
  said: string
}

/** stale: what shows the change, and is read anew whatever came of it. */
export function useUndo(stale: unknown[]): (change: Change) => void {
  const cache = useQueryClient()
  const toast = useToast()
  const undo = useWrite({
    send: ({ id, also }: Change, write) =>
      take(
        api.POST('/api/log/{id}/undo', {
          params: { path: { id }, header: write },
          body: also ? { also } : {},
        }),
      ),
    onSuccess: (_, { said }) => toast({ text: said }),
    onError: (e) => toast({ text: e.message, bad: true }),
    onSettled: () => void cache.invalidateQueries({ queryKey: stale }),
  })
  return undo.mutate
}
