// What this dog will stand for, tool by tool: the salon's record, the owner's report apart, the ladder,
// and today's stop or go.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas, type ListName } from '../../app/client'
import { Button } from '../../ui/Button'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import { day } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import type { ArrivalData } from '../../parts/comb'
import { ifMatch, useWrite } from '../../app/useWrite'

const GO: Record<string, string> = {
  go: 'Go',
  second_person: 'With a second person',
  practise: 'Let it get used to it: the next step only',
  unknown: 'Not known yet',
  substitute: 'Take something else',
  defer: 'Not today',
}
type Row = Schemas['HandlingView']

export function Handling({
  arrival,
  words,
  canWork,
}: {
  arrival: ArrivalData
  words: Schemas['VocabularyView']
  canWork: boolean
}) {
  const [open, setOpen] = useState<string | null>(null)
  const known = new Set(arrival.handling.map((h) => h.tool))
  const label = (tool: string) => words.lists.tool.find((t) => t.id === tool)?.label ?? tool
  const rest = (words.lists.tool ?? []).filter((t) => !known.has(t.id))
  return (
    <div className="space-y-4 p-4">
      <section>
        <h2 className="mb-1 text-xl">Who can take {arrival.dog.name}</h2>
        <ul className="space-y-1">
          {arrival.assignments.map((a) => (
            <li key={a.who} className="flex flex-wrap gap-x-2 text-sm">
              <b className={a.fits ? 'text-moss' : 'text-haw'}>
                {a.fits ? (a.second_person ? 'with help' : 'yes') : 'no'}
              </b>
              <span>
                {a.who}
                {a.me && ' (you)'}
              </span>
              {a.flags.length > 0 && (
                <span className="text-ink-2">
                  {a.flags
                    .map((f) => `${label(f.tool)}: ${(GO[f.decision] ?? f.decision).toLowerCase()}`)
                    .join(', ')}
                </span>
              )}
            </li>
          ))}
        </ul>
      </section>
      {arrival.handling.map((h) => (
        <Tool
          key={h.tool}
          dogId={arrival.dog.id}
          row={h}
          label={label(h.tool)}
          words={words}
          canWork={canWork}
          open={open === h.tool}
          onOpen={(o) => setOpen(o ? h.tool : null)}
          arrivalId={arrival.id}
        />
      ))}
      {arrival.handling.length === 0 && (
        <p className="text-ink-2">
          Nothing noted yet. What is not known is not taken as easy: go slowly, and note how it went.
        </p>
      )}
      {canWork && rest.length > 0 && (
        <section>
          <h3 className="mb-1 text-sm font-bold">Note how it takes another tool</h3>
          <div className="flex flex-wrap gap-1.5">
            {rest.map((t) => (
              <Button key={t.id} className="text-sm" onClick={() => setOpen(t.id)}>
                {t.label}
              </Button>
            ))}
          </div>
          {open && rest.some((t) => t.id === open) && (
            <Form
              dogId={arrival.dog.id}
              arrivalId={arrival.id}
              tool={open}
              row={null}
              words={words}
              onDone={() => setOpen(null)}
            />
          )}
        </section>
      )}
    </div>
  )
}

interface ToolProps {
  dogId: string
  arrivalId: string
  row: Row
  label: string
  words: Schemas['VocabularyView']
  canWork: boolean
  open: boolean
  onOpen: (open: boolean) => void
}

