// Two records of one dog: what looks like it is offered; made one, no visit is lost; parted again.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { day } from '../../ui/words'

type Likely = Schemas['SameDogView']['likely'][number]

export function SameDog({ dogId, name }: { dogId: string; name: string }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [asked, setAsked] = useState<Likely | null>(null)
  const key = ['same', dogId]
  const same = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/dogs/{id}/same', { params: { path: { id: dogId } } })),
  })
  const after = (next: Schemas['SameDogView']) => {
    cache.setQueryData(key, next)
    setAsked(null)
    void cache.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'same' })
  }
  const merge = useWrite({
    send: (other: string, write) =>
      take(
        api.POST('/api/dogs/{id}/merge', {
          params: { path: { id: dogId }, header: write },
          body: { other },
        }),
      ),
    onSuccess: (next) => {
      after(next)
      toast({ text: 'They are one dog now. It can be undone here, on its card.' })
    },
  })
  const part = useWrite({
    send: (id: string, write) =>
      take(api.DELETE('/api/merges/{id}', { params: { path: { id }, header: write } })),
    onSuccess: (next) => {
      after(next)
      toast({ text: 'They are two dogs again' })
    },
  })
  if (!same.data || !may('dog') || same.data.likely.length + same.data.merged.length === 0) return null
  return (
    <section aria-label="The same dog twice?" className="space-y-2 rounded-lg bg-well p-3">
      <h3 className="font-bold">The same dog twice?</h3>
      <ul className="space-y-2">
        {same.data.likely.map((d) => (
          <li key={d.id}>
            <p>
              <b>{d.name}</b>, {d.breed}, of {d.owner} {d.phone}, {d.visits} visits{' '}
              <span className="text-sm text-ink-2">has {d.why.join(', ')}</span>
            </p>
            <Button onClick={() => setAsked(d)}>They are one dog …</Button>
          </li>
        ))}
        {same.data.merged.map((m) => (
          <li key={m.id} className="flex flex-wrap items-center justify-between gap-2">
            <span>
              One with another record of {m.name} since {day(m.at)}, by {m.who}
            </span>
            <Button disabled={part.isPending} onClick={() => part.mutate(m.id)}>
              They are two dogs after all
            </Button>
          </li>
        ))}
      </ul>
      <p role="alert" className="font-bold text-haw">
        {part.error?.message}
      </p>
      {asked && (
        <Modal open onClose={() => setAsked(null)} title={`${name} and ${asked.name} are one dog`}>
          <div className="space-y-3">
            <p>
              Visits, bookings, arrivals, agreements and messages of the other record come to this one; plan,
              form and home stay as this one has them. The other is not found any more. It can be undone on
              this card.
            </p>
            <p role="alert" className="font-bold text-haw">
              {merge.error?.message}
            </p>
            <Button kind="main" disabled={merge.isPending} onClick={() => merge.mutate(asked.id)}>
              {merge.isPending ? 'One moment …' : 'Make them one'}
            </Button>
          </div>
        </Modal>
      )}
    </section>
  )
}
