// The van's day on pretended answers: no van, no set-up, a day that breaks, what its owners would read.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../app/client'
import { json, page, problem, server, SESSION, signedIn } from '../../testing'
import { Round } from './Round'

type View = Schemas['RoundView']

const dog = (name: string, change = {}): View['stops'][number]['dogs'][number] => ({
  booking: `b-${name}`,
  version: 3,
  dog: `d-${name}`,
  name,
  kind: 'full',
  told: '09:00',
  minutes: 60,
  unknown: '',
  state: '',
  missing: [],
  tell: '09:40',
  ...change,
})
const stop = (id: string, home: string, change = {}): View['stops'][number] => ({
  id,
  home,
  spot: 'a',
  where: 'Alderlap',
  told: '09:00',
  from: '08:45',
  to: '09:30',
  minutes: 60,
  litres: 20,
  power_minutes: 30,
  has_water: false,
  has_power: false,
  state: '',
  why: '',
  says: '',
  dogs: [dog(home.slice(0, 3))],
  ...change,
})
const call = (id: string, change = {}): View['calls'][number] => ({
  stop: id,
  at: 'a',
  where: 'Alderlap',
  drives: 13,
  path: ['y', 'a'],
  arrives: '09:00',
  begins: '09:00',
  ends: '10:00',
  late: 0,
  litres_left: 70,
  power_left: 120,
  ...change,
})
const DAY: View = {
  day: '2026-05-04',
  today: '2026-05-04',
  van: {
    id: 'v1',
    version: 2,
    name: 'Van',
    person: 'Idris',
    staff: 's1',
    base: 'y',
    starts: '08:00',
    rests: '',
    ends: '17:00',
    tank: 90,
    battery: 150,
    early: 15,
    late: 30,
    refills: [],
  },
  vans: [{ id: 'v1', name: 'Van' }],
  map: {
    spots: [
      { id: 'y', name: 'Yard', x: 100, y: 100, kind: 'base' },
      { id: 'a', name: 'Alderlap', x: 400, y: 400, kind: 'village' },
    ],
    ways: [{ id: 'w', name: 'Weir bridge', from: 'y', to: 'a', bridge: true, shut: false }],
    river: [
      { x: 0, y: 0 },
      { x: 9, y: 9 },
    ],
  },
  shut: [],
  now: null,
  stops: [stop('h1', 'Moor'), stop('h2', 'Reed')],
  calls: [call('h1'), call('', { where: 'Yard' }), call('h2', { begins: '10:30', drives: 0 })],
  path: ['a', 'y'],
  back: '12:00',
  late: 0,
  overtime: 0,
  driven: 26,
  cost: 26,
  best: null,
  fit: null,
  cautions: [],
}
const may = (...rights: string[]) => ({ ...SESSION, may: [...SESSION.may, ...rights] })

describe('the round', () => {
  it('says that there is no van, and where one is added', async () => {
    server({ 'GET /api/round': { ...DAY, van: null, vans: [] } })
    page(signedIn(<Round />)).cache.setQueryData(['session'], may('people'))
    expect(await screen.findByText('No van yet')).toBeTruthy()
    expect(screen.getByRole('link', { name: /Add a van/ })).toBeTruthy()
  })
  it('lists calls and refills in their order, with what is left, and marks one farm once', async () => {
    server({ 'GET /api/round': DAY })
    page(signedIn(<Round />))
    const calls = within(await screen.findByRole('list', { name: 'Calls in their order' }))
    expect(calls.getAllByRole('listitem').map((li) => li.textContent.slice(0, 5))).toEqual([
      '09:00',
      '09:00',
      '10:30',
    ])
    expect(calls.getByText(/Fill up at Yard/)).toBeTruthy()
    expect(calls.getByText(/the same place/)).toBeTruthy()
    expect(screen.getByRole('button', { name: '1 and 2: Moor and Reed, Alderlap' })).toBeTruthy()
    expect(screen.getByText('Nothing breaks')).toBeTruthy()
  })
  it('says what breaks, what the van lacks and what nobody knows', async () => {
    const lacks = {
      zones: ['back', 'ribs'],
      needs: '16 mm guard',
      instead: '19 mm guard',
      difference_mm: 2.2,
    }
    const broken = stop('h1', 'Moor', {
      why: 'begins 24 minutes after its window ends at 09:30',
      dogs: [dog('Moo', { missing: [lacks], unknown: 'nobody has weighed Moo' })],
    })
    const off = stop('h3', 'Fell', { spot: '', where: '', why: 'its home is not on the map yet' })
    server({ 'GET /api/round': { ...DAY, stops: [broken, stop('h2', 'Reed'), off] } })
    page(signedIn(<Round />))
    expect(await screen.findByText(/begins 24 minutes after/)).toBeTruthy()
    expect(screen.getByText(/Nearest: 19 mm guard, 2.2 mm longer/)).toBeTruthy()
    expect(screen.getByText('nobody has weighed Moo')).toBeTruthy()
    expect(screen.getByText('2 calls break it')).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Say where the Fell home is' })).toBeTruthy()
  })
  it('shows what owners would read, and sends all of it once', async () => {
    const late = stop('h1', 'Moor', { says: 'Running late: we are with Moo at about 09:40.' })
    const asked = server({
      'GET /api/round': { ...DAY, stops: [late, stop('h2', 'Reed')] },
      'PUT /api/round/times': () => json({ written: 1 }),
    })
    page(signedIn(<Round />)).cache.setQueryData(['session'], may('book'))
    await userEvent.click(await screen.findByRole('button', { name: /Tell 1 home/ }))
    expect(await screen.findByText(/we are with Moo at about 09:40/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Change the times and write' }))
    expect(await screen.findByText(/all of them are written to/)).toBeTruthy()
    const told = asked.filter((a) => a.method === 'PUT')
    expect(told.map((a) => a.body)).toEqual([
      { write: true, times: [{ booking: 'b-Moo', version: 3, time: '09:40' }] },
    ])
  })
  it('asks again how the rest goes when the van is late', async () => {
    const asked = server({ 'GET /api/round': DAY })
    page(signedIn(<Round />))
    await userEvent.click(await screen.findByRole('button', { name: 'Running late' }))
    await userEvent.click(screen.getByRole('button', { name: '30 min' }))
    await waitFor(() => expect(asked.at(-1)?.query.get('behind')).toBe('30'))
    await userEvent.click(screen.getByRole('button', { name: 'Not late after all' }))
    await waitFor(() => expect(asked.at(-1)?.query.get('behind')).toBeNull())
  })
  it('says at the field what is wrong with the van, and keeps what was typed', async () => {
    const wrong = {
      title: 'Some of this cannot be accepted.',
      errors: [{ field: 'tank', message: 'must be 0 to 1000' }],
    }
    server({
      'GET /api/round': DAY,
      'PUT /api/vans/v1': () => problem(422, wrong.title, { errors: wrong.errors }),
    })
    page(signedIn(<Round />)).cache.setQueryData(['session'], may('people'))
    await userEvent.click(await screen.findByRole('button', { name: 'The van' }))
    const tank = await screen.findByLabelText('Tank, litres')
    await userEvent.clear(tank)
    await userEvent.type(tank, '9999')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    expect(await screen.findByText(/Tank, litres must be 0 to 1000/)).toBeTruthy()
    expect((tank as HTMLInputElement).value).toBe('9999')
  })
})
