// What one look says of the clocks: pads, hair at the eye, nails on the floor, the rear; a tap each.
import type { Schemas } from '../../app/client'
import { Choice } from '../../ui/Choice'
import { FEET, type Hands } from './hands'
import { isOf } from '../../parts/lists'

type Soil = NonNullable<Hands['rear_soil']>
type Where = NonNullable<Hands['rear_where']>

interface Props {
  values: Hands
  words: Schemas['VocabularyView']
  /** shape at the rear that would keep it clean */
  rear: string | null
  disabled: boolean
  set: <K extends keyof Hands>(name: K, value: Hands[K]) => void
}

export function Seen({ values, words, rear, disabled, set }: Props) {
  const bare = FEET.map((f) => values.pads?.[f])
  const alike = bare.every((n) => n === bare[0]) && typeof bare[0] === 'number' ? String(bare[0]) : ''
  const yesNo = (name: 'hair_at_eye' | 'nails_on_floor', label: string, no: string, yes: string) => (
    <Row label={label}>
      <Choice
        label={label}
        disabled={disabled}
        value={typeof values[name] === 'boolean' ? (values[name] ? 'yes' : 'no') : ''}
        onChange={(v) => set(name, v === 'yes')}
        options={[
          { id: 'no', label: no },
          { id: 'yes', label: yes },
        ]}
      />
    </Row>
  )
  return (
    <section aria-label="At a look" className="space-y-2 rounded-lg bg-well p-3">
      <h3 className="text-lg">At a look</h3>
      <Row label="Bare pads of 5">
        <Choice
          label="Bare pads of 5"
          disabled={disabled}
          value={alike}
          onChange={(n) => set('pads', Object.fromEntries(FEET.map((f) => [f, Number(n)])))}
          options={[0, 1, 2, 3, 4, 5].map((n) => ({ id: String(n), label: String(n) }))}
        />
      </Row>
      {yesNo('hair_at_eye', 'Hair at the eye', 'clear of it', 'touches it')}
      {yesNo('nails_on_floor', 'Nails, standing', 'off the floor', 'on the floor')}
      <Row label="Rear">
        <Choice
          label="Soil at the rear"
          disabled={disabled}
          value={values.rear_soil ?? ''}
          onChange={(v) => isOf<Soil>(words, 'rear_soil', v) && set('rear_soil', v)}
          options={words.lists.rear_soil}
        />
      </Row>
      {values.rear_soil && values.rear_soil !== 'none' && (
        <Row label="Where it soils">
          <Choice
            label="Where it soils"
            disabled={disabled}
            value={values.rear_where ?? ''}
            onChange={(v) => isOf<Where>(words, 'rear_where', v) && set('rear_where', v)}
            options={words.lists.rear_where}
          />
        </Row>
      )}
      {rear && (
        <p className="text-sm font-bold text-slate">
          To keep it clean: {rear}. Say so to the owner, then plan it on the card.
        </p>
      )}
    </section>
  )
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
      <span className="text-sm font-bold">{label}</span>
      {children}
    </div>
  )
}
