// The diary: who does what when by people and stations, what is late or has no place, another day by a tap.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, signedIn } from '../../testing'
import { block, span, time, type PlaceDay } from './chart'
import { Diary } from './Diary'

const ITEM = { booking: 'b1', name: 'Tansy', helper: null, unit: 1 }
const MILL = {
  id: 'p1',
  name: 'Mill room',
  people: [{ id: 's1', name: 'Tove Lindgarth', from: 540, to: 1050, overtime: 12.5 }],
  stations: { tub: 1, dryer: 1, table: 2, pen: 2 },
  stations_said: false,
  items: [
    { ...ITEM, phase: 'bath', person: 's1', station: 'tub', from: 540.5, to: 570.5 },
    { ...ITEM, phase: 'dry', person: null, station: 'pen', from: 570.5, to: 630.5 },
  ],
  dogs: [
    {
      booking: 'b1',
      version: 3,
      dog: 'd1',
      name: 'Tansy',
      kind: 'bath',
      with: null,
      staff: null,
      time: '09:00',
      arrives: 540,
      promised: 600,
      ends: 630.5,
      late: 30.5,
      waiting: 0.5,
    },
  ],
  unfit: [
    {
      names: ['Wick'],
      why: 'the day is full',
      on: '2026-11-26',
      dogs: [
        {
          booking: 'b9',
          version: 1,
          dog: 'd9',
          name: 'Wick',
          kind: 'full',
          with: null,
          staff: null,
          time: '09:00',
        },
      ],
    },
  ],
  late: 30.5,
  overtime: 12.5,
  waiting: 0.5,
  cost: 368,
  bound: 368,
  proven: true,
  warnings: [],
  reasons: [],
} as unknown as PlaceDay
const DAY = { day: '2026-11-25', today: '2026-11-25', places: [MILL], unweighed: [] }
const WEEK = {
  days: [
    { day: '2026-11-25', dogs: 1, minutes: 255, hands: 510 },
    { day: '2026-11-26', dogs: 0, minutes: 0, hands: 0 },
  ],
}

