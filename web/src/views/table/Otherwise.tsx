// Planned one thing, done another: tool and reason in two taps, the whole recipe only where that is not
// enough.
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { draftOf, type RecipeDraft } from '../../app/queries'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Modal } from '../../ui/Modal'
import { ToolChips } from '../../parts/ToolChips'
import { RecipeEditor } from '../../parts/RecipeEditor'
import { WHY_OTHERWISE } from '../../parts/reasons'
import type { Shown, TapData } from '../../parts/taps'

interface Props {
  groom: Shown
  zones: string[]
  labels: Record<string, string>
  words: Schemas['VocabularyView']
  onClose: () => void
  onTap: (data: TapData) => void
}
/** These reasons make a patch, not a style. */
const PATCH: Record<string, string> = { 'matted below': 'forced_by_mat', 'slip of the hand': 'repair' }

export function Otherwise({ groom, zones, labels, words, onClose, onTap }: Props) {
  const first = groom.zones.find((z) => z.zone === zones[0])
  const [draft, setDraft] = useState<RecipeDraft>(() => draftOf(first?.planned ?? null))
  const [state, setState] = useState('done')
  const [whole, setWhole] = useState(first?.planned == null)
  const guarded = draft.method === 'guard'
  const bladed = draft.method === 'clip' || draft.method === 'shave_out'
  const send = (why: string) => {
    const patch = PATCH[why]
    const actual = patch ? { ...draft, exception: true, carry: 'do_not_repeat', reason: patch } : draft
    onTap({ kind: 'zone', zones, state, actual, why })
    onClose()
  }
  return (
    <Modal open wide onClose={onClose} title={`${zones.map((z) => labels[z]).join(', ')}; done differently`}>
      <div className="space-y-4">
        <p className="text-ink-2">
          Planned: <b className="text-ink">{first?.planned?.words ?? 'nothing'}</b>
        </p>
        {!whole && (guarded || bladed) && (
          <div className="space-y-2">
            <ToolChips draft={draft} place={groom.place} onChange={setDraft} />
            <div className="flex flex-wrap gap-2">
              <Choice
                label="Lay"
                value={draft.lay}
                options={words.lists.lay.map((l) => ({ id: l.id, label: l.id }))}
                onChange={(lay) => setDraft({ ...draft, lay })}
              />
              {guarded && (
                <Choice
                  label="Over base"
                  value={draft.tool?.base ?? '10'}
                  options={words.lists.base.map((b) => ({ id: b.id, label: `over ${b.label}` }))}
                  onChange={(base) => setDraft({ ...draft, tool: { kind: 'guard', ...draft.tool, base } })}
                />
              )}
            </div>
          </div>
        )}
        {whole || !(guarded || bladed) ? (
          <RecipeEditor
            brief
            draft={draft}
            onChange={setDraft}
            errors={{}}
            words={words}
            place={groom.place}
            shapes={[]}
          />
        ) : (
          <Button kind="quiet" onClick={() => setWhole(true)}>
            another method
          </Button>
        )}
        <Choice
          label="State"
          value={state}
          onChange={setState}
          options={[
            { id: 'done', label: 'done' },
            { id: 'partly', label: 'partly done' },
          ]}
        />
        <div role="group" aria-label="Why differently" className="flex flex-wrap gap-2">
          <p className="w-full text-sm font-bold">Why? One tap keeps it.</p>
          {WHY_OTHERWISE.map((why) => (
            <Button key={why} className="min-h-14 flex-1 basis-36" onClick={() => send(why)}>
              {why}
            </Button>
          ))}
        </div>
      </div>
    </Modal>
  )
}
