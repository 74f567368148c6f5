// When back, and recording a visit: the clocks with their reasons, a wish that is typed, a booking, a
// visit that is sent once.
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { Route, Routes, useLocation } from 'react-router'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../app/client'
import { json, lists, page, problem, RECIPE, server, signedIn, zone, type Asked } from '../../testing'
import { VisitForm } from '../visit/VisitForm'
import { Visits } from './Visits'
import { WhenBack } from './WhenBack'
import { sure } from '../../sure'

const REASON = { term: 'growth', value: 2.98, unit: 'mm/week', source: 'learned from 6 visits' }
const INTERVAL = {
  from: '2026-11-05',
  full_weeks: 7,
  full_on: '2026-12-24',
  binding: 'shape',
  bath_weeks: null,
  bath_on: null,
  tidy_weeks: 4,
  tidy_on: '2026-12-03',
  nails_weeks: null,
  nails_on: null,
  next: {
    weeks: 1,
    on: '2026-12-03',
    kind: 'tidy',
    because: ['pads'],
    minutes: 29,
    words: 'In a week, a tidy of 30 min: pads; the full groom in 4.',
  },
  fringe_on: null,
  clocks: [
    { clock: 'shape', weeks: 7.2, since: '2026-11-05', due_on: '2026-12-25', reasons: [REASON] },
    {
      clock: 'pads',
      weeks: 4,
      since: '2026-11-05',
      due_on: '2026-12-03',
      reasons: [{ ...REASON, term: 'pads' }],
    },
  ],
  reasons: [REASON],
  warnings: [],
  wish: {
    weeks: 8,
    on: '2026-12-31',
    breaks: [{ clock: 'shape', weeks: 7.2, over_by_weeks: 0.8 }],
    length_mm: 41,
    load: 12.4,
    matting_minutes: 6.2,
    fee_minor: 96,
    reasons: [REASON],
  },
}
function card(change: Record<string, unknown> = {}): Schemas['CardView'] {
  return {
    dog: { id: 'd1', name: 'Tansy', wish_weeks: 8, upkeep: 'weekly', kg: 11, tail_rule: '' },
    cautions: [],
    place: 'mill',
    today: '2026-11-25',
    revision: 1,
    zones: [zone('back'), zone('belly')],
    growth: { mm_per_week: 2.98, sd: 0.3, n: 6, reasons: [REASON] },
    interval: INTERVAL,
    visits: [],
    patches: [
      { zone: 'back', left_mm: 3.2, since: '2026-11-05', grown_out_on: '2027-01-10' },
      { zone: 'loin', left_mm: 3.2, since: '2026-11-05', grown_out_on: '2027-01-10' },
    ],
    unknown: [],
    bookings: [],
    changes: [],
    ...change,
  } as unknown as Schemas['CardView']
}

