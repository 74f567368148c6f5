// Then and now: what PHP sampled read between its samples, two moments drawn apart, the slider with its
// clocks, differences grouped.
import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { laidCoat } from '../../dog/frames'
import { fieldOf } from '../../dog/field'
import { json, page, server, signedIn, lists } from '../../testing'
import { paired } from './Differences'
import { Then } from './Then'
import { at, lengthsAt, marks, matsAt, struck, type Outlook } from '../../parts/weeksAhead'

const WEEKS = [0, 0.5, 1, 1.5, 2]
const OUTLOOK: Outlook = {
  weeks: WEEKS,
  zones: {
    back: { mm: [17, 18, 19, 20, 21], low: [17, 17.5, 18, 18.5, 19], high: [17, 18.5, 20, 21.5, 23] },
    loin: { mm: [17, 18, 19, 20, 21], low: [17, 17.5, 18, 18.5, 19], high: [17, 18.5, 20, 21.5, 23] },
  },
  load: [0, 3, 6, 9, 12],
  mats: [
    { week: 1, zone: 'back', severity: 1 },
    { week: 2, zone: 'back', severity: 2 },
    { week: 1, zone: 'armpit_left', severity: 1 },
  ],
  clocks: [
    { clock: 'shape', weeks: 1.2, reasons: [] },
    { clock: 'nails', weeks: -0.5, reasons: [] },
    { clock: 'mat', weeks: 1.4, reasons: [] },
    { clock: 'bath', weeks: 8, reasons: [] },
  ],
  reasons: [{ term: 'band', value: 0.15, unit: 'mm/week', source: 'either way: four of five lie within' }],
  from: '2026-11-20',
  elapsed_weeks: 0.7,
  limit: 12,
}

describe('the weeks', () => {
  it('are read between the samples', () => {
    expect(at([10, 20, 40], [0, 0.5, 1], 0.25)).toBe(15)
    expect(at([10, 20, 40], [0, 0.5, 1], 0.5)).toBe(20)
    expect(at([10, 20, 40], [0, 0.5, 1], 9)).toBe(40)
    expect(at([], [], 3)).toBe(0)
    expect(lengthsAt(OUTLOOK, 1.25)).toEqual({ back: 19.5, loin: 19.5 })
  })
  it('know the worst mat and the clocks that have struck by then', () => {
    expect(matsAt(OUTLOOK, 0.5)).toEqual({})
    expect(matsAt(OUTLOOK, 2)).toEqual({ back: 2, armpit_left: 1 })
    expect(struck(OUTLOOK, 0)).toEqual(['nails'])
    expect(struck(OUTLOOK, 1.3)).toEqual(['shape', 'nails'])
  })
  it('put clocks of one half week on one mark, struck ones at today, far ones nowhere', () => {
    const m = marks(OUTLOOK)
    expect(m.map((x) => [x.week, x.names])).toEqual([
      [0, ['nails']],
      [1.2, ['shape', 'mat']],
    ])
    const many = marks({
      ...OUTLOOK,
      weeks: [0, 26],
      clocks: ['sanitary', 'pads', 'dewclaws', 'eyes'].map((clock, i) => ({
        clock,
        weeks: 3 + i * 0.6,
        reasons: [],
      })),
    })
    expect(new Set(many.map((x) => x.row)).size).toBe(4)
  })
})

describe('zones that differ alike', () => {
  it('are said once for both sides and for all feet', () => {
    expect(paired(['left thigh', 'back', 'right thigh', 'left outer ear'])).toEqual([
      'thigh, both',
      'back',
      'left outer ear',
    ])
    expect(paired(['front left', 'front right', 'hind left', 'hind right'].map((f) => `${f} pads`))).toEqual([
      'pads, all',
    ])
  })
})

describe('a laid coat', () => {
  it('is laid once for the same lengths', () => {
    const field = fieldOf({
      build: 'square',
      muzzle: 'medium',
      ear_type: 'drop',
      ear_set: 'level',
      tail_type: 'long',
      tail_carriage: 'up',
      coat: 'curly',
    })
    const one = laidCoat(field, 'curly', '{"back":12}')
    expect(laidCoat(field, 'curly', '{"back":12}')).toBe(one)
    expect(laidCoat(field, 'curly', '{"back":13}')).not.toBe(one)
  })
})

const SIDE = {
  day: '2026-11-20',
  title: 'full visit',
  who: 'Pell',
  place: 'Mill room',
  minutes: 117,
  load: 8.3,
  note: 'good girl',
  photos: [{ id: 'f1', moment: 'before', zone: 'whole' }],
}
const zones = (mm: number) =>
  ['back', 'loin', 'skull'].map((zone) => ({
    zone,
    mm,
    tool: '16 mm guard over 10',
    state: 'done',
    exception: false,
  }))
