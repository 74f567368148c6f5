// What was done in a visit, on the drawn dog: all as planned, and a tap on what was different.
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { draftOf } from '../../app/queries'
import { useLook } from '../../dog/useLook'
import { isZoneState, type DrawnZone } from '../../dog/zone'
import { DogViews } from '../../parts/DogViews'
import { RecipeEditor } from '../../parts/RecipeEditor'
import { ToolChips } from '../../parts/ToolChips'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { TextField } from '../../ui/Field'
import { isDifferent, type ZoneRow } from './rows'

interface Props {
  card: Schemas['CardView']
  words: Schemas['VocabularyView']
  /** the zones this visit is about */
  planned: Schemas['ZoneView'][]
  row: (zone: string) => ZoneRow
  onRow: (zone: string, change: Partial<ZoneRow>) => void
  /** what was wrong with a zone, by field */
  errors: (zone: string) => Record<string, string>
  label: (zone: string) => string
  place: string
}

const STATES = [
  { id: 'done', label: 'done' },
  { id: 'partly', label: 'partly' },
  { id: 'deferred', label: 'deferred' },
  { id: 'not_needed', label: 'not needed' },
]

export function ZonesDone({ card, words, planned, row, onRow, errors, label, place }: Props) {
  const [chosen, setChosen] = useState<string | null>(null)
  const look = useLook(card.dog)
  const byId = Object.fromEntries(planned.map((z) => [z.zone, z]))
  const wrong = planned.find((z) => Object.keys(errors(z.zone)).length > 0)
  const zone = chosen ?? wrong?.zone ?? null
  const drawn = (id: string): DrawnZone => {
    const z = byId[id]
    const r = row(id)
    const natural = card.zones.find((c) => c.zone === id)?.natural_mm ?? 10
    return {
      id,
      label: label(id),
      mm: z?.finished_mm ?? null,
      drawnMm: z?.finished_mm ?? natural,
      planned: z !== undefined,
      state: z && r.state !== 'done' && isZoneState(r.state) ? r.state : undefined,
      mat:
        z && r.actual && r.state === 'done'
          ? { severity: 0, text: '≠', said: 'done differently' }
          : undefined,
    }
  }
  const others = planned.filter((z) => isDifferent(row(z.zone)) || Object.keys(errors(z.zone)).length > 0)
  return (
    <div className="grid border-t border-line md:grid-cols-[1fr_23rem]">
      <div className="flex flex-col md:h-[26rem] md:border-r md:border-line">
        <DogViews
          look={look}
          zone={drawn}
          selected={zone}
          onSelect={setChosen}
          onOpen={() => document.getElementById('zone-done')?.querySelector('button')?.focus()}
          name={card.dog.name}
        />
      </div>
      <div id="zone-done" className="space-y-3 p-4 md:max-h-[26rem] md:overflow-y-auto" aria-live="polite">
        {zone === null ? (
          <p className="text-ink-2">
            Nothing more is to be said if all was done as planned. What was different: tap it on the dog.
          </p>
        ) : byId[zone] ? (
          <One
            key={zone}
            zone={byId[zone]}
            row={row(zone)}
            onRow={(change) => onRow(zone, change)}
            bad={errors(zone)}
            words={words}
            label={label(zone)}
            place={place}
          />
        ) : (
          <p className="text-ink-2">
            <b className="text-ink">{label(zone)}</b> is not part of this visit: nothing is planned there.
          </p>
        )}
      </div>
      {others.length > 0 && (
        <ul aria-label="Done differently" className="divide-y divide-line border-t border-line md:col-span-2">
          {others.map((z) => {
            const r = row(z.zone)
            const bad = Object.values(errors(z.zone))
            return (
              <li key={z.zone} className="flex flex-wrap items-center gap-x-3 px-4 py-1">
                <button
                  type="button"
                  className="min-h-11 font-bold text-thistle underline underline-offset-2"
                  onClick={() => setChosen(z.zone)}
                >
                  {label(z.zone)}
                </button>
                <span className="min-w-0 flex-1 text-sm">
                  {r.state === 'done' ? 'done differently' : STATES.find((s) => s.id === r.state)?.label}
                  {r.why && `: ${r.why}`}
                  {bad.length > 0 && <b className="text-haw"> {bad.join('. ')}</b>}
                </span>
                <Button
                  kind="quiet"
                  className="text-sm"
                  onClick={() => onRow(z.zone, { state: 'done', actual: null, why: '' })}
                >
                  as planned after all
                </Button>
              </li>
            )
          })}
        </ul>
      )}
    </div>
  )
}

function One({
  zone,
  row,
  onRow,
  bad,
  words,
  label,
  place,
}: {
  zone: Schemas['ZoneView']
  row: ZoneRow
  onRow: (change: Partial<ZoneRow>) => void
  bad: Record<string, string>
  words: Schemas['VocabularyView']
  label: string
  place: string
}) {
  const different = isDifferent(row)
  return (
    <>
      <div>
        <h3 className="text-xl">{label}</h3>
        <p className="text-sm text-ink-2">planned: {zone.recipe?.words}</p>
      </div>
      <Choice
        label={`State of ${label}`}
        value={row.state}
        options={STATES}
        onChange={(state) => onRow({ state })}
      />
      {row.state !== 'not_needed' && row.state !== 'deferred' && (
        <Button
          aria-expanded={row.actual !== null}
          onClick={() => onRow({ actual: row.actual ? null : draftOf(zone.recipe) })}
        >
          {row.actual ? 'as planned after all' : 'with another tool or length'}
        </Button>
      )}
      {row.actual && (
        <>
          <ToolChips draft={row.actual} place={place} onChange={(actual) => onRow({ actual })} />
          <RecipeEditor
            brief
            draft={row.actual}
            onChange={(actual) => onRow({ actual })}
            errors={strip(bad)}
            words={words}
            place={place}
            shapes={[]}
          />
        </>
      )}
      {(different || bad.why) && (
        <TextField
          label="Why"
          value={row.why}
          maxLength={200}
          onChange={(e) => onRow({ why: e.target.value })}
          error={bad.why}
        />
      )}
    </>
  )
}

function strip(errors: Record<string, string>): Record<string, string> {
  return Object.fromEntries(Object.entries(errors).map(([k, v]) => [k.replace(/^actual\./, ''), v]))
}
