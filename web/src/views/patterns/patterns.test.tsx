// House patterns: laid on a dog with what its coat forbids, taken over with consent, changed with a preview,
// let go.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, signedIn, zone, type Asked, lists } from '../../testing'
import { HousePattern } from '../card/HousePattern'
import { Patterns } from './Patterns'

const ROW = {
  id: 'p1',
  version: 2,
  name: 'Weir rounds',
  note: 'our most asked for',
  line: 'back: 16/10',
  followers: 2,
  behind: 1,
}
const PATTERN = {
  pattern: ROW,
  zones: [{ zone: 'back', label: 'back', words: '16 mm guard over 10, with the lay', finished_mm: 17 }],
  dogs: [
    { dog: 'd1', name: 'Tansy', coat: 'curly', taken: 2, behind: false, own: [] },
    { dog: 'd2', name: 'Hobnob', coat: 'curly', taken: 1, behind: true, own: ['skull'] },
  ],
  spread: null,
  job: null,
}
const JOB = {
  id: 'j1',
  about: 'house pattern Weir rounds changed',
  state: 'open',
  done: 1,
  total: 2,
  why: '',
  who: 'Tove',
  at: '2026-05-04T10:00:00Z',
}
const fitted = (change: Record<string, unknown>) => ({
  zone: 'back',
  label: 'back',
  verdict: 'fits',
  words: '16 mm guard over 10',
  finished_mm: 17,
  was_mm: 50,
  difference_mm: -33,
  why: 'Fits as it is.',
  instead: null,
  warnings: [],
  taken: true,
  ...change,
})
const FIT = {
  revision: 7,
  counts: { fits: 1, must_not: 1, kept: 1 },
  zones: [
    fitted({ zone: 'pads', label: 'pads' }),
    fitted({
      verdict: 'must_not',
      taken: false,
      why: 'A long double coat is not clipped by default.',
      warnings: [{ code: 'x', level: 'danger', message: 'may come back different' }],
    }),
    fitted({
      zone: 'belly',
      label: 'belly',
      verdict: 'kept',
      taken: false,
      why: 'belly is so for this dog’s comfort or health.',
    }),
  ],
}
const DOG = {
  id: 'd3',
  name: 'Sedge',
  build: 'square',
  muzzle: 'medium',
  ear_type: 'prick',
  ear_set: 'high',
  tail_type: 'curled',
  tail_carriage: 'up',
  coat: 'long_double',
}
const WORDS = {
  lists: lists(),
  zones: ['back', 'belly', 'skull'].map((id) => ({
    id,
    label: id,
    group: 'body',
    side: '',
    tender: false,
    thin_skin: false,
    share: 0.1,
    meets: ['back'],
    shapes: [],
  })),
}

function open(at: string, answers: Record<string, unknown> = {}) {
  const asked = server({
    'GET /api/patterns': { patterns: [ROW] },
    'GET /api/patterns/p1': PATTERN,
    'GET /api/words': WORDS,
    'GET /api/dogs': { dogs: [{ id: 'd3', name: 'Sedge', breed: 'sledge cross' }], cursor: null },
    'GET /api/dogs/d3/card': { dog: DOG, zones: [zone('back')] },
    'POST /api/dogs/d3/pattern/answer': FIT,
    'POST /api/patterns/p1/spread/answer': { line: 'back: 20/10', zones: PATTERN.zones, dogs: [] },
    ...answers,
  })
  page(signedIn(<Patterns />), at)
  return asked
}

describe('a pattern on a dog', () => {
  it('is found by name, says what does not fit and why, and takes over what fits', async () => {
    const asked = open('/patterns', {
      'PUT /api/dogs/d3/pattern': () =>
        json({ pattern: 'p1', name: 'Weir rounds', taken: 2, behind: false, own: [], revision: 8 }),
    })
    await userEvent.click(await screen.findByRole('button', { name: /Sedge/ }))
    const forbidden = await screen.findByRole('region', { name: 'This coat must not' })
    expect(forbidden.textContent).toContain('not clipped by default')
    expect(within(forbidden).getAllByText('may come back different')).toHaveLength(1)
    expect(screen.getByRole('region', { name: 'The dog’s own: stays' }).textContent).toContain('comfort')
    await userEvent.click(screen.getByRole('button', { name: 'Take over one zone' }))
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
        pattern: 'p1',
        zones: ['pads'],
        agreed: false,
      }),
    )
    expect(asked.find((a) => a.method === 'PUT')?.headers.get('If-Match')).toBe('"7"')
  })
  it('wants the owner’s word before a coat gets what it may not', async () => {
    const asked = open('/patterns?dog=d3', {
      'PUT /api/dogs/d3/pattern': () => problem(412, 'Somebody changed this plan meanwhile.'),
    })
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Take over back' }))
    const take = screen.getByRole('button', { name: 'Take over 2 zones' })
    expect(take).toHaveProperty('disabled', true)
    await userEvent.click(
      screen.getByRole('checkbox', { name: /The owner has heard the weeks and agreed, for back/ }),
    )
    await userEvent.click(take)
    expect(await screen.findByText(/Somebody changed this plan/)).toBeTruthy()
    expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ agreed: true })
    await userEvent.click(screen.getByRole('button', { name: 'Lay it on anew' }))
    await waitFor(() => expect(screen.queryByText(/Somebody changed this plan/)).toBeNull())
  })
})

