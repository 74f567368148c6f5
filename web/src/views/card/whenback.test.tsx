// When back, and recording a visit: the clocks with their reasons, a wish that is typed, a booking, a
// visit that is sent once.
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../app/client'
import { json, page, problem, server, signedIn } from '../../testing'
import { card, INTERVAL } from './testing'
import { Visits } from './Visits'
import { NextDate } from './NextDate'
import { WhenBack } from './WhenBack'

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
  it('has no date, and says what stops, where a dog does not come', async () => {
    const dog = { ...card().dog, state: 'passed_away', stops: ['no message is ever sent about it again'] }
    page(signedIn(<View c={card({ dog })} />))
    await screen.findByRole('heading', { name: 'Passed away' })
    expect(screen.getByText('no message is ever sent about it again')).toBeTruthy()
    expect(screen.queryByText(/Back in|The clocks|Next:|Booked/)).toBeNull()
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
    expect(screen.getByLabelText('Day')).toHaveProperty('value', 'Thu 24 Dec 2026')
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

describe('dates to offer', () => {
  const OFFER = { day: '2026-12-22', time: '11:15', staff: 's2', name: 'Pell Hasp', late_days: 0 }
  it('fills the form in by a tap, and books just that', async () => {
    const asked = server({
      'GET /api/dogs/d1/proposals': {
        minutes: 130,
        proposals: [
          { ...OFFER, reasons: ['2 days before the clock runs out', 'with who had it last'] },
          { ...OFFER, day: '2026-12-28', late_days: 4, reasons: ['4 days past the clock'] },
        ],
      },
      'POST /api/dogs/d1/bookings': () =>
        json({ id: 'b1', day: OFFER.day, time: OFFER.time, version: 1 }, 201),
    })
    page(signedIn(<NextDate card={card()} />))
    const offer = await screen.findByRole('button', { name: /Tue 22 Dec 2026, 11:15 with Pell/ })
    expect(offer.textContent).toContain('2 days before the clock runs out, with who had it last')
    expect(screen.getByText('4 days past the clock').className).toContain('text-haw')
    expect(asked.find((a) => a.path.endsWith('proposals'))?.query.get('kind')).toBe('full')
    await userEvent.click(offer)
    expect(offer.getAttribute('aria-pressed')).toBe('true')
    await userEvent.click(screen.getByRole('button', { name: /^Book Tue 22 Dec/ }))
    await screen.findByText(/Booked: Tue 22 Dec/)
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      day: '2026-12-22',
      time: '11:15',
      staff: 's2',
    })
  })
  it('puts the dog on the waiting list', async () => {
    const asked = server({
      'GET /api/dogs/d1/proposals': { minutes: 130, proposals: [] },
      'POST /api/dogs/d1/waiting': (a: { body: unknown }) =>
        (a.body as { note: string }).note === ''
          ? problem(422, 'Check the form.', { errors: [{ field: 'until', message: 'must be from today' }] })
          : json({ waiting: [] }),
    })
    page(signedIn(<NextDate card={card()} />))
    await userEvent.click(await screen.findByRole('button', { name: 'Waiting list…' }))
    const list = within(screen.getByRole('form', { name: 'Waiting list' }))
    await userEvent.click(list.getByRole('button', { name: 'Put it on the list' }))
    expect(await list.findByText(/must be from today/)).toBeTruthy()
    await userEvent.type(list.getByLabelText('Note'), 'mornings')
    await userEvent.click(list.getByRole('button', { name: 'Put it on the list' }))
    expect(await screen.findByText(/waits for a place until/)).toBeTruthy()
    expect(asked.filter((a) => a.method === 'POST')).toHaveLength(2)
  })
  it('says it where nobody has room, or the dog was never weighed', async () => {
    server({ 'GET /api/dogs/d1/proposals': { minutes: 130, proposals: [] } })
    page(signedIn(<NextDate card={card()} />))
    await screen.findByText('Nobody has 130 minutes near that day.')
    server({ 'GET /api/dogs/d1/proposals': { minutes: null, proposals: [] } })
    page(signedIn(<NextDate card={card()} />))
    await screen.findByText('Weigh the dog, and dates can be offered.')
  })
})
