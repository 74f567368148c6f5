// The salon's words for face, ears, paws, sanitary clip and tail, each with its drawing; and its own beside
// them.
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { StyleDrawing } from '../../dog/StyleDrawing'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'

type Style = Schemas['HouseStyleView']['styles'][number]
export interface OwnStyle {
  kind: string
  name: string
  drawing: string
}
const KINDS = [
  ['face', 'Face'],
  ['ears', 'Ears'],
  ['paws', 'Paws'],
  ['sanitary', 'Sanitary'],
  ['tail', 'Tail'],
] as const

interface Props {
  styles: Style[]
  own: OwnStyle[]
  canChange: boolean
  errors: Record<string, string>
  onChange: (own: OwnStyle[]) => void
}

export function Styles({ styles, own, canChange, errors, onChange }: Props) {
  const [draft, setDraft] = useState<OwnStyle | null>(null)
  const given = styles.filter((s) => !s.own)
  const bad = Object.entries(errors).find(([field]) => field.startsWith('styles'))
  return (
    <section className="panel divide-y divide-line" aria-label="Styles">
      <h2 className="p-4 pb-2 text-lg">Styles</h2>
      {KINDS.map(([kind, label]) => (
        <div key={kind} className="p-4">
          <h3 className="mb-2 font-bold">{label}</h3>
          <ul className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            {given
              .filter((s) => s.kind === kind)
              .map((s) => (
                <li
                  key={s.drawing}
                  className="flex flex-col items-center rounded-md border border-line p-2 text-center"
                >
                  <StyleDrawing of={s.drawing} className="size-24" />
                  <span className="text-sm font-bold">{s.name}</span>
                  <span className="text-xs text-ink-2">{s.why}</span>
                </li>
              ))}
            {own.map((s, i) =>
              s.kind === kind ? (
                <li
                  key={`own-${i}`}
                  className={`relative flex flex-col items-center rounded-md border-2 border-thistle p-2
                    text-center`}
                >
                  <StyleDrawing of={s.drawing} className="size-24" />
                  <span className="text-sm font-bold">{s.name}</span>
                  <span className="text-xs text-ink-2">our own</span>
                  {canChange && (
                    <button
                      type="button"
                      className={`absolute right-0 top-0 grid size-11 place-items-center rounded-md
                        hover:bg-well`}
                      aria-label={`Take out ${s.name}`}
                      onClick={() => onChange(own.filter((_, n) => n !== i))}
                    >
                      <X aria-hidden className="size-5" />
                    </button>
                  )}
                </li>
              ) : null,
            )}
            {canChange && draft?.kind !== kind && (
              <li>
                <Button
                  className="h-full min-h-24 w-full flex-col"
                  onClick={() =>
                    setDraft({ kind, name: '', drawing: given.find((s) => s.kind === kind)?.drawing ?? '' })
                  }
                >
                  <Plus aria-hidden className="size-6" /> our own
                </Button>
              </li>
            )}
          </ul>
          {draft?.kind === kind && (
            <div className="mt-3 flex flex-wrap items-end gap-3 rounded-md bg-well p-3">
              <StyleDrawing of={draft.drawing} />
              <div className="min-w-48 flex-1">
                <TextField
                  label="Our name for it"
                  value={draft.name}
                  maxLength={60}
                  onChange={(e) => setDraft({ ...draft, name: e.target.value })}
                />
              </div>
              <div className="min-w-48 flex-1">
                <SelectField
                  label="Drawn like"
                  value={draft.drawing}
                  options={given
                    .filter((s) => s.kind === kind)
                    .map((s) => ({ id: s.drawing, label: s.name }))}
                  onChange={(e) => setDraft({ ...draft, drawing: e.target.value })}
                />
              </div>
              <Button
                className="mb-5"
                disabled={draft.name.trim().length < 2}
                onClick={() => {
                  onChange([...own, { ...draft, name: draft.name.trim() }])
                  setDraft(null)
                }}
              >
                Add it
              </Button>
              <Button kind="quiet" className="mb-5" onClick={() => setDraft(null)}>
                Leave it
              </Button>
            </div>
          )}
        </div>
      ))}
      {bad && (
        <p role="alert" className="p-4 font-bold text-haw">
          A style of ours {bad[1]}
        </p>
      )}
    </section>
  )
}
