// What the form of a product holds while it is typed, and what is sent of it.
import { z } from 'zod'
import type { Schemas } from '../../app/client'
import { figure, typedFigure } from '../../ui/figure'

const typed = z.object({
  name: z.string(),
  kind: z.string(),
  ratio: z.string(),
  label_days: z.string(),
  dwell_min: z.string(),
  bottle_ml: z.string(),
  stock_ml: z.string(),
  litre: z.string(),
  note: z.string(),
  coats: z.array(z.string()),
})
export type TypedProduct = z.infer<typeof typed>

export const productToSend = typed.transform(({ litre, ...p }) => {
  const price = figure(litre)
  return {
    ...p,
    label_days: figure(p.label_days),
    dwell_min: figure(p.dwell_min),
    bottle_ml: figure(p.bottle_ml) ?? 500,
    stock_ml: figure(p.stock_ml) ?? 0,
    litre_minor: typeof price === 'number' ? Math.round(price * 100) : price,
  }
})
export type ProductToSend = z.infer<typeof productToSend>

/** A product as the form holds it; null: a new one. */
export function typedOf(product: Schemas['ProductView'] | null): TypedProduct {
  return {
    name: product?.name ?? '',
    kind: product?.kind ?? 'shampoo',
    ratio: product?.ratio_words ?? '1:10',
    label_days: typedFigure(product?.label_days),
    dwell_min: typedFigure(product?.dwell_min),
    bottle_ml: typedFigure(product?.bottle_ml ?? 500),
    stock_ml: typedFigure(product?.stock_ml ?? 0),
    litre: product?.litre_minor == null ? '' : String(product.litre_minor / 100),
    note: product?.note ?? '',
    coats: product?.coats ?? [],
  }
}
