// Asks another salon for a dog's history: its owner is written to from there, and says what may be seen.
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'

interface Props {
  dogId: string
  name: string
  after: (fresh: unknown) => void
  onClose: () => void
}

export function AskElsewhere({ dogId, name, after, onClose }: Props) {
  const [salon, setSalon] = useState('')
  const toast = useToast()
  const ask = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/histories', {
          params: { path: { id: dogId }, header: write },
          body: { salon },
        }),
      ),
    onSuccess: (fresh) => {
      after(fresh)
      onClose()
      toast({ text: `If ${salon} knows ${name}, its owner is asked now` })
    },
  })
  return (
    <Modal open onClose={onClose} title={`What another salon knows of ${name}`}>
      <form onSubmit={(e) => (e.preventDefault(), ask.mutate())} noValidate className="space-y-2">
        <p>
          If that salon has {name} under the same number or address, it writes to the owner, who says what you
          may see: the card, cautions, visits, or nothing. Never what was paid.
        </p>
        <TextField
          label="Name of the other salon"
          hint="as its owner says it, on the same Keen Thistle"
          maxLength={80}
          autoFocus
          value={salon}
          onChange={(e) => setSalon(e.target.value)}
          error={ask.fields.salon}
        />
        <FormEnd error={ask.error} busy={ask.isPending} send="Ask" sending="Asking …" onLeave={onClose} />
      </form>
    </Modal>
  )
}
