// A new tool for the kit.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { zodResolver } from '@hookform/resolvers/zod'
import { useForm, useWatch } from 'react-hook-form'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import type { Session } from '../../app/session'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useWrite } from '../../app/useWrite'
import { hasLength, toolToSend, type ToolToSend, type TypedTool } from './typedTool'

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
  const { register, handleSubmit, setValue, control } = useForm<TypedTool, unknown, ToolToSend>({
    defaultValues: { kind: 'blade', label: '10', nominal: '', place: places[0]?.id ?? '' },
    resolver: zodResolver(toolToSend),
  })
  const kind = useWatch({ control, name: 'kind' })
  const blades = words.data?.lists.blade ?? []
  const save = useWrite({
    send: (body: ToolToSend, write) => take(api.POST('/api/kit', { params: { header: write }, body })),
    onSuccess: (item) => {
      void cache.invalidateQueries({ queryKey: ['kit'] })
      onAdded(item.id)
      onClose()
    },
  })
  const errors = save.fields
  const send = handleSubmit((tool) => save.mutate(tool))
  return (
    <Modal open onClose={onClose} title="New tool">
      <form onSubmit={(e) => void send(e)} noValidate className="space-y-2">
        <SelectField
          label="What it is"
          {...register('kind', {
            onChange: (e: { target: { value: string } }) =>
              setValue('label', e.target.value === 'blade' ? '10' : ''),
          })}
          options={KINDS}
          error={errors.kind}
        />
        {kind === 'blade' ? (
          <SelectField label="Its number" {...register('label')} options={blades} error={errors.label} />
        ) : (
          <TextField
            label="What we call it"
            {...register('label')}
            maxLength={40}
            hint="as it is said in the salon"
            error={errors.label}
          />
        )}
        {hasLength(kind) && (
          <TextField
            label={kind === 'guard' ? 'As labelled, mm' : 'Set to, mm'}
            inputMode="decimal"
            {...register('nominal')}
            error={errors.nominal_mm}
          />
        )}
        <SelectField
          label="Lives at"
          {...register('place')}
          options={places.map((p) => ({ id: p.id, label: p.name }))}
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
