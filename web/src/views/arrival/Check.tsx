// The hands-on check: what a hand and an eye find, in closed lists, saved as it is tapped.
import { useEffect } from 'react'
import { api, take, writeKey, type Schemas, type ListName } from '../../app/client'
import { NumberField } from '../../ui/NumberField'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { mm } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import type { ArrivalData } from '../../parts/comb'
import { Feet } from './Feet'
import { Found } from './Found'
import { Saving } from './Saving'
import { Seen } from './Seen'
import { SIDES, toggled, withAnswer, type Claw, type Ear, type Hands, type Skin, type Worded } from './hands'
import { isOf } from '../../parts/lists'
import { useAutosave } from './useAutosave'
import { useSession } from '../../app/session'
import { weight, weightShown, weightTyped, weightUnit } from '../../ui/units'

const REFERENCE = [
  { zone: 'back', label: 'back' },
  { zone: 'foreleg_left', label: 'left foreleg' },
  { zone: 'skull', label: 'skull' },
] as const

interface Props {
  arrival: ArrivalData
  words: Schemas['VocabularyView']
  canWork: boolean
  onSaved: (arrival: ArrivalData) => void
}

export function Check({ arrival, words, canWork, onSaved }: Props) {
  const { session } = useSession()
  const mine = { name: `check-${arrival.id}`, me: session.id }
  const save = useAutosave<Hands>(mine, arrival.hands_on, arrival.check_version, async (value, version) => {
    const next = await take(
      api.PUT('/api/arrivals/{id}/check', {
        params: {
          path: { id: arrival.id },
          header: { 'If-Match': `"${version}"`, 'Idempotency-Key': writeKey() },
        },
        body: value,
      }),
    )
    onSaved(next)
    return next.check_version
  })
  const { receive } = save
  useEffect(() => receive(arrival.hands_on, arrival.check_version), [receive, arrival])
  const v = save.value
  const errors = save.error?.fields ?? {}
  const set = <K extends keyof Hands>(name: K, value: Hands[K] | null) =>
    save.change((before) => withAnswer(before, name, value))
  const select = <K extends Worded>(name: K, label: string, list: ListName, empty = 'not looked') => (
    <SelectField
      label={label}
      value={v[name] ?? ''}
      options={[{ id: '', label: empty }, ...words.lists[list]]}
      onChange={(e) => {
        const word = e.target.value
        set(name, isOf<NonNullable<Hands[K]>>(words, list, word) ? word : null)
      }}
      error={errors[name]}
    />
  )
  const many = <Word extends string>(
    label: string,
    list: ListName,
    chosen: Word[] | null | undefined,
    onToggle: (item: Word) => void,
  ) => (
    <div key={label} role="group" aria-label={label}>
      <span className="label">{label}</span>
      <div className="flex flex-wrap gap-1.5">
        {words.lists[list].map((o) => {
          const on = chosen?.some((id) => id === o.id) ?? false
          return (
            <button
              key={o.id}
              type="button"
              aria-pressed={on}
              onClick={() => isOf<Word>(words, list, o.id) && onToggle(o.id)}
              className={`min-h-11 rounded-md border px-2.5 text-sm
                ${
                  on
                    ? 'border-thistle bg-thistle-soft font-bold text-thistle'
                    : 'border-line bg-sheet hover:bg-well'
                }`}
            >
              {o.label}
            </button>
          )
        })}
      </div>
    </div>
  )
  return (
    <div className="space-y-4 p-4">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-xl">Hands on</h2>
        <Saving
          save={save}
          what="check"
          onTheirs={() => save.takeTheirs(arrival.hands_on, arrival.check_version)}
        />
      </div>
      {(arrival.stop || arrival.comb.findings.some((f) => f.level === 'danger')) && (
        <p className="rounded-md bg-haw-soft px-3 py-2 font-bold text-haw">
          Something here stops the groom until somebody has decided.
        </p>
      )}
      {[...arrival.comb.findings, ...arrival.findings].map((f) => (
        <CautionLine key={f.code} caution={f} />
      ))}
      <Seen values={v} words={words} rear={arrival.rear} disabled={!canWork} set={set} />
      <fieldset disabled={!canWork} className="space-y-4">
        <legend className="sr-only">Hands-on check</legend>
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label={`Weight (${weightUnit()})`}
            value={v.kg == null ? v.kg : weightShown(v.kg)}
            onChange={(n) => set('kg', n === null ? null : weightTyped(n))}
            error={errors.kg}
            hint={arrival.dog.kg === null ? undefined : `${weight(arrival.dog.kg)} last time`}
          />
          {select('stage', 'Coat stage', 'stage', 'as on the card')}
          <NumberField
            label="Days since a bath"
            value={v.bath_days}
            onChange={(n) => set('bath_days', n)}
            error={errors.bath_days}
          />
          {select('upkeep', 'Really combed at home', 'upkeep', 'not asked')}
        </div>
        <div>
          <h3 className="mb-1 text-sm font-bold">Length on arrival</h3>
          <div className="grid grid-cols-3 gap-2">
            {REFERENCE.map(({ zone, label }) => (
              <NumberField
                key={zone}
                label={`${label} (mm)`}
                value={v.lengths?.[zone]}
                onChange={(n) => set('lengths', { ...v.lengths, [zone]: n })}
                error={errors[`lengths.${zone}`]}
                hint={
                  arrival.expected[zone] === undefined
                    ? undefined
                    : `about ${mm(arrival.expected[zone])} expected`
                }
              />
            ))}
          </div>
          <CheckField
            label="The owner has cut since last time"
            checked={v.owner_cut === true}
            onChange={(e) => set('owner_cut', e.target.checked || null)}
          />
          {v.owner_cut === true && (
            <TextField
              label="Where"
              value={v.owner_cut_where ?? ''}
              maxLength={120}
              onChange={(e) => set('owner_cut_where', e.target.value)}
            />
          )}
        </div>
        {many<Skin>('Skin', 'skin', v.skin, (i) => set('skin', toggled(v.skin, i)))}
        <Found found={v.found ?? []} words={words} onChange={(found) => set('found', found)} />
        <TextField
          label="Lumps: where, how large"
          value={v.lumps ?? ''}
          maxLength={200}
          onChange={(e) => set('lumps', e.target.value)}
          error={errors.lumps}
        />
        <div className="grid grid-cols-2 gap-2">
          {select('parasites', 'Parasites', 'parasites')}
          {select('lameness', 'Walking', 'lameness')}
          {select('airway', 'Breathing', 'breathing')}
          {select('teeth', 'Teeth', 'teeth')}
        </div>
        {SIDES.map((s) =>
          many<Ear>(`Ear, ${s}`, 'ear', v.ears?.[s], (i) =>
            set('ears', { ...v.ears, [s]: toggled(v.ears?.[s], i) }),
          ),
        )}
        <div className="grid grid-cols-2 gap-2">
          {SIDES.map((s) => (
            <SelectField
              key={s}
              label={`Tear stain, ${s}`}
              value={String(v.eye_stain?.[s] ?? '')}
              options={[
                { id: '', label: 'not looked' },
                ...['none', 'light', 'brown', 'dark and wet'].map((label, i) => ({ id: String(i), label })),
              ]}
              onChange={(e) =>
                set('eye_stain', {
                  ...v.eye_stain,
                  [s]: e.target.value === '' ? null : Number(e.target.value),
                })
              }
            />
          ))}
        </div>
        <CheckField
          label="A red or sore eye"
          checked={v.eye_red === true}
          onChange={(e) => set('eye_red', e.target.checked || null)}
        />
        <Feet
          pads={v.pads ?? {}}
          nails={v.claws ?? {}}
          words={words}
          errors={errors}
          onPads={(foot, bare) => set('pads', { ...v.pads, [foot]: bare })}
          onNails={(foot, nails: Claw[]) => set('claws', { ...v.claws, [foot]: nails })}
        />
        {select('vaccination', "Proof of vaccination, as the salon's rule", 'vaccination', 'not asked')}
        <TextField
          label="Anything else"
          value={v.note ?? ''}
          maxLength={500}
          onChange={(e) => set('note', e.target.value)}
          error={errors.note}
        />
      </fieldset>
    </div>
  )
}
