// Changes a home: its name, what to know of it, its people and how they are reached, quiet hours, its vet.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { ifMatch, useWrite } from '../../app/useWrite'
import { timeTyped } from '../../ui/dates'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { Persons, type OtherTyped, type PersonTyped } from './Persons'

interface Props {
  home: Schemas['HomeView']
  after: () => void
  onClose: () => void
}

export function ChangeHome({ home, after, onClose }: Props) {
  const toast = useToast()
  const { name, note, vet, quiet_from, quiet_to } = home
  const [said, setSaid] = useState({ name, note, vet, quiet_from, quiet_to })
  const [people, setPeople] = useState<PersonTyped[]>(home.people.map((p) => ({ ...p, key: p.id })))
  const [others, setOthers] = useState<OtherTyped[]>(home.others.map((o) => ({ ...o, key: o.name })))
  const write = useWrite({
    send: (_: void, key) =>
      take(
        api.PUT('/api/homes/{id}', {
          params: { path: { id: home.id }, header: { ...ifMatch(home.version), ...key } },
          body: {
            ...said,
            people: people.map(({ id, name, phone, email, writes, collects, word }) => ({
              id,
              name,
              phone,
              email,
              writes,
              collects,
              word,
            })),
            others: others.map(({ name, phone, role, collects, word }) => ({
              name,
              phone,
              role,
              collects,
              word,
            })),
          },
        }),
      ),
    onSuccess: (now) => {
      toast({ text: now.dogs.length > 1 ? `${now.name}: changed for all its dogs` : `${now.name}: changed` })
      onClose()
    },
    onSettled: after,
  })
  const text = (field: keyof typeof said, label: string, most: number, hint?: string) => (
    <TextField
      label={label}
      hint={hint}
      maxLength={most}
      value={said[field]}
      onChange={(e) => setSaid({ ...said, [field]: e.target.value })}
      onBlur={(e) => most === 5 && setSaid({ ...said, [field]: timeTyped(e.target.value) })}
      error={write.fields[field]}
    />
  )
  return (
    <Modal open onClose={onClose} title="Change this home" wide>
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-3">
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          {text('name', 'Called', 80)}
          {text('note', 'What to know', 500, 'the gate, the bell, who is in when')}
          {text('vet', 'Vet of its dogs', 160, 'name, practice, number')}
          <div className="grid grid-cols-2 gap-x-3">
            {text('quiet_from', 'Quiet from', 5, 'no message then')}
            {text('quiet_to', 'Quiet until', 5)}
          </div>
        </div>
        <Persons
          people={people}
          others={others}
          errors={write.fields}
          onPeople={setPeople}
          onOthers={setOthers}
        />
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
