// The bills of a day: what was on each, how it was paid, its receipt; what goes back is a bill of its own.
import { useQueryClient } from '@tanstack/react-query'
import { Receipt, Send, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { CheckField, TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { clock, money } from '../../ui/words'
import { GoesBack } from './GoesBack'
import { WAYS, type Bill, type TillData } from './bill'

export function Bills({ till }: { till: TillData }) {
  const { session } = useSession()
  const toast = useToast()
  const [back, setBack] = useState<Bill | null>(null)
  const receipt = useWrite({
    send: (id: string, write) =>
      take(api.POST('/api/bills/{id}/receipt', { params: { path: { id }, header: write } })),
    onSuccess: (b) => toast({ text: `Receipt ${b.number} sent` }),
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const said = (minor: number) => money(minor, session.currency)
  return (
    <section aria-label="Bills" className="panel p-4">
      <h2 className="mb-2 text-lg">
        Bills <span className="text-ink-2">{till.sales.length}</span>
      </h2>
      {till.sales.length === 0 && <p className="text-ink-2">None yet.</p>}
      <ul className="divide-y divide-line">
        {till.sales.map((b) => (
          <li key={b.id} className="space-y-1 py-3">
            <p className="flex flex-wrap items-baseline justify-between gap-x-3">
              <span>
                <b>{b.number}</b> <span className="text-ink-2">{clock(b.at)}</span> {b.name}
                {b.reverses !== null && <b className="text-bracken"> takes back of {b.reverses}</b>}
                {b.why && <span className="text-ink-2">: {b.why}</span>}
              </span>
              <b className="tabular-nums">{said(b.total_minor)}</b>
            </p>
            <ul className="text-sm text-ink-2">
              {b.lines.map((l, n) => (
                <li key={n} className="flex justify-between gap-3">
                  <span className={l.back ? 'line-through' : ''}>
                    {l.label}
                    {l.back && <span className="sr-only"> (went back)</span>}
                  </span>
                  <span className="tabular-nums">{said(l.minor)}</span>
                </li>
              ))}
            </ul>
            <p className="flex flex-wrap items-center justify-between gap-2 text-sm">
              <span>
                {b.payments
                  .map((p) => `${WAYS.find((w) => w.id === p.way)?.label ?? p.way} ${said(p.minor)}`)
                  .join(', ')}
                {b.change_minor > 0 && `, change ${said(b.change_minor)}`} · {b.who.split(' ')[0]}
              </span>
              <span className="flex flex-wrap gap-1">
                <a
                  className="inline-flex min-h-11 items-center gap-1 px-2 text-slate underline"
                  href={b.receipt}
                  target="_blank"
                  rel="noreferrer"
                >
                  <Receipt aria-hidden className="size-4" /> Receipt {b.number}
                </a>
                {b.dog && (
                  <Button
                    kind="quiet"
                    className="text-sm"
                    disabled={receipt.isPending}
                    aria-label={`Send receipt ${b.number}`}
                    onClick={() => receipt.mutate(b.id)}
                  >
                    <Send aria-hidden className="size-4" /> Send
                  </Button>
                )}
                {b.open && (
                  <Button
                    kind="quiet"
                    className="text-sm"
                    aria-label={`Take back… bill ${b.number}`}
                    onClick={() => setBack(b)}
                  >
                    <Undo2 aria-hidden className="size-4" /> Take back…
                  </Button>
                )}
              </span>
            </p>
          </li>
        ))}
      </ul>
      {back && <TakeBack bill={back} place={till.place} onClose={() => setBack(null)} />}
    </section>
  )
}

function TakeBack({ bill, place, onClose }: { bill: Bill; place: string; onClose: () => void }) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const open = bill.lines.map((l, n) => ({ ...l, n })).filter((l) => !l.back)
  const [chosen, setChosen] = useState(open.map((l) => l.n))
  const [why, setWhy] = useState('')
  const send = useWrite({
    send: (way: 'cash' | 'card' | 'transfer', write) =>
      take(
        api.POST('/api/bills/{id}/back', {
          params: { path: { id: bill.id }, header: write },
          body: { place, way, why, lines: chosen },
        }),
      ),
    onSuccess: (b) => {
      void cache.invalidateQueries({ queryKey: ['till'] })
      toast({ text: `Bill ${b.number} takes back of ${bill.number}` })
      onClose()
    },
  })
  const wrong = send.fields['lines[0]'] ?? send.fields.lines
  return (
    <Modal open onClose={onClose} title={`Take back of bill ${bill.number}`}>
      <div className="space-y-3">
        <fieldset>
          <legend className="font-bold">What goes back</legend>
          {open.map((l) => (
            <CheckField
              key={l.n}
              label={`${l.label}, ${money(l.minor, session.currency)}`}
              checked={chosen.includes(l.n)}
              onChange={(e) =>
                setChosen(e.target.checked ? [...chosen, l.n] : chosen.filter((n) => n !== l.n))
              }
            />
          ))}
        </fieldset>
        <TextField
          label="Why"
          value={why}
          maxLength={200}
          onChange={(e) => setWhy(e.target.value)}
          error={send.fields.why}
        />
        <GoesBack
          waiting={send.isPending || chosen.length === 0}
          error={
            wrong ? `A line ${wrong}` : Object.keys(send.fields).length > 0 ? undefined : send.error?.message
          }
          onWay={(way) => send.mutate(way)}
        />
        <p className="text-sm text-ink-2">
          The bill stays as it was written; what goes back is a bill of its own.
        </p>
      </div>
    </Modal>
  )
}
