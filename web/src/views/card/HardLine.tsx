// Wants a hard line to a neighbouring zone, or lets the two be blended again.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { useToast } from '../../ui/Toasts'

interface Props {
  dogId: string
  zone: string
  other: string
  label: string
  wanted: boolean
  canChange: boolean
}

export function HardLine({ dogId, zone, other, label, wanted, canChange }: Props) {
  const cache = useQueryClient()
  const toast = useToast()
  const draw = useWrite({
    send: (next: boolean, write) =>
      take(
        api.PUT('/api/dogs/{id}/hard-lines', {
          params: { path: { id: dogId }, header: write },
          body: { zone, other, wanted: next },
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['card', dogId] })
      void cache.invalidateQueries({ queryKey: ['answer', dogId] })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  return (
    <button
      type="button"
      aria-pressed={wanted}
      aria-label={`Hard line to ${label}`}
      disabled={!canChange || draw.isPending}
      className={`min-h-8 rounded-md border px-2 text-sm font-bold
        ${wanted ? 'border-ink bg-ink text-paper' : 'border-line hover:bg-well'}`}
      onClick={() => draw.mutate(!wanted)}
    >
      hard line
    </button>
  )
}
