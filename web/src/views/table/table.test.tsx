// The table without a server: taps kept and shown at once, sent once, refused ones said; the forms around them.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Route, Routes } from 'react-router'
import type * as Field from '../../dog/field'
import { json, page, problem, RECIPE, server, SESSION, signedIn, type Asked } from '../../testing'
import { Finish } from './Finish'
import { OpenTable } from './OpenTable'
import { Table } from './Table'
import { makeTap, overlay, queue, type Groom, type Tap } from './taps'
import { clock } from './Timers'

const timer = (name: string, change = {}) => ({
  timer: name,
  label: name,
  running: false,
  who: null,
  since: null,
  blade: null,
  ran_s: 0,
  limit_s: name === 'clipping' ? null : 300,
  left_s: name === 'clipping' ? null : 300,
  level: 'off',
  forgotten: false,
  words: name,
  due_words: `${name} is up`,
  cautions: [],
  reasons: [],
  ...change,
})
const zone = (id: string, change = {}) => ({
  zone: id,
  planned: RECIPE,
  planned_mm: 3.2,
  state: 'planned',
  why: '',
  actual: null,
  actual_mm: null,
  difference_mm: null,
  carry: 'repeat',
  who: null,
  at: null,
  seq: 0,
  here: null,
  now_mm: 9,
  natural_mm: 40,
  fill_back_on: null,
  ...change,
})
const step = (key: string, zones: string[], change = {}) => ({
  key,
  step: key.split(':')[0],
  title: key.split(':')[0],
  tool: key.split(':')[1] ?? null,
  base: null,
  lay: null,
  leaves_mm: null,
  leaves_to_mm: null,
  stop_lines: [],
  shapes: [],
  zones,
  minutes: 5,
  cautions: [],
  done_when: 'it is done',
  state: 'open',
  why: '',
  who: null,
  ...change,
})
const DOG = {
  id: 'd1',
  name: 'Brisk',
  coat: 'curly',
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'plume',
  tail_carriage: 'up',
  photo_consent: true,
}

function groom(change: Partial<Groom> = {}): Groom {
  const zones = WORDS.zones.map((z) => zone(z.id))
  return {
    id: 'g1',
    dog: DOG,
    arrival: 'a1',
    place: 'mill',
    place_name: 'Mill room',
    state: 'open',
    seq: 3,
    opened_at: '2026-05-04T09:00:00Z',
    now: '2026-05-04T09:20:00.000Z',
    who: 'Tove Lindgarth',
    people: [],
    cautions: [],
    notices: ['The salon differs today.'],
    zones,
    steps: [
      step('check', []),
      step('body:20 mm guard', ['back', 'loin'], { base: '30', lay: 'with', leaves_mm: 20, stop_lines: ['elbow'], cautions: ['Thin skin.'] }),
      step('head:7F blade', ['skull']),
    ],
    next: 'check',
    after: 'body:20 mm guard',
    timers: ['clipping', 'dwell', 'drying', 'rest', 'acclimatising', 'undercoat'].map((t) => timer(t)),
    heat_every: { '10': 120, '30': 90 },
    claws: [{ foot: 'front_left', claw: 1, dewclaw: false, action: 'tip', why: 'long', smooth: false, state: null }],
    nails_next_on: '2026-06-04',
    dewclaws_next_on: null,
    pads: { front_left: { found: 3, left: null } },
    ears: {},
    eyes: {},
    extents: null,
    strip_map: [{ zone: 'back', day: '2026-04-01' }],
    incidents: [],
    notes: [],
    hand_over: null,
    phases: [],
    minutes: 20,
    estimate_minutes: 110,
    held: [],
    closed_by: null,
    closed_at: null,
    visit: null,
    care_link: null,
    clocks: [{ clock: 'pads', weeks: 5, due_on: '2026-06-08', reasons: [] }],
    ...change,
  } as unknown as Groom
}

