// The year ahead: a visit is nudged and its clocks answer before anything is written; visits held ahead.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, signedIn } from '../../testing'
import { late, months, place, shifted } from './band'
import { Year } from './Year'

const run = (clock: string, from: string, to: string, over: number, open = false) => ({
  clock,
  from,
  to,
  days: 40,
  limit: 6,
  over,
  open,
})
const BOOKED = {
  id: 'b1',
  dog: 'd1',
  dog_name: 'Holm',
  day: '2026-12-10',
  time: '09:30',
  kind: 'tidy',
  staff: 'Tove Lindgarth',
  staff_id: 's1',
  note: '',
  state: 'booked',
  version: 2,
  cause: 'illness',
  first_day: '2026-12-03',
  series: null as string | null,
}
const visit = (day: string, kind: string) => ({
  day,
  kind,
  minutes: 30,
  price_minor: 1800,
  load: null,
  weeks: null,
})
const check = (runs: unknown[], visits: unknown[], broken = 0) => ({
  runs,
  visits,
  minutes: 30,
  price_minor: 1800,
  broken,
})
const KEPT = check(
  [run('hygiene', '2026-11-05', '2026-12-10', 0), run('hygiene', '2026-12-10', '2027-11-26', 309, true)],
  [visit('2026-12-10', 'tidy')],
)
const BROKEN = check([run('hygiene', '2026-11-05', '2026-12-18', 1)], [visit('2026-12-18', 'tidy')], 1)
const YEAR = {
  dog: 'd1',
  name: 'Holm',
  today: '2026-11-27',
  until: '2027-11-26',
  known: true,
  clocks: [{ clock: 'hygiene', label: 'sanitary, pads and eyes', weeks: 6 }],
  closed: [{ from: '2026-12-25', to: '2026-12-31' }],
  booked: [BOOKED],
  check: KEPT,
  advice: check([], [visit('2026-12-12', 'tidy'), visit('2027-01-09', 'full')]),
  impossible: [] as string[],
  reasons: [],
  wish_weeks: null,
  wish: null,
  wish_mm: null,
}
const AHEAD = {
  days: [
    { due: '2027-01-09', day: '2027-01-08', why: 'closed: holiday', fill: 0.97, hold: true },
    { due: '2027-02-20', day: '2027-02-20', why: '', fill: 0.96, hold: true },
    { due: '2027-04-03', day: null, why: 'closed', fill: null, hold: false },
  ],
  held: [],
  reasons: [],
}
const ANSWERS = {
  'GET /api/dogs/d1/year': YEAR,
  'POST /api/dogs/d1/year/answer': BROKEN,
  'POST /api/dogs/d1/series/answer': AHEAD,
}
const at = () =>
  page(
    signedIn(
      <Routes>
        <Route path="dogs/:id/year" element={<Year />} />
      </Routes>,
    ),
    '/dogs/d1/year',
  )

describe('the year ahead', () => {
  it('says which clock breaks while a visit is taken by key, and moves it by Enter', async () => {
    const moved = { id: 'b1', version: 3, day: '2026-12-18', time: '09:30', staff: null }
    const asked = server({ ...ANSWERS, 'PUT /api/bookings/b1/date': moved })
    at()
    const handle = await screen.findByRole('button', { name: /Tidy ?10 Dec/ })
    expect(screen.getByText('Keeps every clock up to here.')).toBeTruthy()
    expect(screen.getByText(/First booked for Thu 3 Dec 2026; later because of: illness/)).toBeTruthy()
    const runs = screen.getByRole('list', { name: 'sanitary, pads and eyes, how long it runs' })
    expect(runs.textContent).toContain('due 21 Jan, nothing booked')
    handle.focus()
    await userEvent.keyboard('{Shift>}{ArrowRight}{/Shift}{ArrowRight}')
    expect(handle.textContent).toContain('18 Dec')
    expect(await screen.findByText('sanitary, pads and eyes: 1 day too long.')).toBeTruthy()
    expect(asked.some((a) => a.method === 'PUT')).toBe(false)
    await userEvent.keyboard('{Escape}')
    expect(handle.textContent).toContain('10 Dec')
    await userEvent.keyboard('{PageDown}{ArrowRight}{Enter}')
    await waitFor(() => expect(asked.some((a) => a.method === 'PUT')).toBe(true))
    expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ day: '2026-12-18', staff: 's1' })
  })

  it('does the same by buttons, never before today', async () => {
    const asked = server({
      ...ANSWERS,
      'PUT /api/bookings/b1/date': () => problem(412, 'Changed meanwhile.'),
    })
    at()
    const earlier = await screen.findByRole('button', { name: 'A week earlier' })
    for (let i = 0; i < 4; i++) await userEvent.click(earlier)
    await userEvent.click(screen.getByRole('button', { name: 'Move to Fri 27 Nov 2026' }))
    expect(await screen.findByText('Changed meanwhile.')).toBeTruthy()
    expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(1)
  })

  it('holds as many ahead as the diary asks for, and gives them up again', async () => {
    const held = [{ ...BOOKED, id: 'b2', day: '2027-01-08', series: 'x1' }]
    const asked = server({
      ...ANSWERS,
      'POST /api/dogs/d1/series': () => json({ days: [], held, reasons: [] }, 201),
      'DELETE /api/series/x1': { days: [], held: [], reasons: [] },
    })
    at()
    const ahead = within(await screen.findByRole('region', { name: 'Hold visits ahead' }))
    expect(await ahead.findByText('the diary asks for 2')).toBeTruthy()
    const days = within(ahead.getByRole('list', { name: 'The days' }))
    expect(days.getAllByRole('listitem')).toHaveLength(2)
    expect(days.getByText(/in place of Sat 9 Jan 2027: closed: holiday/)).toBeTruthy()
    await userEvent.click(ahead.getByRole('button', { name: 'Hold 2 visits' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
    expect(asked.find((a) => a.path === '/api/dogs/d1/series')?.body).toMatchObject({
      count: 2,
      kind: 'full',
    })
  })

  it('answers a wish beside the advice, and says what no year can keep', async () => {
    const asked = server({
      ...ANSWERS,
      'GET /api/dogs/d1/year': (a: { query: URLSearchParams }) =>
        json(
          a.query.get('wish')
            ? { ...YEAR, wish_weeks: 12, wish: BROKEN, wish_mm: 13, impossible: ['closed too long'] }
            : YEAR,
        ),
    })
    at()
    await userEvent.type(await screen.findByLabelText('Owner asks: every … weeks'), '12')
    expect(await screen.findByRole('columnheader', { name: 'Every 12 weeks' })).toBeTruthy()
    expect(screen.getByText(/up to 1 day too long/)).toBeTruthy()
    expect(screen.getByText('13 mm')).toBeTruthy()
    expect(screen.getByRole('alert').textContent).toContain('closed too long')
    expect(asked.some((a) => a.query.get('wish') === '12')).toBe(true)
  })

  it('knows where days stand', () => {
    expect(place('2026-11-27', '2027-05-28')).toBe(50)
    expect([place('2026-11-27', '2020-01-01'), place('2026-11-27', '2030-01-01')]).toEqual([0, 100])
    expect(months('2026-11-27')[1]).toEqual({ on: '2027-01-01', label: 'Jan 2027' })
    expect(shifted('2026-12-30', 7)).toBe('2027-01-06')
    expect([late(1), late(7), late(9), late(21)]).toEqual([
      '1 day too long',
      '1 week too long',
      '9 days too long',
      '3 weeks too long',
    ])
  })
})
