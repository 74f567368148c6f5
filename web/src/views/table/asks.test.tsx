// The table asks: the owner for a word, a hand whether it is bone dry, the dog for its rest; and takes a mat
// found late.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { json, page, problem, server, SEVERITIES, signedIn, type Asked } from '../../testing'
import { arrival } from '../arrival/testing'
import { AskOwner } from './AskOwner'
import { Head } from './Head'
import { MatFound } from './MatFound'
import { Pace } from './Pace'
import { groom, timer, WORDS, zone } from './testing'
import { overlay, type Groom } from '../../parts/taps'

const shown = (change: Partial<Groom> = {}) => overlay(groom(change), [], 'Tove')
const waiting = () =>
  shown({
    arrival: 'a1',
    ask: { text: 'May we clip the ribs?', asked_at: null, who: null },
    zones: [zone('ribs_left', { waits: 'owner' }), zone('back')] as unknown as Groom['zones'],
  })

beforeEach(() => localStorage.clear())

describe('the owner’s word', () => {
  it('is asked for with the text as it is shown, while the rest goes on', async () => {
    const sent = vi.fn<(a: Asked) => Response>(() => json({ id: 'm1' }, 201))
    server({ 'GET /api/arrivals/a1': arrival(), 'POST /api/grooms/g1/ask': sent })
    page(signedIn(<AskOwner groom={waiting()} canWork />))
    expect((await screen.findByRole('alert')).textContent).toContain('1 place waits for the owner’s word')
    await userEvent.click(screen.getByRole('button', { name: 'Ask the owner' }))
    const text = screen.getByLabelText('What the owner reads')
    await userEvent.type(text, ' Thank you.')
    await userEvent.click(screen.getByRole('button', { name: 'Send it' }))
    await waitFor(() =>
      expect(sent.mock.lastCall?.[0].body).toEqual({ text: 'May we clip the ribs? Thank you.' }),
    )
  })
  it('is kept as it was given by phone, for what was found and shown', async () => {
    const kept = vi.fn<(a: Asked) => Response>(() => json(arrival(), 201))
    server({ 'GET /api/arrivals/a1': arrival(), 'POST /api/arrivals/a1/agreement': kept })
    page(signedIn(<AskOwner groom={waiting()} canWork />))
    await userEvent.click(await screen.findByRole('button', { name: 'Ask the owner' }))
    expect(await screen.findByDisplayValue('Aveline Marchpane')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'No, leave it' }))
    await waitFor(() =>
      expect(kept.mock.lastCall?.[0].body).toMatchObject({
        agreed: false,
        by: 'phone',
        signed_by: 'Aveline Marchpane',
        comb_version: 3,
        check_version: 1,
        choice: 'as_reckoned',
      }),
    )
  })
  it('says why it could not be kept, with the question still there', async () => {
    server({
      'GET /api/arrivals/a1': arrival(),
      'POST /api/arrivals/a1/agreement': () => problem(409, 'The comb test was changed meanwhile.'),
    })
    page(signedIn(<AskOwner groom={waiting()} canWork />))
    await userEvent.click(await screen.findByRole('button', { name: 'Ask the owner' }))
    await screen.findByDisplayValue('Aveline Marchpane')
    await userEvent.click(screen.getByRole('button', { name: 'Yes, do it' }))
    expect(await screen.findByText('The comb test was changed meanwhile.')).toBeTruthy()
  })
})

describe('the head of the table', () => {
  const agreed = {
    agreed: true,
    title: 'One even length, 3.2 mm',
    leaves_mm: 3.2,
    minutes: 130,
    price_minor: 8800,
    signed_by: 'R. Hallam',
    at: '2026-05-04T09:05:00Z',
    by: 'tablet',
    comb_version: 3,
  }
  it('says what was agreed, by whom, and leads to what differs', async () => {
    const list = vi.fn()
    page(
      signedIn(
        <Head groom={shown({ agreed, today: { differs: 11 } } as unknown as Partial<Groom>)} onList={list} />,
      ),
    )
    const head = await screen.findByRole('group', { name: 'Agreed for today' })
    expect(head.textContent).toContain('One even length, 3.2 mm · about 2 h 10')
    expect(head.textContent).toContain('agreed by R. Hallam, signed at')
    await userEvent.click(within(head).getByRole('button', { name: '11 places other than on the card' }))
    expect(list).toHaveBeenCalled()
  })
  it('says a refusal as plainly', async () => {
    page(signedIn(<Head groom={shown({ agreed: { ...agreed, agreed: false } })} onList={() => {}} />))
    expect(await screen.findByText(/R. Hallam refused/)).toBeTruthy()
  })
})

