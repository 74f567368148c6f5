// How a dog bears one tool, as it is put down.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { ifMatch, useWrite } from '../../app/useWrite'

type Row = Schemas['HandlingView']

export function Form({
  dogId,
  arrivalId,
  tool,
  row,
  words,
  onDone,
}: {
  dogId: string
  arrivalId: string
  tool: string
  row: Row | null
  words: Schemas['VocabularyView']
  onDone: () => void
}) {
  const cache = useQueryClient()
  const [v, setV] = useState({
    tolerance: row?.tolerance ?? 3,
    where: row?.where ?? '',
    trigger: row?.trigger ?? '',
    cause: row?.cause ?? '',
    works: row?.works ?? '',
    hold: row?.hold ?? '',
    banned: row?.banned ?? '',
    marker: row?.marker ?? '',
    treats: row?.treats ?? '',
    second_person: row?.second_person ?? false,
    owner_says: row?.owner_says ?? '',
    places: row?.places ?? [],
  })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/dogs/{id}/handling/{tool}', {
          params: {
            path: { id: dogId, tool },
            header: { ...ifMatch(row?.version ?? 0), ...write },
          },
          body: v,
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['arrival', arrivalId] })
      onDone()
    },
  })
  const errors = save.fields
  const text = (name: keyof typeof v, label: string, maxLength: number) => (
    <TextField
      label={label}
      value={String(v[name])}
      maxLength={maxLength}
      onChange={(e) => set({ [name]: e.target.value })}
      error={errors[name]}
    />
  )
  return (
    <form
      noValidate
      className="mt-3 grid grid-cols-2 gap-2 border-t border-line pt-3"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate()
      }}
    >
      <SelectField
        label="Tolerates it"
        value={String(v.tolerance)}
        options={['0 not at all', '1 hardly', '2 a little', '3 with patience', '4 well', '5 at ease'].map(
          (label, i) => ({ id: String(i), label }),
        )}
        onChange={(e) => set({ tolerance: Number(e.target.value) })}
        error={errors.tolerance}
      />
      <SelectField
        label="Cause"
        value={v.cause}
        options={words.lists.cause ?? []}
        onChange={(e) => set({ cause: e.target.value })}
        error={errors.cause}
      />
      {text('where', 'Where on the dog', 80)}
      {text('trigger', 'Dog objects to', 120)}
      <SelectField
        label="What works"
        value={v.works}
        options={words.lists.works ?? []}
        onChange={(e) => set({ works: e.target.value })}
        error={errors.works}
      />
      {text('hold', 'Hold, foot by foot', 120)}
      {text('banned', 'Cues never to use', 80)}
      {text('marker', 'Marker word', 40)}
      {text('treats', 'Treats', 80)}
      {text('owner_says', 'The owner says', 200)}
      <CheckField
        label="A second person"
        checked={v.second_person}
        onChange={(e) => set({ second_person: e.target.checked })}
      />
      <fieldset className="col-span-2">
        <legend className="label">In these places (none: the dog as a whole)</legend>
        <div className="flex flex-wrap gap-x-4">
          {(words.lists.place ?? []).map((p) => (
            <CheckField
              key={p.id}
              label={p.label}
              checked={v.places.includes(p.id)}
              onChange={(e) =>
                set({
                  places: e.target.checked ? [...v.places, p.id] : v.places.filter((one) => one !== p.id),
                })
              }
            />
          ))}
        </div>
      </fieldset>
      <div className="col-span-2 flex flex-wrap items-center gap-2">
        <Button type="submit" kind="main" disabled={save.isPending}>
          Save
        </Button>
        <Button onClick={onDone}>Leave</Button>
        {save.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="text-sm font-bold text-haw">
            {save.error.message}
          </p>
        )}
      </div>
    </form>
  )
}
