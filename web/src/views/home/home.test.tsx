// A home is changed once for all its dogs; a dog moves to one in the book or to a new one.
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { page, problem, server, SESSION, signedIn } from '../../testing'
import { Home } from './Home'

const HOME = {
  id: 'h1',
  version: 4,
  name: 'Moor',
  note: 'The gate sticks.',
  people: [
    {
      id: 'c1',
      name: 'Aveline Moor',
      phone: '0555 014 0001',
      email: '',
      writes: 'unasked',
      writes_on: null,
      collects: true,
      word: '',
      also: [{ id: 'h2', name: 'Reed' }],
    },
  ],
  others: [{ name: 'Isa Reed', phone: '0555 014 0002', role: 'second', collects: true, word: 'otter' }],
  vet: 'Weir practice',
  quiet_from: '',
  quiet_to: '',
  open: ['Tansy has no next date.'],
  visits: [{ dog_id: 'd1', dog: 'Tansy', on: '2026-11-02', what: 'full, Tove' }],
  agreements: [],
  consents: [],
  dogs: [
    {
      id: 'd1',
      version: 7,
      name: 'Tansy',
      breed: 'cross',
      state: 'active',
      last_visit: '2026-11-02',
      next_booking: null,
    },
  ],
  messages: [{ at: '2026-11-02T10:00:00Z', dog: 'Tansy', text: 'Tansy is ready', state: 'sent' }],
}
const open = () =>
  page(
    signedIn(
      <Routes>
        <Route path="/homes/:id" element={<Home />} />
      </Routes>,
    ),
    '/homes/h1',
  )

describe('a home', () => {
  it('shows how it is reached, and keeps what is changed of all its people at once', async () => {
    const asked = server({
      'GET /api/homes/h1': HOME,
      'PUT /api/homes/h1': () =>
        problem(422, 'Some of this cannot be accepted.', {
          errors: [{ field: 'people[1].email', message: 'is no e-mail address' }],
        }),
    })
    open()
    expect((await screen.findByText('0555 014 0001')).getAttribute('href')).toBe('tel:05550140001')
    expect(screen.getByText('The gate sticks.')).toBeTruthy()
    expect(screen.getByText('Tansy is ready')).toBeTruthy()
    expect(screen.getByText('Tansy has no next date.')).toBeTruthy()
    expect(screen.getByRole('link', { name: 'also the Reed home' })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Change this home' }))
    await userEvent.click(screen.getByRole('button', { name: 'Another person' }))
    await userEvent.selectOptions(screen.getAllByLabelText('May we write?')[0] as HTMLElement, 'no')
    await userEvent.type(screen.getAllByLabelText('Name')[1] as HTMLElement, 'Rafe Moor')
    await userEvent.type(screen.getAllByLabelText('E-mail')[1] as HTMLElement, 'rafe')
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText('E-mail is no e-mail address')).toBeTruthy()
    const sent = asked.find((a) => a.method === 'PUT')
    expect(sent?.headers.get('If-Match')).toBe('"4"')
    expect(sent?.body).toMatchObject({
      name: 'Moor',
      people: [
        { id: 'c1', name: 'Aveline Moor', writes: 'no' },
        { id: null, name: 'Rafe Moor', email: 'rafe' },
      ],
      others: [{ name: 'Isa Reed', role: 'second', word: 'otter' }],
    })
    await userEvent.click(screen.getByRole('button', { name: 'Rafe Moor: not of this home any more' }))
    expect(screen.getAllByLabelText('Name')).toHaveLength(2)
  })

  it('is left by a dog for one that is in the book, found as it is typed', async () => {
    const asked = server({
      'GET /api/homes/h1': HOME,
      'GET /api/dogs/new/hints': {
        suggests: [],
        why: '',
        homes: [{ id: 'h2', name: 'Weir', people: [{ name: 'Nell Weir', phone: '1' }], dogs: [] }],
        carries: [],
      },
      'PUT /api/dogs/d1/home': { ...HOME, id: 'h2', name: 'Weir' },
    })
    open()
    await userEvent.click(await screen.findByRole('button', { name: 'Tansy has another home' }))
    await userEvent.type(screen.getByLabelText('Name of the owner'), 'Nell')
    await userEvent.click(await screen.findByRole('radio', { name: 'Weir: Nell Weir' }))
    expect(screen.queryByLabelText('Phone')).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Move to Weir' }))
    expect(await screen.findByText('Tansy lives with Weir now')).toBeTruthy()
    const sent = asked.find((a) => a.method === 'PUT')
    expect([sent?.body, sent?.headers.get('If-Match')]).toEqual([{ home: 'h2' }, '"7"'])
    expect(SESSION.may).toContain('dog')
  })
})