const dog = {
  id: 'd1',
  name: 'Tansy',
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'plume',
  tail_carriage: 'up',
  coat: 'curly',
}
const view = (change = {}) => ({
  dog,
  today: '2026-11-25',
  visits: [
    { id: 'v2', day: '2026-11-20', kind: 'full', who: 'Pell' },
    { id: 'v1', day: '2026-10-09', kind: 'full', who: 'Tove' },
  ],
  then: { ...SIDE, id: 'v2', zones: zones(17) },
  now: {
    ...SIDE,
    id: 'today',
    title: 'today',
    who: null,
    place: null,
    minutes: null,
    load: null,
    note: '',
    photos: [],
    zones: zones(17),
  },
  differences: ['back', 'loin'].map((zone) => ({
    zone,
    label: zone,
    mm: -1,
    changes: [{ of: 'tool', was: '16 over 10', is: '16 over 30' }],
    why: 'the 10 was away',
  })),
  growth: { mm_per_week: 3.05, sd: 0.12, n: 7, reasons: [] },
  natural: { back: 55, loin: 55, skull: 33, ribs_left: 55 },
  outlook: OUTLOOK,
  ...change,
})
const WORDS = {
  lists: lists(),
  zones: ['back', 'loin', 'skull', 'ribs_left', 'ribs_right', 'armpit_left'].map((id) => ({
    id,
    label: id.replace('_', ', '),
    group: 'body',
    side: '',
    tender: false,
    thin_skin: false,
    share: 0.1,
    meets: [],
    shapes: [],
  })),
}

function open(answer: (search: string) => unknown = () => view()) {
  const asked = server({ 'GET /api/dogs/d1/then': () => json(answer('')), 'GET /api/words': WORDS })
  page(
    signedIn(
      <Routes>
        <Route path="/dogs/:id/then" element={<Then />} />
      </Routes>,
    ),
    '/dogs/d1/then',
  )
  return asked
}

describe('then and now', () => {
  it('draws the dog twice with ids of their own, and groups what differs alike', async () => {
    open()
    await screen.findByText('Tansy, then and now')
    expect(screen.getByText(/grows 3.1 mm a week/).textContent).toContain('give or take 0.15')
    expect(document.querySelectorAll('[id="zone-back"]')).toHaveLength(1)
    expect(document.querySelectorAll('[id="zone-then-back"]')).toHaveLength(1)
    const row = screen.getByRole('button', { name: /back · loin/ })
    expect(row.textContent).toContain('16 over 10 → 16 over 30')
    expect(row.textContent).toContain('why: the 10 was away')
    expect(screen.getByAltText('before, whole')).toBeTruthy()
    expect(screen.getByText(/Pell · Mill room · 117 min · arrived with a matting score of 8.3/)).toBeTruthy()
  })
  it('lets the coat grow with the slider, with its band, mats and clocks in words', async () => {
    open()
    const slider = await screen.findByRole('slider')
    expect(slider.getAttribute('aria-valuetext')).toBe('today; due: nails')
    fireEvent.change(slider, { target: { value: '2' } })
    expect(slider.getAttribute('aria-valuetext')).toContain('due: shape, nails, mat')
    expect(document.getElementById('zone-back')?.getAttribute('aria-label')).toContain(
      '21 millimetres, mats likely',
    )
    expect(document.getElementById('zone-then-back')?.getAttribute('aria-label')).toContain('17 millimetres')
    const row = await screen.findByRole('button', { name: /back \+4 mm/ })
    expect(row.textContent).toContain('four of five: 19–23')
    await userEvent.click(row)
    expect(screen.getByText(/four of five between 19 and 23 mm/)).toBeTruthy()
    expect(screen.getByText(/Mats likely too/).textContent).toContain('armpit, left')
  })
  it('compares two visits without a slider', async () => {
    open(() => view({ now: { ...SIDE, id: 'v1', zones: zones(16) } }))
    await screen.findByText('Tansy, then and now')
    expect(screen.queryByRole('slider')).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: /Turn/ }))
    await waitFor(() => expect(document.querySelector('[data-side=right]')).toBeTruthy())
  })
  it('says so where nothing is known or nothing differs', async () => {
    open(() => view({ differences: [], outlook: { ...OUTLOOK, zones: {} } }))
    expect(await screen.findByText('Nothing differs between these two.')).toBeTruthy()
    fireEvent.change(screen.getByRole('slider'), { target: { value: '1' } })
    expect(await screen.findByText(/Nobody knows yet/)).toBeTruthy()
  })
})
