// The floor: what is late first, one tap for where a dog is, who fetches it, what a walk-in waits.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, signedIn } from '../../testing'
import { Floor } from './Floor'
import { leftSaid, nextPart, type FloorDog } from './floor'

const DOG = {
  dog: 'd1',
  name: 'Tansy',
  home: 'Aveline Marchpane',
  phone: '0555 014 4471',
  booking: 'b1',
  arrival: 'a1',
  groom: 'g1',
  kind: 'full',
  stage: 'table',
  part: 'bath',
  since: '2026-11-28T09:50:00Z',
  place: 'Mill room',
  who: 'Tove Lindgarth',
  booked: '09:30',
  promised: '11:30',
  ready: '11:55',
  left: 65,
  late: 25,
  next: 'dry',
  next_at: '10:20',
  waits: null,
  timers: [{ timer: 'drying', label: 'Drying', words: 'look at it now', level: 'due' }],
  cautions: ['heart murmur'],
  collectors: [{ name: 'Nell Ash', word: 'thimble' }],
  left_with: null,
  fetched_late: 0,
  late_fee_minor: 0,
} as unknown as FloorDog
const READY = {
  ...DOG,
  booking: 'b2',
  name: 'Osric',
  stage: 'ready',
  part: null,
  late: 0,
  fetched_late: 40,
  late_fee_minor: 1000,
  timers: [],
  who: 'Maren Oakhollow',
} as unknown as FloorDog
const FLOOR = {
  now: '2026-11-28T10:25:00Z',
  today: '2026-11-28',
  dogs: [DOG, READY],
  people: [
    {
      id: 's1',
      name: 'Tove Lindgarth',
      place: 'Mill room',
      dog: 'Tansy',
      part: 'bath',
      next: 'Wick',
      next_at: '12:00',
      over: 10,
    },
  ],
  moves: [
    {
      dog: 'd3',
      name: 'Wick',
      part: 'prepare',
      was: '11:30',
      was_with: 'Tove Lindgarth',
      now: '12:00',
      with: 'Maren Oakhollow',
    },
  ],
  crowded: ['Mill room: Tansy and Wick for 1 tub'],
  apart: ['Gantry and Tansy must not meet'],
  unheard: ['Nothing has been heard of Idris Fenwater in the van since 14:05.'],
  unfit: [{ names: ['Burr'], begun: false, why: 'the day is full' }],
  late: 25,
}

