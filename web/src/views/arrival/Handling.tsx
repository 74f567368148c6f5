// What this dog will stand for, tool by tool: the salon's record, the owner's report apart, the ladder,
// and today's stop or go.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas, type ListName } from '../../app/client'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import { day } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import type { ArrivalData } from '../../parts/comb'
import { useWrite } from '../../app/useWrite'
import { Form } from './Tolerated'

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
