// Prices: what holds, a new list from the last one, what it does to what is booked, what is wrong.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, SESSION, signedIn, type Asked } from '../../testing'
import { Prices } from './Prices'
import { pricesToSend, typedOf } from './typedPrices'

const LIST = {
  id: 'p1',
  version: 1,
  begins: '2026-03-01',
  state: 'now',
  fixed: true,
  first: false,
  hour: 36,
  mat_hour: 48,
  least_full_minor: 0,
  least_bath_minor: 0,
  least_tidy_minor: 0,
  least_nails_minor: 1250,
  extras: [{ name: 'Teeth brushed', minor: 700, minutes: 10 }],
  cancel_hours: 24,
  cancel_percent: 50,
  no_show_percent: 0,
  late_free: 0,
  late_quarter_minor: 0,
  tax_percent: 19,
  tax_included: true,
}
const COMING = { ...LIST, id: 'p2', begins: '2027-01-01', state: 'coming', fixed: false, hour: 39 }
const NONE = { visits: [], booked: 0, changed: 0, unknown: 0, before_minor: 0, after_minor: 0 }
const PRICES = { today: '2026-11-25', currency: 'EUR', lists: [COMING, LIST] }

describe('prices', () => {
  function open(rights: string[] = ['house']) {
    page(signedIn(<Prices />)).cache.setQueryData(['session'], {
      ...SESSION,
      may: [...SESSION.may, ...rights],
    })
  }

  it('says what holds and what is coming, in words', async () => {
    server({ 'GET /api/prices': PRICES })
    open([])
    const now = await screen.findByRole('region', { name: /1 Mar.*: these hold now/ })
    expect(within(now).getByText(/36/)).toBeTruthy()
    expect(within(now).getByText(/nails .?12\.50/)).toBeTruthy()
    expect(within(now).getByText(/Teeth brushed .?7.* \(10 min\)/)).toBeTruthy()
    expect(within(now).getByText('cancelled less than 24 h before: 50 %')).toBeTruthy()
    expect(within(now).getByText('19 %, included')).toBeTruthy()
    expect(screen.getByRole('region', { name: /1 Jan 2027: these are coming/ })).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'New prices from a day' })).toBeNull()
  })

  it('begins a list from the newest on the first month that has none, and shows what it does', async () => {
    const visit = {
      booking: 'b1',
      dog: 'd1',
      name: 'Tansy',
      day: '2027-02-03',
      time: '09:30',
      kind: 'full',
      before_minor: 6600,
      after_minor: 7700,
    }
    const asked = server({
      'GET /api/prices': PRICES,
      'POST /api/prices/answer': {
        ...NONE,
        visits: [visit],
        booked: 3,
        changed: 1,
        unknown: 1,
        before_minor: 6600,
        after_minor: 7700,
      },
      'POST /api/prices': (a: Asked) =>
        (a.body as { hour: unknown }).hour === 'much'
          ? problem(422, 'x', { errors: [{ field: 'hour', message: 'must be a number' }] })
          : json({ ...PRICES, lists: [{ ...COMING, id: 'p3', begins: '2026-12-01' }, LIST] }, 201),
    })
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'New prices from a day' }))
    expect(screen.getByLabelText('From this day on')).toHaveProperty('value', 'Tue 1 Dec 2026')
    const hour = screen.getByLabelText('An hour of work (EUR)')
    expect(hour).toHaveProperty('value', '39')
    expect(await screen.findByText(/1 of 3 booked visits costs another price/)).toBeTruthy()
    expect(screen.getByText(/11.* more/)).toBeTruthy()
    expect(screen.getByRole('row', { name: /Tansy.*full groom.*Wed 3 Feb 2027, 09:30.*66.*77/ })).toBeTruthy()
    expect(screen.getByText(/One dog of them was never weighed/)).toBeTruthy()
    await userEvent.clear(hour)
    await userEvent.type(hour, 'much')
    await userEvent.click(screen.getByRole('button', { name: 'Save these prices' }))
    await screen.findByText('An hour of work (EUR) must be a number')
    expect(hour).toHaveProperty('value', 'much')
    await userEvent.clear(hour)
    await userEvent.type(hour, '42,50')
    await userEvent.click(screen.getByRole('button', { name: 'Another extra' }))
    await userEvent.type(screen.getAllByLabelText('Extra').at(-1) as HTMLElement, 'Bow')
    await userEvent.type(screen.getAllByLabelText('EUR').at(-1) as HTMLElement, '2.5')
    await userEvent.click(screen.getByRole('button', { name: 'Save these prices' }))
    await screen.findByRole('region', { name: /1 Dec.*: these are coming/ })
    expect(asked.filter((a) => a.path === '/api/prices' && a.method === 'POST').at(-1)?.body).toMatchObject({
      begins: '2026-12-01',
      hour: 42.5,
      least_nails_minor: 1250,
      extras: [
        { name: 'Teeth brushed', minor: 700, minutes: 10 },
        { name: 'Bow', minor: 250, minutes: 0 },
      ],
    })
  })

  it('changes what is coming with its version, and drops it', async () => {
    const asked = server({
      'GET /api/prices': PRICES,
      'POST /api/prices/answer': NONE,
      'DELETE /api/prices/p2': { ...PRICES, lists: [LIST] },
    })
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Change these prices' }))
    expect(await screen.findByText('Nothing is booked while these prices hold.')).toBeTruthy()
    expect(asked.find((a) => a.path === '/api/prices/answer')?.query.get('instead')).toBe('p2')
    await userEvent.click(screen.getByRole('button', { name: 'Drop these prices' }))
    await waitFor(() => expect(screen.queryByRole('region', { name: /are coming/ })).toBeNull())
    expect(asked.find((a) => a.method === 'DELETE')?.headers.get('If-Match')).toBe('"1"')
  })

  it('sends what it was given back as it was', () => {
    const { id, version, state, fixed, first, ...body } = LIST
    expect([id, version, state, fixed, first].length).toBe(5)
    expect(pricesToSend.parse(typedOf(LIST, LIST.begins))).toEqual(body)
  })
})
