// Which cards follow a pattern, and which have an older version of it.
import { useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { useWrite } from '../../app/useWrite'

type PatternData = Schemas['PatternView']
/** A dog of no particular build, to draw a pattern on that nobody wears yet. */

export function Followers({ data, words }: { data: PatternData; words: Schemas['VocabularyView'] }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const label = (id: string) => words.zones.find((z) => z.id === id)?.label ?? id
  const leave = useWrite({
    send: (dog: string, write) =>
      take(
        api.DELETE('/api/dogs/{id}/pattern', {
          params: { path: { id: dog }, header: write },
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['pattern'] })
      void cache.invalidateQueries({ queryKey: ['patterns'] })
      void cache.invalidateQueries({ queryKey: ['follows'] })
      toast({ text: 'Let go. Its plan stays as it is.' })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  if (data.dogs.length === 0)
    return <p className="p-4 text-ink-2">Nobody follows it. Lay it on a dog and take it over.</p>
  return (
    <ul className="divide-y divide-line p-2">
      {data.dogs.map((d) => (
        <li key={d.dog} className="flex items-center gap-2 p-2">
          <span className="min-w-0 flex-1">
            <Link to={`/dogs/${d.dog}`} className="font-bold text-thistle underline underline-offset-2">
              {d.name}
            </Link>{' '}
            <span className="text-ink-2">{d.coat}</span>
            {d.behind && <span className="block text-sm font-bold text-bracken">has an older version</span>}
            {d.own.length > 0 && (
              <span className="block text-sm text-ink-2">
                its own way: {d.own.slice(0, 4).map(label).join(', ')}
                {d.own.length > 4 && ` and ${d.own.length - 4} more`}
              </span>
            )}
          </span>
          {may('plan') && (
            <Button
              kind="quiet"
              className="text-sm"
              disabled={leave.isPending}
              aria-label={`Let go: ${d.name}`}
              onClick={() => leave.mutate(d.dog)}
            >
              Let go
            </Button>
          )}
        </li>
      ))}
    </ul>
  )
}