describe('when back', () => {
  const onPlan = vi.fn()
  function View({ c, seen = () => {} }: { c: Schemas['CardView']; seen?: (w: number | null) => void }) {
    const [wish, setWish] = useState<number | null>(8)
    return (
      <WhenBack
        card={c}
        labels={{ back: 'back', loin: 'loin' }}
        wish={wish}
        onWish={(w) => (setWish(w), seen(w))}
        onVisit={() => {}}
        onPlan={onPlan}
        onLine={() => {}}
      />
    )
  }
  it('names the date, the clock that decides, the tidy in between, and why', async () => {
    page(signedIn(<View c={card()} />))
    await screen.findByText(/Back in 7 weeks/)
    expect(screen.getByText('Thu 24 Dec 2026')).toBeTruthy()
    expect(screen.getByText(/In a week, a tidy of 30 min: pads/)).toBeTruthy()
    expect(screen.getByText(/A tidy every 4 weeks in between/)).toBeTruthy()
    expect(screen.getByRole('region', { name: 'Shorter for now' }).textContent).toContain(
      'back; loin: left 3.2 mm on 5 Nov · grown out by Sun 10 Jan 2027',
    )
    await userEvent.click(screen.getByRole('button', { name: /Why: the shape clock/ }))
    expect(within(screen.getByRole('dialog')).getByText('growth: 2.98 mm/week')).toBeTruthy()
  })
  it('promises nothing of a dog nobody knows, says what is unknown, and leads to the plan', async () => {
    const unknown = [
      { what: 'plan' as const, words: 'No zone is planned.' },
      { what: 'visits' as const, words: 'Tansy has not been here.' },
    ]
    const { unmount } = page(signedIn(<View c={card({ unknown })} />))
    await screen.findByRole('heading', { name: 'Not known yet' })
    expect(screen.getByText('No zone is planned.')).toBeTruthy()
    expect(screen.queryByText(/Back in|The clocks|Next:|Growth/)).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Zone by zone' }))
    expect(onPlan).toHaveBeenCalledOnce()
    expect(screen.getByRole('link', { name: 'From a pattern' }).getAttribute('href')).toBe('/patterns?dog=d1')
    unmount()

    page(signedIn(<View c={card({ unknown: unknown.slice(1) })} />))
    await screen.findByRole('heading', { name: 'Not here yet' })
    expect(screen.getByText('Then back every 7 weeks.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Zone by zone' })).toBeNull()
  })
  it('says how late it is', async () => {
    page(signedIn(<View c={card({ today: '2027-01-03' })} />))
    expect(await screen.findByText(/10 days late/)).toBeTruthy()
  })
  it('answers a wish and lets it be emptied and typed anew', async () => {
    const seen = vi.fn()
    page(signedIn(<View c={card()} seen={seen} />))
    expect((await screen.findByText(/shape by 0.8 wk/)).textContent).toContain('Breaks')
    const field = screen.getByLabelText('Weeks the owner would like')
    await userEvent.clear(field)
    expect(field).toHaveProperty('value', '')
    expect(seen).not.toHaveBeenCalled()
    await userEvent.type(field, '2')
    expect(seen).toHaveBeenLastCalledWith(2)
    await userEvent.type(field, '00')
    expect(screen.getByText('Whole weeks from 1 to 52.')).toBeTruthy()
    expect(seen).toHaveBeenCalledTimes(2)
  })
  it('books the proposed day, names a wrong field, and takes it back', async () => {
    let tries = 0
    const asked = server({
      'POST /api/dogs/d1/bookings': () =>
        ++tries === 1
          ? problem(422, 'x', { errors: [{ field: 'time', message: 'must be a time such as 09:30' }] })
          : json({ id: 'b1', day: '2026-12-24', time: '09:30', version: 1 }, 201),
      'DELETE /api/bookings/b1': {},
    })
    page(signedIn(<View c={card()} />))
    const book = await screen.findByRole('button', { name: /^Book / })
    expect(screen.getByLabelText('Day')).toHaveProperty('value', '2026-12-24')
    await userEvent.click(book)
    await screen.findByText('Time must be a time such as 09:30')
    await userEvent.click(book)
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await screen.findByText('Cancelled')
    expect(asked.at(-1)?.headers.get('If-Match')).toBe('"1"')
  })
  it('leads with the other clocks where no full groom is asked for', async () => {
    page(
      signedIn(
        <View
          c={card({
            interval: { ...INTERVAL, full_weeks: null, full_on: null, binding: 'bath', wish: null },
          })}
        />,
      ),
    )
    await screen.findByText('No full groom asked for')
    expect(screen.getByText('The bath clock leads.')).toBeTruthy()
  })
})