const ids = [
  'back',
  'loin',
  'rump',
  'skull',
  'chest',
  'belly',
  'ribs_left',
  'ribs_right',
  'thigh_left',
  'thigh_right',
  'breeches_left',
  'breeches_right',
  'under_tail_ring',
  'groin',
  'nape',
  'throat',
]
const WORDS = {
  zones: [...ids].map((id) => ({
    id,
    label: id.replace('_', ', '),
    group: 'body',
    side: id.endsWith('left') ? 'left' : '',
    tender: false,
    thin_skin: false,
    share: 1,
    meets: [],
    shapes: [],
  })),
  lists: {
    method: ['clip', 'guard', 'scissor'].map((id) => ({ id, label: id })),
    lay: ['with', 'against'].map((id) => ({ id, label: id })),
    base: ['10', '30'].map((id) => ({ id, label: id })),
    blade: ['10', '7F'].map((id) => ({ id, label: id })),
    reason: [],
    stop_line: [],
    carry: [],
  },
}
const KIT = {
  items: [
    { id: 'k1', kind: 'blade', label: '10', nominal_mm: 1.5, place: 'mill' },
    { id: 'k2', kind: 'blade', label: '7F', nominal_mm: 3.2, place: 'mill' },
  ],
}

vi.mock('../../dog/field', async (original) => {
  const real = await original<typeof Field>()
  return { ...real, fieldOf: (look: never) => ({ ...real.fieldOf(look), zones: real.fieldOf(look).zones.filter((z) => ids.includes(z)) }) }
})
vi.mock('../../dog/Underside', () => ({ BELOW: ['belly', 'groin'], Underside: () => <p>from below</p> }))

/** Answers taps as the server would, and keeps them. */
function salon(now: () => Groom, answer?: (taps: Tap[]) => Partial<Groom>) {
  const seen: Tap[] = []
  let state = now()
  const asked = server({
    'GET /api/words': WORDS,
    'GET /api/house': { styles: [] },
    'GET /api/kit': KIT,
    'GET /api/grooms/g1': () => json(state),
    'POST /api/grooms/g1/taps': (a: Asked) => {
      const { taps } = a.body as { taps: Tap[] }
      const known = new Set(seen.map((t) => t.id))
      const results = taps.map((t) => ({
        id: t.id,
        outcome: known.has(t.id) ? 'repeated' : 'counted',
        message: null,
        zone: null,
        theirs: null,
        theirs_who: null,
      }))
      for (const t of taps) if (!known.has(t.id)) seen.push(t)
      const shown = overlay(state, taps, 'Tove Lindgarth')
      state = { ...shown, seq: state.seq + taps.length, ...answer?.(taps) }
      return json({ results, clock_ahead_s: 0, groom: state })
    },
  })
  return { seen, asked }
}

const open = () =>
  page(
    signedIn(
      <Routes>
        <Route path="/grooms/:id" element={<Table />} />
        <Route path="/grooms/:id/finish" element={<Finish />} />
        <Route path="/dogs/:id/table" element={<OpenTable />} />
        <Route path="*" element={<p>elsewhere</p>} />
      </Routes>,
    ),
    '/grooms/g1',
  )

/** Until a hit counts again after another step has come in hand. */
const settle = () => new Promise((over) => setTimeout(over, 750))

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})

