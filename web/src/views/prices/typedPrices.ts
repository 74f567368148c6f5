// What the form of a price list holds while it is typed, and what is sent of it.
import { z } from 'zod'
import type { Schemas } from '../../app/client'
import { figure, minorUnits as minor, typedFigure } from '../../ui/figure'

const extra = z.object({ name: z.string(), price: z.string(), minutes: z.string() })
const typed = z.object({
  begins: z.string(),
  hour: z.string(),
  mat_hour: z.string(),
  least_full: z.string(),
  least_bath: z.string(),
  least_tidy: z.string(),
  least_nails: z.string(),
  extras: z.array(extra),
  cancel_hours: z.string(),
  cancel_percent: z.string(),
  no_show_percent: z.string(),
  late_free: z.string(),
  late_quarter: z.string(),
  tax_percent: z.string(),
  tax_included: z.boolean(),
})
export type TypedPrices = z.infer<typeof typed>
export type PricesToSend = z.infer<typeof pricesToSend>

/** What is no number goes as it was typed: the answer says at the field what is allowed. */
function sent(value: number | string | null): number {
  return (value ?? 0) as number
}

export const pricesToSend = typed.transform((p) => ({
  begins: p.begins,
  hour: sent(figure(p.hour) ?? p.hour),
  mat_hour: sent(figure(p.mat_hour) ?? p.mat_hour),
  least_full_minor: minor(p.least_full),
  least_bath_minor: minor(p.least_bath),
  least_tidy_minor: minor(p.least_tidy),
  least_nails_minor: minor(p.least_nails),
  extras: p.extras.map((e) => ({ name: e.name, minor: minor(e.price), minutes: sent(figure(e.minutes)) })),
  cancel_hours: sent(figure(p.cancel_hours)),
  cancel_percent: sent(figure(p.cancel_percent)),
  no_show_percent: sent(figure(p.no_show_percent)),
  late_free: sent(figure(p.late_free)),
  late_quarter_minor: minor(p.late_quarter),
  tax_percent: sent(figure(p.tax_percent)),
  tax_included: p.tax_included,
}))

/** A list as the form holds it; what costs nothing is left empty. */
export function typedOf(list: Schemas['PriceListView'], begins: string): TypedPrices {
  const money = (minor: number) => (minor === 0 ? '' : String(minor / 100))
  const some = (n: number) => (n === 0 ? '' : String(n))
  return {
    begins,
    hour: typedFigure(list.hour),
    mat_hour: typedFigure(list.mat_hour),
    least_full: money(list.least_full_minor),
    least_bath: money(list.least_bath_minor),
    least_tidy: money(list.least_tidy_minor),
    least_nails: money(list.least_nails_minor),
    extras: list.extras.map((e) => ({ name: e.name, price: money(e.minor), minutes: some(e.minutes) })),
    cancel_hours: some(list.cancel_hours),
    cancel_percent: some(list.cancel_percent),
    no_show_percent: some(list.no_show_percent),
    late_free: some(list.late_free),
    late_quarter: money(list.late_quarter_minor),
    tax_percent: some(list.tax_percent),
    tax_included: list.tax_included,
  }
}
