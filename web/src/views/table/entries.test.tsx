// What else is entered at the table: notes, claws, pads, ears, steps, a choice between two words, the probe.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Route, Routes } from 'react-router'
import type * as Field from '../../dog/field'
import { json, page, signedIn } from '../../testing'
import { Table } from './Table'
import { groom, salon, timer } from './testing'
import { sure } from '../../sure'

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

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})

describe('entries at the table', () => {
  it('notes, claws, steps and a choice between two words', async () => {
    const held = [
      {
        id: 'h1',
        zone: 'rump',
        who: 'Idris',
        at: '',
        device: 'x',
        mine: 'partly',
        theirs: 'done',
        theirs_who: 'Tove',
      },
    ]
    const { seen } = salon(() =>
      groom({
        held,
        incidents: [
          {
            id: 'i9',
            what: 'nick',
            zone: 'back',
            tool: '10 blade',
            action: 'pressure',
            told: false,
            follow_up: '',
            follow_up_on: '',
            who: 'Tove',
            at: '',
          },
        ],
      }),
    )
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Idris is right' }))
    await waitFor(() => expect(seen[0]).toMatchObject({ kind: 'choose', held: 'h1', zone: 'rump', ok: true }))
    await userEvent.click(screen.getByRole('radio', { name: /Notes/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Owner is told' }))
    await userEvent.type(screen.getByLabelText('In your own words'), 'loves the hose{Enter}')
    await userEvent.click(screen.getByRole('radio', { name: 'Nails, ears' }))
    await userEvent.click(screen.getByRole('button', { name: /Front left, nail 1: ?tip ?, to do/ }))
    await userEvent.click(
      within(screen.getByLabelText('Front left: pads bare')).getByRole('radio', { name: '4' }),
    )
    await userEvent.selectOptions(sure(screen.getAllByRole('combobox')[0]), 'cleaned')
    await userEvent.click(screen.getByRole('radio', { name: 'Steps' }))
    expect(screen.getByText('The salon differs today.')).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: 'Stripped' }))
    expect(screen.getByRole('option', { name: 'back, 1 Apr' })).toBeTruthy()
    expect(screen.getByRole('option', { name: 'loin, not stripped' })).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: 'Steps' }))
    await userEvent.click(screen.getByRole('button', { name: /take it ?: head, 7F blade/ }))
    expect(screen.getByTestId('now-tool').textContent).toBe('7F blade')
    await waitFor(() =>
      expect(seen.slice(1).map((t) => t.kind)).toEqual(['told', 'note', 'claw', 'pads', 'ear']),
    )
    expect(seen[3]).toMatchObject({ state: 'tipped' })
  })
  it('asks the probe and taps what it says', async () => {
    const running = groom({
      timers: [
        timer('clipping', {
          running: true,
          blade: '10',
          ran_s: 130,
          left_s: -10,
          limit_s: 120,
          level: 'due',
        }),
        timer('drying', { running: true, forgotten: true, since: '2026-05-04T08:00:00Z', who: 'Pell' }),
      ] as never,
    })
    const { seen } = salon(() => running)
    const real = globalThis.fetch
    vi.stubGlobal('fetch', (r: Request) =>
      r.url.endsWith('/probe/answer') ? Promise.resolve(json({ blade: '10', celsius: 41.2 })) : real(r),
    )
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
