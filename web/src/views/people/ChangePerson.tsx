// What a manager changes of a person: role, place, whether they work here; a new password only by a link.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { NumberField } from '../../ui/NumberField'
import { useToast } from '../../ui/Toasts'
import { timeTyped } from '../../ui/dates'
import { HoursFields } from './Hours'
import { Skills } from './Skills'

interface Props {
  person: Schemas['PersonView']
  roles: Schemas['PeopleView']['roles']
  after: () => void
  onClose: () => void
}
const SURE = ['1', '2', '3', '4', '5'].map((id) => ({ id, label: id }))

export function ChangePerson({ person, roles, after, onClose }: Props) {
  const { session } = useSession()
  const toast = useToast()
  const [v, setV] = useState({
    name: person.name,
    role: person.role,
    place: person.place ?? '',
    email: person.email,
    confidence: person.confidence,
    active: person.active,
    skills: person.skills,
    hours: person.hours,
    away: person.away,
    break_from: person.break_from,
    break_to: person.break_to,
    heavy_most: person.heavy_most,
    strip_most: person.strip_most,
  })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const path = { id: person.id }
  const write = useWrite({
    send: (_: void, key) =>
      take(
        api.PUT('/api/people/{id}', {
          params: { path, header: { ...ifMatch(person.version), ...key } },
          body: {
            ...v,
            skills: Object.entries(v.skills).map(([task, sure]) => ({ task, sure })),
          },
        }),
      ),
    onSuccess: (now) => {
      toast({ text: now.active ? `${now.name} is changed` : `${now.name} works here no more` })
      onClose()
    },
    onSettled: after,
  })
  const reset = useWrite({
    send: (_: void, key) => take(api.POST('/api/people/{id}/reset', { params: { path, header: key } })),
    onSuccess: (link) => {
      toast({ text: link.to ? `A link is on its way to ${link.to}` : 'The link stands above the list' })
      onClose()
    },
    onError: (e) => toast({ text: e.message, bad: true }),
    onSettled: after,
  })
  return (
    <Modal open onClose={onClose} title={person.name} wide>
      <form
        onSubmit={(e) => (e.preventDefault(), write.mutate())}
        noValidate
        className="grid gap-x-4 gap-y-2 sm:grid-cols-2"
      >
        <TextField
          label="Name"
          maxLength={80}
          value={v.name}
          onChange={(e) => set({ name: e.target.value })}
          error={write.fields.name}
        />
        <TextField
          label="E-mail"
          type="email"
          maxLength={120}
          value={v.email}
          onChange={(e) => set({ email: e.target.value })}
          error={write.fields.email}
        />
        <SelectField
          label="Role"
          value={v.role}
          options={roles}
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
        <div>
          <p className="label">How sure with dogs that bear a task badly</p>
          <Choice
            label="How sure with dogs that bear a task badly"
            value={String(v.confidence)}
            options={SURE}
            onChange={(n) => set({ confidence: Number(n) })}
          />
        </div>
        <div>
          <p className="label">Works here</p>
          <Choice
            label="Works here"
            value={v.active ? 'yes' : 'no'}
            options={[
              { id: 'yes', label: 'Yes' },
              { id: 'no', label: 'No more' },
            ]}
            onChange={(is) => set({ active: is === 'yes' })}
          />
          <p className="text-sm font-bold text-haw" role={write.fields.active ? 'alert' : undefined}>
            {write.fields.active && `Works here ${write.fields.active}`}
          </p>
        </div>
        {v.active && (
          <div className="space-y-3 sm:col-span-2">
            <Skills skills={v.skills} onChange={(skills) => set({ skills })} />
            <div className="grid grid-cols-2 gap-2">
              <TextField
                label="Break from"
                inputMode="numeric"
                placeholder="none"
                value={v.break_from}
                onChange={(e) => set({ break_from: e.target.value })}
                onBlur={(e) => set({ break_from: timeTyped(e.target.value) })}
                error={write.fields.break_from}
              />
              <TextField
                label="Break to"
                inputMode="numeric"
                placeholder="none"
                value={v.break_to}
                onChange={(e) => set({ break_to: e.target.value })}
                onBlur={(e) => set({ break_to: timeTyped(e.target.value) })}
                error={write.fields.break_to}
              />
              <NumberField
                label="Heavy dogs a day, at most"
                placeholder="any number"
                value={v.heavy_most}
                onChange={(heavy_most) => set({ heavy_most })}
                error={write.fields.heavy_most ?? ''}
              />
              <NumberField
                label="Minutes of stripping a day, at most"
                placeholder="as many as there are"
                value={v.strip_most}
                onChange={(strip_most) => set({ strip_most })}
                error={write.fields.strip_most ?? ''}
              />
            </div>
            <HoursFields
              title="Works"
              closedTitle="Days away"
              hours={v.hours}
              closed={v.away}
              errors={write.fields}
              closedName="away"
              onHours={(hours) => set({ hours })}
              onClosed={(away) => set({ away })}
            />
          </div>
        )}
        {!v.active && person.active && (
          <p className="text-sm text-bracken sm:col-span-2">
            {person.name} is signed out everywhere at once. Name and history stay; what is booked with them is
            listed here to be moved.
          </p>
        )}
        <div className="sm:col-span-2">
          <FormEnd
            error={write.error}
            busy={write.isPending}
            send="Keep"
            sending="Keeping …"
            onLeave={onClose}
          >
            {person.active && (
              <Button disabled={reset.isPending} onClick={() => reset.mutate()}>
                Link for a new password
              </Button>
            )}
          </FormEnd>
        </div>
      </form>
    </Modal>
  )
}
