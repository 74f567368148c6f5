// A new tool for the kit.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import type { Session } from '../../app/session'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useWrite } from '../../app/useWrite'

const KINDS = [
  { id: 'blade', label: 'Blade' },
  { id: 'guard', label: 'Guard' },
  { id: 'trimmer', label: 'Small trimmer' },
  { id: 'clipper', label: 'Clipper, corded or cordless' },
  { id: 'shears', label: 'Shears' },
  { id: 'thinning_shears', label: 'Thinning shears' },
  { id: 'knife', label: 'Stripping knife' },
  { id: 'rake', label: 'Rake or carder' },
]

export function NewTool({
  places,
  onClose,
  onAdded,
}: {
  places: Session['places']
  onClose: () => void
  onAdded: (id: string) => void
}) {
  const cache = useQueryClient()
  const words = useQuery(queries.words())
  const [v, setV] = useState({ kind: 'blade', label: '10', nominal: '', place: places[0]?.id ?? '' })
  const blades = words.data?.lists.blade ?? []
  const save = useWrite({
    send: (_: void, write) => {
      const n = Number(v.nominal.trim().replace(',', '.'))
      const nominal =
        (v.kind !== 'guard' && v.kind !== 'trimmer') || v.nominal.trim() === ''
          ? null
          : Number.isFinite(n)
            ? n
            : v.nominal
      return take(
        api.POST('/api/kit', {
          params: { header: write },
          body: { kind: v.kind, label: v.label, nominal_mm: nominal, place: v.place },
        }),
      )
    },
    onSuccess: (item) => {
      void cache.invalidateQueries({ queryKey: ['kit'] })
      onAdded(item.id)
      onClose()
    },
  })
  const errors = save.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  return (
    <Modal open onClose={onClose} title="New tool">
      <form onSubmit={send} noValidate className="space-y-2">
        <SelectField
          label="What it is"
          value={v.kind}
          options={KINDS}
          onChange={(e) =>
            setV({ ...v, kind: e.target.value, label: e.target.value === 'blade' ? '10' : '' })
          }
          error={errors.kind}
        />
        {v.kind === 'blade' ? (
          <SelectField
            label="Its number"
            value={v.label}
            options={blades}
            onChange={(e) => setV({ ...v, label: e.target.value })}
            error={errors.label}
          />
        ) : (
          <TextField
            label="What we call it"
            value={v.label}
            maxLength={40}
            hint="as it is said in the salon"
            onChange={(e) => setV({ ...v, label: e.target.value })}
            error={errors.label}
          />
        )}
        {(v.kind === 'guard' || v.kind === 'trimmer') && (
          <TextField
            label={v.kind === 'guard' ? 'As labelled, mm' : 'Set to, mm'}
            inputMode="decimal"
            value={v.nominal}
            onChange={(e) => setV({ ...v, nominal: e.target.value })}
            error={errors.nominal_mm}
          />
        )}
        <SelectField
          label="Lives at"
          value={v.place}
          options={places.map((p) => ({ id: p.id, label: p.name }))}
          onChange={(e) => setV({ ...v, place: e.target.value })}
          error={errors.place}
        />
        <FormEnd
          error={save.error}
          busy={save.isPending}
          send="Add it"
          sending="Adding …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