describe('a pattern changed', () => {
  const SPREAD = {
    line: 'back: 20/10',
    zones: PATTERN.zones,
    dogs: [
      {
        dog: 'd1',
        name: 'Tansy',
        changes: [{ zone: 'back', label: 'back', words: '20 mm guard over 10', was_mm: 17, finished_mm: 21 }],
        stays: [],
      },
      {
        dog: 'd2',
        name: 'Hobnob',
        changes: [],
        stays: [{ zone: 'back', label: 'back', why: 'It was changed on this card since.' }],
      },
    ],
  }
  it('shows what each card would get before it is kept, and leaves out who is left out', async () => {
    let job: Record<string, unknown> | null = null
    const now = (spread: string | null) => ({ ...PATTERN, pattern: { ...ROW, version: 3 }, spread, job })
    const asked = open('/patterns', {
      'POST /api/patterns/p1/spread/answer': (a: Asked) =>
        json((a.body as { line: string }).line.includes('20') ? SPREAD : { ...SPREAD, dogs: [] }),
      'PUT /api/patterns/p1': () => {
        job = JOB
        return json(now('c1'))
      },
      'DELETE /api/patterns/p1/spread/c1': () => {
        job = JOB
        return json(now(null))
      },
      'GET /api/patterns/p1': () => json(now(null)),
    })
    await userEvent.click(await screen.findByRole('tab', { name: 'Change' }))
    const field = await screen.findByLabelText('The pattern on one line')
    await userEvent.clear(field)
    await userEvent.type(field, 'back: 20/10')
    expect(await screen.findByText('One card changes')).toBeTruthy()
    expect(screen.getByText(/It was changed on this card since/)).toBeTruthy()
    await userEvent.click(screen.getByRole('checkbox', { name: 'Tansy follows' }))
    expect(screen.getByRole('button', { name: 'Keep the pattern' })).toBeTruthy()
    await userEvent.click(screen.getByRole('checkbox', { name: 'Tansy follows' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep it, one card follows' }))
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({
        line: 'back: 20/10',
        spread: ['d1', 'd2'],
      }),
    )
    expect(await screen.findByText(/On its way to the cards: 1 of 2/)).toBeTruthy()
    expect(screen.queryByText('Kept, and one card follows')).toBeNull()
    job = { ...JOB, state: 'done', done: 2 }
    expect(await screen.findByText('Kept, and one card follows')).toBeTruthy()
    await userEvent.click(await screen.findByRole('button', { name: 'Take back on the cards' }))
    expect(await screen.findByText(/On its way to the cards: 1 of 2/)).toBeTruthy()
    job = { ...JOB, state: 'done', done: 2 }
    expect(await screen.findByText(/Taken back on the cards/)).toBeTruthy()
    expect(asked.some((a) => a.method === 'DELETE' && a.path === '/api/patterns/p1/spread/c1')).toBe(true)
  })
  it('says where what was sent to the cards came to no end', async () => {
    open('/patterns', {
      'GET /api/patterns/p1': { ...PATTERN, job: { ...JOB, state: 'failed', why: 'The salon was away.' } },
    })
    expect(await screen.findByText(/Not all cards followed: The salon was away/)).toBeTruthy()
  })
  it('names the word that is wrong and keeps nothing', async () => {
    open('/patterns', {
      'POST /api/patterns/p1/spread/answer': () =>
        problem(422, 'x', {
          errors: [
            { field: 'line', message: 'at character 1: "bakc"; expected a zone, did you mean "back"?' },
          ],
        }),
    })
    await userEvent.click(await screen.findByRole('tab', { name: 'Change' }))
    await userEvent.type(await screen.findByLabelText('The pattern on one line'), ' x')
    expect(await screen.findByText(/did you mean "back"/)).toBeTruthy()
    expect(screen.getByRole('button', { name: /Keep/ })).toHaveProperty('disabled', true)
  })
  it('lets a card go, and a new one is made', async () => {
    const asked = open('/patterns', {
      'DELETE /api/dogs/d2/pattern': () => json({ pattern: null }),
      'POST /api/patterns': (a: Asked) =>
        asked.filter((x) => x.path === '/api/patterns' && x.method === 'POST').length === 1
          ? problem(422, 'x', { errors: [{ field: 'name', message: 'is the name of another pattern' }] })
          : json({ ...PATTERN, pattern: { ...ROW, name: (a.body as { name: string }).name } }, 201),
    })
    await userEvent.click(await screen.findByRole('tab', { name: 'Who follows' }))
    expect(screen.getByText('has an older version')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Let go: Hobnob' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
    await userEvent.click(screen.getByRole('button', { name: 'New pattern' }))
    await userEvent.type(screen.getByLabelText('Name'), 'Weir rounds')
    await userEvent.click(screen.getByRole('button', { name: 'Save the pattern' }))
    expect(await screen.findByText('Name is the name of another pattern')).toBeTruthy()
    await userEvent.type(screen.getByLabelText('Name'), ' long')
    await userEvent.click(screen.getByRole('button', { name: 'Save the pattern' }))
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
  })
})

describe('the pattern of a card', () => {
  it('says which it follows, and saves its plan as one', async () => {
    const asked = server({
      'GET /api/dogs/d3/pattern': {
        pattern: 'p1',
        name: 'Weir rounds',
        taken: 1,
        behind: true,
        own: ['skull'],
        revision: 4,
      },
      'POST /api/patterns': () => json(PATTERN, 201),
    })
    page(signedIn(<HousePattern dogId="d3" label={(z) => `the ${z}`} />))
    expect(await screen.findByText(/has changed since/)).toBeTruthy()
    expect(screen.getByText(/the skull/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Save this plan as a pattern' }))
    await userEvent.type(screen.getByLabelText('Name of the pattern'), 'Sedge tidy')
    await userEvent.click(screen.getByRole('button', { name: 'Save it' }))
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'POST')?.body).toEqual({ name: 'Sedge tidy', dog: 'd3' }),
    )
  })
})
