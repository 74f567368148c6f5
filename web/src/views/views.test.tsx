// Book, log, house style and the dog form on pretended answers: finding, undoing, refusals at their field,
// stale versions.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { useLocation } from 'react-router'
import { json, page, problem, server, SESSION, signedIn, type Asked, lists } from '../testing'
import { Book } from './book/Book'
import { NewDog } from './book/DogForm'
import { House } from './house/House'
import { Log } from './log/Log'
import { sure } from '../sure'

function Here() {
  return <output data-testid="here">{useLocation().pathname}</output>
}
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

describe('the book', () => {
  it('opens the first dog of what was typed, even when Enter comes before the answer', async () => {
    let answer: (r: Response) => void = () => {}
    server({
      'GET /api/dogs': () => json({ dogs: [row('a', 'Abel')], next: null, near: false }),
    })
    page(
      signedIn(
        <>
          <Book />
          <Here />
        </>,
      ),
    )
    await screen.findByText('Abel')
    server({ 'GET /api/dogs': () => new Promise<Response>((done) => (answer = done)) })
    await userEvent.type(screen.getByLabelText('Which dog?'), 'tan{Enter}')
    expect(screen.getByTestId('here').textContent).toBe('/')
    answer(json({ dogs: [row('t', 'Tansy')], next: null, near: false }))
    await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/dogs/t'))
  })
  it('walks by arrow keys, and typing goes on in the field', async () => {
    server({ 'GET /api/dogs': { dogs: [row('a', 'Abel'), row('b', 'Bess')], next: null, near: false } })
    page(signedIn(<Book />))
    await screen.findByText('Bess')
    screen.getByLabelText('Which dog?').focus()
    await userEvent.keyboard('{ArrowDown}{ArrowDown}')
    expect(document.activeElement?.textContent).toContain('Bess')
    await userEvent.keyboard('{ArrowUp}{ArrowUp}')
    expect(document.activeElement).toBe(screen.getByLabelText('Which dog?'))
    await userEvent.keyboard('{ArrowDown}x')
    expect(screen.getByLabelText('Which dog?')).toHaveProperty('value', 'x')
  })
  it('says so when nobody matches, and when the salon cannot be reached', async () => {
    server({ 'GET /api/dogs': { dogs: [], next: null, near: false } })
    page(signedIn(<Book />))
    await userEvent.type(await screen.findByLabelText('Which dog?'), 'zzz')
    await screen.findByText(/Nobody called “zzz”/)
  })
})

describe('the log', () => {
  const entry = {
    id: 'c1',
    at: '2026-11-25T10:00:00Z',
    who: 'Tove',
    kind: 'plan_zone',
    subject: 'back',
    dog: 'd1',
    dog_name: 'Tansy',
    summary: 'back: 7F → 5F',
    can_undo: true,
    undone: false,
  }
  it('takes a change back and says what', async () => {
    const asked = server({ 'GET /api/log': { entries: [entry], next: null }, 'POST /api/log/c1/undo': {} })
    page(signedIn(<Log />))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo: back: 7F → 5F' }))
    await screen.findByText('Taken back: back: 7F → 5F')
    expect(asked.some((a) => a.path === '/api/log/c1/undo' && a.headers.get('Idempotency-Key'))).toBe(true)
  })
  it('says why a change cannot be taken back', async () => {
    server({
      'GET /api/log': { entries: [entry], next: null },
      'POST /api/log/c1/undo': () => problem(409, 'Idris has changed it since.'),
    })
    page(signedIn(<Log />))
    await userEvent.click(await screen.findByRole('button', { name: /Undo/ }))
    await screen.findByText('Idris has changed it since.')
  })
  it('is plainly empty', async () => {
    server({ 'GET /api/log': { entries: [], next: null } })
    page(signedIn(<Log />))
    await screen.findByText('Nothing has been changed yet.')
  })
})

