// The plan on one line: read while it is typed, faults with a way out, what was heard confirmed, kept with
// its version.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { json, page, problem, RECIPE, server, signedIn, type Asked } from '../testing'
import { Line } from './Line'
import { named, suggestions } from './LineField'

const WORDS = {
  zone: ['back', 'belly', 'ribs', 'ribs.l'],
  tool: ['10', '7F', 'scissor'],
  mark: ['against', '!', '>'],
  stop: ['elbow'],
  reason: ['comfort'],
}
const view = (change = {}) => ({
  line: 'back: 10',
  revision: 4,
  zones: [{ zone: 'back', recipe: RECIPE, finished_mm: 1.5 }],
  changed: [],
  gone: [],
  spoken: [],
  faults: [],
  paper: '',
  from_paper: [],
  words: WORDS,
  ...change,
})

function open(
  answer: (line: string) => unknown,
  put: (a: Asked) => Response = () => json(view({ line: 'back: 7F', revision: 5 })),
) {
  const shown = vi.fn()
  const asked = server({
    'GET /api/dogs/d1/line': view(),
    'POST /api/dogs/d1/line/answer': (a: Asked) => json(answer((a.body as { line: string }).line)),
    'PUT /api/dogs/d1/line': put,
  })
  page(
    signedIn(
      <Line dogId="d1" labels={{ back: 'back', belly: 'belly' }} onShown={shown} onClose={() => {}} />,
    ),
  )
  return { asked, shown }
}

describe('the line', () => {
  it('is followed by the dog and kept with the revision it was made from', async () => {
    const { asked, shown } = open((line) =>
      line === 'back: 7F' ? view({ line, changed: ['back'], gone: ['belly'] }) : view({ line }),
    )
    const field = await screen.findByLabelText('The plan on one line')
    await userEvent.clear(field)
    await userEvent.type(field, 'back: 7F')
    expect(await screen.findByText('changed: back · taken out: belly')).toBeTruthy()
    expect(shown).toHaveBeenLastCalledWith([expect.objectContaining({ zone: 'back' })], ['belly'])
    await userEvent.click(screen.getByRole('button', { name: 'Keep this plan' }))
    await waitFor(() => expect(asked.find((a) => a.method === 'PUT')?.headers.get('If-Match')).toBe('"4"'))
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ line: 'back: 7F', confirmed: false })
  })
  it('points at the word and puts the nearest in its place', async () => {
    open((line) =>
      line.startsWith('bakc')
        ? view({
            faults: [{ at: 1, length: 4, word: 'bakc', expected: 'a zone', nearest: 'back', message: '' }],
          })
        : view({ line }),
    )
    const field = await screen.findByLabelText('The plan on one line')
    await userEvent.clear(field)
    await userEvent.type(field, 'bakc: 10')
    await userEvent.click(await screen.findByRole('button', { name: 'back' }))
    expect(field).toHaveProperty('value', 'back: 10')
    expect(await screen.findByText('This is the plan as it is.')).toBeTruthy()
  })
  it('keeps nothing that was only heard before somebody nods', async () => {
    const { asked } = open((line) =>
      view({
        line,
        changed: ['back'],
        spoken: line.includes('ten') ? [{ at: 7, length: 3, said: 'ten', means: '10' }] : [],
      }),
    )
    const field = await screen.findByLabelText('The plan on one line')
    await userEvent.clear(field)
    await userEvent.type(field, 'back: ten')
    await screen.findByText(/“ten” is 10/)
    expect(screen.getByRole('button', { name: 'Keep this plan' })).toHaveProperty('disabled', true)
    await userEvent.click(screen.getByRole('button', { name: 'Yes, that is it' }))
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'Keep this plan' })).toHaveProperty('disabled', false),
    )
    await userEvent.type(field, '{Enter}')
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ line: 'back: ten', confirmed: true }),
    )
  })
  it('says when somebody was faster, and lets mine be read against theirs', async () => {
    open(
      (line) => view({ line, changed: ['back'] }),
      () => problem(412, 'Somebody changed this plan meanwhile.'),
    )
    const field = await screen.findByLabelText('The plan on one line')
    await userEvent.type(field, '; belly: 10')
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'Keep this plan' })).toHaveProperty('disabled', false),
    )
    await userEvent.click(screen.getByRole('button', { name: 'Keep this plan' }))
    await userEvent.click(await screen.findByRole('button', { name: /Mine stands/ }))
    await waitFor(() => expect(screen.queryByText(/Somebody changed/)).toBeNull())
    expect(field).toHaveProperty('value', 'back: 10; belly: 10')
  })
})

describe('zones named', () => {
  it('are four and a number', () => {
    expect(named('otherwise', ['a', 'b'], { a: 'back' })).toBe('otherwise: back, b')
    expect(named('otherwise', ['a', 'b', 'c', 'd', 'e', 'f'], {})).toBe('otherwise: a, b, c, d and 2 more')
    expect(named('otherwise', [], {})).toBe('')
  })
})

describe('what may come next', () => {
  it('follows the sign before it, and offers a zone once', () => {
    expect(suggestions('b', WORDS)).toEqual(['back', 'belly'])
    expect(suggestions('back b', WORDS)).toEqual(['belly'])
    expect(suggestions('back: ', WORDS)).toEqual(['10', '7F', 'scissor'])
    expect(suggestions('back: 10 >', WORDS)).toEqual(['elbow'])
    expect(suggestions('back: 10 @c', WORDS)).toEqual(['comfort'])
    expect(suggestions('back: 10 a', WORDS)).toEqual(['against'])
    expect(suggestions('back: 10; ribs.', WORDS)).toEqual(['ribs.l'])
  })
})
