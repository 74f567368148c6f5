// Something went wrong: kept in three taps, never in the way of the next step.
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { INCIDENTS } from '../../parts/reasons'
import type { TapData } from './taps'

interface Props {
  zones: Schemas['VocabularyView']['zones']
  zone: string
  tool: string
  onClose: () => void
  onTap: (data: TapData) => void
}

export function IncidentForm({ zones, zone, tool, onClose, onTap }: Props) {
  const [v, setV] = useState({ what: 'nick', zone, tool, told: false, follow_up: '' })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const send = (action: string) => {
    onTap({
      kind: 'incident',
      what: v.what,
      ...(v.zone ? { zone: v.zone } : {}),
      tool: v.tool.slice(0, 60),
      action,
      told: v.told,
      follow_up: v.follow_up,
    })
    onClose()
  }
  return (
    <Modal open wide onClose={onClose} title="What went wrong">
      <div className="space-y-3">
        <p className="rounded-md border-l-4 border-haw bg-haw-soft px-3 py-2 font-bold text-haw">
          First the dog: pressure on what bleeds, cool what is hot, stop. Deep, gaping or still bleeding: a
          vet now.
        </p>
        <Choice
          label="What"
          value={v.what}
          onChange={(what) => set({ what })}
          options={Object.entries(INCIDENTS).map(([id, i]) => ({ id, label: i.label }))}
        />
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="Where"
            value={v.zone}
            options={[{ id: '', label: 'no one place' }, ...zones.map((z) => ({ id: z.id, label: z.label }))]}
            onChange={(e) => set({ zone: e.target.value })}
          />
          <TextField
            label="Tool in hand"
            value={v.tool}
            maxLength={60}
            onChange={(e) => set({ tool: e.target.value })}
          />
        </div>
        <TextField
          label="Follow-up"
          value={v.follow_up}
          maxLength={200}
          placeholder="look at it tomorrow"
          onChange={(e) => set({ follow_up: e.target.value })}
        />
        <CheckField
          label="The owner has been told"
          checked={v.told}
          onChange={(e) => set({ told: e.target.checked })}
        />
        <div role="group" aria-label="Done at once" className="flex flex-wrap gap-2">
          <p className="w-full text-sm font-bold">Done at once? One tap keeps it.</p>
          {(INCIDENTS[v.what]?.actions ?? []).map((a) => (
            <Button key={a} className="min-h-14 flex-1 basis-40" onClick={() => send(a)}>
              {a}
            </Button>
          ))}
        </div>
      </div>
    </Modal>
  )
}