describe('taps over what the salon said last', () => {
  const at = (data: { kind: string; [name: string]: unknown }) => makeTap(data, 3, 's1')
  it('light up zones, move to the next step, and leave the rest alone', () => {
    const shown = overlay(
      groom({ next: 'body:20 mm guard', after: 'head:7F blade', steps: groom().steps.map((s, i) => (i === 0 ? { ...s, state: 'done' } : s)) }),
      [at({ kind: 'zone', zones: ['back', 'loin'], state: 'done' })],
      'Tove',
    )
    expect(shown.zones.find((z) => z.zone === 'back')).toMatchObject({ state: 'done', who: 'Tove', actual_mm: null })
    expect(shown.zones.find((z) => z.zone === 'skull')?.state).toBe('planned')
    expect(shown.next).toBe('head:7F blade')
    expect(shown.after).toBeNull()
    expect([...shown.pending]).toEqual(['back', 'loin'])
  })
  it('half a step is begun, a step left out is over', () => {
    const half = overlay(
      groom(),
      [at({ kind: 'zone', zones: ['back'], state: 'partly' }), at({ kind: 'step', step: 'check', state: 'skipped', why: 'done at home' })],
      'Tove',
    )
    expect(half.steps.map((s) => s.state)).toEqual(['skipped', 'begun', 'open'])
    expect(half.next).toBe('body:20 mm guard')
  })
  it('run timers by blade, begin anew when felt, and stop', () => {
    const on = overlay(groom(), [at({ kind: 'timer', timer: 'clipping', on: true, blade: '30' })], 'Tove')
    expect(on.timers[0]).toMatchObject({ running: true, blade: '30', limit_s: 90, left_s: 90, level: 'running' })
    const ran = groom({ timers: [timer('clipping', { running: true, blade: '30', ran_s: 80, left_s: 10, limit_s: 90, level: 'running' })] as never })
    expect(overlay(ran, [at({ kind: 'felt', blade: '30' })], 'Tove').timers[0]).toMatchObject({ ran_s: 0, left_s: 90 })
    expect(overlay(ran, [at({ kind: 'timer', timer: 'clipping', on: false })], 'Tove').timers[0]).toMatchObject({ running: false, ran_s: 80 })
  })
  it('keep claws, pads, ears, eyes, extents, incidents, notes and pauses', () => {
    const shown = overlay(
      groom(),
      [
        at({ kind: 'claw', foot: 'front_left', claw: 1, state: 'ground' }),
        at({ kind: 'pads', foot: 'front_left', bare: 5 }),
        at({ kind: 'ear', side: 'left', place: 'inside', state: 'cleaned' }),
        at({ kind: 'eye', side: 'left', state: 'wiped' }),
        at({ kind: 'extents', ring: 12, channel: 60, arc: 0 }),
        { ...at({ kind: 'incident', what: 'nick', zone: 'back' }), id: 'i1' },
        at({ kind: 'told', incident: 'i1' }),
        at({ kind: 'note', text: 'stands well' }),
        at({ kind: 'pause', why: 'rest' }),
      ],
      'Tove',
    )
    expect(shown.claws[0].state).toBe('ground')
    expect(shown.pads.front_left).toEqual({ found: 3, left: 5 })
    expect(shown.ears['left.inside']).toBe('cleaned')
    expect(shown.eyes.left).toBe('wiped')
    expect(shown.extents).toEqual({ ring: 12, channel: 60, arc: 0 })
    expect(shown.incidents[0]).toMatchObject({ what: 'nick', told: true })
    expect(shown.notes[0].text).toBe('stands well')
    expect(shown.state).toBe('paused')
    expect(overlay(shown, [at({ kind: 'resume' })], 'Tove').state).toBe('open')
  })
  it('are kept in the browser until they are dropped, and rubbish there is no harm', () => {
    const a = at({ kind: 'note', text: 'a' })
    const b = at({ kind: 'note', text: 'b' })
    queue.add('g1', a)
    queue.add('g1', b)
    expect(queue.drop('g1', new Set([a.id])).map((t) => t.id)).toEqual([b.id])
    expect(queue.read('g1')).toHaveLength(1)
    localStorage.setItem('kt-taps-g1', '{broken')
    expect(queue.read('g1')).toEqual([])
    expect(clock(65.9)).toBe('1:05')
  })
})

