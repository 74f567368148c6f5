// Mixing: as many litres as today still asks for, a date that the maker's label allows, labels at the end.
import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { DateField } from '../../ui/DateField'
import { TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { money } from '../../ui/words'
import { useWrite } from '../../app/useWrite'

type Bottle = Schemas['BottleView']
type Product = Schemas['ProductView']
export function Mix({
  product,
  day,
  currency,
  onClose,
  onMixed,
}: {
  product: Product
  day: string
  currency: string
  onClose: () => void
  onMixed: (bottles: Bottle[]) => void
}) {
  const cache = useQueryClient()
  const toast = useToast()
  const [litres, setLitres] = useState(String(product.today.to_mix_l || product.bottle_ml / 1000))
  const [by, setBy] = useState('')
  const save = useWrite({
    send: (_: void, write) => {
      const n = Number(litres.trim().replace(',', '.'))
      return take(
        api.POST('/api/wash/bottles', {
          params: { header: write },
          body: {
            product: product.id,
            litres: litres.trim() !== '' && Number.isFinite(n) ? n : litres,
            discard_by: by || null,
          },
        }),
      )
    },
    onSuccess: (next) => {
      const old = new Set((cache.getQueryData(queries.wash().queryKey)?.bottles ?? []).map((b) => b.id))
      cache.setQueryData(queries.wash().queryKey, next)
      toast({ text: `${product.name} is mixed: put the labels on` })
      onClose()
      onMixed(next.bottles.filter((b) => !old.has(b.id) && b.product === product.id))
    },
  })
  const errors = save.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  const label = product.label_days
  return (
    <Modal open onClose={onClose} title={`Mix ${product.name}, ${product.ratio_words}`}>
      <form onSubmit={send} noValidate className="space-y-2">
        <TextField
          label="Litres of mixed shampoo"
          inputMode="decimal"
          value={litres}
          onChange={(e) => setLitres(e.target.value)}
          error={errors.litres}
          hint={
            product.today.to_mix_l > 0
              ? `today still asks for ${product.today.to_mix_l} l`
              : 'today asks for nothing more'
          }
        />
        <DateField
          label="Discard by"
          min={day}
          value={by}
          onDay={setBy}
          error={errors.discard_by}
          hint={
            label === null
              ? 'left empty: today, as the label says nothing longer'
              : `left empty: ${label} days, as the maker’s label allows`
          }
        />
        <p className="text-sm text-ink-2">
          Bottles of {product.bottle_ml} ml, washed and dry. {Math.round(product.stock_ml)} ml of concentrate
          are on the shelf
          {product.litre_minor !== null && `, ${money(product.litre_minor, currency)} a litre`}.
        </p>
        <FormEnd
          error={save.error}
          busy={save.isPending}
          send="Mixed: make the labels"
          sending="Mixing …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
