// Something went wrong: what to do now stands first; kept in three taps, never in the way of the next step.
import { addDays, format, parseISO } from 'date-fns'
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { DateField } from '../../ui/DateField'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { FirstAid } from '../../parts/FirstAid'
import type { TapData } from '../../parts/taps'

interface Props {
  words: Schemas['VocabularyView']
  /** day of the salon */
  today: string
  /** what it was, as far as anybody has said */
  what: string
  zone: string
  tool: string
  onClose: () => void
  onTap: (data: TapData) => void
}

export function IncidentForm({ words, today, what, zone, tool, onClose, onTap }: Props) {
  const [v, setV] = useState({ what, zone, tool, told: false, follow_up: '' })
  const [on, setOn] = useState<string | null>(null)
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const aid = words.incidents.find((i) => i.id === v.what)
  const followUpOn = on ?? (aid ? format(addDays(parseISO(today), aid.again), 'yyyy-MM-dd') : '')
  const send = (action: string) => {
    onTap({
      kind: 'incident',
      what: v.what,
      ...(v.zone ? { zone: v.zone } : {}),
      tool: v.tool.slice(0, 60),
      action,
      told: v.told,
      follow_up: v.follow_up,
      ...(followUpOn ? { follow_up_on: followUpOn } : {}),
    })
    onClose()
  }
  return (
    <Modal open wide onClose={onClose} title="Incident">
      <div className="space-y-3">
        <Choice
          label="What happened"
          value={v.what}
          onChange={(what) => set({ what })}
          options={words.incidents.map((i) => ({ id: i.id, label: i.label }))}
        />
        {aid && <FirstAid aid={aid} />}
        <div role="group" aria-label="Done at once" className="flex flex-wrap gap-2">
          <p className="w-full text-sm font-bold">Done at once? One tap keeps it.</p>
          {aid?.acts.map((a) => (
            <Button key={a} className="min-h-14 flex-1 basis-40" onClick={() => send(a)}>
              {a}
            </Button>
          ))}
        </div>
        <div className="grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
          <SelectField
            label="Where"
            value={v.zone}
            options={[
              { id: '', label: 'no one place' },
              ...words.zones.map((z) => ({ id: z.id, label: z.label })),
            ]}
            onChange={(e) => set({ zone: e.target.value })}
          />
          <TextField
            label="Tool in hand"
            value={v.tool}
            maxLength={60}
            onChange={(e) => set({ tool: e.target.value })}
          />
          <TextField
            label="What is looked at then"
            value={v.follow_up}
            maxLength={200}
            placeholder="redness, swelling, how it walks"
            onChange={(e) => set({ follow_up: e.target.value })}
          />
          <DateField label="We ask after it on" value={followUpOn} onDay={setOn} />
        </div>
        <CheckField
          label="The owner has been told"
          checked={v.told}
          onChange={(e) => set({ told: e.target.checked })}
        />
      </div>
    </Modal>
  )
}
