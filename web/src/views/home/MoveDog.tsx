// A dog has another home: one in the book, found as it is typed, or a new one. Its history goes with it.
import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { useNavigate } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { ifMatch, useWrite } from '../../app/useWrite'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'

interface Props {
  dog: Schemas['HomeView']['dogs'][number]
  after: () => void
  onClose: () => void
}

export function MoveDog({ dog, after, onClose }: Props) {
  const go = useNavigate()
  const toast = useToast()
  const [owner, setOwner] = useState({ name: '', phone: '', email: '' })
  const [home, setHome] = useState<{ id: string; name: string } | null>(null)
  const set = (change: Partial<typeof owner>) => (setOwner({ ...owner, ...change }), setHome(null))
  const hints = useQuery({
    ...queries.newDog('', useDeferredValue(owner.name), ''),
    enabled: owner.name.length > 2,
  })
  const write = useWrite({
    send: (_: void, key) =>
      take(
        api.PUT('/api/dogs/{id}/home', {
          params: { path: { id: dog.id }, header: { ...ifMatch(dog.version), ...key } },
          body: home ? { home: home.id } : { owner },
        }),
      ),
    onSuccess: (now) => {
      toast({ text: `${dog.name} lives with ${now.name} now` })
      onClose()
      void go(`/homes/${now.id}`)
    },
    onSettled: after,
  })
  return (
    <Modal open onClose={onClose} title={`${dog.name} has another home`}>
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-2">
        <p className="text-ink-2">
          Plan, visits and what is booked go along. Who may collect it and whom to call is asked anew.
        </p>
        <TextField
          label="Name of the owner"
          maxLength={80}
          autoFocus
          value={owner.name}
          onChange={(e) => set({ name: e.target.value })}
          error={write.fields['owner.name'] ?? write.fields.home}
        />
        {(hints.data?.homes ?? []).length > 0 && (
          <ul aria-label="Homes in the book" className="space-y-1">
            {hints.data?.homes.map((h) => (
              <li key={h.id}>
                <label className="flex min-h-11 items-center gap-3">
                  <input
                    type="radio"
                    name="home"
                    className="size-6 shrink-0 accent-thistle"
                    checked={home?.id === h.id}
                    onChange={() => setHome({ id: h.id, name: h.name })}
                  />
                  <span>
                    {h.name}: {h.people.map((p) => p.name).join(', ')}
                  </span>
                </label>
              </li>
            ))}
          </ul>
        )}
        {!home && (
          <>
            <TextField
              label="Phone"
              inputMode="tel"
              maxLength={40}
              value={owner.phone}
              onChange={(e) => set({ phone: e.target.value })}
              error={write.fields['owner.phone']}
            />
            <TextField
              label="E-mail"
              type="email"
              maxLength={120}
              value={owner.email}
              onChange={(e) => set({ email: e.target.value })}
              error={write.fields['owner.email']}
            />
          </>
        )}
        <FormEnd
          error={write.error}
          busy={write.isPending}
          send={home ? `Move to ${home.name}` : 'Move to a new home'}
          sending="Moving …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
