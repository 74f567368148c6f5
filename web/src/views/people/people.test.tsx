// Who is invited sees a link, the last manager stays, a place that closes asks where its tools go.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, SESSION, signedIn } from '../../testing'
import { Me } from './Me'
import { People } from './People'

const MAREN = {
  id: 's1',
  version: 3,
  name: 'Maren Oakhollow',
  login: 'maren',
  email: '',
  role: 'manager',
  role_label: 'manager',
  place: 'mill',
  confidence: 5,
  active: true,
  skills: {},
  hours: [],
  away: [],
  break_from: '',
  break_to: '',
  ahead: [],
}
const PELL = {
  ...MAREN,
  id: 's9',
  name: 'Pell Hasp',
  login: 'pell',
  active: false,
  skills: {},
  hours: [],
  away: [],
  ahead: [{ booking: 'b', dog_id: 'd', dog: 'Tansy', day: '2026-12-01', time: '09:30', kind: 'full' }],
}
const BARE = {
  hours: [],
  closed: [],
  stations: {
    tubs: 1,
    tables: 1,
    dryers: 1,
    pens: 0,
    watts: 0,
    loud: false,
    lift: false,
    loud_from: '',
    loud_to: '',
  },
}
const PEOPLE = {
  people: [MAREN, PELL],
  invitations: [],
  roles: [
    { id: 'manager', label: 'manager', may: ['open cards'] },
    { id: 'bather', label: 'bather', may: ['open cards'] },
  ],
}
const PLACES = {
  places: [
    { id: 'mill', version: 1, name: 'Mill room', kind: 'room', open: true, tools: 3, people: 1, ...BARE },
    { id: 'ferry', version: 2, name: 'Ferry room', kind: 'room', open: true, tools: 1, people: 0, ...BARE },
  ],
}
const seen = (more: Record<string, unknown> = {}) =>
  server({ 'GET /api/people': PEOPLE, 'GET /api/places': PLACES, ...more })

describe('people and places', () => {
  it('shows the link of who was invited, and what is still booked with who has left', async () => {
    const asked = seen({
      'POST /api/people/invitations': () =>
        json(
          {
            id: 'l',
            kind: 'join',
            name: 'Nell',
            to: '',
            role_label: 'bather',
            place: null,
            until: '2026-12-05T10:00:00Z',
            path: '/enter/abc',
          },
          201,
        ),
    })
    page(signedIn(<People />))
    const gone = await screen.findByRole('region', { name: 'Work here no more' })
    expect(within(gone).getByText(/Tue 1 Dec 2026, 09:30, full/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Invite somebody' }))
    await userEvent.type(screen.getByLabelText('Name'), 'Nell')
    await userEvent.selectOptions(screen.getByLabelText('Role'), 'bather')
    await userEvent.click(screen.getByRole('button', { name: 'Invite' }))
    expect(await screen.findByText('http://salon.test/enter/abc')).toBeTruthy()
    const sent = asked.find((a) => a.method === 'POST')
    expect(sent?.body).toMatchObject({ name: 'Nell', role: 'bather', email: '' })
  })

  it('says at its field why the last manager stays', async () => {
    const asked = seen({
      'PUT /api/people/s1': () =>
        problem(422, 'Some of this cannot be accepted.', {
          errors: [{ field: 'active', message: 'stays as it is: this is the last manager of the salon' }],
        }),
    })
    page(signedIn(<People />))
    await userEvent.click(await screen.findByRole('button', { name: 'Change Maren Oakhollow' }))
    await userEvent.click(screen.getByRole('radio', { name: 'No more' }))
    expect(screen.getByText(/signed out everywhere at once/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
    expect((await screen.findByText(/last manager/)).getAttribute('role')).toBe('alert')
    expect(asked.find((a) => a.method === 'PUT')?.headers.get('If-Match')).toBe('"3"')
  })

  it('asks where the tools of a place go that is closed', async () => {
    const asked = seen({ 'PUT /api/places/ferry': { ...PLACES.places[1], open: false, tools: 0 } })
    page(signedIn(<People />))
    await userEvent.click(await screen.findByRole('button', { name: 'Change Ferry room' }))
    expect(screen.queryByLabelText('Its tools and people go to')).toBeNull()
    await userEvent.click(screen.getByRole('radio', { name: 'Closed' }))
    expect(screen.getByLabelText('Its tools and people go to')).toHaveProperty('value', 'mill')
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText('Ferry room is closed')).toBeTruthy()
    expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ open: false, move_to: 'mill' })
  })

  it('asks for the password as it is before a new one or a PIN', async () => {
    const asked = server({
      'PUT /api/me/pin': () =>
        problem(422, 'Some of this cannot be accepted.', {
          errors: [{ field: 'password', message: 'is not your password' }],
        }),
      'GET /api/me/sign-ins': { sign_ins: [], next: null },
    })
    page(signedIn(<Me />))
    const pin = within(screen.getByRole('form', { name: 'PIN' }))
    await userEvent.type(pin.getByLabelText('Password'), 'nonsense')
    await userEvent.type(pin.getByLabelText('New PIN'), '40x71')
    await userEvent.click(pin.getByRole('button', { name: 'Change the PIN' }))
    expect(await pin.findByText('Password is not your password')).toBeTruthy()
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ password: 'nonsense', pin: '4071' }),
    )
  })

  it('shows where one is signed in and ends one of them; screens are kept with the person', async () => {
    const at = '2026-11-28T09:00:00Z'
    const one = { name: 'Tove', how: 'password', ended_at: null, at }
    const asked = server({
      'GET /api/me/sign-ins': {
        sign_ins: [
          { ...one, id: 'i1', device: 'Safari on a phone', here: true },
          { ...one, id: 'i2', device: 'Chrome on Android', here: false },
        ],
        next: null,
      },
      'DELETE /api/me/sign-ins/i2': () => new Response(null, { status: 204 }),
      'PUT /api/me/screen': { ...SESSION, theme: 'dark', left_handed: true },
    })
    page(signedIn(<Me />))
    expect(await screen.findByText('(here)', { exact: false })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: /Sign out there: Chrome on Android/ }))
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
    expect(screen.queryByRole('button', { name: /Sign out there: Safari/ })).toBeNull()
    await userEvent.click(screen.getByRole('radio', { name: /^Left/ }))
    await waitFor(() => expect(document.documentElement.hasAttribute('data-left')).toBe(true))
    expect(document.documentElement.dataset.theme).toBe('dark')
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
      theme: 'device',
      left_handed: true,
      language: null,
    })
    document.documentElement.removeAttribute('data-left')
  })
})
