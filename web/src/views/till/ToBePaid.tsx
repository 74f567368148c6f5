// Who has to pay: dogs that are done, visits nobody came to or that were cancelled late; deposits that go
// home.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { day, money } from '../../ui/words'
import { GoesBack } from './GoesBack'
import type { TillData, ToPay } from './bill'

const STATES: Record<string, string> = {
  ready: 'ready',
  gone: 'went home without paying',
  missed: 'did not come',
  cancelled: 'cancelled late',
}

interface Props {
  till: TillData
  onPay: (what: { arrival: string | null; booking: string | null }) => void
}

export function ToBePaid({ till, onPay }: Props) {
  const { session } = useSession()
  const [letting, setLetting] = useState<ToPay | null>(null)
  const [home, setHome] = useState<TillData['held'][0] | null>(null)
  return (
    <section aria-label="To be paid" className="panel p-4">
      <h2 className="mb-2 text-lg">To be paid</h2>
      {till.to_pay.length === 0 && <p className="text-ink-2">Nothing. A dog that is done stands here.</p>}
      <ul className="divide-y divide-line">
        {till.to_pay.map((p) => (
          <li
            key={p.arrival ?? p.booking}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2"
          >
            <span className="min-w-0">
              <Link className="font-head text-lg font-bold hover:underline" to={`/dogs/${p.dog}`}>
                {p.name}
              </Link>{' '}
              <span className="text-ink-2">{p.owner}</span>
              <span className={`block text-sm ${p.state === 'ready' ? 'text-moss' : 'text-bracken'}`}>
                {STATES[p.state] ?? p.state}
                {p.day !== till.today && `, ${day(p.day)}`}
              </span>
            </span>
            <span className="flex flex-wrap items-center gap-2">
              <b className="tabular-nums">
                {p.minor === null ? 'no price' : money(p.minor, session.currency)}
              </b>
              {p.booking && (
                <Button kind="quiet" aria-label={`Let go… ${p.name}`} onClick={() => setLetting(p)}>
                  Let go…
                </Button>
              )}
              <Button
                kind="main"
                aria-label={`Pay for ${p.name}`}
                onClick={() => onPay({ arrival: p.arrival, booking: p.booking })}
              >
                Pay
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {till.held.length > 0 && (
        <>
          <h3 className="mt-3 font-bold">Deposits to give back</h3>
          <ul className="divide-y divide-line">
            {till.held.map((h) => (
              <li key={h.booking} className="flex flex-wrap items-center justify-between gap-2 py-2">
                <span>
                  {h.name} <span className="text-ink-2">for {day(h.day)}</span>
                </span>
                <span className="flex items-center gap-2">
                  <b className="tabular-nums">{money(h.minor, session.currency)}</b>
                  <Button aria-label={`Give back… ${h.name}`} onClick={() => setHome(h)}>
                    Give back…
                  </Button>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      {letting && <LetGo owed={letting} onClose={() => setLetting(null)} />}
      {home && <Deposit held={home} place={till.place} onClose={() => setHome(null)} />}
    </section>
  )
}

function LetGo({ owed, onClose }: { owed: ToPay; onClose: () => void }) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [why, setWhy] = useState('')
  const send = useWrite({
    send: (body: { why: string; version: number }, write) =>
      take(
        api.PUT('/api/bookings/{id}/charge', {
          params: { path: { id: owed.booking ?? '' }, header: { ...ifMatch(body.version), ...write } },
          body: { why: body.why },
        }),
      ),
    onSuccess: (_a, { why: said, version }) => {
      void cache.invalidateQueries({ queryKey: ['till'] })
      toast(
        said
          ? {
              text: `${owed.name}: let go`,
              action: { label: 'Undo', run: () => send.mutate({ why: '', version: version + 1 }) },
            }
          : { text: `${owed.name}: charged after all` },
      )
      onClose()
    },
  })
  return (
    <Modal open onClose={onClose} title={`Let ${money(owed.minor ?? 0, session.currency)} go?`}>
      <form
        noValidate
        className="space-y-3"
        onSubmit={(e) => {
          e.preventDefault()
          send.mutate({ why: why.trim() || 'without a word', version: owed.version })
        }}
      >
        <p>
          House terms ask for it: {owed.name} {STATES[owed.state]} on {day(owed.day)}.
        </p>
        <TextField
          label="Why"
          hint="such as: the first time, ill"
          value={why}
          maxLength={200}
          onChange={(e) => setWhy(e.target.value)}
          error={send.fields.why}
        />
        {send.error && Object.keys(send.fields).length === 0 && (
          <p role="alert" className="text-sm font-bold text-haw">
            {send.error.message}
          </p>
        )}
        <Button type="submit" kind="main" disabled={send.isPending}>
          Let it go
        </Button>
      </form>
    </Modal>
  )
}

function Deposit({
  held,
  place,
  onClose,
}: {
  held: TillData['held'][0]
  place: string
  onClose: () => void
}) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const send = useWrite({
    send: (way: 'cash' | 'card' | 'transfer', write) =>
      take(
        api.DELETE('/api/bookings/{id}/deposit', {
          params: { path: { id: held.booking }, header: write },
          body: { place, way },
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['till'] })
      toast({ text: `Deposit of ${held.name} given back` })
      onClose()
    },
  })
  return (
    <Modal open onClose={onClose} title={`Give ${money(held.minor, session.currency)} back`}>
      <p className="mb-3">
        Held for {held.name}, {day(held.day)}.
      </p>
      <GoesBack waiting={send.isPending} error={send.error?.message} onWay={(way) => send.mutate(way)} />
    </Modal>
  )
}
