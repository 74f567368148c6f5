// A new dog taken up from a draft: what was chosen stands.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, it } from 'vitest'
import { lists, page, server, signedIn } from '../../testing'
import { Book } from './Book'
import { NewDog } from './DogForm'

const row = (id: string, name: string) => ({
  id,
  name,
  breed: 'cross',
  coat: 'curly',
  household: 'M',
  person: 'Aveline',
  phone: '0555',
  state: 'active',
  cautions: 0,
  last_visit: null,
  next_booking: null,
})

it('leaves what a draft says as it was chosen, whatever the breed usually has', async () => {
  server({
    'GET /api/words': {
      zones: [],
      lists: lists({ build: ['low', 'square'].map((id) => ({ id, label: id })) }),
    },
    'GET /api/dogs/new/hints': {
      suggests: [{ field: 'build', value: 'low', label: 'low' }],
      why: 'usual',
      homes: [],
      carries: [],
    },
  })
  const first = page(signedIn(<NewDog />))
  await userEvent.type(await screen.findByLabelText('Breed or cross'), 'low')
  await waitFor(() => expect(screen.getByLabelText('Build')).toHaveProperty('value', 'low'))
  await userEvent.selectOptions(screen.getByLabelText('Build'), 'square')
  await waitFor(() => expect(Object.values(sessionStorage).join()).toContain('"build":"square"'))
  first.unmount()
  page(signedIn(<NewDog />))
  await screen.findByText(/usual/)
  // What a suggestion puts in its place would be kept as the draft.
  expect(Object.values(sessionStorage).join()).toContain('"build":"square"')
})

it('hands what was looked for on to a new dog, unless one is called so', async () => {
  server({
    'GET /api/dogs': { dogs: [row('q', 'Squill')], next: null, near: true },
    'GET /api/words': { zones: [], lists: lists() },
    'GET /api/dogs/new/hints': { suggests: [], why: '', homes: [], carries: [] },
  })
  const views = (
    <Routes>
      <Route path="/" element={<Book />} />
      <Route path="/dogs/new" element={<NewDog />} />
    </Routes>
  )
  const first = page(signedIn(views))
  await userEvent.type(await screen.findByLabelText('Which dog?'), 'quill')
  await userEvent.click(screen.getByRole('button', { name: 'New dog' }))
  expect(await screen.findByLabelText('Name')).toHaveProperty('value', 'Quill')
  first.unmount()
  sessionStorage.clear()
  page(signedIn(views))
  await screen.findByText('Squill')
  await userEvent.type(screen.getByLabelText('Which dog?'), 'squ')
  await userEvent.click(screen.getByRole('button', { name: 'New dog' }))
  expect(await screen.findByLabelText('Name')).toHaveProperty('value', '')
})

it('begins from what was said on the phone', async () => {
  const asked = server({
    'GET /api/words': {
      zones: [],
      lists: lists({ coat: ['curly', 'wire'].map((id) => ({ id, label: id })) }),
    },
    'GET /api/dogs': { dogs: [], next: null, near: false },
    'POST /api/quote/answer': {
      from_minutes: 110,
      to_minutes: 225,
      from_minor: 11470,
      to_minor: 19320,
      words: 'Told on Mon 4 May: full groom, 110 to 225 min.',
      reasons: [],
      warnings: [{ code: 'seen_first', level: 'note', message: 'Said again at arrival.' }],
    },
    'GET /api/dogs/new/hints': { suggests: [], why: '', homes: [], carries: [] },
  })
  page(
    signedIn(
      <Routes>
        <Route path="/" element={<Book />} />
        <Route path="/dogs/new" element={<NewDog />} />
      </Routes>,
    ),
  )
  await userEvent.click(await screen.findByRole('button', { name: 'Phone quote' }))
  expect(screen.getByText(/Say the weight/)).toBeTruthy()
  await userEvent.type(screen.getByLabelText('Weight (kg)'), '9,5')
  expect(await screen.findByText(/1 h 50 to 3 h 45/)).toBeTruthy()
  expect(screen.getByText('Said again at arrival.')).toBeTruthy()
  await userEvent.click(screen.getByRole('button', { name: 'Take the dog in with this' }))
  expect(await screen.findByLabelText('Weight (kg)')).toHaveProperty('value', '9.5')
  expect(asked.some((a) => (a.body as { kg?: number } | null)?.kg === 9.5)).toBe(true)
})