describe('the diary', () => {
  it('shows people and stations, what is late and what has no place', async () => {
    server({ 'GET /api/agenda': DAY, 'GET /api/agenda/week': WEEK })
    page(signedIn(<Diary />))
    const tove = await screen.findByRole('list', { name: 'Tove, in order' })
    expect(within(tove).getByText('Tansy').closest('li')?.title).toBe('Tansy: bath, 09:00–09:31')
    const pen = screen.getByRole('list', { name: 'Pen 1, in order' })
    expect(within(pen).getByText(/nobody has to stay/)).toBeTruthy()
    expect(screen.queryByRole('list', { name: 'Table 1, in order' })).toBeNull()
    expect(screen.getByText('Overbooked: 31 min past what was promised')).toBeTruthy()
    expect(screen.getByText('13 min over')).toBeTruthy()
    const gone = screen.getByText(/Wick has no place on this day/).closest('p')
    expect(gone?.textContent).toMatch(/the day is full\. The first day with room is Thu 26 Nov/)
    expect(
      screen.getByRole('row', { name: /09:00 Tansy bath anybody 10:31 10:00 · 31 min late not/ }),
    ).toBeTruthy()
    expect(screen.getByText(/Nobody has said how many tubs/)).toBeTruthy()
  })

  it('takes a dog to another hour and person by key, and back', async () => {
    const moved = { id: 'b1', version: 4, day: '2026-11-25', time: '09:30', staff: 'Tove Lindgarth' }
    const asked = server({
      'GET /api/agenda': DAY,
      'GET /api/agenda/week': WEEK,
      'PUT /api/bookings/b1/date': moved,
    })
    page(signedIn(<Diary />))
    const [block] = await screen.findAllByRole('button', { name: /Tansy ?bath/ })
    block?.focus()
    await userEvent.keyboard('{ArrowRight}{ArrowRight}{ArrowRight}{ArrowLeft}{ArrowDown}')
    expect(screen.getByText(/Tansy: 09:30 with Tove Lindgarth/)).toBeTruthy()
    await userEvent.keyboard('{Escape}')
    expect(screen.queryByText(/Tansy: 09:30/)).toBeNull()
    expect(asked.some((a) => a.method === 'PUT')).toBe(false)
    await userEvent.keyboard('{ArrowRight}{ArrowRight}{ArrowDown}{Enter}')
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(2))
    const [there, back] = asked.filter((a) => a.method === 'PUT')
    expect(there?.body).toMatchObject({
      day: '2026-11-25',
      time: '09:30',
      kind: 'bath',
      staff: 's1',
      cause: '',
    })
    expect(there?.headers.get('If-Match')).toBe('"3"')
    expect(back?.body).toMatchObject({ time: '09:00', staff: null })
    expect(back?.headers.get('If-Match')).toBe('"4"')
  })

  it('opens a visit: another day keeps why, a refusal is said, cancelling can be taken back', async () => {
    const asked = server({
      'GET /api/agenda': DAY,
      'GET /api/agenda/week': WEEK,
      'GET /api/dogs/d1/proposals': {
        minutes: 60,
        due: '2026-11-27',
        proposals: [
          { day: '2026-11-27', time: '10:00', staff: 's2', name: 'Pell Hasp', late_days: 0, reasons: [] },
        ],
      },
      'PUT /api/bookings/b1/date': () => problem(409, 'Pell Hasp has Osric then already.'),
      'DELETE /api/bookings/b1': { id: 'b1', version: 4 },
      'POST /api/dogs/d1/bookings': () => json({ id: 'b9', version: 1 }, 201),
    })
    page(signedIn(<Diary />))
    await userEvent.click(await screen.findByRole('button', { name: 'Move Tansy' }))
    const sheet = within(screen.getByRole('dialog', { name: 'Tansy’s visit' }))
    expect(sheet.queryByLabelText('Why it is later')).toBeNull()
    await userEvent.click(await sheet.findByRole('button', { name: /27 Nov 2026, 10:00 with Pell/ }))
    await userEvent.selectOptions(sheet.getByLabelText('Why it is later'), 'weather')
    await userEvent.click(sheet.getByRole('button', { name: 'Save' }))
    expect((await sheet.findByRole('alert')).textContent).toBe('Pell Hasp has Osric then already.')
    expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ staff: 's2', cause: 'weather' })
    await userEvent.click(sheet.getByRole('button', { name: 'Cancel this visit' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'POST')).toBe(true))
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ day: '2026-11-25', time: '09:00' })
  })

  it('gives a place to who waits for one', async () => {
    const w = {
      id: 'w1',
      dog: 'd2',
      name: 'Wick',
      person: 'Bertrand',
      phone: '0555',
      kind: 'full',
      since: '2026-11-20',
      until: '2026-11-30',
      note: 'any hour',
      staff: null,
      minutes: 120,
      time: '10:00',
      with: 's1',
      with_name: 'Tove Lindgarth',
    }
    const asked = server({
      'GET /api/agenda': DAY,
      'GET /api/agenda/week': WEEK,
      'GET /api/waiting': { waiting: [w, { ...w, id: 'w2', name: 'Marl', time: null, with: null }] },
      'POST /api/dogs/d2/bookings': () => json({ id: 'b7', time: '10:00' }, 201),
      'DELETE /api/waiting/w2': { waiting: [] },
    })
    page(signedIn(<Diary />))
    expect(await screen.findByText('no 120 min free')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Give Wick 10:00 with Tove' }))
    expect(await screen.findByText('Wick has 10:00; waits no more')).toBeTruthy()
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ time: '10:00', staff: 's1' })
    await userEvent.click(screen.getByRole('button', { name: 'Marl waits no more' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
  })

  it('goes to another day by a tap on the week', async () => {
    const asked = server({ 'GET /api/agenda': DAY, 'GET /api/agenda/week': WEEK })
    page(signedIn(<Diary />))
    expect(await screen.findByRole('button', { name: /25 Nov 1 dog, 50 %/ })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: /26 Nov closed/ }))
    await waitFor(() =>
      expect(asked.some((a) => a.path === '/api/agenda' && a.query.get('on') === '2026-11-26')).toBe(true),
    )
  })

  it('says it when nobody is booked, and names who was never weighed', async () => {
    const unweighed = [{ booking: 'b2', dog: 'd2', name: 'Burr' }]
    server({ 'GET /api/agenda': { ...DAY, places: [], unweighed }, 'GET /api/agenda/week': WEEK })
    page(signedIn(<Diary />))
    expect(await screen.findByText(/Nobody is booked/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Burr' })).toBeTruthy()
  })

  it('draws from the first to the last hour that is needed', () => {
    expect(span(MILL)).toEqual({ from: 540, to: 1080 })
    const early = MILL.dogs.map((d) => ({ ...d, arrives: 470, ends: 1150 }))
    expect(span({ ...MILL, dogs: early })).toEqual({
      from: 420,
      to: 1200,
    })
    expect(block({ from: 540, to: 1080 }, 675, 810)).toEqual({ left: '25%', width: '25%' })
    expect([time(570.5), time(570.5, true)]).toEqual(['09:30', '09:31'])
  })
})
