// A product as its maker's label has it: ratio, days, minutes on the coat, coats, price; and how much there
// is.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { ifMatch, useWrite } from '../../app/useWrite'

type Product = Schemas['ProductView']
export function ProductForm({
  product,
  currency,
  onClose,
}: {
  product: Product | null
  currency: string
  onClose: () => void
}) {
  const cache = useQueryClient()
  const toast = useToast()
  const words = useQuery(queries.words())
  const [v, setV] = useState({
    name: product?.name ?? '',
    kind: product?.kind ?? 'shampoo',
    ratio: product?.ratio_words ?? '1:10',
    label_days: text(product?.label_days),
    dwell_min: text(product?.dwell_min),
    bottle_ml: String(product?.bottle_ml ?? 500),
    stock_ml: String(product?.stock_ml ?? 0),
    litre: product?.litre_minor == null ? '' : String(product.litre_minor / 100),
    note: product?.note ?? '',
    coats: product?.coats ?? [],
  })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const body = (active: boolean) => {
    const litre = number(v.litre)
    return {
      name: v.name,
      kind: v.kind,
      ratio: v.ratio,
      label_days: number(v.label_days),
      dwell_min: number(v.dwell_min),
      bottle_ml: number(v.bottle_ml) ?? 500,
      stock_ml: number(v.stock_ml) ?? 0,
      litre_minor: typeof litre === 'number' ? Math.round(litre * 100) : litre,
      note: v.note,
      coats: v.coats,
      active,
    }
  }
  const save = useWrite({
    send: (active: boolean, write) =>
      product
        ? take(
            api.PUT('/api/wash/products/{id}', {
              params: {
                path: { id: product.id },
                header: { ...ifMatch(product.version), ...write },
              },
              body: body(active),
            }),
          )
        : take(
            api.POST('/api/wash/products', {
              params: { header: write },
              body: body(active),
            }),
          ),
    onSuccess: (next, active) => {
      cache.setQueryData(queries.wash().queryKey, next)
      toast({ text: active ? `${v.name} is kept` : `${v.name} is out of use` })
      onClose()
    },
  })
  const errors = save.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate(true)
  }
  return (
    <Modal open wide onClose={onClose} title={product ? product.name : 'New product'}>
      <form onSubmit={send} noValidate>
        <div className="grid gap-x-4 sm:grid-cols-2">
          <TextField
            label="Name"
            value={v.name}
            maxLength={60}
            onChange={(e) => set({ name: e.target.value })}
            error={errors.name}
          />
          <SelectField
            label="Kind"
            value={v.kind}
            options={[
              { id: 'shampoo', label: 'shampoo' },
              { id: 'conditioner', label: 'conditioner' },
            ]}
            onChange={(e) => set({ kind: e.target.value })}
            error={errors.kind}
          />
          <TextField
            label="Ratio"
            value={v.ratio}
            maxLength={20}
            hint="1:10 is one part concentrate to ten parts water"
            onChange={(e) => set({ ratio: e.target.value })}
            error={errors.ratio}
          />
          <TextField
            label="Mixed it keeps, days"
            inputMode="numeric"
            value={v.label_days}
            hint="by the maker’s label; empty: the same day"
            onChange={(e) => set({ label_days: e.target.value })}
            error={errors.label_days}
          />
          <TextField
            label="On the coat, minutes"
            inputMode="numeric"
            value={v.dwell_min}
            hint="by the label; empty: as usual for the coat"
            onChange={(e) => set({ dwell_min: e.target.value })}
            error={errors.dwell_min}
          />
          <TextField
            label="Our bottles, ml"
            inputMode="numeric"
            value={v.bottle_ml}
            onChange={(e) => set({ bottle_ml: e.target.value })}
            error={errors.bottle_ml}
          />
          <TextField
            label="Concentrate there is, ml"
            inputMode="decimal"
            value={v.stock_ml}
            onChange={(e) => set({ stock_ml: e.target.value })}
            error={errors.stock_ml}
          />
          <TextField
            label={`A litre of it costs (${currency})`}
            inputMode="decimal"
            value={v.litre}
            onChange={(e) => set({ litre: e.target.value })}
            error={errors.litre_minor}
          />
        </div>
        <fieldset className="mb-3">
          <legend className="label">Meant for coats (none: any)</legend>
          <div className="flex flex-wrap gap-x-4">
            {(words.data?.lists.coat ?? []).map((c) => (
              <label key={c.id} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-thistle"
                  checked={v.coats.includes(c.id)}
                  onChange={(e) =>
                    set({ coats: e.target.checked ? [...v.coats, c.id] : v.coats.filter((x) => x !== c.id) })
                  }
                />
                {c.label}
              </label>
            ))}
          </div>
        </fieldset>
        <TextField
          label="Note"
          value={v.note}
          maxLength={200}
          onChange={(e) => set({ note: e.target.value })}
          error={errors.note}
        />
        <FormEnd
          error={save.error}
          busy={save.isPending}
          send="Keep it"
          sending="Keeping …"
          onLeave={onClose}
        >
          {product && (
            <Button disabled={save.isPending} onClick={() => save.mutate(false)}>
              Out of use
            </Button>
          )}
        </FormEnd>
      </form>
    </Modal>
  )
}

function text(v: number | null | undefined): string {
  return v == null ? '' : String(v)
}

/** What was typed, as a number where it is one; PHP says what is wrong with the rest. */
function number(v: string): number | string | null {
  const t = v.trim().replace(',', '.')
  return t === '' ? null : Number.isFinite(Number(t)) ? Number(t) : v
}
