// The table without a server: taps kept and shown at once, sent once, refused ones said; the forms around
// them.
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Route, Routes } from 'react-router'
import type * as Field from '../../dog/field'
import { json, page, problem, server, signedIn, type Asked } from '../../testing'
import { Table } from './Table'
import { makeTap, waitingFor, type Tap } from '../../parts/taps'
import { WORDS, groom, salon, step, zone } from './testing'
import { kept } from '../../app/outbox'

vi.mock('../../dog/field', async (original) => {
  const real = await original<typeof Field>()
  const { ids } = await import('./testing')
  return {
    ...real,
    zonesSeen: (look: never) => real.zonesSeen(look).filter((z) => ids.includes(z)),
    fieldOf: (look: never) => ({
      ...real.fieldOf(look),
      zones: real.fieldOf(look).zones.filter((z) => ids.includes(z)),
    }),
  }
})

const open = () =>
  page(
    signedIn(
      <Routes>
        <Route path="/grooms/:id" element={<Table />} />
        <Route path="*" element={<p>elsewhere</p>} />
      </Routes>,
    ),
    '/grooms/g1',
  )

const { name: NAME } = waitingFor('g1')

/** Until a hit counts again after another step has come in hand. */
const settle = () => new Promise((over) => setTimeout(over, 750))

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
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
    expect(seen[1]).toMatchObject({
      kind: 'zone',
      zones: ['back', 'loin'],
      state: 'deferred',
      why: 'sore or red skin',
    })
    expect(localStorage.getItem('kt-out-taps-g1')).toBeNull()
  })
  it('takes two hits of a glove for one, and takes the last one back', async () => {
    const { seen } = salon(groom)
    open()
    const done = await screen.findByTestId('done')
    // The hits come at one moment, however busy the machine is.
    const clock = vi.spyOn(performance, 'now').mockReturnValue(performance.now())
    fireEvent.click(done)
    fireEvent.click(await screen.findByTestId('done'))
    fireEvent.click(await screen.findByRole('button', { name: 'Not needed' }))
    await waitFor(() => expect(seen).toHaveLength(1))
    expect(screen.getByTestId('now-tool').textContent).toBe('20 mm guard')
    clock.mockRestore()
    await settle()
    expect(seen).toHaveLength(1)
    await userEvent.click(screen.getByRole('button', { name: 'Back one' }))
    await waitFor(() => expect(seen.at(-1)).toMatchObject({ kind: 'step', step: 'check', state: 'open' }))
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Back one' }).disabled).toBe(true)
  })
  it('tells of the rest of one work with one tap, leaves what waits, and takes all of it back', async () => {
    const scissor = { together: 'All the scissor work' }
    const { seen } = salon(() =>
      groom({
        next: 'legs',
        zones: groom().zones.map((z) => (z.zone === 'loin' ? zone('loin', { waits: 'owner' as const }) : z)),
        steps: [
          step('legs', ['back', 'loin'], scissor),
          step('rear', ['groin'], scissor),
          step('feet', [], scissor),
          step('nails', []),
          step('head', [], scissor),
        ],
      }),
    )
    open()
    const all = await screen.findByRole('button', { name: 'All the scissor work, as planned: 3 steps' })
    await userEvent.click(all)
    await waitFor(() => expect(seen).toHaveLength(2))
    expect(seen[0]).toMatchObject({ kind: 'zone', zones: ['back', 'groin'], state: 'done' })
    expect(seen[1]).toMatchObject({ kind: 'step', step: 'feet', state: 'done' })
    await settle()
    await userEvent.click(screen.getByRole('button', { name: 'Back one' }))
    await waitFor(() => expect(seen).toHaveLength(4))
    expect(seen[2]).toMatchObject({ kind: 'zone', zones: ['back', 'groin'], state: 'planned' })
    expect(seen[3]).toMatchObject({ kind: 'step', step: 'feet', state: 'open' })
  })
  it('takes a step back to what was half done, with its reason', async () => {
    const half = zone('loin', { state: 'partly', why: 'it tired' })
    const { seen } = salon(() =>
      groom({
        next: 'body:20 mm guard',
        zones: groom().zones.map((z) => (z.zone === 'loin' ? half : z)),
      }),
    )
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await settle()
    await userEvent.click(screen.getByRole('button', { name: 'Back one' }))
    await waitFor(() => expect(seen).toHaveLength(3))
    expect(seen[1]).toMatchObject({ kind: 'zone', zones: ['back'], state: 'planned' })
    expect(seen[2]).toMatchObject({ kind: 'zone', zones: ['loin'], state: 'partly', why: 'it tired' })
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
    kept.write(NAME, [makeTap({ kind: 'note', text: 'of another' }, 0, 's2')])
    const { seen } = salon(groom)
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await waitFor(() => expect(seen).toHaveLength(1))
    expect(seen[0]).toMatchObject({ kind: 'step', by: 's1' })
    expect(await screen.findByText('1 tap of somebody else kept here until they sign in')).toBeTruthy()
    expect(kept.read<Tap>(NAME).map((t) => t.by)).toEqual(['s2'])
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
        return json({
          results: taps.map((t) => ({ id: t.id, outcome: 'counted', message: null })),
          clock_ahead_s: 3600,
          groom: groom({ seq: 9 }),
        })
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
    expect(kept.read<Tap>(NAME)).toEqual([])
  })
  it('says what was refused and goes on', async () => {
    kept.write(NAME, [makeTap({ kind: 'nonsense' }, 0, 's1')])
    server({
      'GET /api/words': WORDS,
      'GET /api/house': { styles: [] },
      'GET /api/grooms/g1': groom(),
      'POST /api/grooms/g1/taps': () => problem(422, 'Some of this cannot be accepted.'),
    })
    open()
    expect(await screen.findByText(/One tap was refused/)).toBeTruthy()
    expect(kept.read<Tap>(NAME)).toEqual([])
  })
  it('keeps what nobody here may send for who made it', async () => {
    const { asked } = salon(groom)
    const real = globalThis.fetch
    vi.stubGlobal('fetch', (r: Request) =>
      r.url.endsWith('/taps')
        ? Promise.resolve(problem(404, 'There is no such groom in this salon.'))
        : real(r),
    )
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await screen.findByText('1 tap kept here, sent when it can be')
    expect(kept.read<Tap>(NAME)).toHaveLength(1)
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
        return json({
          results: taps.map((t) => ({ id: t.id, outcome: 'someone_elses', message: 'Kept.' })),
          clock_ahead_s: 0,
          groom: groom(),
        })
      },
    })
    open()
    await userEvent.click(await screen.findByTestId('done'))
    await screen.findByText('Kept.')
    await new Promise((later) => setTimeout(later, 300))
    expect(asked).toBe(1)
    expect(kept.read<Tap>(NAME).map((t) => t.by)).toEqual(['s1'])
  })
  it('takes what was done otherwise with tool and reason; a mat makes a patch', async () => {
    const { seen } = salon(groom)
    open()
    await screen.findByTestId('done')
    await userEvent.click(screen.getByRole('option', { name: /^skull/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Differently' }))
    await userEvent.click(await screen.findByRole('button', { name: /^10 blade/ }))
    await userEvent.click(screen.getByRole('button', { name: 'matted below' }))
    await waitFor(() =>
      expect(seen[0]).toMatchObject({
        kind: 'zone',
        zones: ['skull'],
        state: 'done',
        why: 'matted below',
        actual: {
          tool: { kind: 'blade', label: '10' },
          exception: true,
          carry: 'do_not_repeat',
          reason: 'forced_by_mat',
        },
      }),
    )
  })
  it('keeps an incident in three taps and who takes the dog next', async () => {
    const { seen } = salon(groom)
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Incident' }))
    await userEvent.click(screen.getByRole('radio', { name: 'Dog slipped' }))
    await userEvent.click(screen.getByRole('button', { name: 'felt over, walks soundly' }))
    await waitFor(() =>
      expect(seen[0]).toMatchObject({
        kind: 'incident',
        what: 'slip',
        action: 'felt over, walks soundly',
        told: false,
        follow_up_on: '2026-05-05',
      }),
    )
    await userEvent.click(screen.getByRole('button', { name: 'Pause or hand over' }))
    await userEvent.click(screen.getByRole('button', { name: 'Maren Oakhollow' }))
    await waitFor(() =>
      expect(seen[1]).toMatchObject({ kind: 'hand_over', to: 's2', side: 'left', next: 'check' }),
    )
    await userEvent.click(screen.getByRole('button', { name: 'Pause or hand over' }))
    await userEvent.click(screen.getByRole('button', { name: 'rest for the dog' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Go on' }))
    await waitFor(() => expect(seen.map((t) => t.kind)).toEqual(['incident', 'hand_over', 'pause', 'resume']))
  })
})
