// What is booked, and the next date: by kind, with what such a visit takes and costs.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { addDays, parseISO } from 'date-fns'
import { useState, type FormEvent } from 'react'
import { Link } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { ifMatch, useWrite } from '../../app/useWrite'
import { notYet } from '../../parts/notYet'
import { DateSaid } from '../../parts/DateSaid'
import { kindSaid, VISIT_KINDS } from '../../parts/kinds'
import type { Held } from '../../parts/useMove'
import { DateField } from '../../ui/DateField'
import { timeTyped } from '../../ui/dates'
import { Button } from '../../ui/Button'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { LinkButton } from '../../ui/LinkButton'
import { useToast } from '../../ui/Toasts'
import { MoveForm } from '../../parts/MoveForm'
import { Offers } from '../../parts/Offers'
import { day, hours, money } from '../../ui/words'
import { TwoDays, type Wash } from './TwoDays'
import { WaitFor } from './WaitFor'

export function NextDate({ card }: { card: Schemas['CardView'] }) {
  const { session, may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const suggested =
    [card.interval.full_on, card.interval.tidy_on].find((d) => !notYet(card) && d && d >= card.today) ??
    addDays(parseISO(card.today), 7).toISOString().slice(0, 10)
  const told = card.visits.length === 0 ? card.dog.told : ''
  const [form, setForm] = useState({
    day: suggested,
    time: '09:30',
    kind: 'full',
    staff: '',
    // Until somebody has seen it.
    note: told,
    write: true,
    wash: null as Wash | null,
  })
  const set = (change: Partial<typeof form>) => setForm({ ...form, ...change })
  const [moving, setMoving] = useState<Held | null>(null)
  const kinds = useQuery(queries.kinds(card.dog.id))
  const kind = kinds.data?.kinds.find((k) => k.kind === form.kind)
  const dueOn: Record<string, string | null> = {
    full: card.interval.full_on,
    bath: card.interval.bath_on,
    tidy: card.interval.tidy_on,
    nails: card.interval.nails_on,
  }
  const choose = (id: string) => {
    const on = notYet(card) ? null : dueOn[id]
    set({ kind: id, ...(on && on >= card.today ? { day: on } : {}) })
  }
  const refresh = () => void cache.invalidateQueries({ queryKey: ['card', card.dog.id] })
  const book = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/bookings', {
          params: { path: { id: card.dog.id }, header: write },
          body: {
            ...form,
            staff: form.staff || null,
            wash: form.kind === 'full' && form.wash ? { ...form.wash, staff: form.staff || null } : null,
          },
        }),
      ),
    onSuccess: (b) => {
      toast({
        text: `Booked: ${day(b.day)}, ${b.time}`,
        action: { label: 'Undo', run: () => cancel.mutate(b) },
      })
      refresh()
    },
    // Somebody else has taken it: the next are offered.
    onError: () => void cache.invalidateQueries({ queryKey: ['offers'] }),
  })
  const cancel = useWrite({
    send: (b: { id: string; version: number }, write) =>
      take(
        api.DELETE('/api/bookings/{id}', {
          params: {
            path: { id: b.id },
            header: { ...ifMatch(b.version), ...write },
          },
        }),
      ),
    onSuccess: () => (toast({ text: 'Cancelled' }), refresh()),
    onError: (e) => (toast({ text: e.message, bad: true }), refresh()),
  })
  const grant = useWrite({
    send: (b: { id: string; version: number }, write) =>
      take(
        api.PUT('/api/bookings/{id}', {
          params: {
            path: { id: b.id },
            header: { ...ifMatch(b.version), ...write },
          },
        }),
      ),
    onSuccess: (b) => (
      toast({
        text: `Booked: ${day(b.day)}, ${b.time}`,
        action: { label: 'Undo', run: () => cancel.mutate(b) },
      }),
      refresh()
    ),
    onError: (e) => (toast({ text: e.message, bad: true }), refresh()),
  })
  const ask = useWrite({
    send: (id: string, write) =>
      take(api.POST('/api/bookings/{id}/ask', { params: { path: { id }, header: write } })),
    onSuccess: () => (toast({ text: 'Written to the owner' }), refresh()),
    onError: (e) => (toast({ text: e.message, bad: true }), refresh()),
  })
  const errors = book.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    book.mutate()
  }
  return (
    <section>
      <div className="flex items-baseline justify-between">
        <h3 className="mb-2 text-lg">Booked</h3>
        <Link
          to={`/dogs/${card.dog.id}/year`}
          className="inline-flex min-h-11 items-center text-slate underline"
        >
          The year ahead
        </Link>
      </div>
      {card.bookings.length === 0 && <p className="text-ink-2">Nothing yet.</p>}
      <ul className="space-y-1">
        {card.bookings.map((b) => (
          <li key={b.id} className="flex flex-wrap items-center gap-2">
            <b>{day(b.day)}</b> {b.time} · {kindSaid(b.kind)}
            {b.washed && ', washed before'}
            {b.staff && ` · ${b.staff}`}
            {b.state === 'wished' && (
              <span className="font-bold text-bracken">{b.note || 'wished'}: not booked yet</span>
            )}
            {b.state === 'wished' && may('book') && (
              <Button
                className="min-h-11"
                onClick={() => grant.mutate(b)}
                aria-label={`Book ${day(b.day)} as wished`}
              >
                Book it
              </Button>
            )}
            {b.state === 'booked' && <DateSaid date={b} />}
            {may('book') && b.state === 'booked' && b.answer === '' && b.asked === null && (
              <Button
                kind="quiet"
                className="text-sm"
                disabled={ask.isPending}
                aria-label={`Write to the owner about ${day(b.day)}`}
                onClick={() => ask.mutate(b.id)}
              >
                Write to the owner
              </Button>
            )}
            {may('money') && b.state === 'booked' && (
              <LinkButton
                kind="quiet"
                className="text-sm"
                to={`/till?booking=${b.id}`}
                aria-label={`Deposit for ${day(b.day)}`}
              >
                Deposit
              </LinkButton>
            )}
            {may('book') && b.state === 'booked' && (
              <Button
                kind="quiet"
                className="text-sm"
                aria-label={`Move ${day(b.day)}`}
                onClick={() => setMoving({ ...b, staff: b.staff_id, name: card.dog.name })}
              >
                Move
              </Button>
            )}
            {may('book') && (
              <Button
                kind="quiet"
                className="text-sm"
                onClick={() => cancel.mutate(b)}
                aria-label={`Cancel ${day(b.day)}`}
              >
                Cancel
              </Button>
            )}
          </li>
        ))}
      </ul>
      {told && <p className="mt-2 text-sm text-ink-2">{told}</p>}
      {moving && <MoveForm booking={moving} onClose={() => setMoving(null)} />}
      {may('book') && (
        <form
          onSubmit={send}
          className="mt-3 space-y-2 border-t border-line pt-3"
          noValidate
          aria-label="Book the next date"
        >
          <Offers dog={card.dog.id} kind={form.kind} chosen={form} onChoose={set} />
          <div className="grid grid-cols-[7fr_5fr] gap-2">
            <DateField label="Day" value={form.day} onDay={(day) => set({ day })} error={errors.day} />
            <TextField
              label="Time"
              inputMode="numeric"
              placeholder="09:30"
              value={form.time}
              onChange={(e) => set({ time: e.target.value })}
              onBlur={(e) => set({ time: timeTyped(e.target.value) })}
              error={errors.time}
            />
            <SelectField
              label="Kind"
              value={form.kind}
              options={[...VISIT_KINDS]}
              hint={kind && lasts(kind, session.currency)}
              onChange={(e) => choose(e.target.value)}
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
          </div>
          {form.kind === 'full' && (
            <TwoDays
              long={(kind?.days ?? 1) > 1}
              rest={form.day}
              wash={form.wash}
              errors={errors}
              onWash={(wash) => set({ wash })}
            />
          )}
          <CheckField
            label="Write to the owner, with a link to answer by"
            checked={form.write}
            onChange={(e) => set({ write: e.target.checked })}
          />
          {book.error && Object.keys(errors).length === 0 && (
            <p role="alert" className="text-sm font-bold text-haw">
              {book.error.message}
            </p>
          )}
          <Button type="submit" kind="main" disabled={book.isPending}>
            Book {form.day ? day(form.day) : ''}
          </Button>
        </form>
      )}
      {may('book') && (
        <WaitFor
          key={form.kind}
          dog={card.dog}
          kind={form.kind}
          staff={form.staff}
          today={card.today}
          until={suggested}
        />
      )}
    </section>
  )
}

/** How long and how much. */
function lasts(kind: Schemas['VisitKindView'], currency: string): string | undefined {
  if (kind.minutes === null || kind.allow === null) return undefined
  const price = kind.price_minor === null ? '' : ` · ${money(kind.price_minor, currency)}`
  return `usually ${hours(kind.minutes)}, allow ${hours(kind.allow)}${price}`
}