describe('house style', () => {
  const house = {
    version: 4,
    name: 'The Fulling Room',
    currency: 'EUR',
    mat_limit: 12,
    asks_for_vaccination: true,
    hemisphere: 'north',
    time_zone: 'UTC',
    time_zones: ['UTC'],
    school_groups: [{ label: 'When it is done', points: ['pads'] }],
    schools: [
      {
        point: 'pads',
        label: 'Pads, when',
        chosen: 'before_bath',
        sides: [
          { id: 'before_bath', what: 'before the bath', why: 'less to dry' },
          { id: 'after_dry', what: 'after drying', why: 'hair stands away' },
        ],
      },
    ],
    styles: [{ kind: 'tail', name: 'carrot', drawing: 'carrot', why: 'to a point', own: false }],
    rights: [
      { right: 'read', words: 'open cards', roles: ['manager', 'apprentice'] },
      { right: 'house', words: 'change house style', roles: ['manager'] },
    ],
  }
  function asManager(cache: { setQueryData: (key: unknown[], data: unknown) => unknown }) {
    cache.setQueryData(['session'], { ...SESSION, may: [...SESSION.may, 'house'] })
  }
  it('says what a choice breaks before it is saved', async () => {
    server({
      'GET /api/house': house,
      'POST /api/house/answer': (a: Asked) =>
        json({
          breaks:
            (a.body as { schools: { pads: string } }).schools.pads === 'after_dry'
              ? [{ field: 'schools.pads', message: 'contradicts the must' }]
              : [],
        }),
    })
    asManager(page(signedIn(<House />)).cache)
    await userEvent.click(await screen.findByRole('radio', { name: /after drying/ }))
    expect(await screen.findByText('contradicts the must')).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: /before the bath/ }))
    await waitFor(() => expect(screen.queryByText('contradicts the must')).toBeNull())
  })
  it('keeps a style of our own with the drawing it is like', async () => {
    const asked = server({ 'GET /api/house': house, 'PUT /api/house': () => json({ ...house, version: 5 }) })
    asManager(page(signedIn(<House />)).cache)
    await userEvent.click(sure((await screen.findAllByRole('button', { name: 'our own' }))[4]))
    await userEvent.type(screen.getByLabelText('Our name for it'), 'weir brush')
    await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
    await userEvent.click(screen.getByRole('button', { name: 'Save house style' }))
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({
        styles: [{ kind: 'tail', name: 'weir brush', drawing: 'carrot' }],
      }),
    )
  })
  it('names a contradiction at its row and keeps the choice', async () => {
    const asked = server({
      'GET /api/house': house,
      'PUT /api/house': () =>
        problem(422, 'x', {
          errors: [{ field: 'schools.pads', message: 'contradicts the must "pads before nails"' }],
        }),
    })
    asManager(page(signedIn(<House />)).cache)
    await userEvent.click(await screen.findByRole('radio', { name: /after drying/ }))
    await userEvent.click(await screen.findByRole('button', { name: 'Save house style' }))
    await screen.findByText('contradicts the must "pads before nails"')
    expect(screen.getByRole('radio', { name: /after drying/ })).toHaveProperty('checked', true)
    const put = asked.find((a) => a.method === 'PUT')
    expect([put?.headers.get('If-Match'), (put?.body as { schools: unknown }).schools]).toEqual([
      '"4"',
      { pads: 'after_dry' },
    ])
  })
  it('sends what is no number as it was typed, and shows what is allowed', async () => {
    const asked = server({
      'GET /api/house': house,
      'PUT /api/house': () =>
        problem(422, 'x', {
          errors: [{ field: 'mat_limit', message: 'must be a number from 1 to 100' }],
        }),
    })
    asManager(page(signedIn(<House />)).cache)
    const field = await screen.findByLabelText('Matting score to be back at')
    await userEvent.clear(field)
    await userEvent.type(field, 'sixty')
    await userEvent.click(await screen.findByRole('button', { name: 'Save house style' }))
    await screen.findByText('Matting score to be back at must be a number from 1 to 100')
    expect((asked.find((a) => a.method === 'PUT')?.body as { mat_limit: unknown }).mat_limit).toBe('sixty')
    expect(field).toHaveProperty('value', 'sixty')
  })
  it('shows the manager who may do what', async () => {
    server({ 'GET /api/house': house, 'POST /api/house/answer': { breaks: [] } })
    const { cache } = page(signedIn(<House />))
    asManager(cache)
    const table = await screen.findByRole('table')
    expect(within(table).getByRole('row', { name: /open cards/ }).textContent).toBe('open cardsyesyes')
    expect(within(table).getByRole('row', { name: /change house style/ }).textContent).toBe(
      'change house styleyes–',
    )
  })
  it('finds a point by its words, in the group of what it changes', async () => {
    server({ 'GET /api/house': house })
    page(signedIn(<House />))
    const group = await screen.findByRole('region', { name: 'When it is done' })
    expect(within(group).getByText('less to dry')).toBeTruthy()
    await userEvent.type(screen.getByLabelText('Find a point'), 'Stands away')
    expect(screen.getByText('1 found')).toBeTruthy()
    await userEvent.type(screen.getByLabelText('Find a point'), ' ears')
    expect(screen.getByText('No point speaks of “Stands away ears”.')).toBeTruthy()
    expect(screen.queryByText('less to dry')).toBeNull()
  })
  it('is only read by those who may not change it', async () => {
    server({ 'GET /api/house': house })
    page(signedIn(<House />))
    await screen.findByText('less to dry')
    expect(screen.queryByRole('button', { name: 'Save house style' })).toBeNull()
  })
})

