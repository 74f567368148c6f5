// A bill while it is typed, and what is sent of it.
import type { Schemas } from '../../app/client'
import { figure, minorUnits } from '../../ui/figure'

export type TillData = Schemas['TillView']
export type ToPay = TillData['to_pay'][0]
export type Bill = Schemas['SaleView']
export type Way = 'cash' | 'card' | 'transfer' | 'voucher'

export const WAYS: { id: Way; label: string }[] = [
  { id: 'cash', label: 'Cash' },
  { id: 'card', label: 'Card' },
  { id: 'transfer', label: 'Transfer' },
  { id: 'voucher', label: 'Voucher' },
]
/** Of the ways by which money goes back. */
export const BACK = WAYS.filter((w) => w.id !== 'voucher')

/** What is paid: a dog that is done, a fee, a deposit for what is booked, what is sold over the counter. */
export interface Paid {
  arrival: string | null
  booking: string | null
}
export interface Product {
  name: string
  price: string
  tax: string
  count: string
}
export interface Payment {
  way: Way
  amount: string
  voucher: string
}
export interface Typed {
  deposit: string
  products: Product[]
  tip: string
  tip_person: string
  adjust: string
  adjust_why: string
  voucher: string
  payments: Payment[]
}
export const NOTHING: Typed = {
  deposit: '',
  products: [],
  tip: '',
  tip_person: '',
  adjust: '',
  adjust_why: '',
  voucher: '',
  payments: [{ way: 'card', amount: '', voucher: '' }],
}

/** Without the payments that nobody has typed an amount for. */
export function toSend(place: string, paid: Paid, due: number, typed: Typed) {
  return {
    place,
    due_minor: due,
    arrival: paid.arrival,
    booking: paid.booking,
    deposit_minor: minorUnits(typed.deposit),
    products: typed.products.map((p) => ({
      name: p.name,
      minor: minorUnits(p.price),
      tax_percent: (figure(p.tax) ?? 0) as number,
      count: (figure(p.count) ?? 1) as number,
    })),
    tip_minor: minorUnits(typed.tip),
    tip_person: typed.tip_person || null,
    adjust_minor: minorUnits(typed.adjust),
    adjust_why: typed.adjust_why,
    voucher_minor: minorUnits(typed.voucher),
    payments: typed.payments
      .filter((p) => p.amount.trim() !== '')
      .map((p) => ({ way: p.way, minor: minorUnits(p.amount), voucher: p.voucher })),
  }
}

/** An amount as it is typed. */
export function typedMoney(minor: number): string {
  return minor === 0 ? '' : (minor / 100).toFixed(2)
}
