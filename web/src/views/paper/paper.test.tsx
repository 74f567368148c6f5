// Pages to print: the card in the zones' own words, the list of a day.
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, it, vi } from 'vitest'
import { json, lists, page, server, signedIn, type Asked } from '../../testing'
import { CardPaper } from './CardPaper'
import { DayPaper } from './DayPaper'

const recipe = { method: 'clip', tool: null, carry: 'repeat', exception: false, words: '16 mm guard over 10' }
const zone = (id: string, more: object = {}) => ({
  zone: id,
  version: 1,
  recipe,
  finished_mm: 16.6,
  now_mm: 20,
  natural_mm: 50,
  here: null,
  fill_back_on: null,
  changed_by: null,
  ...more,
})
const word = (id: string, label: string) => ({ id, label, group: 'body', side: '', meets: [], shapes: [] })

function card(change: object = {}) {
  return {
    dog: {
      id: 'd1',
      name: 'Tansy',
      breed: 'Water dog cross',
      coat: 'curly',
      sex: 'female',
      kg: null,
      born_on: null,
      build: 'square',
      muzzle: 'medium',
      ear_type: 'drop',
      ear_set: 'level',
      tail_type: 'plume',
      tail_carriage: 'up',
      handling: 'calm',
      handling_note: 'Lift from behind.',
      stops: [],
      reach: { vet: 'Weir practice', emergency: '', may_collect: '' },
      people: [{ name: 'Aveline M', phone: '0555 1', email: '' }],
    },
    cautions: [{ code: 'x', message: 'Bites when tired.', level: 'danger' }],
    today: '2026-11-28',
    zones: [
      zone('thigh_left'),
      zone('thigh_right'),
      zone('hock_left'),
      zone('hock_right', { finished_mm: 9 }),
    ],
    hard_lines: [],
    unknown: [],
    interval: {
      full_on: '2026-12-21',
      binding: 'shape',
      clocks: [{ clock: 'shape', weeks: 4.3, since: '2026-11-23', reasons: [] }],
      next: null,
    },
    visits: [],
    bookings: [{ id: 'b', day: '2026-12-01', time: '09:30', kind: 'full' }],
    ...change,
  }
}
const words = {
  zones: [
    word('thigh_left', 'left thigh'),
    word('thigh_right', 'right thigh'),
    word('hock_left', 'left hock'),
    word('hock_right', 'right hock'),
  ],
  lists: lists(),
}

const paper = (
  <Routes>
    <Route path="/dogs/:id/paper" element={<CardPaper />} />
  </Routes>
)

it('prints a card with what every zone gets, sides told apart where they differ', async () => {
  server({ 'GET /api/dogs/d1/card': card(), 'GET /api/words': words })
  page(signedIn(paper), '/dogs/d1/paper')
  const table = within(await screen.findByRole('table'))
  expect(table.getAllByRole('row').map((r) => r.textContent)).toEqual([
    'zonewithleaves mmshape, reason',
    'thigh, left hock16 mm guard over 1016.6',
    'right hock16 mm guard over 109',
  ])
  expect(screen.getByRole('list', { name: 'Cautions' }).textContent).toBe('! Bites when tired.')
  expect(screen.getByText('Mon 21 Dec 2026 (shape)')).toBeTruthy()
  expect(screen.getByText('Tue 1 Dec 2026 09:30 full groom')).toBeTruthy()
  expect(document.title).toBe('Card of Tansy, 2026-11-28')
  const print = vi.fn()
  vi.stubGlobal('print', print)
  await userEvent.click(screen.getByRole('button', { name: 'Print' }))
  expect(print).toHaveBeenCalledOnce()
})

it('promises nothing on paper either', async () => {
  server({
    'GET /api/dogs/d1/card': card({ unknown: [{ what: 'plan', words: 'x' }], zones: [] }),
    'GET /api/words': words,
  })
  page(signedIn(paper), '/dogs/d1/paper')
  expect(await screen.findByText('Nothing is planned yet.')).toBeTruthy()
  expect(screen.getByText('not known yet')).toBeTruthy()
  expect(screen.queryByText(/Dec 2026 \(shape\)|Clocks/)).toBeNull()
})

it('lists a day with who is to be careful of what, and turns to the next', async () => {
  const asked = server({
    'GET /api/day': ({ query }: Asked) => {
      const on = query.get('on') ?? '2026-11-28'
      const one = {
        id: 'b',
        time: '09:30',
        kind: 'tidy',
        staff: null,
        note: 'side door',
        dog: 'd1',
        name: 'Tansy',
        about: 'Water dog cross',
        person: 'Aveline M',
        phone: '0555 1',
        cautions: ['Bites when tired.'],
      }
      return json({ day: on, bookings: on === '2026-11-28' ? [one] : [] })
    },
  })
  page(signedIn(<DayPaper />), '/day')
  const row = await screen.findByRole('row', { name: /09:30/ })
  expect(row.textContent).toBe(
    '09:30TansyWater dog cross! Bites when tired.Aveline M0555 1Tidynobody yetside door',
  )
  await userEvent.click(screen.getByRole('button', { name: 'Day after' }))
  expect(await screen.findByText('Nobody is booked.')).toBeTruthy()
  expect(screen.getByRole('heading', { name: 'Sun 29 Nov 2026' })).toBeTruthy()
  expect(asked.filter((a) => a.query.get('on') === '2026-11-29')).toHaveLength(1)
})
