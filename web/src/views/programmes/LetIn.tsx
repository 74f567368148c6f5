// Lets a programme in: what it may and for how long; then shows its token and secret, once.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'

interface Props {
  rights: Schemas['IntegrationsView']['rights']
  after: (now: Schemas['IntegrationsView']) => void
  onClose: () => void
}
const FOR = [
  { id: '30', label: 'a month' },
  { id: '180', label: 'half a year' },
  { id: '366', label: 'a year' },
]

export function LetIn({ rights, after, onClose }: Props) {
  const [v, setV] = useState({ name: '', may: ['read'], days: 180, tell: '' })
  const write = useWrite({
    send: (_: void, key) => take(api.POST('/api/integrations', { params: { header: key }, body: v })),
    onSuccess: (now) => after({ ...now, token: null, secret: null }),
  })
  if (write.data?.token)
    return (
      <Modal open onClose={onClose} title={`${v.name} is let in`} wide>
        <p className="mb-3">
          Hand these over now: they are shown this once. Whoever has the token can do what you have ticked.
        </p>
        <Secret label="Token" value={write.data.token} />
        {v.tell && <Secret label="Secret for the signature" value={write.data.secret ?? ''} />}
        <Button className="mt-4" kind="main" onClick={onClose}>
          Done
        </Button>
      </Modal>
    )
  return (
    <Modal open onClose={onClose} title="Let a programme in">
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-3">
        <TextField
          label="What it is for"
          maxLength={60}
          autoFocus
          value={v.name}
          onChange={(e) => setV({ ...v, name: e.target.value })}
          error={write.fields.name}
        />
        <fieldset>
          <legend className="label">It may</legend>
          {rights.map((r) => (
            <label key={r.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 shrink-0"
                disabled={r.id === 'read'}
                checked={v.may.includes(r.id)}
                onChange={(e) =>
                  setV({
                    ...v,
                    may: e.target.checked ? [...v.may, r.id] : v.may.filter((m) => m !== r.id),
                  })
                }
              />
              {r.label}
            </label>
          ))}
        </fieldset>
        <SelectField
          label="For"
          value={String(v.days)}
          options={FOR}
          onChange={(e) => setV({ ...v, days: Number(e.target.value) })}
          error={write.fields.days}
        />
        <TextField
          label="Told of changes at"
          hint="begins with https://; left empty it asks by itself"
          type="url"
          maxLength={300}
          value={v.tell}
          onChange={(e) => setV({ ...v, tell: e.target.value })}
          error={write.fields.tell}
        />
        <FormEnd
          error={write.error}
          busy={write.isPending}
          send="Let it in"
          sending="Letting it in …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}

function Secret({ label, value }: { label: string; value: string }) {
  const [copied, setCopied] = useState(false)
  return (
    <div className="mb-3">
      <p className="label">{label}</p>
      <code className="block break-all rounded bg-well p-3">{value}</code>
      <Button
        className="mt-1"
        onClick={() => void navigator.clipboard.writeText(value).then(() => setCopied(true))}
        aria-label={`Copy ${label}`}
      >
        {copied ? 'Copied' : 'Copy'}
      </Button>
    </div>
  )
}
