// What was measured on this dog: level ears, balance, neckwear, each with its reasons. Suggestions only.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import type { FormEvent } from 'react'
import { useDraft } from '../../app/draft'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { TextField } from '../../ui/Field'
import { figure } from '../../ui/figure'
import { mm } from '../../ui/words'
import { Why } from '../../ui/Why'
import { useWrite } from '../../app/useWrite'

const FIELDS = [
  ['neck_mm', 'Neck, close (mm)'],
  ['left_higher_mm', 'Left ear higher by (mm)'],
  ['left_leather_mm', 'Left leather (mm)'],
  ['right_leather_mm', 'Right leather (mm)'],
  ['shortest_mm', 'Hair below, at least (mm)'],
] as const

export function Measures({ dogId }: { dogId: string }) {
  const measures = useQuery(queries.measures(dogId))
  if (!measures.data)
    return (
      <p className="p-4 text-ink-2">
        {measures.error ? measures.error.message : 'Fetching what was measured …'}
      </p>
    )
  return <Form key={JSON.stringify(measures.data.measures)} dogId={dogId} data={measures.data} />
}

function Form({ dogId, data }: { dogId: string; data: Schemas['MeasuresView'] }) {
  const { may, session } = useSession()
  const cache = useQueryClient()
  const [typed, keep] = useDraft<Record<string, string>>(`measures.${session.id}.${dogId}`)
  const v = typed ?? Object.fromEntries(Object.entries(data.measures).map(([k, n]) => [k, String(n)]))
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/dogs/{id}/measures', {
          params: { path: { id: dogId }, header: write },
          body: Object.fromEntries(
            Object.entries(v)
              .filter(([, t]) => t.trim() !== '')
              .map(([k, t]) => [k, figure(t)]),
          ),
        }),
      ),
    onSuccess: (next) => {
      keep(null)
      cache.setQueryData(queries.measures(dogId).queryKey, next)
    },
  })
  const look = useWrite({
    send: (seen: Record<string, string>, write) =>
      take(
        api.PUT('/api/dogs/{id}/measures', {
          params: { path: { id: dogId }, header: write },
          body: { seen },
        }),
      ),
    onSuccess: (next) => cache.setQueryData(queries.measures(dogId).queryKey, next),
  })
  const errors = save.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  const { ears, balance, neckwear } = data
  return (
    <form onSubmit={send} noValidate className="space-y-3 p-4">
      <h2 className="text-xl">Ears, balance, neckwear</h2>
      {ears && (
        <p>
          For edges that look level: leave <b>{mm(ears.left_hair_mm)}</b> below the left leather,{' '}
          <b>{mm(ears.right_hair_mm)}</b> below the right.{' '}
          <span className="text-sm text-ink-2">
            Measured they then differ by {mm(ears.measured_difference_mm)}, seen from the front by{' '}
            {mm(ears.apparent_difference_mm)}.
          </span>{' '}
          <Why of="Level ears" reasons={ears.reasons} />
        </p>
      )}
      {balance.silent && <p className="text-ink-2">{balance.silent}</p>}
      {balance.suggestions.map((s) => (
        <p key={s.code}>
          {s.message} <Why of={s.code.replaceAll('_', ' ')} reasons={s.reasons} />
        </p>
      ))}
      {neckwear && (
        <div>
          <p>
            Neckwear: <b>{mm(neckwear.finished_mm)}</b> around when relaxed; tube {mm(neckwear.fabric_mm)} of
            fabric, {mm(neckwear.tube_width_mm)} wide; band {mm(neckwear.band_width_mm)}, bow{' '}
            {mm(neckwear.bow_width_mm)}. <Why of="Neckwear" reasons={neckwear.reasons} />
          </p>
          {neckwear.warnings.map((w) => (
            <p key={w.code} className="text-sm font-bold text-bracken">
              {w.message}
            </p>
          ))}
        </div>
      )}
      <section aria-label="As it is seen" className="space-y-2">
        <h3 className="font-bold">As it is seen</h3>
        {data.seen.map((p) => (
          <div key={p.point}>
            <p className="text-sm text-ink-2">{p.label}</p>
            <Choice
              small
              label={p.label}
              value={p.chosen ?? ''}
              disabled={!may('visit') || look.isPending}
              onChange={(side) => look.mutate({ [p.point]: side })}
              options={p.sides}
            />
          </div>
        ))}
        {look.error && (
          <p role="alert" className="font-bold text-haw">
            {look.error.message}
          </p>
        )}
      </section>
      <details open={typed !== null || Object.keys(data.measures).length === 0}>
        <summary className="min-h-11 py-2 font-bold">Measure</summary>
        <div className="grid gap-x-3 sm:grid-cols-2">
          {FIELDS.map(([name, label]) => (
            <TextField
              key={name}
              label={label}
              inputMode="decimal"
              disabled={!may('visit')}
              value={v[name] ?? ''}
              onChange={(e) => keep({ ...v, [name]: e.target.value })}
              error={errors[name]}
            />
          ))}
        </div>
        {may('visit') && (
          <div className="flex flex-wrap items-center gap-3">
            <Button type="submit" disabled={save.isPending}>
              {save.isPending ? 'Working it out …' : 'Keep and work it out'}
            </Button>
            {typed !== null && (
              <>
                <span className="text-sm font-bold text-bracken">Changed here, not kept yet.</span>
                <Button kind="quiet" onClick={() => keep(null)}>
                  Put back
                </Button>
              </>
            )}
          </div>
        )}
        {save.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="font-bold text-haw">
            {save.error.message}
          </p>
        )}
      </details>
    </form>
  )
}
