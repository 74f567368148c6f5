// Which house pattern a card follows; its plan saved as one; one laid on it.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { Link } from 'react-router'
import { api, ApiError, take } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { LinkButton } from '../../ui/LinkButton'
import { useWrite } from '../../app/useWrite'

export function HousePattern({ dogId, label }: { dogId: string; label: (zone: string) => string }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const follows = useQuery(queries.follows(dogId))
  const [name, setName] = useState<string | null>(null)
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/patterns', {
          params: { header: write },
          body: { name: name ?? '', dog: dogId },
        }),
      ),
    onSuccess: (made) => {
      setName(null)
      void cache.invalidateQueries({ queryKey: ['patterns'] })
      void cache.invalidateQueries({ queryKey: ['follows', dogId] })
      toast({ text: `${made.pattern.name}: ${made.zones.length} zones, without this dog’s exceptions` })
    },
  })
  const f = follows.data
  if (!f) return follows.error ? <p className="text-ink-2">{follows.error.message}</p> : null
  const error = save.error instanceof ApiError ? (save.error.fields.name ?? save.error.fields.dog) : undefined
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  return (
    <section aria-label="House pattern" className="space-y-2 border-t border-line pt-3">
      <h3 className="text-lg">House pattern</h3>
      {f.pattern === null ? (
        <p className="text-ink-2">This card follows none.</p>
      ) : (
        <p>
          Follows{' '}
          <Link
            to={`/patterns?pattern=${f.pattern}&dog=${dogId}`}
            className="font-bold text-thistle underline underline-offset-2"
          >
            {f.name}
          </Link>
          {f.behind && (
            <b className="block text-bracken">The pattern has changed since: lay it on again to see.</b>
          )}
          {f.own.length > 0 && (
            <span className="block text-sm text-ink-2">
              Its own way: {f.own.slice(0, 5).map(label).join(', ')}
              {f.own.length > 5 && ` and ${f.own.length - 5} more`}
            </span>
          )}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <LinkButton to={`/patterns?dog=${dogId}${f.pattern ? `&pattern=${f.pattern}` : ''}`}>
          Lay a pattern on
        </LinkButton>
        {may('plan') && name === null && (
          <Button onClick={() => setName('')}>Save this plan as a pattern</Button>
        )}
      </div>
      {name !== null && (
        <form onSubmit={send} noValidate>
          <TextField
            label="Name of the pattern"
            value={name}
            maxLength={60}
            autoFocus
            onChange={(e) => setName(e.target.value)}
            error={error ?? (save.error ? ` – ${save.error.message}` : undefined)}
          />
          <div className="flex gap-2">
            <Button type="submit" kind="main" disabled={save.isPending || name.trim().length < 2}>
              {save.isPending ? 'Saving …' : 'Save it'}
            </Button>
            <Button onClick={() => setName(null)}>Leave it</Button>
          </div>
        </form>
      )}
    </section>
  )
}
