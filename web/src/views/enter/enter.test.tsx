// What a one-time link opens: a salon begun in steps, somebody joining, a link that is used up.
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { json, page, problem, server } from '../../testing'
import { Enter } from './Enter'

const OPENED = {
  kind: 'begin',
  until: '2026-11-29T10:00:00Z',
  salon: null,
  name: '',
  login: null,
  role_label: null,
  time_zones: ['Europe/Vienna', 'UTC'],
  currencies: [{ id: 'EUR', label: 'Euro (EUR)' }],
  password_least: 12,
}
const go = (name: string) => userEvent.click(screen.getByRole('button', { name }))

describe('a one-time link', () => {
  it('begins a salon in steps that can be left, and keeps no secret on the device', async () => {
    const inside = vi.fn()
    let tries = 0
    const asked = server({
      'GET /api/enter/abc': OPENED,
      'POST /api/enter/abc/salon': () =>
        tries++ === 0
          ? problem(422, 'Some of this cannot be accepted.', {
              errors: [{ field: 'place', message: 'must be a name of two letters or more' }],
            })
          : json({}, 201),
    })
    const first = page(<Enter token="abc" inside={inside} />)
    await userEvent.type(await screen.findByLabelText('Name of the salon'), 'The Long Meadow')
    first.unmount()
    page(<Enter token="abc" inside={inside} />)
    expect(await screen.findByLabelText('Name of the salon')).toHaveProperty('value', 'The Long Meadow')
    await go('Go on')
    await go('Go on')
    await userEvent.type(screen.getByLabelText('Your name'), 'Nell')
    await userEvent.type(screen.getByLabelText('Password'), 'moss kettle ferry oar')
    await userEvent.type(screen.getByLabelText('PIN'), '4071')
    expect(JSON.stringify({ ...localStorage })).not.toMatch(/kettle|4071/)
    await go('Begin')
    await userEvent.click(
      await screen.findByRole('button', { name: /2. Where you groom · something is wrong/ }),
    )
    expect(screen.getByText('First place must be a name of two letters or more')).toBeTruthy()
    await go('3. You, its first manager')
    await go('Begin')
    await vi.waitFor(() => expect(inside).toHaveBeenCalledOnce())
    expect(asked.at(-1)?.body).toMatchObject({ salon: 'The Long Meadow', name: 'Nell', pin: '4071' })
    expect(localStorage.getItem('thistle.begin')).toBeNull()
  })

  it('lets somebody join as what they are invited as', async () => {
    const inside = vi.fn()
    const asked = server({
      'GET /api/enter/abc': {
        ...OPENED,
        kind: 'join',
        salon: 'The Long Meadow',
        name: 'Nell',
        role_label: 'bather',
      },
      'POST /api/enter/abc/person': () => json({}, 201),
    })
    page(<Enter token="abc" inside={inside} />)
    expect(await screen.findByText('Welcome to The Long Meadow')).toBeTruthy()
    expect(screen.getByText('bather')).toBeTruthy()
    expect(screen.getByLabelText('Your name')).toHaveProperty('value', 'Nell')
    await go('Join')
    await vi.waitFor(() => expect(inside).toHaveBeenCalledOnce())
    expect(asked.at(-1)?.path).toBe('/api/enter/abc/person')
  })

  it('says so where it opens nothing any more', async () => {
    server({ 'GET /api/enter/abc': () => problem(404, 'This link has been used.') })
    page(<Enter token="abc" />)
    expect(await screen.findByText('This link has been used.')).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Sign in instead' })).toBeTruthy()
  })
})
