// Where a programme is told of changes from now on.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'

interface Props {
  programme: Schemas['IntegrationView']
  after: (now: Schemas['IntegrationsView']) => void
  onClose: () => void
}

export function WhereTold({ programme, after, onClose }: Props) {
  const [tell, setTell] = useState(programme.tell)
  const write = useWrite({
    send: (_: void, key) =>
      take(
        api.PUT('/api/integrations/{id}/tell', {
          params: { path: { id: programme.id }, header: key },
          body: { tell },
        }),
      ),
    onSuccess: (now) => {
      after(now)
      onClose()
    },
  })
  return (
    <Modal open onClose={onClose} title={`Where ${programme.name} is told`}>
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-2">
        <TextField
          label="Address"
          hint="begins with https://; left empty it is told nothing"
          type="url"
          maxLength={300}
          autoFocus
          value={tell}
          onChange={(e) => setTell(e.target.value)}
          error={write.fields.tell}
        />
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
