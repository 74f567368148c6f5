// Before the first cut, without a server: what is kept from last time, and why a groom cannot begin.
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import { Route, Routes } from 'react-router'
import { json, page, problem, server, SESSION, signedIn, type Asked } from '../../testing'
import { OpenTable } from './OpenTable'
import { DOG, groom, WORDS } from './testing'

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})

describe('before the first cut', () => {
  const repeat = (open: string | null) => ({
    open,
    last_on: '2026-04-01',
    zones: [
      {
        zone: 'back',
        card: '7F blade',
        card_mm: 3.2,
        last: '10 blade',
        last_mm: 1.5,
        day: '2026-04-01',
        who: 'Tove',
        why: 'owner asked',
        refused: null,
      },
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
