// A new pattern, from a dog or from nothing.
import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take } from '../../app/client'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useWrite } from '../../app/useWrite'

export function NewPattern({ onClose, onAdded }: { onClose: () => void; onAdded: (id: string) => void }) {
  const cache = useQueryClient()
  const [v, setV] = useState({ name: '', note: '', line: 'back ribs loin rump: 16/10' })
  const save = useWrite({
    send: (_: void, write) => take(api.POST('/api/patterns', { params: { header: write }, body: v })),
    onSuccess: (made) => {
      void cache.invalidateQueries({ queryKey: ['patterns'] })
      onAdded(made.pattern.id)
      onClose()
    },
  })
  const errors = save.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  return (
    <Modal open wide onClose={onClose} title="New pattern">
      <form onSubmit={send} noValidate className="space-y-1">
        <TextField
          label="Name"
          value={v.name}
          maxLength={60}
          onChange={(e) => setV({ ...v, name: e.target.value })}
          error={errors.name}
        />
        <TextField
          label="Note"
          value={v.note}
          maxLength={300}
          onChange={(e) => setV({ ...v, note: e.target.value })}
          error={errors.note}
        />
        <TextField
          label="The plan on one line"
          className="field font-mono"
          spellCheck={false}
          value={v.line}
          hint="zones: tool, then the next after a semicolon"
          onChange={(e) => setV({ ...v, line: e.target.value })}
          error={errors.line}
        />
        <FormEnd
          error={save.error}
          busy={save.isPending}
          send="Save the pattern"
          sending="Saving …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
