// A booking that is changed: another day, hour, kind or person; why it slips; or cancelled.
import { useState, type FormEvent } from 'react'
import { useSession } from '../app/session'
import { Button } from '../ui/Button'
import { DateField } from '../ui/DateField'
import { timeTyped } from '../ui/dates'
import { CheckField, SelectField, TextField } from '../ui/Field'
import { Modal } from '../ui/Modal'
import { VISIT_KINDS } from './kinds'
import { Offers } from './Offers'
import { useMove, type Held, type Where } from './useMove'

const CAUSES = [
  { id: '', label: 'not said' },
  { id: 'owner', label: 'the owner asked' },
  { id: 'salon', label: 'the salon could not' },
  { id: 'illness', label: 'somebody or the dog is ill' },
  { id: 'weather', label: 'the weather' },
  { id: 'closure', label: 'closed that day' },
]

interface Props {
  booking: Held
  onClose: () => void
}

export function MoveForm({ booking, onClose }: Props) {
  const { session } = useSession()
  const [to, setTo] = useState<Where>({ ...booking, cause: '', write: true })
  const set = (change: Partial<Where>) => setTo({ ...to, ...change })
  const { move, cancel } = useMove(onClose)
  const send = (e: FormEvent) => {
    e.preventDefault()
    move.mutate({ from: booking, to })
  }
  const errors = move.fields
  return (
    <Modal open onClose={onClose} title={`${booking.name}’s visit`}>
      <form onSubmit={send} noValidate className="space-y-3">
        <Offers
          dog={booking.dog}
          kind={to.kind}
          moving={booking.id}
          chosen={{ day: to.day, time: to.time, staff: to.staff ?? '' }}
          onChoose={set}
        />
        <div className="grid grid-cols-[7fr_5fr] gap-2">
          <DateField label="Day" value={to.day} onDay={(day) => set({ day })} error={errors.day} />
          <TextField
            label="Time"
            inputMode="numeric"
            value={to.time}
            onChange={(e) => set({ time: e.target.value })}
            onBlur={(e) => set({ time: timeTyped(e.target.value) })}
            error={errors.time}
          />
          <SelectField
            label="Kind"
            value={to.kind}
            options={[...VISIT_KINDS]}
            onChange={(e) => set({ kind: e.target.value })}
            error={errors.kind}
          />
          <SelectField
            label="With"
            value={to.staff ?? ''}
            options={[
              { id: '', label: 'not decided' },
              ...session.colleagues.map((c) => ({ id: c.id, label: c.name })),
            ]}
            onChange={(e) => set({ staff: e.target.value || null })}
            error={errors.staff}
          />
        </div>
        {to.day > booking.day && (
          <SelectField
            label="Why it is later"
            value={to.cause ?? ''}
            options={CAUSES}
            onChange={(e) => set({ cause: e.target.value })}
            error={errors.cause}
          />
        )}
        <CheckField
          label="Write to the owner, with a link to answer by"
          checked={to.write ?? false}
          onChange={(e) => set({ write: e.target.checked })}
        />
        {move.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="text-sm font-bold text-haw">
            {move.error.message}
          </p>
        )}
        <div className="flex flex-wrap justify-between gap-2">
          <Button type="submit" kind="main" disabled={move.isPending}>
            Save
          </Button>
          <Button
            kind="quiet"
            className="text-haw"
            disabled={cancel.isPending}
            onClick={() => cancel.mutate(booking)}
          >
            Cancel this visit
          </Button>
        </div>
      </form>
    </Modal>
  )
}
