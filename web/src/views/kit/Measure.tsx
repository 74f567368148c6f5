// Measure a tool once: five readings by calliper or typed, their spread, what is asked; then what changed,
// card by card.
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Ruler, X } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import { api, take, type Body, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import { mm, trim } from '../../ui/words'
import type { Item } from './names'
import { isOf } from '../../parts/lists'
import { WhatChanged } from './WhatChanged'
import { ifMatch, useWrite, type Write } from '../../app/useWrite'

const READINGS = 5
type Derivation = Schemas['DerivationView']
type Base = NonNullable<Item['measured_base']>
type Lay = NonNullable<Item['measured_lay']>
type Measurement = Body<'/api/kit/{id}/measurement', 'put'>

export function Measure({ item, derivation }: { item: Item; derivation: string | null }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const words = useQuery(queries.words())
  const [readings, setReadings] = useState<number[]>([])
  const [stroke, setStroke] = useState(0)
  const [typed, setTyped] = useState('')
  const [base, setBase] = useState<Base>(item.measured_base ?? '10')
  const [lay, setLay] = useState<Lay>(item.measured_lay ?? 'with')
  const [confirmed, setConfirmed] = useState(false)
  const [newest, setNewest] = useState<string | null>(null)
  const shown = newest ?? derivation
  const guard = item.kind === 'guard'
  const said = { lay, base: guard ? base : null }
  const answer = useQuery({
    queryKey: ['measured', item.id, readings, said],
    queryFn: () =>
      take(
        api.POST('/api/kit/{id}/measurement/answer', {
          params: { path: { id: item.id } },
          body: { readings_mm: readings, ...said },
        }),
      ),
    enabled: readings.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  })
  const add = (value: number) => {
    setReadings((all) => [...all, value].slice(0, 12))
    setStroke((s) => s + 1)
    setConfirmed(false)
  }
  const read = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/kit/{id}/calliper/answer', {
          params: { path: { id: item.id } },
          body: { stroke: stroke % 12, ...said },
        }),
      ),
    onSuccess: (r) => add(r.mm),
  })
  const put = (body: Measurement, version: number, write: Write) =>
    take(
      api.PUT('/api/kit/{id}/measurement', {
        params: { path: { id: item.id }, header: { ...ifMatch(version), ...write } },
        body,
      }),
    )
  const kept = (d: Derivation) => {
    cache.setQueryData(queries.derivation(d.id).queryKey, d)
    void cache.invalidateQueries({ queryKey: ['kit'] })
    void cache.invalidateQueries({ queryKey: ['card'] })
    setNewest(d.id)
    setReadings([])
    setStroke(0)
    setConfirmed(false)
  }
  const asBefore = useWrite({
    send: ({ body, version }: { body: Measurement; version: number }, write) => put(body, version, write),
    onSuccess: kept,
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const save = useWrite({
    send: (_: void, write) => put({ readings_mm: readings, ...said, confirmed }, item.version, write),
    onSuccess: (d) => {
      const before =
        item.measured_mm === null
          ? {}
          : {
              measured_mm: item.measured_mm,
              base: item.measured_base,
              lay: item.measured_lay ?? 'with',
              confirmed: true,
            }
      kept(d)
      toast({
        text: `Measured: ${mm(d.after_mm)}. Every card follows.`,
        action: { label: 'Take back', run: () => asBefore.mutate({ body: before, version: d.version }) },
      })
    },
  })
  const errors = save.fields
  const questions = readings.length > 0 ? (answer.data?.questions ?? []) : []
  const type = (e: FormEvent) => {
    e.preventDefault()
    const n = Number(typed.trim().replace(',', '.'))
    if (Number.isFinite(n) && n > 0) {
      add(n)
      setTyped('')
    }
  }
  const bad =
    typed.trim() !== '' && !(Number(typed.trim().replace(',', '.')) > 0)
      ? 'must be a number of mm, such as 3.2'
      : undefined
  return (
    <div className="space-y-3 p-4">
      <p className="text-sm text-ink-2">
        A clean, dry test coat combed to the skin. {READINGS} strokes side by side
        {guard ? `, the guard locked over a ${base}` : ''}; measure the hair that is left after each.
      </p>
      {may('kit') && (
        <>
          <div className="flex flex-wrap items-end gap-3">
            {guard && (
              <div className="w-28">
                <SelectField
                  label="Base under it"
                  value={base}
                  onChange={(e) => {
                    const next = e.target.value
                    if (words.data && isOf<Base>(words.data, 'base', next)) setBase(next)
                  }}
                  options={words.data?.lists.base ?? [{ id: base, label: base }]}
                />
              </div>
            )}
            <div className={guard ? 'mb-5' : ''}>
              <Choice
                small
                label="Lay"
                value={lay}
                onChange={setLay}
                options={[
                  { id: 'with', label: 'with' },
                  { id: 'across', label: 'across' },
                  { id: 'against', label: 'against' },
                ]}
              />
            </div>
          </div>
          <ol className="flex flex-wrap gap-2" aria-label="Readings">
            {Array.from({ length: Math.max(READINGS, readings.length) }, (_, i) => (
              <li
                key={i}
                className={`grid h-14 min-w-14 place-items-center rounded-md border-2
                  ${
                    readings[i] === undefined
                      ? 'border-dashed border-line text-ink-2'
                      : 'border-moss bg-moss-soft'
                  }`}
              >
                {readings[i] === undefined ? (
                  i + 1
                ) : (
                  <button
                    type="button"
                    className="flex h-full items-center gap-1 px-2 font-bold"
                    aria-label={`Take reading ${i + 1} out: ${readings[i]} mm`}
                    onClick={() => setReadings(readings.filter((_, n) => n !== i))}
                  >
                    {readings[i]} <X aria-hidden className="size-4 text-ink-2" />
                  </button>
                )}
              </li>
            ))}
          </ol>
          <div className="grid grid-cols-[auto_1fr] items-start gap-3">
            <Button
              kind={readings.length < READINGS ? 'main' : 'plain'}
              className="mt-6 min-h-12"
              disabled={read.isPending || readings.length >= 12}
              onClick={() => read.mutate()}
            >
              <Ruler aria-hidden className="size-5" /> Read the calliper
            </Button>
            <form onSubmit={type} noValidate>
              <TextField
                label="or type it, mm, Enter"
                inputMode="decimal"
                value={typed}
                onChange={(e) => setTyped(e.target.value)}
                error={bad}
              />
            </form>
          </div>
          {read.error && (
            <p role="alert" className="font-bold text-haw">
              The calliper does not answer: {read.error.message}
            </p>
          )}
          {readings.length > 0 && answer.data && (
            <div role="status" className="rounded-md bg-well p-3">
              <p className="text-2xl font-bold">
                {mm(answer.data.mean_mm)}{' '}
                <span className="text-base font-normal text-ink-2">{answer.data.inch} in</span>{' '}
                <Why of={`${mm(answer.data.mean_mm)} measured`} reasons={answer.data.reasons} />
              </p>
              <p className="text-sm">
                spread {trim(answer.data.spread_mm)} mm ·{' '}
                {readings.length < READINGS
                  ? `${READINGS - readings.length} more make it careful`
                  : 'five readings: careful'}{' '}
                ·{' '}
                {answer.data.cards === 0
                  ? 'no card names it'
                  : answer.data.cards === 1
                    ? 'one card names it'
                    : `${answer.data.cards} cards name it`}
              </p>
              {questions.map((q) => (
                <p key={q.code} className="mt-2 rounded-md bg-bracken-soft p-2 font-bold text-bracken">
                  {q.message}
                </p>
              ))}
              {questions.length > 0 && (
                <CheckField
                  label="Yes: it is this tool, and it measures so"
                  checked={confirmed}
                  onChange={(e) => setConfirmed(e.target.checked)}
                />
              )}
            </div>
          )}
          {save.error && (
            <p role="alert" className="font-bold text-haw">
              {Object.values(errors)[0] ?? save.error.message}
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            <Button
              kind={readings.length >= READINGS ? 'main' : 'plain'}
              disabled={
                readings.length === 0 ||
                (questions.length > 0 && !confirmed) ||
                save.isPending ||
                answer.isFetching
              }
              onClick={() => save.mutate()}
            >
              {save.isPending ? 'Keeping …' : 'Keep this length'}
            </Button>
            {readings.length > 0 && (
              <Button kind="quiet" onClick={() => setReadings([])}>
                Start again
              </Button>
            )}
          </div>
        </>
      )}
      {shown && <WhatChanged id={shown} />}
      {!may('kit') && !shown && (
        <p className="text-ink-2">A manager measures the kit. Nothing was measured here yet.</p>
      )}
    </div>
  )
}