describe('a new dog', () => {
  it('is taken up where it was left, and can be begun anew', async () => {
    server({ 'GET /api/words': { zones: [], lists: lists() } })
    const first = page(signedIn(<NewDog />))
    await userEvent.type(await screen.findByLabelText('Name'), 'Brisk')
    await waitFor(() => expect(sessionStorage).toHaveLength(1))
    first.unmount()
    page(signedIn(<NewDog />))
    expect(await screen.findByLabelText('Name')).toHaveProperty('value', 'Brisk')
    await userEvent.click(screen.getByRole('button', { name: 'Begin anew' }))
    expect(screen.getByLabelText('Name')).toHaveProperty('value', '')
    expect(sessionStorage).toHaveLength(0)
  })
  it('keeps everything typed when it is refused, names the fields, and is sent anew', async () => {
    let tries = 0
    const asked = server({
      'GET /api/words': { zones: [], lists: lists() },
      'POST /api/dogs': () =>
        ++tries === 1
          ? problem(422, 'x', {
              errors: [
                { field: 'kg', message: 'must be between 0.3 and 120 kg' },
                { field: 'owner.phone', message: 'is required' },
              ],
            })
          : json({ id: 'n1', name: 'Brisk' }, 201),
    })
    page(
      signedIn(
        <>
          <NewDog />
          <Here />
        </>,
      ),
    )
    await userEvent.type(await screen.findByLabelText('Name'), 'Brisk')
    await userEvent.type(screen.getByLabelText('Weight (kg)'), '9000')
    await userEvent.click(screen.getByRole('button', { name: 'Save Brisk' }))
    await screen.findByText('Weight (kg) must be between 0.3 and 120 kg')
    expect(screen.getByText('Phone is required')).toBeTruthy()
    expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Brisk')
    await userEvent.clear(screen.getByLabelText('Weight (kg)'))
    await userEvent.type(screen.getByLabelText('Weight (kg)'), '9,5')
    await userEvent.type(screen.getByLabelText('Phone'), '0555')
    await userEvent.click(screen.getByRole('button', { name: 'Save Brisk' }))
    await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/dogs/n1'))
    const posts = asked.filter((a) => a.method === 'POST')
    expect(posts.map((a) => (a.body as { kg: unknown }).kg)).toEqual([9000, 9.5])
    expect(sure(posts[0]).headers.get('Idempotency-Key')).not.toBe(
      sure(posts[1]).headers.get('Idempotency-Key'),
    )
  })
})
