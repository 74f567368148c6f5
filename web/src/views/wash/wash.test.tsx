// The wash: today's dogs, mixing with its date, labels, an empty bottle taken back, a reaction on the
// card, a ratio typed the wrong way round.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { json, page, problem, server, SESSION, signedIn, type Asked, lists } from '../../testing'
import { Wash } from './Wash'
import { sure } from '../../sure'

const TODAY = {
  litres: 1.42,
  concentrate_ml: 83.5,
  water_ml: 835,
  to_mix_l: 0.92,
  bottles: 2,
  stock_left_ml: 1766.5,
  short: null,
  standing_ml: 500,
  dogs: 2,
}
const OAT = {
  id: 'p1',
  version: 2,
  name: 'Oat wash',
  kind: 'shampoo',
  ratio: 10,
  ratio_words: '1:10',
  label_days: null,
  dwell_min: null,
  coats: [],
  bottle_ml: 500,
  stock_ml: 1850,
  litre_minor: 2400,
  note: '',
  active: true,
  today: TODAY,
}
const BOTTLE = {
  id: 'b1',
  version: 1,
  product: 'p1',
  name: 'Oat wash',
  ratio_words: '1:10',
  ml: 500,
  concentrate_ml: 45.5,
  mixed_on: '2026-11-25',
  discard_by: '2026-11-25',
  over: false,
  who: 'Pell',
  poured_on: null,
}
const DOG = {
  dog: 'd1',
  name: 'Tansy',
  coat: 'curly',
  kg: 11,
  time: '13:30',
  why: 'booked',
  product: 'p1',
  product_name: 'Oat wash',
  litres: 0.8,
  concentrate_ml: 72.7,
  dwell_min: 5,
  passes: 2,
  cost_minor: 174,
  reactions: [],
  differs: [],
  reasons: [],
}
const view = (change = {}) => ({
  day: '2026-11-25',
  currency: 'EUR',
  dogs: [DOG],
  products: [OAT],
  bottles: [BOTTLE, { ...BOTTLE, id: 'b2', over: true, discard_by: '2026-11-23' }],
  schools: [{ point: 'shampoo', label: 'Shampoo', what: 'pre-diluted', why: 'even' }],
  cautions: [],
  ...change,
})

function open(answers: Record<string, unknown> = {}) {
  const asked = server({
    'GET /api/wash': view(),
    'GET /api/words': { zones: [], lists: lists({ coat: [{ id: 'curly', label: 'curly' }] }) },
    ...answers,
  })
  const { cache } = page(signedIn(<Wash />))
  cache.setQueryData(['session'], { ...SESSION, may: [...SESSION.may, 'kit'] })
  return asked
}