describe('the table', () => {
  it('says what is next, takes Done, and sends it once', async () => {
    const { seen } = salon(groom)
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await waitFor(() => expect(screen.getByTestId('now-tool').textContent).toBe('20 mm guard'))
    expect(screen.getByText(/over 30 · with the lay · leaves 20 mm/)).toBeTruthy()
    expect(screen.getByText('Stop at the elbow')).toBeTruthy()
    await settle()
    await userEvent.click(screen.getByRole('button', { name: 'Later' }))
    await userEvent.click(screen.getByRole('button', { name: 'sore or red skin' }))
    await waitFor(() => expect(seen).toHaveLength(2))
    expect(seen[0]).toMatchObject({ kind: 'step', step: 'check', state: 'done' })
    expect(seen[1]).toMatchObject({ kind: 'zone', zones: ['back', 'loin'], state: 'deferred', why: 'sore or red skin' })
    expect(localStorage.getItem('kt-taps-g1')).toBeNull()
  })
  it('takes two hits of a glove for one, and takes the last one back', async () => {
    const { seen } = salon(groom)
    open()
    const done = await screen.findByTestId('done')
    await userEvent.click(done)
    await userEvent.click(screen.getByTestId('done'))
    await userEvent.click(screen.getByRole('button', { name: 'Not needed' }))
    await waitFor(() => expect(seen).toHaveLength(1))
    expect(screen.getByTestId('now-tool').textContent).toBe('20 mm guard')
    await settle()
    expect(seen).toHaveLength(1)
    await userEvent.click(screen.getByRole('button', { name: 'Back one' }))
    await waitFor(() => expect(seen.at(-1)).toMatchObject({ kind: 'step', step: 'check', state: 'open' }))
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Back one' }).disabled).toBe(true)
  })
  it('leaves the action block at the foot and every timer in its place', async () => {
    const { seen } = salon(groom)
    open()
    const actions = await screen.findByTestId('actions')
    const panel = actions.parentElement
    const names = () =>
      within(screen.getByRole('group', { name: 'Start a timer' }))
        .getAllByRole('button')
        .map((b) => b.getAttribute('aria-label'))
    const before = names()
    await userEvent.click(screen.getByRole('button', { name: 'Start Rest' }))
    await waitFor(() => expect(seen).toHaveLength(1))
    expect(names()).toEqual(before.map((n) => (n === 'Start Rest' ? 'Rest runs' : n)))
    expect(panel?.lastElementChild).toBe(screen.getByTestId('actions'))
  })
  it('sends the taps of who is signed in, and keeps those of somebody else', async () => {
    queue.add('g1', makeTap({ kind: 'note', text: 'of another' }, 0, 's2'))
    const { seen } = salon(groom)
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await waitFor(() => expect(seen).toHaveLength(1))
    expect(seen[0]).toMatchObject({ kind: 'step', by: 's1' })
    expect(await screen.findByText('1 tap of somebody else kept here until they sign in')).toBeTruthy()
    expect(queue.read('g1').map((t) => t.by)).toEqual(['s2'])
  })
  it('keeps taps while there is no salon, and sends them in order when it is back', async () => {
    let there = false
    const got: Tap[] = []
    server({
      'GET /api/words': WORDS,
      'GET /api/house': { styles: [] },
      'GET /api/grooms/g1': groom(),
      'POST /api/grooms/g1/taps': (a: Asked) => {
        if (!there) throw new TypeError('no network')
        const { taps } = a.body as { taps: Tap[] }
        got.push(...taps)
        return json({ results: taps.map((t) => ({ id: t.id, outcome: 'counted', message: null })), clock_ahead_s: 3600, groom: groom({ seq: 9 }) })
      },
    })
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await settle()
    await userEvent.click(screen.getByRole('button', { name: 'Not needed' }))
    await screen.findByText('2 taps kept here, sent when it can be')
    there = true
    window.dispatchEvent(new Event('online'))
    await waitFor(() => expect(got.map((t) => t.kind)).toEqual(['step', 'zone']))
    expect(await screen.findByText(/clock is 60 minutes fast/)).toBeTruthy()
    expect(queue.read('g1')).toEqual([])
  })
  it('says what was refused and goes on', async () => {
    queue.add('g1', makeTap({ kind: 'nonsense' }, 0, 's1'))
    server({
      'GET /api/words': WORDS,
      'GET /api/house': { styles: [] },
      'GET /api/grooms/g1': groom(),
      'POST /api/grooms/g1/taps': () => problem(422, 'Some of this cannot be accepted.'),
    })
    open()
    expect(await screen.findByText(/1 taps were refused/)).toBeTruthy()
    expect(queue.read('g1')).toEqual([])
  })
  it('keeps what nobody here may send for who made it', async () => {
    const { asked } = salon(groom)
    const real = globalThis.fetch
    vi.stubGlobal('fetch', (r: Request) => (r.url.endsWith('/taps') ? Promise.resolve(problem(404, 'There is no such groom in this salon.')) : real(r)))
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await screen.findByText('1 tap kept here, sent when it can be')
    expect(queue.read('g1')).toHaveLength(1)
    expect(asked.some((a) => a.method === 'POST')).toBe(false)
  })
  it('asks once and keeps the tap when somebody else has signed in beside this tab', async () => {
    let asked = 0
    server({
      'GET /api/words': WORDS,
      'GET /api/house': { styles: [] },
      'GET /api/grooms/g1': groom(),
      'POST /api/grooms/g1/taps': (a: Asked) => {
        const { taps } = a.body as { taps: Tap[] }
        // An endless loop would never let this test end.
        if (++asked > 5) throw new TypeError('no network')
        return json({ results: taps.map((t) => ({ id: t.id, outcome: 'someone_elses', message: 'Kept.' })), clock_ahead_s: 0, groom: groom() })
      },
    })
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await screen.findByText('Kept.')
    await new Promise((later) => setTimeout(later, 300))
    expect(asked).toBe(1)
    expect(queue.read('g1').map((t) => t.by)).toEqual(['s1'])
  })
  it('takes what was done otherwise with tool and reason; a mat makes a patch', async () => {
    const { seen } = salon(groom)
    open()
    await screen.findByTestId('done')
    await userEvent.click(screen.getByRole('option', { name: /^skull/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Otherwise' }))
    await userEvent.click(await screen.findByRole('radio', { name: '10' }))
    await userEvent.click(screen.getByRole('button', { name: 'matted below' }))
    await waitFor(() =>
      expect(seen[0]).toMatchObject({
        kind: 'zone',
        zones: ['skull'],
        state: 'done',
        why: 'matted below',
        actual: { tool: { kind: 'blade', label: '10' }, exception: true, carry: 'do_not_repeat', reason: 'forced_by_mat' },
      }),
    )
  })
  it('keeps an incident in three taps and who takes the dog next', async () => {
    const { seen } = salon(groom)
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Went wrong' }))
    await userEvent.click(screen.getByRole('radio', { name: 'Hot blade' }))
    await userEvent.click(screen.getByRole('button', { name: 'cool cloth, blade changed' }))
    await waitFor(() => expect(seen[0]).toMatchObject({ kind: 'incident', what: 'hot_blade', action: 'cool cloth, blade changed', told: false }))
    await userEvent.click(screen.getByRole('button', { name: 'Pause or hand over' }))
    await userEvent.click(screen.getByRole('button', { name: 'Maren Oakhollow' }))
    await waitFor(() => expect(seen[1]).toMatchObject({ kind: 'hand_over', to: 's2', side: 'left', next: 'check' }))
    await userEvent.click(screen.getByRole('button', { name: 'Pause or hand over' }))
    await userEvent.click(screen.getByRole('button', { name: 'rest for the dog' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Go on' }))
    await waitFor(() => expect(seen.map((t) => t.kind)).toEqual(['incident', 'hand_over', 'pause', 'resume']))
  })
  it('notes, claws, steps and a choice between two words', async () => {
    const held = [{ id: 'h1', zone: 'rump', who: 'Idris', at: '', device: 'x', mine: 'partly', theirs: 'done', theirs_who: 'Tove' }]
    const { seen } = salon(() =>
      groom({
        held,
        incidents: [{ id: 'i9', what: 'nick', zone: 'back', tool: '10 blade', action: 'pressure', told: false, follow_up: '', who: 'Tove', at: '' }],
      }),
    )
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Idris is right' }))
    await waitFor(() => expect(seen[0]).toMatchObject({ kind: 'choose', held: 'h1', zone: 'rump', ok: true }))
    await userEvent.click(screen.getByRole('radio', { name: /Notes/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Owner is told' }))
    await userEvent.type(screen.getByLabelText('In your own words'), 'loves the hose{Enter}')
    await userEvent.click(screen.getByRole('radio', { name: 'Claws, ears' }))
    await userEvent.click(screen.getByRole('button', { name: /Front left, claw 1: ?tip, to do/ }))
    await userEvent.click(within(screen.getByLabelText('Front left: pads bare')).getByRole('radio', { name: '4' }))
    await userEvent.selectOptions(screen.getAllByRole('combobox')[0], 'cleaned')
    await userEvent.click(screen.getByRole('radio', { name: 'Steps' }))
    expect(screen.getByText('The salon differs today.')).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: 'Stripped' }))
    expect(screen.getByRole('option', { name: 'back, 1 Apr' })).toBeTruthy()
    expect(screen.getByRole('option', { name: 'loin, not stripped' })).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: 'Steps' }))
    await userEvent.click(screen.getByRole('button', { name: 'take it: head, 7F blade' }))
    expect(screen.getByTestId('now-tool').textContent).toBe('7F blade')
    await waitFor(() => expect(seen.slice(1).map((t) => t.kind)).toEqual(['told', 'note', 'claw', 'pads', 'ear']))
    expect(seen[3]).toMatchObject({ state: 'tipped' })
  })
  it('asks the probe and taps what it says', async () => {
    const running = groom({
      timers: [
        timer('clipping', { running: true, blade: '10', ran_s: 130, left_s: -10, limit_s: 120, level: 'due' }),
        timer('drying', { running: true, forgotten: true, since: '2026-05-04T08:00:00Z', who: 'Pell' }),
      ] as never,
    })
    const { seen } = salon(() => running)
    const real = globalThis.fetch
    vi.stubGlobal('fetch', (r: Request) => (r.url.endsWith('/probe/answer') ? Promise.resolve(json({ blade: '10', celsius: 41.2 })) : real(r)))
    open()
    expect(await screen.findByText('clipping is up')).toBeTruthy()
    expect(screen.getByText(/is it really\?/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Read the thermometer' }))
    await waitFor(() => expect(seen[0]).toMatchObject({ kind: 'reading', blade: '10', celsius: 41.2 }))
    await userEvent.click(screen.getByRole('button', { name: 'Looked: well' }))
    await userEvent.click(screen.getByRole('button', { name: 'Stop Clipper' }))
    await waitFor(() =>
      expect(seen.slice(1)).toMatchObject([
        { kind: 'welfare', ok: true },
        { kind: 'timer', timer: 'clipping', on: false },
      ]),
    )
  })
})

describe('the end of a groom', () => {
  const FINISH = {
    look: [{ look: 'body', words: 'Body: no line', ok: false, open: ['back', 'loin', 'rump', 'skull', 'chest'] }],
    phases: [{ phase: 'clip', label: 'clip', spent: 12, estimate: 10 }],
    minutes: 96,
    estimate_minutes: 110,
    price_minor: 6600,
    price_terms: [{ label: '110 min', minor: 6600 }],
    next: [{ kind: 'full', on: '2026-06-20', why: '7 weeks: the shape clock' }],
    phone: '0555 014 0000',
    message: 'Brisk is ready.',
    untold: [{ id: 'i1', what: 'nick', zone: 'back' }],
    care: [{ title: 'At home', lines: ['Comb.'] }],
  }
  const MEASURES = {
    measures: { neck_mm: 320 },
    ears: { left_hair_mm: 16, right_hair_mm: 10, measured_difference_mm: 6, apparent_difference_mm: 0, untrimmed_difference_mm: 6, reasons: [] },
    balance: { suggestions: [{ code: 'short_neck', message: 'Sides closer.', reasons: [] }], silent: null },
    neckwear: {
      finished_mm: 350,
      fabric_mm: 720,
      tube_width_mm: 55,
      band_width_mm: 20,
      bow_width_mm: 55,
      warnings: [{ code: 'w', message: 'Never alone.', level: 'caution' }],
      reasons: [],
    },
  }
  const finish = async (close: (a: Asked) => Response) => {
    const asked = server({
      'GET /api/words': WORDS,
      'GET /api/grooms/g1': groom({ next: null }),
      'GET /api/grooms/g1/finish': FINISH,
      'GET /api/dogs/d1/measures': MEASURES,
      'PUT /api/dogs/d1/measures': () => problem(422, 'Some of this cannot be accepted.', { errors: [{ field: 'neck_mm', message: 'must be a number' }] }),
      'POST /api/grooms/g1/taps': (a: Asked) =>
        json({
          results: (a.body as { taps: Tap[] }).taps.map((t) => ({ id: t.id, outcome: 'counted', message: null })),
          clock_ahead_s: 0,
          groom: groom({ next: null }),
        }),
      'POST /api/grooms/g1/close': close,
    })
    page(
      signedIn(
        <Routes>
          <Route path="/grooms/:id/finish" element={<Finish />} />
        </Routes>,
      ),
      '/grooms/g1/finish',
    )
    await screen.findByText('From all sides')
    return asked
  }
  it('closes with the dates that were chosen and the message', async () => {
    const asked = await finish(() => json(groom({ state: 'closed', closed_by: 'Tove Lindgarth', care_link: '/care/x' })))
    expect(screen.getByText(/and 1 more/)).toBeTruthy()
    expect(await screen.findByText(/Sides closer/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: /full, Sat 20 Jun/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Owner is told' }))
    await userEvent.type(screen.getByLabelText('Note for the next person'), 'good')
    await waitFor(() => expect(screen.getByRole('button', { name: 'Close the visit' })).toHaveProperty('disabled', false))
    await userEvent.click(screen.getByRole('button', { name: 'Close the visit' }))
    expect(await screen.findByText('Home-care sheet')).toBeTruthy()
    expect(asked.find((a) => a.path.endsWith('/close'))?.body).toEqual({
      kind: 'full',
      note: 'good',
      next: [{ kind: 'full', on: '2026-06-20' }],
      message: 'Brisk is ready.',
    })
  })
  it('says when somebody has closed it already, and what was mistyped at its field', async () => {
    await finish(() => problem(409, 'This visit was closed already, by Maren Oakhollow.'))
    await userEvent.click(screen.getByRole('button', { name: 'Close the visit' }))
    expect(await screen.findByText(/closed already, by Maren/)).toBeTruthy()
    await userEvent.click(await screen.findByText('Measure'))
    await userEvent.clear(screen.getByLabelText('Neck, close (mm)'))
    await userEvent.type(screen.getByLabelText('Neck, close (mm)'), 'wide')
    await userEvent.click(screen.getByRole('button', { name: 'Keep and work it out' }))
    expect(await screen.findByText('Neck, close (mm) must be a number')).toBeTruthy()
  })
})

describe('before the first cut', () => {
  const repeat = (open: string | null) => ({
    open,
    last_on: '2026-04-01',
    zones: [
      { zone: 'back', card: '7F blade', card_mm: 3.2, last: '10 blade', last_mm: 1.5, day: '2026-04-01', who: 'Tove', why: 'owner asked', refused: null },
      {
        zone: 'belly',
        card: null,
        card_mm: null,
        last: '10 blade',
        last_mm: 1.5,
        day: '2026-04-01',
        who: 'Tove',
        why: '',
        refused: 'an exception patch is never copied',
      },
    ],
  })
  const start = (r: unknown, post: (a: Asked) => Response = () => json(groom())) => {
    const asked = server({
      'GET /api/words': WORDS,
      'GET /api/dogs/d1/card': { dog: DOG, cautions: [], place: 'mill', zones: [] },
      'GET /api/dogs/d1/repeat': r,
      'POST /api/dogs/d1/grooms': post,
    })
    page(
      signedIn(
        <Routes>
          <Route path="/dogs/:id/table" element={<OpenTable />} />
          <Route path="/grooms/:id" element={<p>at the table</p>} />
        </Routes>,
      ),
      '/dogs/d1/table',
    )
    return asked
  }
  it('keeps what is chosen from last time, never a patch', async () => {
    const asked = start(repeat(null))
    expect(await screen.findByText('an exception patch is never copied')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'All as last time' }))
    await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
    expect(await screen.findByText('at the table')).toBeTruthy()
    expect(asked.find((a) => a.method === 'POST')?.body).toEqual({ place: 'mill', keep: ['back'] })
  })
  it('goes on with what is open, and says what was refused', async () => {
    start(repeat('g1'))
    await userEvent.click(await screen.findByRole('button', { name: 'Go on' }))
    expect(await screen.findByText('at the table')).toBeTruthy()
  })
  it('says why it cannot begin', async () => {
    start(repeat(null), () => problem(409, 'Brisk is no longer coming.'))
    await userEvent.click(await screen.findByRole('button', { name: 'Begin' }))
    expect(await screen.findByText('Brisk is no longer coming.')).toBeTruthy()
    expect(SESSION.may).toContain('visit')
  })
})
