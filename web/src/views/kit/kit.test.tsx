// The kit: what asks for something is seen, five readings and their question, what changed step by step,
// entries taken back, retired with the reach in view.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, SESSION, signedIn, type Asked, lists } from '../../testing'
import { Kit } from './Kit'
import { DERIVATION, ITEM, REACH } from './testing'

const manager = { ...SESSION, may: [...SESSION.may, 'kit'] }

function open(answers: Record<string, unknown> = {}, session = manager) {
  const asked = server({
    'GET /api/kit': {
      items: [
        ITEM,
        {
          ...ITEM,
          id: 'k2',
          kind: 'guard',
          label: '16 mm guard',
          nominal_mm: 16,
          measured_mm: 16.6,
          cautions: [],
          worn_share: null,
          oil_in_min: null,
          care: ['run', 'disinfected'],
          sharpen_on: null,
        },
      ],
    },
    'GET /api/kit/k1': {
      item: ITEM,
      entries: [
        {
          id: 'e1',
          kind: 'run',
          at: '2026-11-25T09:00:00Z',
          minutes: 12,
          dirt: 'dirty',
          celsius: null,
          dog: 'Marl',
          who: 'Tove',
        },
      ],
      reach: REACH,
      derivation: null,
    },
    ...answers,
  })
  const { cache } = page(signedIn(<Kit />))
  cache.setQueryData(['session'], session)
  return asked
}

async function choose(label = '7F blade') {
  await userEvent.click(await screen.findByRole('button', { name: new RegExp(label) }))
}