describe('the wash', () => {
  it('says how much for whom, and what is past its day', async () => {
    open()
    expect(await screen.findByText('0.8 l Oat wash')).toBeTruthy()
    expect(screen.getByText(/2 passes, 5 min on the coat each/).textContent).toContain('1.74')
    expect(screen.getByText(/mix 0.92 l: 83.5 ml \+ 835 ml water, 2 bottles/)).toBeTruthy()
    expect(screen.getByText(/Pour away: past 23 Nov/)).toBeTruthy()
  })
  it('mixes what is missing once, and shows the labels of the new bottles', async () => {
    let sent = 0
    const print = vi.fn()
    vi.stubGlobal('print', print)
    const asked = open({
      'POST /api/wash/bottles': () =>
        sent++ === 0
          ? problem(422, 'x', { errors: [{ field: 'discard_by', message: 'must be the day it was mixed' }] })
          : json(view({ bottles: [BOTTLE, { ...BOTTLE, id: 'b9', ml: 420 }] }), 201),
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Mix Oat wash' }))
    expect(screen.getByLabelText('Litres of mixed shampoo')).toHaveProperty('value', '0.92')
    await userEvent.type(screen.getByLabelText('Discard by'), '2026-11-30')
    await userEvent.click(screen.getByRole('button', { name: 'Mixed: make the labels' }))
    expect(await screen.findByText('Discard by must be the day it was mixed')).toBeTruthy()
    await userEvent.clear(screen.getByLabelText('Discard by'))
    await userEvent.click(screen.getByRole('button', { name: 'Mixed: make the labels' }))
    expect(await screen.findByRole('heading', { name: 'Labels' })).toBeTruthy()
    expect(screen.getByText(/420 ml/)).toBeTruthy()
    expect(screen.queryByText(/500 ml/)).toBeNull()
    const keys = asked
      .filter((a) => a.path === '/api/wash/bottles')
      .map((a) => a.headers.get('Idempotency-Key'))
    expect(new Set(keys).size).toBe(2)
    expect(sure(asked.filter((a) => a.path === '/api/wash/bottles')[1]).body).toEqual({
      product: 'p1',
      litres: 0.92,
      discard_by: null,
    })
    await userEvent.click(screen.getByRole('button', { name: 'Print' }))
    expect(print).toHaveBeenCalledOnce()
    await userEvent.click(screen.getByRole('button', { name: 'Back to the wash' }))
    expect(await screen.findByText('Today’s dogs')).toBeTruthy()
  })
  it('empties a bottle and takes it back with the version it then has', async () => {
    const asked = open({ 'PUT /api/wash/bottles/b1': () => json(view()) })
    await userEvent.click(
      sure((await screen.findAllByRole('button', { name: 'Oat wash, 500 ml is empty' }))[0]),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Take back' }))
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'PUT').map((a) => [a.headers.get('If-Match'), a.body])).toEqual(
        [
          ['"1"', { poured: true }],
          ['"2"', { poured: false }],
        ],
      ),
    )
  })
  it('puts a reaction on the card with the caution in view', async () => {
    const asked = open({
      'POST /api/dogs/d1/reactions': (a: Asked) =>
        json(
          view({
            dogs: [
              {
                ...DOG,
                reactions: [
                  {
                    id: 'r1',
                    product: 'p1',
                    name: 'Oat wash',
                    what: (a.body as { what: string }).what,
                    on: '2026-11-25',
                  },
                ],
              },
            ],
          }),
          201,
        ),
      'DELETE /api/dogs/d1/reactions/r1': () => json(view()),
    })
    await userEvent.click(await screen.findByRole('button', { name: 'Tansy: skin reacted' }))
    expect(screen.getByText(/a vet now/)).toBeTruthy()
    await userEvent.type(screen.getByLabelText('What was seen'), 'red belly')
    await userEvent.click(screen.getByRole('button', { name: 'Put it on the card' }))
    expect(await screen.findByText(/Not Oat wash: red belly/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Tansy: skin reacted' }))
    await userEvent.click(
      await screen.findByRole('button', { name: 'Take off the card: Oat wash, red belly' }),
    )
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
  })
  it('asks about a ratio typed the wrong way round and keeps the rest of the form', async () => {
    const asked = open({
      'POST /api/wash/products': () =>
        problem(422, 'x', {
          errors: [{ field: 'ratio', message: 'says more concentrate than water: was 1:10 meant?' }],
        }),
    })
    await userEvent.click(await screen.findByRole('button', { name: 'New' }))
    await userEvent.type(screen.getByLabelText('Name'), 'Clover wash')
    await userEvent.clear(screen.getByLabelText('Ratio'))
    await userEvent.type(screen.getByLabelText('Ratio'), '10:1')
    await userEvent.type(screen.getByLabelText(/A litre of it costs/), '24,50')
    await userEvent.click(screen.getByRole('checkbox', { name: 'curly' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    expect(await screen.findByText(/was 1:10 meant/)).toBeTruthy()
    expect(screen.getByLabelText('Name')).toHaveProperty('value', 'Clover wash')
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      ratio: '10:1',
      litre_minor: 2450,
      coats: ['curly'],
      label_days: null,
    })
  })
  it('says so when nobody comes, nothing stands there and nothing is on the shelf', async () => {
    open({ 'GET /api/wash': view({ dogs: [], bottles: [], products: [] }) })
    expect(await screen.findByText(/Nobody is booked/)).toBeTruthy()
    expect(screen.getByText(/No product yet/)).toBeTruthy()
    expect(screen.getByText(/None. Bottles are washed/)).toBeTruthy()
  })
  it('says what is missing for a dog nobody weighed, and for one that bears nothing', async () => {
    open({
      'GET /api/wash': view({
        dogs: [
          { ...DOG, kg: null, litres: null },
          { ...DOG, dog: 'd2', name: 'Wick', product: null, litres: null },
        ],
      }),
    })
    expect(await screen.findByText(/Weigh the dog/)).toBeTruthy()
    expect(screen.getByText(/No product on the shelf/)).toBeTruthy()
  })
})
