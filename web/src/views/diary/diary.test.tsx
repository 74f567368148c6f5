// The diary: who does what when by people and stations, what is late or has no place, another day by a tap.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { page, server, signedIn } from '../../testing'
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
      dog: 'd1',
      name: 'Tansy',
      kind: 'bath',
      with: null,
      arrives: 540,
      promised: 600,
      ends: 630.5,
      late: 30.5,
      waiting: 0.5,
    },
  ],
  unfit: [{ names: ['Wick'], why: 'the day is full', on: '2026-11-26' }],
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
