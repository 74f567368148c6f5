// The end of a groom without a server: what was chosen is closed with, what was mistyped is said at its
// field.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Route, Routes } from 'react-router'
import type * as Field from '../../dog/field'
import { json, page, problem, server, signedIn, type Asked } from '../../testing'
import { keptHere } from '../../app/keptHere'
import { Finish } from './Finish'
import { NextDates } from './NextDates'
import type { Tap } from '../../parts/taps'
import { groom, WORDS } from './testing'

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

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})

describe('the end of a groom', () => {
  const FINISH = {
    kind: 'full',
    look: [
      { look: 'body', words: 'Body: no line', ok: false, open: ['back', 'loin', 'rump', 'skull', 'chest'] },
    ],
    phases: [{ phase: 'clip', label: 'clip', spent: 12, estimate: 10 }],
    minutes: 96,
    estimate_minutes: 110,
    price_minor: 6600,
    price_terms: [{ label: '110 min', minor: 6600 }],
    next: [{ kind: 'full', on: '2026-06-20', why: '7 weeks: the shape clock' }],
    phone: '0555 014 0000',
    message: 'Brisk is ready.',
    untold: [{ id: 'i1', what: 'nick', zone: 'back' }],
    next_visit: {
      weeks: 7,
      on: '2026-06-20',
      kind: 'full',
      because: ['shape'],
      minutes: 110,
      words: 'In 7 weeks, a full groom: shape.',
    },
    agreed: [
      { zone: 'back', words: '7F blade', finished_mm: 3.2, state: 'as_agreed', said: null },
      { zone: 'loin', words: '7F blade', finished_mm: 3.2, state: 'as_agreed', said: null },
      { zone: 'rump', words: '7F blade', finished_mm: 3.2, state: 'differently', said: true },
    ],
    exceptions: [{ zone: 'back', words: '7F blade', left_mm: 3.2, grown_out_on: '2026-07-01' }],
    clocks: [
      { clock: 'nails', reset: false, next_on: '2026-05-20', why: 'not done today' },
      { clock: 'shape', reset: true, next_on: '2026-06-20', why: 'done today' },
    ],
    care: [{ title: 'At home', lines: ['Comb.'] }],
  }
  const MEASURES = {
    measures: { neck_mm: 320 },
    seen: [
      {
        point: 'leg',
        label: 'Leg, against the depth of chest',
        chosen: null,
        sides: [
          { id: 'low', label: 'low' },
          { id: 'high', label: 'high' },
        ],
      },
    ],
    ears: {
      left_hair_mm: 16,
      right_hair_mm: 10,
      measured_difference_mm: 6,
      apparent_difference_mm: 0,
      untrimmed_difference_mm: 6,
      reasons: [],
    },
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
      'GET /api/dogs/d1/proposals': {
        minutes: 90,
        due: '2026-06-20',
        proposals: [
          {
            day: '2026-06-18',
            time: '10:30',
            staff: 's1',
            name: 'Tove Lindgarth',
            late_days: 0,
            reasons: ['2 days before the clock runs out'],
          },
        ],
      },
      'PUT /api/dogs/d1/measures': () =>
        problem(422, 'Some of this cannot be accepted.', {
          errors: [{ field: 'neck_mm', message: 'must be a number' }],
        }),
      'POST /api/grooms/g1/taps': (a: Asked) =>
        json({
          results: (a.body as { taps: Tap[] }).taps.map((t) => ({
            id: t.id,
            outcome: 'counted',
            message: null,
          })),
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
  it('takes a date as a wish where there is no signal, and offers none', async () => {
    keptHere.set({ open: 's1', away: true })
    try {
      const dates = { full: { day: '2026-06-20', time: '09:00', staff: '' } }
      page(
        signedIn(
          <NextDates
            dog="d1"
            finish={FINISH as never}
            canWork
            dates={dates}
            onDates={vi.fn()}
            clocks={null}
          />,
        ),
      )
      expect(await screen.findByText(/No signal: a date is a wish/)).toBeTruthy()
      expect(screen.queryByText(/free/)).toBeNull()
    } finally {
      keptHere.set({ open: null, away: false })
    }
  })

  it('closes with the dates that were chosen and the message', async () => {
    const asked = await finish(() =>
      json(groom({ state: 'closed', closed_by: 'Tove Lindgarth', care_link: '/care/x' })),
    )
    expect(screen.getByText(/and 1 more/)).toBeTruthy()
    expect(await screen.findByText(/Sides closer/)).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: 'low' }))
    await waitFor(() =>
      expect(asked.find((a) => a.path.endsWith('/measures') && a.method === 'PUT')?.body).toEqual({
        seen: { leg: 'low' },
      }),
    )
    await userEvent.click(screen.getByRole('button', { name: /full ?, Sat 20 Jun/ }))
    await userEvent.click(await screen.findByRole('button', { name: /Thu 18 Jun 2026, 10:30/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Owner is told' }))
    await userEvent.type(screen.getByLabelText('Note for the next person'), 'good')
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'Close the visit' })).toHaveProperty('disabled', false),
    )
    await userEvent.click(screen.getByRole('button', { name: 'Close the visit' }))
    expect(await screen.findByText('Home-care sheet')).toBeTruthy()
    expect(asked.find((a) => a.path.endsWith('/close'))?.body).toEqual({
      kind: 'full',
      note: 'good',
      note_own: false,
      next: [{ kind: 'full', on: '2026-06-18', time: '10:30', staff: 's1' }],
      message: 'Brisk is ready.',
    })
  })
  it('asks of each agreed place, and says what grows out and what is set back', async () => {
    const asked = await finish(() => json(groom()))
    const agreed = within(screen.getByRole('region', { name: 'As agreed' }))
    expect(agreed.getByText('done differently')).toBeTruthy()
    expect(screen.getByText(/2 agreed places have no answer yet/)).toBeTruthy()
    await userEvent.click(agreed.getByRole('button', { name: 'Yes, all 2' }))
    const taps = () =>
      asked.filter((a) => a.path.endsWith('/taps')).flatMap((a) => (a.body as { taps: Tap[] }).taps)
    await waitFor(() => expect(taps()).toHaveLength(2))
    expect(taps().map((t) => [t.kind, t.look, t.ok])).toEqual([
      ['look', 'agreed.back', true],
      ['look', 'agreed.loin', true],
    ])
    expect(screen.getByRole('region', { name: 'Shorter places' }).textContent).toContain(
      'back: 7F blade, 3.2 mm left · grown out by Wed 1 Jul 2026',
    )
    const clocks = screen.getByRole('region', { name: 'Clocks' }).textContent
    expect(clocks).toContain('nails not done today, next 20 May')
    expect(clocks).toContain('shape done today, next 20 Jun')
    expect(screen.getByText(/In 7 weeks, a full groom: shape./)).toBeTruthy()
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
