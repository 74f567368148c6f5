// What stops a place: a sore, a swelling, hot skin, a fresh operation, each where it is.
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { isZone, type FoundHere } from './hands'
import { isOf } from '../../parts/lists'

interface Props {
  found: FoundHere[]
  words: Schemas['VocabularyView']
  onChange: (found: FoundHere[]) => void
}

export function Found({ found, words, onChange }: Props) {
  const [kind, setKind] = useState('')
  const [zone, setZone] = useState('')
  const [cleared, setCleared] = useState('')
  const label = (list: { id: string; label: string }[], id: string | null | undefined) =>
    list.find((o) => o.id === id)?.label ?? id
  const add = () => {
    if (!isOf<FoundHere['kind']>(words, 'found', kind) || !isZone(words, zone)) return
    onChange([...found, { kind, zone, ...(cleared.trim() ? { cleared_by: cleared.trim() } : {}) }])
    setKind('')
    setZone('')
    setCleared('')
  }
  return (
    <fieldset className="space-y-2">
      <legend className="label">A place that is left alone</legend>
      {found.length > 0 && (
        <ul className="divide-y divide-line">
          {found.map((f, i) => (
            <li key={i} className="flex items-center gap-2 py-1">
              <span className="min-w-0 flex-1">
                <b className="text-haw">{label(words.lists.found, f.kind)}</b>
                {f.zone && `, ${label(words.zones, f.zone)}`}
                {f.cleared_by && <span className="text-sm text-ink-2"> · cleared by {f.cleared_by}</span>}
              </span>
              <Button
                kind="quiet"
                aria-label={`Take out ${label(words.lists.found, f.kind)}`}
                onClick={() => onChange(found.filter((_, j) => j !== i))}
              >
                take out
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="grid grid-cols-2 gap-2">
        <SelectField
          label="What"
          value={kind}
          options={[{ id: '', label: 'nothing more' }, ...words.lists.found]}
          onChange={(e) => setKind(e.target.value)}
        />
        <SelectField
          label="Where"
          value={zone}
          options={[
            { id: '', label: 'choose the place' },
            ...words.zones.map((z) => ({ id: z.id, label: z.label })),
          ]}
          onChange={(e) => setZone(e.target.value)}
        />
        {kind !== '' && (
          <>
            <TextField
              label="Cleared for the bath by (vet, day)"
              value={cleared}
              maxLength={120}
              onChange={(e) => setCleared(e.target.value)}
            />
            <Button className="mb-5 self-end" disabled={zone === ''} onClick={add}>
              Add it
            </Button>
          </>
        )}
      </div>
    </fieldset>
  )
}
