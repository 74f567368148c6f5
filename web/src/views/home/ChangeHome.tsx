// Changes a home: its name, what to know of it, who lives there and how they are reached.
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'

interface Props {
  home: Schemas['HomeView']
  after: () => void
  onClose: () => void
}
interface Person {
  key: string
  id: string | null
  name: string
  phone: string
  email: string
}
const MOST = 8

export function ChangeHome({ home, after, onClose }: Props) {
  const toast = useToast()
  const [name, setName] = useState(home.name)
  const [note, setNote] = useState(home.note)
  const [people, setPeople] = useState<Person[]>(home.people.map((p) => ({ ...p, key: p.id })))
  const write = useWrite({
    send: (_: void, key) =>
      take(
        api.PUT('/api/homes/{id}', {
          params: { path: { id: home.id }, header: { ...ifMatch(home.version), ...key } },
          body: {
            name,
            note,
            people: people.map((p) => ({ id: p.id, name: p.name, phone: p.phone, email: p.email })),
          },
        }),
      ),
    onSuccess: (now) => {
      toast({ text: now.dogs.length > 1 ? `${now.name}: changed for all its dogs` : `${now.name}: changed` })
      onClose()
    },
    onSettled: after,
  })
  const change = (key: string, is: Partial<Person>) =>
    setPeople(people.map((p) => (p.key === key ? { ...p, ...is } : p)))
  return (
    <Modal open onClose={onClose} title="Change this home" wide>
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-3">
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          <TextField
            label="Called"
            maxLength={80}
            value={name}
            onChange={(e) => setName(e.target.value)}
            error={write.fields.name}
          />
          <TextField
            label="What to know"
            hint="the gate, the bell, who is in when"
            maxLength={500}
            value={note}
            onChange={(e) => setNote(e.target.value)}
            error={write.fields.note}
          />
        </div>
        {people.map((p, i) => (
          <fieldset key={p.key} className="rounded-md border border-line p-3">
            <legend className="px-1 font-bold">{i === 0 ? 'First to be reached' : `Person ${i + 1}`}</legend>
            <div className="grid gap-x-3 gap-y-2 sm:grid-cols-3">
              <TextField
                label="Name"
                maxLength={80}
                value={p.name}
                onChange={(e) => change(p.key, { name: e.target.value })}
                error={write.fields[`people[${i}].name`]}
              />
              <TextField
                label="Phone"
                inputMode="tel"
                maxLength={40}
                value={p.phone}
                onChange={(e) => change(p.key, { phone: e.target.value })}
                error={write.fields[`people[${i}].phone`]}
              />
              <TextField
                label="E-mail"
                type="email"
                maxLength={120}
                value={p.email}
                onChange={(e) => change(p.key, { email: e.target.value })}
                error={write.fields[`people[${i}].email`]}
              />
            </div>
            {people.length > 1 && (
              <Button
                kind="quiet"
                className="text-sm"
                aria-label={`${p.name || `Person ${i + 1}`}: not of this home any more`}
                onClick={() => setPeople(people.filter((q) => q !== p))}
              >
                <X aria-hidden className="size-4" /> not of this home any more
              </Button>
            )}
          </fieldset>
        ))}
        {people.length < MOST && (
          <Button
            onClick={() =>
              setPeople([...people, { key: String(Date.now()), id: null, name: '', phone: '', email: '' }])
            }
          >
            <Plus aria-hidden className="size-5" /> Another person
          </Button>
        )}
        {write.stale && (
          <p role="alert" className="font-bold text-haw">
            Somebody else changed this home meanwhile. Look at theirs: leave this and open it again.
          </p>
        )}
        <FormEnd
          error={write.error}
          busy={write.isPending}
          send="Keep"
          sending="Keeping …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
