// The till: what is due and what comes on top is summed by the server; what goes back, what is let go,
// the drawer.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { page, problem, server, signedIn } from '../../testing'
import { toSend, NOTHING } from './bill'
import { Till } from './Till'

const BILL = {
  id: 'x7',
  number: 7,
  at: '2026-11-28T11:05:00Z',
  who: 'Tove Lindgarth',
  dog: 'd1',
  name: 'Tansy',
  lines: [
    { kind: 'work', label: 'Full groom', minor: 6500, back: false },
    { kind: 'product', label: 'Comb', minor: 1290, back: false },
    { kind: 'product', label: 'Brush', minor: 1850, back: true },
  ],
  payments: [{ way: 'cash', minor: 10000, voucher: '' }],
  total_minor: 9640,
  change_minor: 360,
  reverses: null,
  why: '',
  open: true,
  receipt: '/receipt/abc',
}
const TILL = {
  vouchers: [{ code: '7KQ2-MX4D', minor: 5000, left_minor: 2000, day: '2026-11-20' }],
  today: '2026-11-28',
  day: '2026-11-28',
  place: 'p1',
  tax_percent: 19,
  to_pay: [
    {
      arrival: 'a1',
      booking: null,
      version: 0,
      dog: 'd2',
      name: 'Osric',
      owner: 'Nell Ash',
      day: '2026-11-28',
      state: 'ready',
      minor: 8000,
      let_go: '',
    },
    {
      arrival: null,
      booking: 'b1',
      version: 4,
      dog: 'd3',
      name: 'Wick',
      owner: '',
      day: '2026-11-27',
      state: 'missed',
      minor: 6000,
      let_go: '',
    },
  ],
  held: [{ booking: 'b2', dog: 'd4', name: 'Burr', day: '2026-11-20', minor: 2000 }],
  sales: [BILL],
  products: [{ name: 'Comb', minor: 1290, tax_percent: 7 }],
  ways: { cash: 9640 },
  people: [{ person: 's1', name: 'Tove Lindgarth', earned_minor: 6500, tips_minor: 500 }],
  kinds: {},
  taxes: [{ percent: 19, gross: 6500, tax: 1038 }],
  earned_minor: 7790,
  in_minor: 9640,
  began_minor: 10000,
  drawer_minor: 19640,
  counted: {
    round: 1,
    expected_minor: 19000,
    counted_minor: 18900,
    stays_minor: 10000,
    why: 'a coin behind it',
    who: 'Junia Wells',
    at: '2026-11-28T10:00:00Z',
    sales_since: 1,
  },
}
const SUM = { total_minor: 9290, missing_minor: 9290, change_minor: 0, over_minor: 0, taxes: [] }
const DRAFT = {
  dog: 'd2',
  name: 'Osric',
  owner: 'Nell Ash',
  lines: [
    { label: 'Full groom', minor: 8000 },
    { label: 'Deposit paid before', minor: -2000 },
  ],
  terms: [{ label: '80 min, 60.00 an hour', minor: 8000 }],
  due_minor: 6000,
  takes_deposit: false,
  deposit_minor: 2000,
}

