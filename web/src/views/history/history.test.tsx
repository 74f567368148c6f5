// Histories that travel: asked for from the card, seen as far as it is allowed, taken back for the owner.
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../app/client'
import { json, lists, page, problem, SEVERITIES, server, signedIn } from '../../testing'
import { Elsewhere } from '../card/Elsewhere'
import { History } from './History'

const WORDS = { zones: [{ id: 'back', label: 'back' }], lists: lists(), severities: SEVERITIES }
const ASK: Schemas['AskView'] = {
  id: 'h1',
  salon: 'The Wold Barn',
  state: 'asked',
  asked_at: '2026-05-04T09:00:00Z',
  since: null,
  ended_at: null,
  parts: [],
  seen_on: null,
  path: '',
}
const SEEN: Schemas['HistoryView'] = {
  salon: 'The Wold Barn',
  dog: 'Osric',
  made_at: '2026-05-04T09:00:00Z',
  card: [{ what: 'Coat', says: 'wire' }],
  zones: [{ zone: 'back', words: '7F blade', mm: 3.2 }],
  cautions: null,
  visits: [{ day: '2026-03-02', kind: 'full', minutes: 70, load: 12, note: 'Stands well.', zones: [] }],
  seal: 'live',
  key: '',
}

function opened() {
  return page(
    signedIn(
      <Routes>
        <Route path="/histories/:id" element={<History />} />
      </Routes>,
    ),
    '/histories/h1?dog=d1',
  )
}

describe('histories that travel', () => {
  it('are asked for by the name of a salon, and what is wrong is named', async () => {
    const asked = server({
      'GET /api/dogs/d1/histories': { from: [], to: [] },
      'POST /api/dogs/d1/histories': (a: { body: unknown }) =>
        (a.body as { salon: string }).salon === 'us'
          ? problem(422, 'No.', {
              errors: [{ field: 'salon', message: 'is this salon: name the other one' }],
            })
          : json({ from: [ASK], to: [] }, 201),
    })
    page(signedIn(<Elsewhere dogId="d1" name="Osric" />))
    await userEvent.click(await screen.findByRole('button', { name: 'Ask another salon' }))
    await userEvent.type(screen.getByLabelText('Name of the other salon'), 'us')
    await userEvent.click(screen.getByRole('button', { name: 'Ask' }))
    expect(await screen.findByText(/is this salon/)).toBeTruthy()
    await userEvent.clear(screen.getByLabelText('Name of the other salon'))
    await userEvent.type(screen.getByLabelText('Name of the other salon'), 'The Wold Barn')
    await userEvent.click(screen.getByRole('button', { name: 'Ask' }))
    expect(await screen.findByText(/its owner has not answered yet/)).toBeTruthy()
    expect(asked.at(-1)?.body).toEqual({ salon: 'The Wold Barn' })
  })
  it('are seen as far as the owner lets them be', async () => {
    server({ 'GET /api/histories/h1': SEEN, 'GET /api/words': WORDS })
    opened()
    expect(await screen.findByRole('heading', { name: 'Osric at The Wold Barn' })).toBeTruthy()
    expect(screen.getByText('Stands well.')).toBeTruthy()
    expect(screen.getByText('3.2 mm')).toBeTruthy()
    expect(screen.queryByRole('region', { name: 'Cautions' })).toBeNull()
    expect(screen.getByRole('link', { name: /card/ }).getAttribute('href')).toBe('/dogs/d1')
  })
  it('say that they may not be seen any more', async () => {
    server({
      'GET /api/histories/h1': () => problem(404, 'This history may not be seen, or not any more.'),
      'GET /api/words': WORDS,
    })
    opened()
    expect(await screen.findByText(/not any more/)).toBeTruthy()
  })
  it('are taken back for the owner; the page for the owner is there to hand over', async () => {
    const open = { ...ASK, state: 'allowed' as const, parts: ['card' as const], path: '/history/abc' }
    const asked = server({
      'GET /api/dogs/d1/histories': { from: [], to: [{ ...open, seen_on: '2026-05-05' }] },
      'DELETE /api/histories/h1': {},
    })
    page(signedIn(<Elsewhere dogId="d1" name="Osric" />))
    expect(await screen.findByText(/last looked at on/)).toBeTruthy()
    expect(screen.getByRole('link', { name: /hand over/ }).getAttribute('href')).toBe('/history/abc')
    await userEvent.click(screen.getByRole('button', { name: 'Take it back for its owner' }))
    expect(asked.some((a) => a.method === 'DELETE')).toBe(true)
  })
})
