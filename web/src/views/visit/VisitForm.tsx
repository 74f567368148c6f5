// Recording a visit: everything as planned unless said otherwise; what is typed is kept until it is saved.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo, useState, type FormEvent } from 'react'
import { Link, useLocation, useNavigate, useParams } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { useDraft } from '../../app/draft'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { DateField } from '../../ui/DateField'
import { Button } from '../../ui/Button'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { hours, mm, sentence } from '../../ui/words'
import { Cautions } from '../../parts/Cautions'
import { useWrite } from '../../app/useWrite'
import { AS_PLANNED, headOf, isDifferent, rowsOf, type Found, type Head, type ZoneRow } from './rows'
import { ZonesDone } from './ZonesDone'
import { weightUnit } from '../../ui/units'
import { kgTyped, typedWeight } from '../../ui/figure'

/** Where the coat is measured on arrival; growth is learned from these. */
const REFERENCE = ['back', 'foreleg_left', 'skull']

export function VisitForm() {
  const { id = '' } = useParams()
  const words = useQuery(queries.words())
  const card = useQuery({
    ...queries.card(id, null, null),
    refetchInterval: false,
    refetchOnWindowFocus: false,
  })
  if (!words.data || !card.data) {
    const failed = words.error ?? card.error
    return failed ? (
      <Resting error={failed} retry={() => (void words.refetch(), void card.refetch())} />
    ) : (
      <Waiting />
    )
  }
  return <Form card={card.data} words={words.data} />
}

