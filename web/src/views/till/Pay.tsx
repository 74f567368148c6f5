// One bill: what is due, what comes on top, how it is paid. Every sum is the server's.
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus, X } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { SelectField, TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { money } from '../../ui/words'
import { Products } from './Products'
import { NOTHING, toSend, typedMoney, WAYS, type Paid, type Payment, type TillData, type Typed } from './bill'

interface Props {
  till: TillData
  paid: Paid
  /** what is sold over the counter: product or voucher */
  sells: string
  onClose: () => void
}

export function Pay({ till, paid, sells, onClose }: Props) {
  const draft = useQuery({
    queryKey: ['bill', paid.arrival, paid.booking],
    queryFn: () =>
      paid.arrival
        ? take(api.GET('/api/arrivals/{id}/bill', { params: { path: { id: paid.arrival } } }))
        : take(api.GET('/api/bookings/{id}/bill', { params: { path: { id: paid.booking ?? '' } } })),
    enabled: paid.arrival !== null || paid.booking !== null,
    retry: false,
    staleTime: 0,
  })
  const over = !paid.arrival && !paid.booking
  const due = over ? EMPTY : draft.data
  return (
    <Modal
      open
      wide
      onClose={onClose}
      title={due?.name ? `${due.name}${due.owner ? `, ${due.owner}` : ''}` : 'Over the counter'}
    >
      {draft.error && (
        <p role="alert" className="font-bold text-haw">
          {draft.error.message}
        </p>
      )}
      {!due && !draft.error && <Waiting />}
      {due && <Form till={till} paid={paid} sells={sells} due={due} onClose={onClose} />}
    </Modal>
  )
}

const EMPTY: Schemas['DraftView'] = {
  dog: null,
  name: '',
  owner: '',
  lines: [],
  terms: [],
  due_minor: 0,
  takes_deposit: false,
  deposit_minor: 0,
}

function Form({ till, paid, sells, due, onClose }: Props & { due: Schemas['DraftView'] }) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [v, setV] = useState<Typed>(() => ({
    ...NOTHING,
    products: sells === 'product' ? [{ name: '', price: '', tax: String(till.tax_percent), count: '1' }] : [],
  }))
  const set = (change: Partial<Typed>) => setV((now) => ({ ...now, ...change }))
  const body = toSend(till.place, paid, due.due_minor, v)
  const sum = useQuery({
    queryKey: ['sum', body],
    queryFn: () => take(api.POST('/api/bills/answer', { body })),
    placeholderData: keepPreviousData,
    retry: false,
    // What has no name yet cannot be reckoned: it is asked for once it has one.
    enabled: v.products.every((p) => p.name.trim() !== ''),
  })
  const settle = useWrite({
    send: (_: void, write) => take(api.POST('/api/bills', { params: { header: write }, body })),
    onSuccess: (b) => {
      for (const key of ['till', 'floor', 'card']) void cache.invalidateQueries({ queryKey: [key] })
      const change = b.change_minor > 0 ? `: ${money(b.change_minor, session.currency)} change` : ''
      toast({ text: `Bill ${b.number} paid${change}` })
      onClose()
    },
    onError: () => void cache.invalidateQueries({ queryKey: ['bill'] }),
  })
  const errors = settle.fields
  const said = (minor: number) => money(minor, session.currency)
  const send = (e: FormEvent) => {
    e.preventDefault()
    settle.mutate()
  }
  const pays = (n: number, change: Partial<Payment>) =>
    set({ payments: v.payments.map((p, i) => (i === n ? { ...p, ...change } : p)) })
  const isVoucher = sells === 'voucher'
  return (
    <form onSubmit={send} noValidate className="space-y-4">
      {due.lines.length > 0 && (
        <dl>
          {due.lines.map((l) => (
            <div key={l.label} className="flex justify-between gap-3">
              <dt>{l.label}</dt>
              <dd className="tabular-nums">{said(l.minor)}</dd>
            </div>
          ))}
          {due.terms.map((t) => (
            <div key={t.label} className="flex justify-between gap-3 text-sm text-ink-2">
              <dt className="pl-3">{t.label}</dt>
              <dd className="tabular-nums">{said(t.minor)}</dd>
            </div>
          ))}
        </dl>
      )}
      {due.takes_deposit && (
        <TextField
          label={`Deposit (${session.currency})`}
          hint={
            due.deposit_minor > 0
              ? `${said(due.deposit_minor)} is held for it already`
              : 'held until the visit, and taken off its bill'
          }
          inputMode="decimal"
          value={v.deposit}
          onChange={(e) => set({ deposit: e.target.value })}
          error={errors.deposit_minor}
        />
      )}
      {isVoucher && (
        <TextField
          label={`Worth of the voucher (${session.currency})`}
          inputMode="decimal"
          value={v.voucher}
          onChange={(e) => set({ voucher: e.target.value })}
          error={errors.voucher_minor}
        />
      )}
      {!isVoucher && !due.takes_deposit && (
        <>
          <Products
            known={till.products}
            tax={till.tax_percent}
            products={v.products}
            errors={errors}
            onChange={(products) => set({ products })}
          />
          <div className="grid gap-x-3 sm:grid-cols-2">
            <TextField
              label={`Tip (${session.currency})`}
              inputMode="decimal"
              value={v.tip}
              onChange={(e) => set({ tip: e.target.value })}
              error={errors.tip_minor}
            />
            {v.tip && (
              <SelectField
                label="Whose tip"
                value={v.tip_person}
                options={[
                  { id: '', label: paid.arrival ? 'who did the work' : 'mine' },
                  ...session.colleagues.map((c) => ({ id: c.id, label: c.name })),
                ]}
                onChange={(e) => set({ tip_person: e.target.value })}
                error={errors.tip_person}
              />
            )}
          </div>
          <div className="grid gap-x-3 sm:grid-cols-[10rem_minmax(0,1fr)]">
            <TextField
              label={`On top, or − off (${session.currency})`}
              inputMode="text"
              value={v.adjust}
              onChange={(e) => set({ adjust: e.target.value })}
              error={errors.adjust_minor}
            />
            <TextField
              label="Why, on the receipt"
              maxLength={80}
              value={v.adjust_why}
              onChange={(e) => set({ adjust_why: e.target.value })}
              error={errors.adjust_why}
            />
          </div>
        </>
      )}
      <div className="flex items-baseline justify-between border-t border-line pt-3" aria-live="polite">
        <span className="text-lg font-bold">To pay</span>
        <b className="font-head text-3xl tabular-nums">{sum.data ? said(sum.data.total_minor) : '…'}</b>
      </div>
      <fieldset className="space-y-2">
        <legend className="font-bold">Paid</legend>
        {v.payments.map((p, n) => (
          <div key={n} className="flex flex-wrap items-end gap-2">
            <Choice
              label={`Way ${n + 1}`}
              value={p.way}
              options={WAYS}
              onChange={(way) => pays(n, { way })}
            />
            <div className="w-28">
              <TextField
                label="Amount"
                inputMode="decimal"
                value={p.amount}
                onChange={(e) => pays(n, { amount: e.target.value })}
                error={errors[`payments[${n}].minor`]}
              />
            </div>
            {p.way === 'voucher' && (
              <div className="w-36">
                <TextField
                  label="Its number"
                  value={p.voucher}
                  onChange={(e) => pays(n, { voucher: e.target.value })}
                  error={errors[`payments[${n}].voucher`]}
                />
              </div>
            )}
            {sum.data && sum.data.missing_minor > 0 && p.amount === '' && (
              <Button onClick={() => pays(n, { amount: typedMoney(sum.data?.missing_minor ?? 0) })}>
                All of it
              </Button>
            )}
            {v.payments.length > 1 && (
              <Button
                kind="quiet"
                aria-label={`Take out way ${n + 1}`}
                onClick={() => set({ payments: v.payments.filter((_, i) => i !== n) })}
              >
                <X aria-hidden className="size-5" />
              </Button>
            )}
          </div>
        ))}
        <Button
          kind="quiet"
          onClick={() => set({ payments: [...v.payments, { way: 'cash', amount: '', voucher: '' }] })}
        >
          <Plus aria-hidden className="size-5" /> A second way
        </Button>
      </fieldset>
      {sum.data && (
        <p className="font-bold" role="status">
          {sum.data.missing_minor > 0 && (
            <span className="text-bracken">{said(sum.data.missing_minor)} is missing</span>
          )}
          {sum.data.change_minor > 0 && (
            <span className="text-moss">{said(sum.data.change_minor)} change</span>
          )}
          {sum.data.over_minor > 0 && (
            <span className="text-haw">
              {said(sum.data.over_minor)} too much: only out of cash is change given
            </span>
          )}
        </p>
      )}
      {settle.error && (
        <p role="alert" className="text-sm font-bold text-haw">
          {errors.payments ?? errors.lines ?? (Object.keys(errors).length === 0 ? settle.error.message : '')}
        </p>
      )}
      <Button type="submit" kind="main" disabled={settle.isPending}>
        Paid
      </Button>
    </form>
  )
}
