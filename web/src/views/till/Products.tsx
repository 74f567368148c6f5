// What is sold with it: what was sold before is one tap.
import { Plus, X } from 'lucide-react'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { typedMoney, type Product, type TillData } from './bill'

interface Props {
  known: TillData['products']
  /** what is usual */
  tax: number
  products: Product[]
  errors: Record<string, string>
  onChange: (products: Product[]) => void
}

export function Products({ known, tax, products, errors, onChange }: Props) {
  const set = (n: number, change: Partial<Product>) =>
    onChange(products.map((p, i) => (i === n ? { ...p, ...change } : p)))
  const left = known.filter((k) => products.every((p) => p.name !== k.name))
  return (
    <fieldset className="space-y-1">
      <legend className="font-bold">Over the counter</legend>
      {products.map((p, n) => (
        <div
          key={n}
          className="grid grid-cols-[1fr_1fr_1fr_auto] items-start gap-x-2
            sm:grid-cols-[minmax(0,1fr)_6rem_4rem_4rem_auto]"
        >
          <div className="col-span-4 sm:col-span-1">
            <TextField
              label="What"
              maxLength={60}
              value={p.name}
              onChange={(e) => set(n, { name: e.target.value })}
              error={errors[`products[${n}].name`]}
            />
          </div>
          <TextField
            label="Price"
            inputMode="decimal"
            value={p.price}
            onChange={(e) => set(n, { price: e.target.value })}
            error={errors[`products[${n}].minor`]}
          />
          <TextField
            label="Tax, %"
            inputMode="decimal"
            value={p.tax}
            onChange={(e) => set(n, { tax: e.target.value })}
            error={errors[`products[${n}].tax_percent`]}
          />
          <TextField
            label="Pieces"
            inputMode="numeric"
            value={p.count}
            onChange={(e) => set(n, { count: e.target.value })}
            error={errors[`products[${n}].count`]}
          />
          <Button
            kind="quiet"
            className="mt-6"
            aria-label={`Take out ${p.name || 'this'}`}
            onClick={() => onChange(products.filter((_, i) => i !== n))}
          >
            <X aria-hidden className="size-5" />
          </Button>
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        {left.slice(0, 6).map((k) => (
          <Button
            key={k.name}
            className="text-sm"
            onClick={() =>
              onChange([
                ...products.filter((p) => p.name !== ''),
                { name: k.name, price: typedMoney(k.minor), tax: String(k.tax_percent), count: '1' },
              ])
            }
          >
            {k.name}
          </Button>
        ))}
        <Button
          kind="quiet"
          onClick={() => onChange([...products, { name: '', price: '', tax: String(tax), count: '1' }])}
        >
          <Plus aria-hidden className="size-5" /> Something
        </Button>
      </div>
    </fieldset>
  )
}