describe('visits', () => {
  const visit = {
    id: 'v1',
    day: '2026-11-05',
    kind: 'full',
    staff: 'Tove',
    place: 'Mill room',
    minutes: 110,
    arrival_load: 4,
    tender_severity: 3,
    upkeep: 'weekly',
    note: 'Pads <b>first</b>',
  } satisfies Schemas['VisitView']
  const zones = {
    id: 'v1',
    zones: [
      {
        zone: 'back',
        state: 'done',
        planned: '16 over 10',
        actual: '16 over 30',
        why: 'the 10 was away',
        finished_mm: 16,
        arrival_mm: 27.5,
        owner_cut: false,
      },
      {
        zone: 'belly',
        state: 'deferred',
        planned: '7F',
        actual: '7F',
        why: 'tired',
        finished_mm: null,
        arrival_mm: null,
        owner_cut: false,
      },
    ],
  } satisfies Schemas['VisitZonesView']
  it('puts what was done otherwise first, with its reason, and markup is only text', async () => {
    server({ 'GET /api/visits/v1': () => json(zones) })
    page(
      <Visits
        visits={[visit]}
        labels={{ back: { label: 'back' }, belly: { label: 'belly' } }}
        open={null}
        dogId="d1"
      />,
    )
    expect(await screen.findByText(/16 over 10 → 16 over 30\. the 10 was away/)).toBeTruthy()
    expect(screen.getByText(/deferred\. tired/)).toBeTruthy()
    expect(screen.getByText('Pads <b>first</b>')).toBeTruthy()
  })
  it('reads the zones of one that is opened, and says so when they do not come', async () => {
    let asked = 0
    server({
      'GET /api/visits/v2': () => (++asked === 1 ? problem(500, 'It broke.') : json({ ...zones, id: 'v2' })),
    })
    page(
      <Visits
        visits={[{ ...visit, id: 'v2' }]}
        labels={{ back: { label: 'back' }, belly: { label: 'belly' } }}
        open="another"
        dogId="d1"
      />,
    )
    expect(asked).toBe(0)
    await userEvent.click(screen.getByText(/full · Tove/))
    await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
    expect(await screen.findByText(/deferred\. tired/)).toBeTruthy()
  })
  it('says what to do where there is none', () => {
    page(<Visits visits={[]} labels={{}} open={null} dogId="d1" />)
    expect(screen.getByText(/Record the first one and the clocks start/)).toBeTruthy()
  })
})

