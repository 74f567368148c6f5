// Programmes: let in with what is ticked, the token shown once; told again; the reference read.
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../app/client'
import { json, page, problem, server, signedIn } from '../../testing'
import { groups, type Document } from './document'
import { Programmes } from './Programmes'
import { Shape } from './Shape'

const LIST: Schemas['IntegrationsView'] = {
  integrations: [],
  rights: [
    { id: 'read', label: 'open cards' },
    { id: 'book', label: 'book and cancel' },
  ],
  told: [],
  a_minute: 300,
  token: null,
  secret: null,
}
const BOOKS: Schemas['IntegrationView'] = {
  id: 'p1',
  name: 'books',
  who: 'Maren',
  may: ['read'],
  made_at: '2026-05-04T09:00:00Z',
  until: '2026-11-04T09:00:00Z',
  ended: '',
  used_at: '',
  state: 'open',
  tell: '',
}

describe('programmes', () => {
  it('lets one in with what is ticked, and shows its token once', async () => {
    const asked = server({
      'GET /api/integrations': LIST,
      'POST /api/integrations': () =>
        json({ ...LIST, integrations: [BOOKS], token: 'abc123', secret: 'def456' }, 201),
    })
    page(signedIn(<Programmes />))
    await userEvent.click(await screen.findByRole('button', { name: 'Let one in' }))
    await userEvent.type(screen.getByLabelText('What it is for'), 'books')
    await userEvent.click(screen.getByRole('checkbox', { name: 'book and cancel' }))
    await userEvent.click(screen.getByRole('button', { name: 'Let it in' }))
    expect(await screen.findByText('abc123')).toBeTruthy()
    expect(screen.queryByText('def456')).toBeNull()
    expect(asked.at(-1)?.body).toMatchObject({ name: 'books', may: ['read', 'book'], days: 180 })
    await userEvent.click(screen.getByRole('button', { name: 'Done' }))
    expect(await screen.findByRole('heading', { name: 'books' })).toBeTruthy()
    expect(screen.queryByText('abc123')).toBeNull()
  })
  it('names what is wrong and keeps what was typed', async () => {
    server({
      'GET /api/integrations': { ...LIST, integrations: [BOOKS] },
      'PUT /api/integrations/p1/tell': () =>
        problem(422, 'Some of this cannot be accepted.', {
          errors: [{ field: 'tell', message: 'must be an address that begins with https://' }],
        }),
    })
    page(signedIn(<Programmes />))
    await userEvent.click(await screen.findByRole('button', { name: 'Change where books is told' }))
    await userEvent.type(screen.getByLabelText('Address'), 'http://x')
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText(/begins with https:\/\/$/, { selector: '[role=alert]' })).toBeTruthy()
    expect(screen.getByLabelText<HTMLInputElement>('Address').value).toBe('http://x')
  })
  it('ends one only when asked twice, and tells again what was not taken', async () => {
    const told = [
      {
        id: 'd1',
        integration: 'p1',
        at: '2026-05-04T09:00:00Z',
        changes: 2,
        state: 'failed',
        answer: 'away',
      },
    ]
    const asked = server({
      'GET /api/integrations': { ...LIST, integrations: [BOOKS], told },
      'POST /api/deliveries/d1/again': { ...LIST, integrations: [BOOKS], told: [] },
      'DELETE /api/integrations/p1': { ...LIST, integrations: [{ ...BOOKS, state: 'ended' }] },
    })
    page(signedIn(<Programmes />))
    const lately = await screen.findByRole('region', { name: 'Told lately' })
    expect(within(lately).getByText(/2 changes/)).toBeTruthy()
    await userEvent.click(within(lately).getByRole('button', { name: 'Tell again' }))
    await userEvent.click(screen.getByRole('button', { name: 'End books' }))
    expect(asked.some((a) => a.method === 'DELETE')).toBe(false)
    await userEvent.click(screen.getByRole('button', { name: 'End it now' }))
    expect(await screen.findByText(/^ended/)).toBeTruthy()
  })
})

describe('the reference', () => {
  const document: Document = {
    paths: {
      '/api/dogs': { get: { summary: 'All dogs', parameters: [], responses: {} } },
      '/api/bookings/{id}': { put: { summary: 'Move a booking', parameters: [], responses: {} } },
      '/api/me/pin': { put: { summary: 'Another PIN', parameters: [], responses: {} } },
    },
    components: {
      schemas: {
        Dog: { type: 'object', required: ['name'], properties: { name: { type: 'string', maxLength: 80 } } },
      },
    },
  }
  it('has what a programme may ask, found by any of its words', () => {
    expect(groups(document, '').map((g) => g.name)).toEqual(['dogs', 'bookings'])
    expect(groups(document, 'move put').map((g) => g.operations[0]?.path)).toEqual(['/api/bookings/{id}'])
    expect(groups(document, 'pin')).toEqual([])
  })
  it('says what a body holds, in words, and opens what is inside', async () => {
    const schema = {
      type: 'object',
      required: ['dogs'],
      properties: {
        dogs: { type: 'array', items: { $ref: '#/components/schemas/Dog' } },
        sex: { type: 'string', enum: ['female', 'male'], nullable: true },
      },
    }
    page(<Shape title="Takes" schema={schema} document={document} />)
    expect(screen.getByText(/female \| male, or null, may be left out/)).toBeTruthy()
    await userEvent.click(screen.getByText('dogs'))
    expect(await screen.findByText(/text of at most 80/)).toBeTruthy()
  })
})
