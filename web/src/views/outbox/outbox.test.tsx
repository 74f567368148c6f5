// The outbox and the incidents of a year, on pretended answers: empty, full, a further page, a salon that
// does not answer.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, SESSION, signedIn } from '../../testing'
import { Incidents } from '../log/Incidents'
import { Outbox } from './Outbox'

const message = (id: string, change = {}) => ({
  id,
  at: '2026-05-04T10:00:00Z',
  kind: 'ready',
  to: '0555 014 0000',
  client: 'Nell Sedgeley',
  text: `Brisk ${id} is ready.`,
  state: 'sent',
  receipt: 'simulated',
  dog_id: 'd1',
  dog: 'Brisk',
  who: 'Tove',
  ...change,
})

describe('the outbox', () => {
  it('says that nothing has gone out yet', async () => {
    server({ 'GET /api/outbox': { messages: [], next: null } })
    page(signedIn(<Outbox />))
    expect(await screen.findByText(/Nothing has gone out yet/)).toBeTruthy()
  })
  it('lists what would have gone out, says what was not taken, and fetches earlier ones', async () => {
    let pages = 0
    server({
      'GET /api/outbox': () =>
        json(
          pages++ === 0
            ? { messages: [message('1'), message('2', { state: 'failed', receipt: 'no number' })], next: '2' }
            : { messages: [message('3')], next: null },
        ),
    })
    page(signedIn(<Outbox />))
    expect(await screen.findByText('Brisk 1 is ready.')).toBeTruthy()
    expect(screen.getByText('not taken')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Earlier ones' }))
    expect(await screen.findByText('Brisk 3 is ready.')).toBeTruthy()
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Earlier ones' })).toBeNull())
  })
  it('lets whoever manages the salon send again, and try again what came to no end', async () => {
    const job = { id: 'j1', about: 'What measuring 10 changes on cards', state: 'failed', done: 3, total: 9 }
    let left = [{ ...job, why: 'The server was away.', who: 'Tove', at: '2026-05-04T10:00:00Z' }]
    const asked = server({
      'GET /api/outbox': {
        messages: [message('2', { state: 'failed', receipt: 'Tried five times.' })],
        next: null,
      },
      'GET /api/jobs': () => json({ failed: left }),
      'POST /api/outbox/2/again': () => json({ messages: [], next: null }),
      'POST /api/jobs/j1/again': () => {
        left = []
        return json({ ...job, state: 'open' })
      },
    })
    page(signedIn(<Outbox />)).cache.setQueryData(['session'], { ...SESSION, may: [...SESSION.may, 'house'] })
    await userEvent.click(await screen.findByRole('button', { name: 'Send again: Brisk 2 is ready.' }))
    expect(await screen.findByText('It is on its way again')).toBeTruthy()
    expect(await screen.findByText('The server was away.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    await waitFor(() => expect(screen.queryByText('The server was away.')).toBeNull())
    expect(asked.filter((a) => a.path.endsWith('/again')).length).toBe(2)
  })
  it('offers another try when the salon does not answer', async () => {
    let there = false
    server({
      'GET /api/outbox': () =>
        there ? json({ messages: [message('1')], next: null }) : problem(503, 'The server is not answering.'),
    })
    page(signedIn(<Outbox />))
    const again = await screen.findByRole('button', { name: 'Try again' })
    there = true
    await userEvent.click(again)
    expect(await screen.findByText('Brisk 1 is ready.')).toBeTruthy()
  })
})

describe('what went wrong', () => {
  it('is empty in a good year', async () => {
    server({ 'GET /api/incidents': { incidents: [], rates: [] } })
    page(signedIn(<Incidents />))
    expect(await screen.findByText('Nothing went wrong in the last year.')).toBeTruthy()
  })
  it('names the tool with how sure its rate is, and whom nobody has told', async () => {
    server({
      'GET /api/incidents': {
        rates: [
          { tool: '10 blade', incidents: 2, grooms: 50, per_hundred: 4, low: 1.1, high: 13.5 },
          { tool: '', incidents: 1, grooms: 50, per_hundred: 2, low: 0.4, high: 10.5 },
        ],
        incidents: [
          {
            id: 'i1',
            at: '2026-05-04T10:00:00Z',
            what: 'nick',
            zone: 'ear_outer_left',
            tool: '10 blade',
            action: 'pressure',
            told: true,
            follow_up: 'daily look',
            dog_id: 'd1',
            dog: 'Brisk',
            who: 'Tove',
          },
          {
            id: 'i2',
            at: '2026-05-03T10:00:00Z',
            what: 'slip',
            zone: '',
            tool: '',
            action: '',
            told: false,
            follow_up: '',
            dog_id: 'd2',
            dog: 'Marl',
            who: 'Pell',
          },
        ],
      },
    })
    page(signedIn(<Incidents />))
    expect(await screen.findByText('1.1 to 13.5, 19 times of 20')).toBeTruthy()
    expect(screen.getByText('no tool in hand')).toBeTruthy()
    expect(screen.getByText('owner not told')).toBeTruthy()
    expect(screen.getByText(/then: daily look/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Brisk' }).getAttribute('href')).toBe('/dogs/d1')
  })
})
