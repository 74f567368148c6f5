// Visits held ahead: every so many weeks with one person; how full their weeks are says how many to hold.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { VISIT_KINDS } from '../../parts/kinds'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay, timeTyped } from '../../ui/dates'
import { SelectField, TextField } from '../../ui/Field'
import { NumberField } from '../../ui/NumberField'
import { useToast } from '../../ui/Toasts'
import { day } from '../../ui/words'
import { useDebounced } from '../../ui/useDebounced'
import { shifted, type YearData } from './band'

const SHOWN = 6

/** Begins where what is booked ends: it is made anew when that changes. */
export function Ahead({ data }: { data: YearData }) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const next = data.advice.visits.find((v) => v.kind === 'full')
  const usual = data.booked.find((b) => b.staff_id)
  const every = data.clocks.find((c) => c.clock === 'full')?.weeks ?? 8
  const last = data.booked.filter((b) => b.kind === 'full').pop()
  const [form, setForm] = useState({
    first: last ? shifted(last.day, 7 * every) : (next?.day ?? data.today),
    every,
    time: usual?.time ?? '09:30',
    kind: 'full',
    staff: usual?.staff_id ?? '',
  })
  const set = (change: Partial<typeof form>) => setForm({ ...form, ...change })
  const asked = useDebounced({ ...form, staff: form.staff || null, count: SHOWN }, 250)
  const able = isDay(asked.first) && asked.every > 0
  const answer = useQuery({
    queryKey: ['series', data.dog, asked],
    queryFn: () =>
      take(api.POST('/api/dogs/{id}/series/answer', { params: { path: { id: data.dog } }, body: asked })),
    enabled: able,
    retry: false,
  })
  const days = answer.data?.days ?? []
  const advised = Math.max(1, days.filter((d) => d.hold).length)
  const [wanted, setWanted] = useState<number | null>(null)
  const count = wanted ?? advised
  const refresh = () => {
    for (const key of ['year', 'card', 'agenda', 'series', 'offers'])
      void cache.invalidateQueries({ queryKey: [key] })
  }
  const drop = useWrite({
    send: (id: string, write) =>
      take(api.DELETE('/api/series/{id}', { params: { path: { id }, header: write } })),
    onSuccess: () => (refresh(), toast({ text: 'Nothing of it is held any more' })),
    onError: (e) => (refresh(), toast({ text: e.message, bad: true })),
  })
  const hold = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/series', {
          params: { path: { id: data.dog }, header: write },
          body: { ...form, staff: form.staff || null, count },
        }),
      ),
    onSuccess: (held) => {
      const series = held.held[0]?.series
      refresh()
      toast({
        text: `${held.held.length} held, from ${day(held.held[0]?.day)}`,
        ...(series ? { action: { label: 'Undo', run: () => drop.mutate(series) } } : {}),
      })
    },
    onError: refresh,
  })
  const errors = { ...fieldsOf(answer.error), ...hold.fields }
  const send = (e: FormEvent) => {
    e.preventDefault()
    hold.mutate()
  }
  const series = [...new Set(data.booked.flatMap((b) => (b.series ? [b.series] : [])))]
  return (
    <section aria-label="Hold visits ahead" className="panel space-y-3 p-4">
      <h2 className="text-xl">Hold visits ahead</h2>
      <form noValidate onSubmit={send} className="space-y-3">
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
          <NumberField
            label="Every … weeks"
            value={form.every}
            onChange={(every) => set({ every: every ?? 0 })}
            error={errors.every}
          />
          <DateField label="From" value={form.first} onDay={(first) => set({ first })} error={errors.first} />
          <TextField
            label="Time"
            inputMode="numeric"
            value={form.time}
            onChange={(e) => set({ time: e.target.value })}
            onBlur={(e) => set({ time: timeTyped(e.target.value) })}
            error={errors.time}
          />
          <SelectField
            label="Kind"
            value={form.kind}
            options={[...VISIT_KINDS]}
            onChange={(e) => set({ kind: e.target.value })}
            error={errors.kind}
          />
          <SelectField
            label="With"
            value={form.staff}
            options={[
              { id: '', label: 'not decided' },
              ...session.colleagues.map((c) => ({ id: c.id, label: c.name })),
            ]}
            onChange={(e) => set({ staff: e.target.value })}
            error={errors.staff}
          />
          <SelectField
            label="How many"
            value={String(count)}
            options={Array.from({ length: SHOWN }, (_, i) => ({ id: String(i + 1), label: String(i + 1) }))}
            onChange={(e) => setWanted(Number(e.target.value))}
            hint={answer.data ? `the diary asks for ${advised}` : undefined}
          />
        </div>
        <ol className="divide-y divide-line text-sm" aria-label="The days" aria-busy={answer.isFetching}>
          {days.slice(0, count).map((d) => (
            <li key={d.due} className="flex flex-wrap gap-x-3 py-1.5">
              <b>{d.day ? day(d.day) : 'no day'}</b>
              {d.why && (
                <span className="text-bracken">
                  {d.day ? `in place of ${day(d.due)}` : `for ${day(d.due)}`}: {d.why}
                </span>
              )}
              {d.fill !== null && (
                <span className={d.fill >= 0.95 ? 'text-haw' : 'text-ink-2'}>
                  that week is {Math.round(100 * d.fill)} % booked
                </span>
              )}
            </li>
          ))}
        </ol>
        {hold.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="text-sm font-bold text-haw">
            {hold.error.message}
          </p>
        )}
        <Button type="submit" kind="main" disabled={hold.isPending || !able}>
          Hold {count} {count === 1 ? 'visit' : 'visits'}
        </Button>
      </form>
      {series.map((id) => (
        <p key={id} className="flex flex-wrap items-center gap-2 border-t border-line pt-2 text-sm">
          {data.booked.filter((b) => b.series === id).length} held in one go.
          <Button kind="quiet" onClick={() => drop.mutate(id)} disabled={drop.isPending}>
            Give up what is still to come
          </Button>
        </p>
      ))}
    </section>
  )
}

function fieldsOf(error: Error | null): Record<string, string> {
  return error && 'fields' in error ? (error.fields as Record<string, string>) : {}
}
