// The hands-on check: what a hand and an eye find, in closed lists, saved as it is tapped.
import { useEffect } from 'react'
import { api, take, writeKey, type Schemas, type ListName } from '../../app/client'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { mm } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import type { ArrivalData } from '../../parts/comb'
import { Feet } from './Feet'
import { Found } from './Found'
import { Saving } from './Saving'
import { Seen } from './Seen'
import { useAutosave } from './useAutosave'
import { useSession } from '../../app/session'

type Values = Record<string, unknown>
const SIDES = ['left', 'right']
const REFERENCE = { back: 'back', foreleg_left: 'left foreleg', skull: 'skull' }

interface Props {
  arrival: ArrivalData
  words: Schemas['VocabularyView']
  canWork: boolean
  onSaved: (arrival: ArrivalData) => void
}

const text = (value: unknown) =>
  typeof value === 'string' ? value : typeof value === 'number' ? String(value) : ''

export function Check({ arrival, words, canWork, onSaved }: Props) {
  const { session } = useSession()
  const mine = { name: `check-${arrival.id}`, me: session.id }
  const save = useAutosave<Values>(mine, arrival.hands_on, arrival.check_version, async (value, version) => {
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
  const set = (name: string, value: unknown) =>
    save.change((before) => {
      const next = { ...before, [name]: value }
      if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) delete next[name]
      return next
    })
  const inner = (name: string) => (v[name] ?? {}) as Values
  const setInner = (name: string, key: string, value: unknown) => set(name, { ...inner(name), [key]: value })
  const toggle = (list: unknown, item: string) => {
    const now = Array.isArray(list) ? (list as string[]) : []
    return now.includes(item) ? now.filter((i) => i !== item) : [...now, item]
  }
  const select = (name: string, label: string, list: ListName, empty = 'not looked') => (
    <SelectField
      label={label}
      value={(v[name] as string) ?? ''}
      options={[{ id: '', label: empty }, ...words.lists[list]]}
      onChange={(e) => set(name, e.target.value || null)}
      error={errors[name]}
    />
  )
  const many = (label: string, list: ListName, chosen: unknown, onToggle: (item: string) => void) => (
    <div key={label} role="group" aria-label={label}>
      <span className="label">{label}</span>
      <div className="flex flex-wrap gap-1.5">
        {words.lists[list].map((o) => {
          const on = Array.isArray(chosen) && chosen.includes(o.id)
          return (
            <button
              key={o.id}
              type="button"
              aria-pressed={on}
              onClick={() => onToggle(o.id)}
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
  const number = (
    value: unknown,
    onChange: (n: unknown) => void,
    label: string,
    error?: string,
    hint?: string,
  ) => (
    <TextField
      label={label}
      inputMode="decimal"
      value={typeof value === 'number' || typeof value === 'string' ? String(value) : ''}
      error={error}
      hint={hint}
      onChange={(e) => onChange(parse(e.target.value))}
    />
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
          {number(
            v.kg,
            (n) => set('kg', n),
            'Weight (kg)',
            errors.kg,
            arrival.dog.kg === null ? undefined : `${arrival.dog.kg} kg last time`,
          )}
          {select('stage', 'Coat stage', 'stage', 'as on the card')}
          {number(v.bath_days, (n) => set('bath_days', n), 'Days since a bath', errors.bath_days)}
          {select('upkeep', 'Really combed at home', 'upkeep', 'not asked')}
        </div>
        <div>
          <h3 className="mb-1 text-sm font-bold">Length on arrival</h3>
          <div className="grid grid-cols-3 gap-2">
            {Object.entries(REFERENCE).map(([z, label]) => (
              <div key={z}>
                {number(
                  inner('lengths')[z],
                  (n) => setInner('lengths', z, n),
                  `${label} (mm)`,
                  errors[`lengths.${z}`],
                  (arrival.expected as Record<string, number>)[z] === undefined
                    ? undefined
                    : `about ${mm((arrival.expected as Record<string, number>)[z])} expected`,
                )}
              </div>
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
              value={(v.owner_cut_where as string) ?? ''}
              maxLength={120}
              onChange={(e) => set('owner_cut_where', e.target.value)}
            />
          )}
        </div>
        {many('Skin', 'skin', v.skin, (i) => set('skin', toggle(v.skin, i)))}
        <Found
          found={(v.found ?? []) as React.ComponentProps<typeof Found>['found']}
          words={words}
          onChange={(found) => set('found', found)}
        />
        <TextField
          label="Lumps: where, how large"
          value={(v.lumps as string) ?? ''}
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
          many(`Ear, ${s}`, 'ear', inner('ears')[s], (i) => setInner('ears', s, toggle(inner('ears')[s], i))),
        )}
        <div className="grid grid-cols-2 gap-2">
          {SIDES.map((s) => (
            <SelectField
              key={s}
              label={`Tear stain, ${s}`}
              value={text(inner('eye_stain')[s])}
              options={[
                { id: '', label: 'not looked' },
                ...['none', 'light', 'brown', 'dark and wet'].map((label, i) => ({ id: String(i), label })),
              ]}
              onChange={(e) =>
                setInner('eye_stain', s, e.target.value === '' ? null : Number(e.target.value))
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
          pads={inner('pads') as Record<string, number | null>}
          nails={inner('claws') as Record<string, string[]>}
          words={words}
          errors={errors}
          onPads={(foot, bare) => setInner('pads', foot, bare)}
          onNails={(foot, nails) => setInner('claws', foot, nails)}
        />
        {select('vaccination', "Proof of vaccination, as the salon's rule", 'vaccination', 'not asked')}
        <TextField
          label="Anything else"
          value={(v.note as string) ?? ''}
          maxLength={500}
          onChange={(e) => set('note', e.target.value)}
          error={errors.note}
        />
      </fieldset>
    </div>
  )
}

/** What is not a number goes as it was typed, so that the server says what is allowed. */
function parse(text: string): number | string | null {
  const t = text.trim().replace(',', '.')
  return t === '' ? null : /[.]$/.test(t) || !Number.isFinite(Number(t)) ? text : Number(t)
}