describe('the kit', () => {
  it('shows what asks for something, and only that when asked', async () => {
    open()
    const row = await screen.findByRole('button', { name: /7F blade/ })
    expect(row.textContent).toContain('Disinfect before the next dog')
    expect(row.textContent).toContain('70 %')
    await userEvent.click(screen.getByRole('radio', { name: 'Needs attention (1)' }))
    expect(screen.queryByRole('button', { name: /16 mm guard/ })).toBeNull()
    expect(screen.getByRole('button', { name: /7F blade/ })).toBeTruthy()
  })
  it('writes down an entry and takes it back', async () => {
    const asked = open({
      'POST /api/kit/k1/entries': (a: Asked) =>
        json({ id: 'e9', kind: (a.body as { kind: string }).kind, celsius: null }, 201),
      'DELETE /api/kit/entries/e9': () => new Response(null, { status: 204 }),
    })
    await choose()
    await userEvent.click(await screen.findByRole('button', { name: 'Oiled' }))
    await userEvent.click(
      await within(
        await screen.findByText(/7F blade: oiled/).then((t) => t.parentElement as HTMLElement),
      ).findByRole('button', { name: 'Take back' }),
    )
    await waitFor(() => expect(asked.some((a) => a.method === 'DELETE')).toBe(true))
    await userEvent.type(screen.getByLabelText('Used on a dog, minutes'), '12,5')
    await userEvent.click(screen.getByRole('button', { name: 'Add' }))
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'POST').map((a) => a.body)).toContainEqual({
        kind: 'run',
        minutes: 12.5,
        dirt: 'clean',
      }),
    )
  })
  it('keeps five readings only when what is asked about has been looked at', async () => {
    let stroke = 0
    const asked = open({
      'POST /api/kit/k1/calliper/answer': () => json({ mm: [6.1, 6.2, 6.3, 6.2, 6.2][stroke++] }),
      'POST /api/kit/k1/measurement/answer': (a: Asked) =>
        json({
          mean_mm: 6.2,
          inch: '1/4',
          spread_mm: 0.2,
          cards: 9,
          reasons: [],
          questions:
            (a.body as { readings_mm: number[] }).readings_mm.length === 5
              ? [{ code: 'nominal', level: 'caution', message: 'It measures like a 5.' }]
              : [],
        }),
      'PUT /api/kit/k1/measurement': DERIVATION,
      'GET /api/kit/derivations/v1': {
        ...DERIVATION,
        done: 3000,
        changed: 1,
        finished: true,
        dogs: [
          {
            dog: 'd1',
            name: 'Tansy',
            zones: [{ zone: 'belly', label: 'belly', before_mm: 3.2, after_mm: 2.9, difference_mm: -0.3 }],
          },
        ],
      },
    })
    await choose()
    await userEvent.click(await screen.findByRole('tab', { name: 'Measure' }))
    for (let i = 0; i < 5; i++) {
      await userEvent.click(screen.getByRole('button', { name: 'Read the calliper' }))
      await screen.findByRole('button', { name: new RegExp(`Take reading ${i + 1} out`) })
    }
    await screen.findByText('It measures like a 5.')
    const keep = screen.getByRole('button', { name: 'Keep this length' })
    expect(keep).toHaveProperty('disabled', true)
    await userEvent.click(screen.getByRole('checkbox', { name: /it is this tool/ }))
    await userEvent.click(keep)
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
        readings_mm: [6.1, 6.2, 6.3, 6.2, 6.2],
        lay: 'with',
        base: null,
        confirmed: true,
      }),
    )
    expect(asked.find((a) => a.method === 'PUT')?.headers.get('If-Match')).toBe('"3"')
    expect(await screen.findByText('For one dog the card promises another length.')).toBeTruthy()
    expect(screen.getByText('3.2 → 2.9 mm (−0.3)')).toBeTruthy()
  })
  it('shows how far a list has come, and why it stopped', async () => {
    let looks = 0
    open({
      'GET /api/kit/k1': { item: ITEM, entries: [], reach: REACH, derivation: 'v1' },
      'GET /api/kit/derivations/v1': () =>
        json(
          looks++ === 0
            ? { ...DERIVATION, done: 1000 }
            : looks < 3
              ? { ...DERIVATION, done: 2000 }
              : { ...DERIVATION, done: 2000, why: 'The server was away.' },
        ),
    })
    await choose()
    await userEvent.click(await screen.findByRole('tab', { name: 'Measure' }))
    expect(await screen.findByText(/1000 of 3000 cards looked at/)).toBeTruthy()
    expect(await screen.findByText(/2000 of 3000 cards looked at/)).toBeTruthy()
    expect(await screen.findByText(/It stopped: The server was away/)).toBeTruthy()
  })
  it('types a reading, refuses rubbish, and lets one be taken out', async () => {
    open({
      'POST /api/kit/k1/measurement/answer': {
        mean_mm: 3.1,
        inch: '1/8',
        spread_mm: 0,
        cards: 1,
        reasons: [],
        questions: [],
      },
    })
    await choose()
    await userEvent.click(await screen.findByRole('tab', { name: 'Measure' }))
    const field = screen.getByLabelText('or type it, mm, Enter')
    await userEvent.type(field, 'abc{Enter}')
    expect(screen.getByText(/must be a number of mm/)).toBeTruthy()
    await userEvent.clear(field)
    await userEvent.type(field, '3,1{Enter}')
    await userEvent.click(await screen.findByRole('button', { name: 'Take reading 1 out: 3.1 mm' }))
    expect(screen.getByRole('button', { name: 'Keep this length' })).toHaveProperty('disabled', true)
  })
  it('says who needs a tool before it is retired', async () => {
    const asked = open({ 'PUT /api/kit/k1': { ...ITEM, version: 4 } })
    await choose()
    await userEvent.click(await screen.findByRole('tab', { name: 'Needed by' }))
    expect(await screen.findByText(/4 dogs need it/)).toBeTruthy()
    expect(screen.getByText(/Without it: 10 blade, 1.5 mm/).textContent).toContain('not close')
    await userEvent.click(screen.getByRole('tab', { name: 'Place' }))
    expect(screen.getByText(/4 dogs need it/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Retire it' }))
    await waitFor(() =>
      expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ active: false, place: 'mill' }),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Take back' }))
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'PUT')[1]?.headers.get('If-Match')).toBe('"4"'),
    )
  })
  it('adds a tool once, with the field that is wrong named', async () => {
    let sent = 0
    const asked = open({
      'GET /api/words': { zones: [], lists: lists({ blade: [{ id: '10', label: '10' }] }) },
      'POST /api/kit': () =>
        sent++ === 0
          ? problem(422, 'x', { errors: [{ field: 'nominal_mm', message: 'is required' }] })
          : json({ ...ITEM, id: 'k3' }, 201),
    })
    await screen.findByRole('button', { name: /7F blade/ })
    await userEvent.click(screen.getByRole('button', { name: 'New tool' }))
    await userEvent.selectOptions(screen.getByLabelText('What it is'), 'guard')
    await userEvent.type(screen.getByLabelText('What we call it'), 'wide 19')
    await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
    expect(await screen.findByText('As labelled, mm is required')).toBeTruthy()
    await userEvent.type(screen.getByLabelText('As labelled, mm'), '19')
    await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'POST')[1]?.body).toEqual({
        kind: 'guard',
        label: 'wide 19',
        nominal_mm: 19,
        place: 'mill',
      }),
    )
  })
  it('is only looked at by who may not change it', async () => {
    open({}, { ...SESSION, may: ['read'] })
    await choose()
    expect(await screen.findByText('Run since ground')).toBeTruthy()
    expect(screen.getByText('One snip tells.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Oiled' })).toBeNull()
    expect(screen.queryByRole('tab', { name: 'Place' })).toBeNull()
    expect(screen.queryByRole('button', { name: 'New tool' })).toBeNull()
  })
})