describe('the till', () => {
  it('says who has to pay, what the day has brought and what the drawer should hold', async () => {
    server({ 'GET /api/places/p1/till': TILL })
    page(signedIn(<Till />), '/?place=p1')
    const due = within(await screen.findByRole('region', { name: 'To be paid' }))
    expect(due.getByText('€80.00')).toBeTruthy()
    expect(due.getByText(/did not come/)).toBeTruthy()
    expect(due.getByText('€20.00')).toBeTruthy()
    const sum = screen.getByRole('region', { name: 'The day so far' }).textContent
    expect(sum).toContain('€77.90')
    expect(sum).toContain('tips €5.00')
    expect(sum).toContain('19 % of €65.00')
    const drawer = screen.getByRole('region', { name: 'Drawer' }).textContent
    expect(drawer).toContain('€196.40')
    expect(drawer).toContain('€1.00 missing')
    expect(drawer).toContain('One bill since: count it again')
  })

  it('says which vouchers still have something on them', async () => {
    server({ 'GET /api/places/p1/till': TILL })
    page(signedIn(<Till />), '/?place=p1')
    const list = await screen.findByRole('region', { name: 'Open vouchers' })
    expect(list.textContent).toContain('7KQ2-MX4D')
    expect(list.textContent).toContain('left of')
  })
  it('settles a bill with what comes on top; what is wrong stands at its field', async () => {
    const wrong = { errors: [{ field: 'payments[0].voucher', message: 'no voucher has this number' }] }
    const asked = server({
      'GET /api/places/p1/till': TILL,
      'GET /api/arrivals/a1/bill': DRAFT,
      'POST /api/bills/answer': SUM,
      'POST /api/bills': () => problem(422, 'Not so.', wrong),
    })
    page(signedIn(<Till />), '/?place=p1&arrival=a1')
    const dialog = within(await screen.findByRole('dialog'))
    expect(await dialog.findByText('Deposit paid before')).toBeTruthy()
    await userEvent.click(dialog.getByRole('button', { name: 'Comb' }))
    await userEvent.type(dialog.getByLabelText(/^Tip/), '5')
    expect(dialog.getByLabelText('Whose tip')).toBeTruthy()
    expect(await dialog.findByText('€92.90')).toBeTruthy()
    await userEvent.click(dialog.getByRole('radio', { name: 'Voucher' }))
    await userEvent.type(dialog.getByLabelText('Its number'), '7KQ2MX4D')
    await userEvent.click(dialog.getByRole('button', { name: 'All of it' }))
    await userEvent.click(dialog.getByRole('button', { name: 'Paid' }))
    expect((await dialog.findByText(/no voucher has this number/)).textContent).toContain('Its number')
    const [body] = asked.filter((a) => a.method === 'POST' && a.path === '/api/bills').map((a) => a.body)
    expect(body).toMatchObject({
      place: 'p1',
      arrival: 'a1',
      due_minor: 6000,
      products: [{ name: 'Comb', minor: 1290, tax_percent: 7, count: 1 }],
      tip_minor: 500,
      payments: [{ way: 'voucher', minor: 9290, voucher: '7KQ2MX4D' }],
    })
    expect(dialog.getByLabelText<HTMLInputElement>(/^Tip/).value).toBe('5')
  })

  it('takes lines back by a bill of their own', async () => {
    const asked = server({
      'GET /api/places/p1/till': TILL,
      'POST /api/bills/x7/back': { ...BILL, id: 'x8', number: 8, reverses: 7, open: false },
    })
    page(signedIn(<Till />), '/?place=p1')
    await userEvent.click(await screen.findByRole('button', { name: 'Take back… bill 7' }))
    const dialog = within(await screen.findByRole('dialog'))
    // What went back is not offered again.
    expect(dialog.getAllByRole('checkbox')).toHaveLength(2)
    await userEvent.click(dialog.getByRole('checkbox', { name: /Full groom/ }))
    await userEvent.type(dialog.getByLabelText('Why'), 'teeth bent')
    await userEvent.click(dialog.getByRole('button', { name: 'in cash' }))
    expect(await screen.findByText('Bill 8 takes back of 7')).toBeTruthy()
    const body = asked.find((a) => a.method === 'POST')?.body
    expect(body).toEqual({ place: 'p1', way: 'cash', why: 'teeth bent', lines: [1] })
  })

  it('lets a fee go with why, and charges it after all', async () => {
    const asked = server({ 'GET /api/places/p1/till': TILL, 'PUT /api/bookings/b1/charge': {} })
    page(signedIn(<Till />), '/?place=p1')
    await userEvent.click(await screen.findByRole('button', { name: 'Let go… Wick' }))
    await userEvent.type(await screen.findByLabelText('Why'), 'the first time')
    await userEvent.click(screen.getByRole('button', { name: 'Let it go' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(2))
    const puts = asked.filter((a) => a.method === 'PUT')
    expect(puts.map((a) => a.headers.get('If-Match'))).toEqual(['"4"', '"5"'])
    expect(puts.map((a) => a.body)).toEqual([{ why: 'the first time' }, { why: '' }])
  })

  it('sends amounts in hundredths, and what is no amount as it was typed', () => {
    const paid = { arrival: null, booking: null }
    const typed = { ...NOTHING, tip: '2,50', adjust: '-3', voucher: 'ten' }
    const body = toSend('p1', paid, 0, typed)
    expect([body.tip_minor, body.adjust_minor, body.voucher_minor]).toEqual([250, -300, 'ten'])
    expect(body.payments).toEqual([])
  })
})
