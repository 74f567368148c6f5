// A product as its maker's label has it: ratio, days, minutes on the coat, coats, price; and how much there
// is.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { zodResolver } from '@hookform/resolvers/zod'
import { useForm } from 'react-hook-form'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { ifMatch, useWrite } from '../../app/useWrite'
import { productToSend, typedOf, type ProductToSend, type TypedProduct } from './typedProduct'

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
  const { register, handleSubmit } = useForm<TypedProduct, unknown, ProductToSend>({
    defaultValues: typedOf(product),
    resolver: zodResolver(productToSend),
  })
  const save = useWrite({
    send: (body: ProductToSend & { active: boolean }, write) =>
      product
        ? take(
            api.PUT('/api/wash/products/{id}', {
              params: {
                path: { id: product.id },
                header: { ...ifMatch(product.version), ...write },
              },
              body,
            }),
          )
        : take(
            api.POST('/api/wash/products', {
              params: { header: write },
              body,
            }),
          ),
    onSuccess: (next, { active, name }) => {
      cache.setQueryData(queries.wash().queryKey, next)
      toast({ text: active ? `${name} is kept` : `${name} is out of use` })
      onClose()
    },
  })
  const errors = save.fields
  const send = (active: boolean) => handleSubmit((product) => save.mutate({ ...product, active }))
  return (
    <Modal open wide onClose={onClose} title={product ? product.name : 'New product'}>
      <form onSubmit={(e) => void send(true)(e)} noValidate>
        <div className="grid gap-x-4 sm:grid-cols-2">
          <TextField label="Name" {...register('name')} maxLength={60} error={errors.name} />
          <SelectField
            label="Kind"
            {...register('kind')}
            options={[
              { id: 'shampoo', label: 'shampoo' },
              { id: 'conditioner', label: 'conditioner' },
            ]}
            error={errors.kind}
          />
          <TextField
            label="Ratio"
            {...register('ratio')}
            maxLength={20}
            hint="1:10 is one part concentrate to ten parts water"
            error={errors.ratio}
          />
          <TextField
            label="Mixed it keeps, days"
            inputMode="numeric"
            {...register('label_days')}
            hint="by the maker’s label; empty: the same day"
            error={errors.label_days}
          />
          <TextField
            label="On the coat, minutes"
            inputMode="numeric"
            {...register('dwell_min')}
            hint="by the label; empty: as usual for the coat"
            error={errors.dwell_min}
          />
          <TextField
            label="Our bottles, ml"
            inputMode="numeric"
            {...register('bottle_ml')}
            error={errors.bottle_ml}
          />
          <TextField
            label="Concentrate there is, ml"
            inputMode="decimal"
            {...register('stock_ml')}
            error={errors.stock_ml}
          />
          <TextField
            label={`A litre of it costs (${currency})`}
            inputMode="decimal"
            {...register('litre')}
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
                  value={c.id}
                  {...register('coats')}
                />
                {c.label}
              </label>
            ))}
          </div>
        </fieldset>
        <TextField label="Note" {...register('note')} maxLength={200} error={errors.note} />
        <FormEnd
          error={save.error}
          busy={save.isPending}
          send="Keep it"
          sending="Keeping …"
          onLeave={onClose}
        >
          {product && (
            <Button disabled={save.isPending} onClick={() => void send(false)()}>
              Out of use
            </Button>
          )}
        </FormEnd>
      </form>
    </Modal>
  )
}