describe('the floor', () => {
  it('says what an owner answered, and takes back that a dog did not come', async () => {
    const tansy = { ...DOG, late: 0, stage: 'expected', part: null, missing: 20, version: 3, timers: [] }
    const said = { answer: 'ring', told: 'limps', proof: 'no proof of vaccination with a date is on file' }
    const missed = { id: 'b1', version: 4, charge_minor: 6000 }
    const asked = server({
      'GET /api/floor': { ...FLOOR, dogs: [{ ...tansy, ...said }] },
      'GET /api/floor/desk': { asks: [], silent: [], overdue: [], clashes: [] },
      'PUT /api/bookings/b1/missed': missed,
      'DELETE /api/bookings/b1/missed': { ...missed, version: 5, charge_minor: 0 },
    })
    page(signedIn(<Floor />))
    expect(await screen.findByText('owner asks to be rung about another day')).toBeTruthy()
    expect(screen.getByText('limps')).toBeTruthy()
    expect(screen.getByText(/no proof of vaccination/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Tansy did not come' }))
    expect(await screen.findByText(/did not come: house terms ask for €60.00/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
    const ofVersions = asked.filter((a) => a.method !== 'GET').map((a) => a.headers.get('If-Match'))
    expect(ofVersions).toEqual(['"3"', '"4"'])
  })

  it('lists for the front desk whom to ring and who is overdue', async () => {
    const row = {
      dog: 'd9',
      name: 'Burr',
      kind: 'full',
      told: '',
      owner: 'Nell Ash',
      phone: '0555 1',
      time: '',
    }
    server({
      'GET /api/floor': FLOOR,
      'GET /api/floor/desk': {
        asks: [{ ...row, name: 'Wick', day: '2026-12-01', time: '10:00', told: 'on holiday', days: 3 }],
        silent: [],
        overdue: [{ ...row, day: '2026-11-20', days: 8 }],
        clashes: [{ ...row, name: 'Osric', day: '2026-12-03', time: '09:00', days: 5, why: 'Tove is away' }],
      },
    })
    page(signedIn(<Floor />))
    const desk = within(await screen.findByRole('region', { name: 'For the front desk' }))
    expect(desk.getByText(/full groom, 8 days over/)).toBeTruthy()
    expect(desk.getByText(/on holiday/)).toBeTruthy()
    expect(desk.queryByText(/Tomorrow/)).toBeNull()
    expect(desk.getByText(/09:00: Tove is away/)).toBeTruthy()
  })

  it('shows what is late first, what to move, and who has whom', async () => {
    server({ 'GET /api/floor': FLOOR })
    page(signedIn(<Floor />))
    const late = within(await screen.findByRole('region', { name: 'Late, or will be' }))
    expect(late.getByText('25 min late')).toBeTruthy()
    expect(late.getByText('Drying: look at it now')).toBeTruthy()
    expect(late.getByText('heart murmur')).toBeTruthy()
    expect(
      within(late.getByRole('list', { name: 'How far' }))
        .getByText('Bath')
        .getAttribute('aria-current'),
    ).toBe('step')
    const moves = screen.getByRole('region', { name: 'What to move' }).textContent
    expect(moves).toContain('Wick, check, knots, nails: 12:00 in place of 11:30, with Maren in place of Tove')
    expect(moves).toContain('Tansy and Wick for 1 tub')
    expect(moves).toContain('Burr cannot be done today any more: the day is full')
    expect(screen.getByRole('region', { name: 'Who works today' }).textContent).toContain('10 min over')
    expect(screen.getByText(/40 min past the time told/).textContent).toContain('€10.00')
  })

  it('says where a dog is by one tap, and takes that back', async () => {
    const asked = server({ 'GET /api/floor': FLOOR, 'POST /api/grooms/g1/taps': { groom: {}, taken: [] } })
    page(signedIn(<Floor />))
    await userEvent.click(await screen.findByRole('button', { name: 'Tansy: Dry' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(asked.filter((a) => a.method === 'POST')).toHaveLength(2))
    const said = asked
      .filter((a) => a.method === 'POST')
      .map((a) => (a.body as { taps: { kind: string; state: string }[] }).taps[0])
    expect(said.map((t) => [t?.kind, t?.state])).toEqual([
      ['phase', 'dry'],
      ['phase', 'bath'],
    ])
  })

  it('shows who is on the list; a stranger needs the owner’s word', async () => {
    const asked = server({
      'GET /api/floor': FLOOR,
      'PUT /api/arrivals/a1/collected': (a: { body: unknown }) =>
        (a.body as { owner_said: string }).owner_said === ''
          ? problem(422, 'Check the form.', {
              errors: [{ field: 'owner_said', message: 'is needed: Wat is not on the list' }],
            })
          : json({ ...FLOOR, dogs: [] }),
    })
    page(signedIn(<Floor />))
    await userEvent.click(await screen.findByRole('button', { name: 'Osric went home…' }))
    const sheet = within(screen.getByRole('dialog', { name: 'Who fetches Osric?' }))
    expect(sheet.getByRole('button', { name: /Nell Ash/ }).textContent).toContain('the word “thimble”')
    await userEvent.type(sheet.getByLabelText('Name'), 'Wat')
    await userEvent.click(sheet.getByRole('button', { name: 'Went home' }))
    expect(await sheet.findByText(/not on the list/)).toBeTruthy()
    await userEvent.type(sheet.getByLabelText('What the owner said when asked'), 'yes, my brother')
    await userEvent.click(sheet.getByRole('button', { name: 'Went home' }))
    expect(await screen.findByText('Osric went home with Wat')).toBeTruthy()
    expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(2)
  })

  it('adds somebody without a date in three taps, told its wait', async () => {
    const asked = server({
      'GET /api/floor': {
        ...FLOOR,
        dogs: [],
        people: [],
        moves: [],
        crowded: [],
        apart: [],
        unheard: [],
        unfit: [],
        late: 0,
      },
      'GET /api/dogs': { dogs: [{ id: 'd9', name: 'Burr', person: 'Goda' }], next: null, near: false },
      'GET /api/dogs/d9/walk-in': {
        dog: 'd9',
        name: 'Burr',
        kind: 'nails',
        minutes: 15,
        begins: '10:50',
        ready: '11:05',
        wait: 25,
        late: [],
        time: '10:15',
      },
      'POST /api/dogs/d9/bookings': () => json({ id: 'b9', version: 1 }, 201),
    })
    page(signedIn(<Floor />))
    expect(await screen.findByText(/Nobody is expected today/)).toBeTruthy()
    expect(screen.getByText(/the day runs as it was laid out/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Walk-in' }))
    await userEvent.click(await screen.findByRole('button', { name: /Burr Goda/ }))
    expect(await screen.findByText('Waits about 25 min, until 10:50.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Put it on today’s list' }))
    expect(await screen.findByText(/Burr is on today’s list: about 10:50/)).toBeTruthy()
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      time: '10:15',
      kind: 'nails',
      promised: '11:05',
    })
  })

  it('is one’s own by a tap, and says it when the salon does not answer', async () => {
    server({ 'GET /api/floor': FLOOR })
    page(signedIn(<Floor />))
    await userEvent.click(await screen.findByRole('radio', { name: 'Mine' }))
    expect(screen.queryByText('Osric')).toBeNull()
    expect(screen.getByText('Tansy')).toBeTruthy()
  })

  it('knows what comes next, and how long is left', () => {
    expect(nextPart({ ...DOG, part: 'dry' })).toEqual(['cut', 'Cut'])
    expect(nextPart({ ...DOG, kind: 'nails', part: 'prepare' })).toEqual(['ready', 'Ready'])
    expect(nextPart({ ...DOG, part: 'ready' })).toBeNull()
    expect([
      leftSaid({ ...DOG, left: 65 }),
      leftSaid({ ...DOG, left: -5 }),
      leftSaid({ ...DOG, left: null }),
    ]).toEqual(['1 h 05 left', '5 min past', ''])
  })
})
