// A skin did not bear a product: from now on it stands on the dog's card, and another one is chosen.
import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { useWrite } from '../../app/useWrite'

type Product = Schemas['ProductView']
type WashData = Schemas['WashView']
export function Reaction({
  dog,
  products,
  onClose,
}: {
  dog: WashData['dogs'][number]
  products: Product[]
  onClose: () => void
}) {
  const cache = useQueryClient()
  const toast = useToast()
  const [product, setProduct] = useState(dog.product ?? products[0]?.id ?? '')
  const [what, setWhat] = useState('')
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/reactions', {
          params: { path: { id: dog.dog }, header: write },
          body: { product, what },
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(queries.wash().queryKey, next)
      void cache.invalidateQueries({ queryKey: ['card', dog.dog] })
      toast({ text: `It stands on ${dog.name}’s card now` })
      onClose()
    },
  })
  const errors = save.fields
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  return (
    <Modal open onClose={onClose} title={`${dog.name}: skin reacted`}>
      <p className="mb-3 rounded-md bg-haw-soft p-3 font-bold text-haw">
        Rinse it off at once, lukewarm and long. Wheals, swelling of the face or hard breathing: a vet now.
        Photograph it and tell the owner.
      </p>
      <form onSubmit={send} noValidate className="space-y-2">
        <SelectField
          label="To what"
          value={product}
          options={products.map((p) => ({ id: p.id, label: p.name }))}
          onChange={(e) => setProduct(e.target.value)}
          error={errors.product}
        />
        <TextField
          label="What was seen"
          value={what}
          maxLength={120}
          hint="redness, itching, wheals; where, how soon"
          onChange={(e) => setWhat(e.target.value)}
          error={errors.what}
        />
        <FormEnd
          error={save.error}
          busy={save.isPending}
          send="Put it on the card"
          sending="Writing it down …"
          disabled={what.trim() === ''}
          onLeave={onClose}
        />
      </form>
      {dog.reactions.length > 0 && <Cleared dog={dog} />}
    </Modal>
  )
}

function Cleared({ dog }: { dog: WashData['dogs'][number] }) {
  const cache = useQueryClient()
  const remove = useWrite({
    send: (reaction: string, write) =>
      take(
        api.DELETE('/api/dogs/{id}/reactions/{reaction}', {
          params: { path: { id: dog.dog, reaction }, header: write },
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(queries.wash().queryKey, next)
      void cache.invalidateQueries({ queryKey: ['card', dog.dog] })
    },
  })
  return (
    <section aria-label="On the card already" className="mt-4 border-t border-line pt-3">
      <h3 className="font-bold">On the card already</h3>
      <ul>
        {dog.reactions.map((r) => (
          <li key={r.id} className="flex items-center gap-2">
            <span className="flex-1">
              {r.name}: {r.what}
            </span>
            <Button
              kind="quiet"
              disabled={remove.isPending}
              aria-label={`Take off the card: ${r.name}, ${r.what}`}
              onClick={() => remove.mutate(r.id)}
            >
              A vet cleared it
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