function Tool({ dogId, arrivalId, row, label, words, canWork, open, onOpen }: ToolProps) {
  const cache = useQueryClient()
  const toast = useToast()
  const name = (list: ListName, id: string) => words.lists[list].find((o) => o.id === id)?.label ?? id
  const step = useWrite({
    send: (calm: boolean, write) =>
      take(
        api.POST('/api/dogs/{id}/handling/{tool}/ladder', {
          params: { path: { id: dogId, tool: row.tool }, header: write },
          body: { rung: row.next_rung, calm },
        }),
      ),
    onSuccess: (h) => {
      toast({ text: `${label}: ${h.next_words} comes next` })
      void cache.invalidateQueries({ queryKey: ['arrival', arrivalId] })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  return (
    <section className="rounded-lg bg-well p-3" aria-label={label}>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h3 className="text-lg">{label}</h3>
        <b className={row.decision === 'go' ? 'text-moss' : 'text-haw'}>{GO[row.decision]}</b>
        <span className="text-sm text-ink-2">
          tolerates {row.tolerance} of 5
          {row.places.length > 0 && `, at ${row.places.map((p) => name('place', p)).join(', ')}`}
        </span>
        <Why of={`stop or go with the ${label}`} reasons={row.reasons} />
      </div>
      {row.substitute && (
        <p className="text-sm">
          Instead: <b>{row.substitute}</b>
        </p>
      )}
      {row.warnings.map((w) => (
        <CautionLine key={w.code} caution={w} />
      ))}
      <p className="mt-1 text-sm">
        Let it get used to: <b>{row.next_words}</b>,{' '}
        {row.minutes < 1 ? `${Math.round(row.minutes * 60)} seconds` : `${row.minutes} min`}
        {row.earliest_full_on && <> · all of it likely from {day(row.earliest_full_on)}</>}
      </p>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 text-sm">
        {[
          ['Objects to', row.trigger],
          ['Cause', row.cause && name('cause', row.cause)],
          ['Works', row.works && name('works', row.works)],
          ['Hold', row.hold],
          ['Never say', row.banned],
          ['Marker word', row.marker],
          ['Treats', row.treats],
          ['The owner says', row.owner_says],
          ['At home', row.homework ?? ''],
        ]
          .filter(([, v]) => v)
          .map(([k, v]) => (
            <div key={k} className="contents">
              <dt className="text-ink-2">{k}</dt>
              <dd>{v}</dd>
            </div>
          ))}
      </dl>
      {canWork && (
        <div className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => step.mutate(true)} disabled={step.isPending}>
            Went calmly
          </Button>
          <Button onClick={() => step.mutate(false)} disabled={step.isPending}>
            Was afraid
          </Button>
          <Button kind="quiet" aria-expanded={open} onClick={() => onOpen(!open)}>
            {open ? 'Close' : 'Change'}
          </Button>
        </div>
      )}
      {open && (
        <Form
          dogId={dogId}
          arrivalId={arrivalId}
          tool={row.tool}
          row={row}
          words={words}
          onDone={() => onOpen(false)}
        />
      )}
    </section>
  )
}

function Form({
  dogId,
  arrivalId,
  tool,
  row,
  words,
  onDone,
}: {
  dogId: string
  arrivalId: string
  tool: string
  row: Row | null
  words: Schemas['VocabularyView']
  onDone: () => void
}) {
  const cache = useQueryClient()
  const [v, setV] = useState({
    tolerance: row?.tolerance ?? 3,
    where: row?.where ?? '',
    trigger: row?.trigger ?? '',
    cause: row?.cause ?? '',
    works: row?.works ?? '',
    hold: row?.hold ?? '',
    banned: row?.banned ?? '',
    marker: row?.marker ?? '',
    treats: row?.treats ?? '',
    second_person: row?.second_person ?? false,
    owner_says: row?.owner_says ?? '',
    places: row?.places ?? [],
  })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/dogs/{id}/handling/{tool}', {
          params: {
            path: { id: dogId, tool },
            header: { ...ifMatch(row?.version ?? 0), ...write },
          },
          body: v,
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['arrival', arrivalId] })
      onDone()
    },
  })
  const errors = save.fields
  const text = (name: keyof typeof v, label: string, maxLength: number) => (
    <TextField
      label={label}
      value={String(v[name])}
      maxLength={maxLength}
      onChange={(e) => set({ [name]: e.target.value })}
      error={errors[name]}
    />
  )
  return (
    <form
      noValidate
      className="mt-3 grid grid-cols-2 gap-2 border-t border-line pt-3"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate()
      }}
    >
      <SelectField
        label="Tolerates it"
        value={String(v.tolerance)}
        options={['0 not at all', '1 hardly', '2 a little', '3 with patience', '4 well', '5 at ease'].map(
          (label, i) => ({ id: String(i), label }),
        )}
        onChange={(e) => set({ tolerance: Number(e.target.value) })}
        error={errors.tolerance}
      />
      <SelectField
        label="Cause"
        value={v.cause}
        options={words.lists.cause ?? []}
        onChange={(e) => set({ cause: e.target.value })}
        error={errors.cause}
      />
      {text('where', 'Where on the dog', 80)}
      {text('trigger', 'Dog objects to', 120)}
      <SelectField
        label="What works"
        value={v.works}
        options={words.lists.works ?? []}
        onChange={(e) => set({ works: e.target.value })}
        error={errors.works}
      />
      {text('hold', 'Hold, foot by foot', 120)}
      {text('banned', 'Cues never to use', 80)}
      {text('marker', 'Marker word', 40)}
      {text('treats', 'Treats', 80)}
      {text('owner_says', 'The owner says', 200)}
      <CheckField
        label="A second person"
        checked={v.second_person}
        onChange={(e) => set({ second_person: e.target.checked })}
      />
      <fieldset className="col-span-2">
        <legend className="label">In these places (none: the dog as a whole)</legend>
        <div className="flex flex-wrap gap-x-4">
          {(words.lists.place ?? []).map((p) => (
            <CheckField
              key={p.id}
              label={p.label}
              checked={v.places.includes(p.id)}
              onChange={(e) =>
                set({
                  places: e.target.checked ? [...v.places, p.id] : v.places.filter((one) => one !== p.id),
                })
              }
            />
          ))}
        </div>
      </fieldset>
      <div className="col-span-2 flex flex-wrap items-center gap-2">
        <Button type="submit" kind="main" disabled={save.isPending}>
          Save
        </Button>
        <Button onClick={onDone}>Leave</Button>
        {save.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="text-sm font-bold text-haw">
            {save.error.message}
          </p>
        )}
      </div>
    </form>
  )
}
