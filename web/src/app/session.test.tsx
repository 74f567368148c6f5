// Who is signed in, changing person, and a session that ends in the middle of something.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { json, page, problem, server, SESSION, signedIn, type Asked } from '../testing'
import { SignIn } from '../views/signin/SignIn'
import { api, take } from './client'
import { PersonMenu } from './PersonMenu'
import { useSession } from './session'
import { sure } from '../sure'

function Who() {
  const { session, may } = useSession()
  return (
    <p>
      {session.name} {may('plan') ? 'may plan' : 'may look'}
      <input aria-label="typed" />
    </p>
  )
}

it('keeps what is drawn, and what was typed, when the session ends', async () => {
  server({ 'GET /api/kit': () => problem(401, 'Sign in to go on.') })
  page(signedIn(<Who />))
  await userEvent.type(await screen.findByLabelText('typed'), 'not lost')
  await take(api.GET('/api/kit')).catch(() => null)
  await screen.findByText('sign in again')
  expect(screen.getByLabelText('typed')).toHaveProperty('value', 'not lost')
})

it('changes person by PIN, and says which one was wrong', async () => {
  const asked = server({
    'POST /api/session/person': (a: Asked) =>
      (a.body as { pin: string }).pin === '4826'
        ? json({ ...SESSION, id: 's2', name: 'Maren Oakhollow', may: ['read'] })
        : problem(422, 'x', { errors: [{ field: 'pin', message: 'is not the PIN of Maren Oakhollow' }] }),
  })
  page(
    signedIn(
      <>
        <PersonMenu />
        <Who />
      </>,
    ),
  )
  await screen.findByText(/Tove Lindgarth may plan/)
  await userEvent.click(screen.getByRole('button', { name: /change person/ }))
  expect(screen.getByRole('button', { name: /Tove Lindgarth · at it now/ })).toHaveProperty('disabled', true)
  await userEvent.click(screen.getByRole('button', { name: /Maren Oakhollow/ }))
  expect(screen.getByRole('button', { name: 'Take over' })).toHaveProperty('disabled', true)
  await userEvent.type(screen.getByLabelText('PIN of Maren Oakhollow'), 'a1b1c1d1{Enter}')
  await screen.findByText('That is not the PIN of Maren Oakhollow.')
  expect(sure(asked[0]).body).toEqual({ staff: 's2', pin: '1111' })
  expect(screen.getByLabelText('PIN of Maren Oakhollow')).toHaveProperty('value', '')
  await userEvent.type(screen.getByLabelText('PIN of Maren Oakhollow'), '4826{Enter}')
  await screen.findByText(/Maren Oakhollow may look/)
})

it('signs in, and names what was wrong without losing the name', async () => {
  server({
    'POST /api/session': (a: Asked) =>
      (a.body as { password: string }).password === 'right'
        ? json(SESSION)
        : problem(401, 'Name or password is wrong.'),
  })
  const done = vi.fn()
  page(<SignIn again={null} done={done} />)
  await userEvent.type(screen.getByLabelText('Sign-in name'), 'tove')
  await userEvent.type(screen.getByLabelText('Password'), 'wrong{Enter}')
  await screen.findByText('Name or password is wrong.')
  expect(screen.getByLabelText('Sign-in name')).toHaveProperty('value', 'tove')
  await userEvent.clear(screen.getByLabelText('Password'))
  await userEvent.type(screen.getByLabelText('Password'), 'right{Enter}')
  await waitFor(() => expect(done).toHaveBeenCalledWith(SESSION))
})

it('is laid over the view as a dialog when it is a second time', () => {
  page(<SignIn again={SESSION} done={() => {}} />)
  expect(screen.getByRole('dialog', { name: 'Sign in again' })).toBeTruthy()
  expect(screen.getByText(/What you typed is still behind this/)).toBeTruthy()
})