describe('recording a visit', () => {
  const list = (...ids: string[]) => ids.map((id) => ({ id, label: id }))
  const WORDS = {
    zones: [
      { id: 'back', label: 'back' },
      { id: 'belly', label: 'belly' },
    ],
    lists: lists({
      visit_kind: list('full'),
      upkeep: list('weekly', 'daily'),
      method: list('clip', 'shave_out'),
      blade: list('7F', '10'),
      base: list('10'),
      lay: list('with'),
      stop_line: [],
      reason: [],
      carry: list('repeat'),
    }),
  }
  function Here() {
    return <output data-testid="here">{useLocation().pathname}</output>
  }
  function open(state: unknown, answers: Parameters<typeof server>[0]) {
    const asked = server({
      'GET /api/words': WORDS,
      'GET /api/dogs/d1/card': card(),
      'GET /api/kit': { items: [] },
      ...answers,
    })
    page(
      signedIn(
        <>
          <Routes>
            <Route path="/dogs/:id/visit" element={<VisitForm />} />
            <Route path="*" element={null} />
          </Routes>
          <Here />
        </>,
      ),
      { pathname: '/dogs/d1/visit', state },
    )
    return asked
  }
  it('sends everything as planned unless said otherwise, once however often it is pressed', async () => {
    let answer: (r: Response) => void = () => {}
    const asked = open(null, {
      'POST /api/dogs/d1/visits': () => new Promise<Response>((done) => (answer = done)),
    })
    await userEvent.type(await screen.findByLabelText('Minutes'), '95')
    await userEvent.dblClick(screen.getByRole('button', { name: 'Record visit' }))
    const posts = () => asked.filter((a) => a.method === 'POST')
    expect(posts()).toHaveLength(1)
    expect(sure(posts()[0]).body).toMatchObject({
      minutes: 95,
      zones: [
        { zone: 'back', state: 'done', actual: null },
        { zone: 'belly', state: 'done', actual: null },
      ],
    })
    answer(json({ id: 'v', day: '2026-11-25' }, 201))
    await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/dogs/d1'))
  })
  it('keeps what was typed when it is refused, and is the same visit when it is sent again', async () => {
    const answers = [
      problem(503, 'resting'),
      problem(422, 'x', { errors: [{ field: 'minutes', message: 'must be a whole number from 1 to 1440' }] }),
      json({ id: 'v', day: '2026-11-25' }, 201),
    ]
    const asked = open(null, { 'POST /api/dogs/d1/visits': () => answers.shift() as Response })
    await userEvent.type(await screen.findByLabelText('Note for the next person'), 'kept')
    const record = screen.getByRole('button', { name: 'Record visit' })
    await userEvent.click(record)
    await screen.findByText('Minutes must be a whole number from 1 to 1440')
    expect(screen.getByLabelText('Note for the next person')).toHaveProperty('value', 'kept')
    await userEvent.click(record)
    await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/dogs/d1'))
    const keys = asked.filter((a: Asked) => a.method === 'POST').map((a) => a.headers.get('Idempotency-Key'))
    expect([keys.length, new Set(keys).size]).toEqual([3, 1])
  })
  it('is said on the dog: a tap on what was different, which is listed and can be taken back', async () => {
    const asked = open(null, { 'POST /api/dogs/d1/visits': () => json({ id: 'v', day: '2026-11-25' }, 201) })
    fireEvent.click(await screen.findByRole('option', { name: /^belly/ }))
    await userEvent.click(screen.getByRole('radio', { name: 'deferred' }))
    await userEvent.type(screen.getByLabelText('Why'), 'tired')
    expect(screen.getByRole('option', { name: /^belly, .*deferred/ })).toBeTruthy()
    const list = screen.getByRole('list', { name: 'Done differently' })
    expect(list.textContent).toContain('deferred: tired')
    await userEvent.click(screen.getByRole('button', { name: 'Record visit' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'POST')).toBe(true))
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      zones: [
        { zone: 'back', state: 'done' },
        { zone: 'belly', state: 'deferred', why: 'tired' },
      ],
    })
  })
  it('is there again after Back, until it is saved or begun anew', async () => {
    open(null, {})
    await userEvent.type(await screen.findByLabelText('Note for the next person'), 'half a note')
    fireEvent.click(screen.getByRole('option', { name: /^back/ }))
    await userEvent.click(screen.getByRole('radio', { name: 'partly' }))
    cleanup()
    open(null, {})
    expect(await screen.findByText('Taken up where you left it.')).toBeTruthy()
    expect(screen.getByLabelText('Note for the next person')).toHaveProperty('value', 'half a note')
    expect(screen.getByText('1 of 2 zones done differently')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Begin anew' }))
    expect(screen.getByText('Everything as planned')).toBeTruthy()
  })
  it('lets what the arrival has found go before what was begun without it', async () => {
    open(null, {})
    await userEvent.type(await screen.findByLabelText('Note for the next person'), 'begun before')
    cleanup()
    open({ clipped: { belly: '10' } }, {})
    expect(await screen.findByText('1 of 2 zones done differently')).toBeTruthy()
    expect(screen.queryByText('Taken up where you left it.')).toBeNull()
  })
  it('takes over what the arrival has found: lengths, load, and patches that are not style', async () => {
    const asked = open(
      { load: 7.9, tender: 3, kg: 11.4, upkeep: 'daily', lengths: { back: 31 }, clipped: { belly: '10' } },
      { 'POST /api/dogs/d1/visits': () => json({ id: 'v', day: '2026-11-25' }, 201) },
    )
    expect(await screen.findByLabelText('back (mm)')).toHaveProperty('value', '31')
    expect(screen.getByText('1 of 2 zones done differently')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Record visit' }))
    await waitFor(() =>
      expect(asked.at(-1)?.method === 'POST' || asked.some((a) => a.method === 'POST')).toBe(true),
    )
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      arrival_load: 7.9,
      tender_severity: 3,
      kg: 11.4,
      upkeep: 'daily',
      zones: [
        { zone: 'back', arrival_mm: 31 },
        {
          zone: 'belly',
          why: 'clipped out under a mat',
          actual: {
            method: 'shave_out',
            tool: { kind: 'blade', label: '10' },
            exception: true,
            carry: 'do_not_repeat',
          },
        },
      ],
    })
    expect(RECIPE.carry).toBe('repeat')
  })
})