function Form({ card, words }: { card: Schemas['CardView']; words: Schemas['VocabularyView'] }) {
  const { session } = useSession()
  const go = useNavigate()
  const cache = useQueryClient()
  const toast = useToast()
  // What the arrival of today has found is not typed again.
  const found = (useLocation().state ?? {}) as Found
  const [draft, keepDraft] = useDraft<{ head: Head; rows: Record<string, ZoneRow>; found: string }>(
    `visit.${session.id}.${card.dog.id}`,
  )
  // What was begun before the arrival found something gives way: what is found is what was done.
  const from = JSON.stringify(found)
  const kept = draft && (from === '{}' || draft.found === from) ? draft : null
  const keep = (next: { head: Head; rows: Record<string, ZoneRow> } | null) =>
    keepDraft(next && { ...next, found: from === '{}' ? (draft?.found ?? from) : from })
  const [begun] = useState(kept !== null)
  const { head, rows } = kept ?? { head: headOf(card, found), rows: rowsOf(found) }
  const kinds = useQuery(queries.kinds(card.dog.id))
  const kind = kinds.data?.kinds.find((k) => k.kind === head.kind)
  // A small visit is not about the rest of the dog.
  const planned = useMemo(
    () =>
      card.zones.filter((z) => z.recipe && (head.kind === 'full' || (kind?.zones.includes(z.zone) ?? false))),
    [card.zones, head.kind, kind],
  )
  const row = (zone: string): ZoneRow => rows[zone] ?? AS_PLANNED
  const setRow = (zone: string, change: Partial<ZoneRow>) =>
    keep({ head, rows: { ...rows, [zone]: { ...row(zone), ...change } } })
  const label = (zone: string) => words.zones.find((z) => z.id === zone)?.label ?? zone
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/visits', {
          params: { path: { id: card.dog.id }, header: write },
          body: {
            day: head.day,
            kind: head.kind,
            place: head.place,
            minutes: number(head.minutes),
            arrival_load: number(head.load),
            tender_severity: Number(head.tender),
            upkeep: head.upkeep,
            kg: kgTyped(head.kg),
            note: head.note,
            note_own: head.noteOwn,
            zones: planned.map((z) => ({
              zone: z.zone,
              state: row(z.zone).state,
              actual: row(z.zone).actual,
              why: row(z.zone).why,
              arrival_mm: number(row(z.zone).arrival),
              owner_cut: row(z.zone).ownerCut,
            })),
          },
        }),
      ),
    onSuccess: () => {
      keep(null)
      toast({ text: `${card.dog.name}: visit recorded` })
      void cache.invalidateQueries({ queryKey: ['card', card.dog.id] })
      void go(`/dogs/${card.dog.id}`)
    },
  })
  const errors = save.fields
  const zoneErrors = (zone: string) => {
    const prefix = `zones[${planned.findIndex((z) => z.zone === zone)}].`
    return Object.fromEntries(
      Object.entries(errors)
        .filter(([k]) => k.startsWith(prefix))
        .map(([k, v]) => [k.slice(prefix.length), v]),
    )
  }
  const send = (e: FormEvent) => {
    e.preventDefault()
    if (!save.isPending) save.mutate()
  }
  const set = (change: Partial<Head>) => keep({ head: { ...head, ...change }, rows })
  const references = REFERENCE.filter((z) => planned.some((p) => p.zone === z))
  const different = planned.filter((z) => isDifferent(row(z.zone))).length
  return (
    <form onSubmit={send} noValidate className="mx-auto w-full max-w-5xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">Record a visit of {card.dog.name}</h1>
      <Cautions cautions={card.cautions} />
      {begun && kept && (
        <p role="status" className="flex flex-wrap items-center gap-x-3 text-sm font-bold text-bracken">
          Taken up where you left it.
          <button type="button" className="min-h-11 underline underline-offset-2" onClick={() => keep(null)}>
            Begin anew
          </button>
        </p>
      )}
      <fieldset className="panel grid gap-x-4 gap-y-2 p-4 sm:grid-cols-3">
        <legend className="sr-only">The visit</legend>
        <DateField
          label="Day"
          value={head.day}
          max={card.today}
          onDay={(day) => set({ day })}
          error={errors.day}
        />
        <SelectField
          label="Kind"
          value={head.kind}
          options={words.lists.visit_kind}
          hint={
            kind && kind.minutes !== null && kind.allow !== null
              ? `usually ${hours(kind.minutes)}, allow ${hours(kind.allow)}`
              : undefined
          }
          onChange={(e) => set({ kind: e.target.value })}
          error={errors.kind}
        />
        <SelectField
          label="Where"
          value={head.place}
          options={session.places.map((p) => ({ id: p.id, label: p.name }))}
          onChange={(e) => set({ place: e.target.value })}
          error={errors.place}
        />
        <TextField
          label="Minutes"
          inputMode="numeric"
          value={head.minutes}
          onChange={(e) => set({ minutes: e.target.value })}
          error={errors.minutes}
        />
        <TextField
          label={`Weight (${weightUnit()})`}
          inputMode="decimal"
          placeholder={typedWeight(card.dog.kg)}
          value={head.kg}
          onChange={(e) => set({ kg: e.target.value })}
          error={errors.kg}
        />
        <SelectField
          label="Really combed at home"
          value={head.upkeep}
          options={words.lists.upkeep}
          onChange={(e) => set({ upkeep: e.target.value })}
          error={errors.upkeep}
        />
        <TextField
          label="Matting score on arrival (0–100)"
          inputMode="decimal"
          value={head.load}
          onChange={(e) => set({ load: e.target.value })}
          error={errors.arrival_load}
        />
        <SelectField
          label="Worst mat in a tender zone"
          value={head.tender}
          options={['none', '1 tangles', '2 separate mats', '3 tight, close to the skin', '4 felted'].map(
            (l, i) => ({ id: String(i), label: l }),
          )}
          onChange={(e) => set({ tender: e.target.value })}
          error={errors.tender_severity}
        />
      </fieldset>
      {references.length > 0 && (
        <fieldset className="panel grid gap-x-4 gap-y-2 p-4 sm:grid-cols-3">
          <legend className="px-1 font-head text-lg font-bold">Length on arrival</legend>
          {references.map((z) => (
            <div key={z}>
              <TextField
                label={`${label(z)} (mm)`}
                inputMode="decimal"
                hint={`expected about ${mm(card.zones.find((c) => c.zone === z)?.now_mm)}`}
                value={row(z).arrival}
                onChange={(e) => setRow(z, { arrival: e.target.value })}
                error={zoneErrors(z).arrival_mm}
              />
              <CheckField
                label="owner cut here"
                checked={row(z).ownerCut}
                onChange={(e) => setRow(z, { ownerCut: e.target.checked })}
              />
            </div>
          ))}
        </fieldset>
      )}
      <section className="panel" aria-label="Zones">
        <div className="flex flex-wrap items-baseline justify-between gap-2 p-4 pb-2">
          <h2 className="text-lg">
            {different === 0
              ? 'Everything as planned'
              : `${different} of ${planned.length} zones done differently`}
          </h2>
          <p className="text-sm text-ink-2">Change only what was different.</p>
        </div>
        {planned.length === 0 && head.kind !== 'full' && (
          <p className="p-4 text-ink-2">
            {sentence(
              `${kind?.label ?? 'this visit'} is about no clipped zone: only its own clocks are set back`,
            )}
          </p>
        )}
        {planned.length === 0 && head.kind === 'full' && (
          <p className="p-4">
            No zone is planned yet.{' '}
            <Link className="text-slate underline" to={`/dogs/${card.dog.id}`}>
              Plan one on the card
            </Link>{' '}
            first.
          </p>
        )}
        {planned.length > 0 && (
          <ZonesDone
            card={card}
            words={words}
            planned={planned}
            row={row}
            onRow={setRow}
            errors={zoneErrors}
            label={label}
            place={head.place}
          />
        )}
      </section>
      <div className="panel p-4">
        <TextField
          label="Note for the next person"
          value={head.note}
          maxLength={1000}
          onChange={(e) => set({ note: e.target.value })}
          error={errors.note}
        />
        {head.note && (
          <CheckField
            label="For this salon alone"
            checked={head.noteOwn}
            onChange={(e) => set({ noteOwn: e.target.checked })}
          />
        )}
      </div>
      <div className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-3">
        <Button type="submit" kind="main" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Record visit'}
        </Button>
        <Button onClick={() => (keep(null), void go(`/dogs/${card.dog.id}`))}>Leave without saving</Button>
        {save.error && (
          <p role="alert" className="font-bold text-haw">
            {Object.keys(errors).length ? 'Some fields need another look.' : save.error.message}
          </p>
        )}
      </div>
    </form>
  )
}

function number(v: string): number | string | null {
  const t = v.trim().replace(',', '.')
  return t === '' ? null : Number.isFinite(Number(t)) ? Number(t) : v
}
