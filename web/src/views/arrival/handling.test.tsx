// Handling and photos at arrival: stop or go, what instead, a record with its version, a photo that waits.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { json, page, problem, server } from '../../testing'
import { arrival, WORDS } from './testing'
import { Handling } from './Handling'
import { Photos } from '../../parts/Photos'

describe('handling', () => {
  const row = {
    tool: 'dryer',
    version: 2,
    tolerance: 1,
    where: '',
    trigger: 'the roar',
    cause: 'noise',
    works: 'feeding',
    hold: '',
    banned: 'sit',
    marker: '',
    treats: '',
    second_person: false,
    places: ['ears'],
    owner_says: 'fine at home',
    rung: 'near_body',
    next_rung: 'part_held',
    next_words: 'the part is held',
    minutes: 0.75,
    decision: 'substitute',
    substitute: 'towels',
    homework: 'A brush lying about.',
    visits_until_full: 6,
    earliest_full_on: '2027-05-01',
    warnings: [],
    reasons: [],
  }
  it('says stop or go, what instead, and keeps the owner’s word apart', () => {
    page(
      <Handling
        arrival={arrival({
          handling: [row],
          assignments: [
            {
              who: 'Pell',
              me: false,
              fits: false,
              second_person: false,
              flags: [{ tool: 'dryer', decision: 'substitute' }],
            },
          ],
        })}
        words={WORDS}
        canWork
      />,
    )
    expect(screen.getByText('Take something else')).toBeTruthy()
    expect(screen.getByText('towels')).toBeTruthy()
    expect(screen.getByText('The owner says').nextSibling?.textContent).toBe('fine at home')
    expect(screen.getByText('Never say').nextSibling?.textContent).toBe('sit')
    expect(screen.getByText('no')).toBeTruthy()
  })
  it('logs a rung and changes the record with its version', async () => {
    const asked = server({
      'POST /api/dogs/d1/handling/dryer/ladder': () => json({ ...row, next_words: 'held with it near' }, 201),
      'PUT /api/dogs/d1/handling/dryer': row,
    })
    page(<Handling arrival={arrival({ handling: [row] })} words={WORDS} canWork />)
    await userEvent.click(screen.getByRole('button', { name: 'Was afraid' }))
    await screen.findByText('dryer: held with it near comes next')
    expect(asked.at(-1)?.body).toEqual({ rung: 'part_held', calm: false })
    await userEvent.click(screen.getByRole('button', { name: 'Change' }))
    await userEvent.selectOptions(screen.getByLabelText('Tolerates it'), '3')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await waitFor(() => expect(asked.at(-1)?.method).toBe('PUT'))
    expect(asked.at(-1)?.headers.get('If-Match')).toBe('"2"')
    expect(asked.at(-1)?.body).toMatchObject({
      tolerance: 3,
      trigger: 'the roar',
      owner_says: 'fine at home',
    })
  })
  it('starts a record for a tool nobody has noted', async () => {
    const asked = server({ 'PUT /api/dogs/d1/handling/grinder': row })
    page(<Handling arrival={arrival()} words={WORDS} canWork />)
    await userEvent.click(screen.getByRole('button', { name: 'grinder' }))
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await waitFor(() => expect(asked.at(-1)?.headers.get('If-Match')).toBe('"0"'))
  })
})

describe('photos', () => {
  const file = () => new File(['x'], 'armpit.jpg', { type: 'image/jpeg' })
  it('keeps a photo that did not come through, and sends it again with the same key', async () => {
    let tries = 0
    const keys: (string | null)[] = []
    vi.stubGlobal(
      'fetch',
      vi.fn((request: Request) => {
        keys.push(request.headers.get('Idempotency-Key'))
        const response = ++tries === 1 ? problem(503, 'The server is not answering.') : json({ id: 'p' }, 201)
        return Promise.resolve(Object.defineProperty(response, 'url', { value: request.url }))
      }),
    )
    page(<Photos arrival={arrival()} labels={{ chest: 'chest' }} zone="chest" canWork />)
    await userEvent.upload(screen.getByLabelText('Photo file'), file())
    await screen.findByText(/The server is not answering/)
    await userEvent.click(screen.getByRole('button', { name: 'Send again' }))
    await waitFor(() => expect(screen.queryByText(/armpit.jpg/)).toBeNull())
    expect(keys[0]).toBe(keys[1])
  })
  it('says why one was refused, and which zones are not photographed', async () => {
    server({
      'POST /api/arrivals/a1/photos': () =>
        problem(422, 'x', { errors: [{ field: 'photo', message: 'is cut off: take or choose it again' }] }),
    })
    page(<Photos arrival={arrival()} labels={{ chest: 'chest' }} zone={null} canWork />)
    expect(screen.getAllByText('not photographed')).toHaveLength(2)
    await userEvent.upload(screen.getByLabelText('Photo file'), file())
    await screen.findByText(/The photo is cut off: take or choose it again/)
    await userEvent.click(screen.getByRole('button', { name: 'Leave it' }))
    expect(screen.queryByText(/armpit.jpg/)).toBeNull()
  })
  it('asks first where the owner has not agreed to photos', () => {
    const a = arrival()
    page(
      <Photos
        arrival={{ ...a, dog: { ...a.dog, photo_consent: false } }}
        labels={{}}
        zone={null}
        canWork={false}
      />,
    )
    expect(screen.getByText(/has not agreed to photos: ask first/)).toBeTruthy()
    expect(screen.queryByLabelText('Photo file')).toBeNull()
  })
})
