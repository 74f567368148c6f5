// A price list while it is written: a new one, or one that has not begun.
import { zodResolver } from '@hookform/resolvers/zod'
import { useQueryClient } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { day } from '../../ui/words'
import { Effect } from './Effect'
import { PriceFields } from './PriceFields'
import { pricesToSend, typedOf, type PricesToSend, type TypedPrices } from './typedPrices'

interface Props {
  prices: Schemas['PricesView']
  /** what is changed, or what a new one is begun from */
  list: Schemas['PriceListView']
  /** a new list from this day on; null: the list itself is changed */
  from: string | null
  onDone: () => void
}

export function PriceForm({ prices, list, from, onDone }: Props) {
  const cache = useQueryClient()
  const toast = useToast()
  const form = useForm<TypedPrices, unknown, PricesToSend>({
    defaultValues: typedOf(list, from ?? list.begins),
    resolver: zodResolver(pricesToSend),
  })
  const now = useWatch({ control: form.control }) as TypedPrices
  const kept = (next: Schemas['PricesView'], text: string) => {
    cache.setQueryData(queries.prices().queryKey, next)
    void cache.invalidateQueries({ queryKey: ['kinds'] })
    toast({ text })
    onDone()
  }
  const save = useWrite({
    send: (body: PricesToSend, write) =>
      from === null
        ? take(
            api.PUT('/api/prices/{id}', {
              params: { path: { id: list.id }, header: { ...ifMatch(list.version), ...write } },
              body,
            }),
          )
        : take(api.POST('/api/prices', { params: { header: write }, body })),
    onSuccess: (next, body) => kept(next, `These prices hold from ${day(body.begins)}`),
  })
  const drop = useWrite({
    send: (_: void, write) =>
      take(
        api.DELETE('/api/prices/{id}', {
          params: { path: { id: list.id }, header: { ...ifMatch(list.version), ...write } },
        }),
      ),
    onSuccess: (next) => kept(next, 'Dropped: the prices before them go on'),
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const errors = save.fields
  return (
    <form noValidate className="space-y-4" onSubmit={(e) => void form.handleSubmit((b) => save.mutate(b))(e)}>
      <div className="flex flex-wrap items-start gap-4">
        <div className="min-w-0 flex-[2_1_34rem] space-y-4">
          <PriceFields form={form} currency={prices.currency} today={prices.today} errors={errors} />
        </div>
        <Effect
          body={pricesToSend.parse(now)}
          instead={from === null ? list.id : ''}
          currency={prices.currency}
        />
      </div>
      <div className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-3">
        <Button type="submit" kind="main" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Save these prices'}
        </Button>
        <Button onClick={onDone}>Leave as it was</Button>
        {from === null && prices.lists.length > 1 && (
          <Button kind="quiet" disabled={drop.isPending} onClick={() => drop.mutate()}>
            Drop these prices
          </Button>
        )}
        {save.error && (
          <p role="alert" className="font-bold text-haw">
            {Object.keys(errors).length ? 'Something here needs another look.' : save.error.message}
          </p>
        )}
      </div>
    </form>
  )
}