describe('bone dry, and rests', () => {
  const pace = (change: Partial<Groom>) => {
    const tap = vi.fn()
    page(<Pace groom={shown(change)} since={0} canWork onTap={tap} />)
    return tap
  }
  it('asks before guards go on, and waits where it is damp', async () => {
    const tap = pace({ asks_ready: true })
    await userEvent.click(screen.getByRole('button', { name: 'Still damp' }))
    expect(tap).toHaveBeenCalledWith({ kind: 'ready', ok: false })
  })
  it('offers to go on as soon as it is dry', async () => {
    const tap = pace({
      asks_ready: true,
      ready: false,
      zones: [zone('back', { waits: 'dry' })],
    })
    expect(screen.queryByRole('button', { name: 'Still damp' })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Bone dry now' }))
    expect(tap).toHaveBeenCalledWith({ kind: 'ready', ok: true })
  })
  it('says when a rest is due, and not while one runs', async () => {
    const tap = pace({ rest_in: -3, rest_every: 20 })
    expect(screen.getByText('Rest and water: 23 minutes without one.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Rest now' }))
    expect(tap).toHaveBeenCalledWith({ kind: 'timer', timer: 'rest', on: true })
  })
  it('is silent while a rest runs or there is time', () => {
    pace({ rest_in: -3, timers: [timer('rest', { running: true })] })
    pace({ rest_in: 30 })
    expect(screen.queryByText(/Rest and water/)).toBeNull()
  })
})

describe('a mat found at the table', () => {
  const words = { ...WORDS, severities: SEVERITIES, spreads: [0.5, 1] } as never
  const open = () =>
    page(
      signedIn(
        <Routes>
          <Route
            path="*"
            element={
              <MatFound groom={shown({ arrival: 'a1' })} words={words} zone="back" onClose={() => {}} />
            }
          />
        </Routes>,
      ),
    )
  it('goes into the comb test beside what is there', async () => {
    const put = vi.fn<(a: Asked) => Response>(() => json(arrival().comb))
    server({ 'GET /api/arrivals/a1': arrival(), 'PUT /api/arrivals/a1/comb': put })
    open()
    expect(await screen.findByRole('button', { name: 'Note it' })).toHaveProperty('disabled', true)
    await userEvent.click(screen.getByRole('radio', { name: '4 felted' }))
    await userEvent.click(screen.getByRole('radio', { name: 'all' }))
    await userEvent.click(screen.getByRole('button', { name: 'Note it' }))
    await waitFor(() => expect(put).toHaveBeenCalled())
    const asked = put.mock.lastCall?.[0]
    expect(asked?.headers.get('If-Match')).toBe('"3"')
    expect(asked?.body).toMatchObject({
      zones: [
        { zone: 'chest', severity: 2 },
        { zone: 'back', severity: 4, spread: 1, clearance: null },
      ],
    })
  })
  it('keeps what was chosen when somebody else was faster', async () => {
    server({
      'GET /api/arrivals/a1': arrival(),
      'PUT /api/arrivals/a1/comb': () => problem(412, 'Somebody else has saved.'),
    })
    open()
    await userEvent.click(await screen.findByRole('radio', { name: '3 tight' }))
    await userEvent.click(screen.getByRole('button', { name: 'Note it' }))
    expect(await screen.findByText(/Somebody else noted a mat meanwhile/)).toBeTruthy()
    expect(screen.getByRole('radio', { name: '3 tight' }).getAttribute('aria-checked')).toBe('true')
  })
})
