// Invites somebody: who, as what; then shows the link, for whoever stands beside.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { OneLink } from './Links'

interface Props {
  roles: Schemas['PeopleView']['roles']
  onClose: () => void
}

export function InvitePerson({ roles, onClose }: Props) {
  const { session } = useSession()
  const [v, setV] = useState({ name: '', role: 'groomer', place: session.place ?? '', email: '' })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const write = useWrite({
    send: (_: void, key) => take(api.POST('/api/people/invitations', { params: { header: key }, body: v })),
  })
  if (write.data)
    return (
      <Modal open onClose={onClose} title={`${write.data.name} is invited`} wide>
        <p className="mb-3">
          {write.data.to
            ? `The link is on its way to ${write.data.to}. You can also hand it over yourself.`
            : 'Hand this link over yourself. It opens once.'}
        </p>
        <OneLink path={write.data.path} />
        <Button className="mt-4" kind="main" onClick={onClose}>
          Done
        </Button>
      </Modal>
    )
  const chosen = roles.find((r) => r.id === v.role)
  return (
    <Modal open onClose={onClose} title="Invite somebody">
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-2">
        <TextField
          label="Name"
          maxLength={80}
          autoFocus
          value={v.name}
          onChange={(e) => set({ name: e.target.value })}
          error={write.fields.name}
        />
        <SelectField
          label="Role"
          value={v.role}
          options={roles}
          hint={chosen && `may ${chosen.may.join('; ')}`}
          onChange={(e) => set({ role: e.target.value })}
          error={write.fields.role}
        />
        <SelectField
          label="Works at"
          value={v.place}
          options={[
            { id: '', label: 'anywhere' },
            ...session.places.map((p) => ({ id: p.id, label: p.name })),
          ]}
          onChange={(e) => set({ place: e.target.value })}
          error={write.fields.place}
        />
        <TextField
          label="E-mail"
          hint="left empty: you hand the link over yourself"
          type="email"
          maxLength={120}
          value={v.email}
          onChange={(e) => set({ email: e.target.value })}
          error={write.fields.email}
        />
        <FormEnd
          error={write.error}
          busy={write.isPending}
          send="Invite"
          sending="Inviting …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
