// The parts of the card that decide something on the spot: conflicts, the recipe's fields, the zone sheet,
// what is new.
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../app/client'
import { json, page, problem, RECIPE, server, signedIn, zone, type Asked } from '../../testing'
import { KIT, WORDS } from './testing'
import { Conflict } from './Conflict'
import { ZoneSheet } from './ZoneSheet'
import { sure } from '../../sure'

const ANSWER = {
  zone: 'back',
  length: {
    finished_mm: 3.2,
    low_mm: 2.9,
    high_mm: 3.5,
    inch: '1/8',
    estimated: false,
    reasons: [],
    warnings: [],
  },
  blends: [],
  recovery: null,
  here: {
    makes: true,
    words: '',
    lay: 'with',
    finished_mm: 3.2,
    difference_mm: 0,
    close: true,
    reasons: [],
    warnings: [],
  },
  options: [],
}

describe('a conflict', () => {
  it('shows both and leaves the choice', async () => {
    const [mine, theirs] = [vi.fn(), vi.fn()]
    const both = {
      type: '',
      status: 412,
      title: 'Idris changed this zone meanwhile.',
      changed_by: 'Idris Fenwater',
      theirs: { ...RECIPE, words: '10 blade' },
      yours: RECIPE,
    }
    page(<Conflict problem={both} busy={false} onMine={mine} onTheirs={theirs} />)
    expect(screen.getByTestId('theirs').textContent).toBe('10 blade')
    expect(screen.getByTestId('yours').textContent).toBe('7F blade, with the lay')
    await userEvent.click(screen.getByRole('button', { name: 'Use mine' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep theirs' }))
    expect([mine.mock.calls.length, theirs.mock.calls.length]).toEqual([1, 1])
  })
  it('says when the other one took the zone out', () => {
    page(
      <Conflict
        problem={{ type: '', status: 412, title: 'x', theirs: null, yours: RECIPE }}
        busy
        onMine={() => {}}
        onTheirs={() => {}}
      />,
    )
    expect(screen.getByTestId('theirs').textContent).toBe('taken out of the plan')
    expect(screen.getByRole('button', { name: 'Use mine' })).toHaveProperty('disabled', true)
  })
})

function sheet(zones: Schemas['ZoneView'][], of: string) {
  const words = Object.fromEntries(
    zones.map((z) => [
      z.zone,
      { id: z.zone, label: z.zone.replace('_', ', '), side: '', group: 'body', meets: [], shapes: [] },
    ]),
  )
  return (
    <ZoneSheet
      dogId="d1"
      card={{ zones, place: 'mill' } as unknown as Schemas['CardView']}
      zone={words[of] as never}
      zones={words as never}
      words={WORDS}
      canChange
      onZone={() => {}}
      onVisit={() => {}}
    />
  )
}

describe('the zone sheet', () => {
  const put = 'PUT /api/dogs/d1/plan/back'
  it('wants a hard line to a neighbour, and lets the two blend again', async () => {
    let wanted = false
    const line = { label: 'rump', finished_mm: 16.6, words: 'thinning shears', reasons: [] }
    const asked = server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': () =>
        json({
          ...ANSWER,
          blends: [{ ...line, zone: 'rump', blend: wanted ? 'hard_line' : 'shears', hard_line: wanted }],
        }),
      'PUT /api/dogs/d1/hard-lines': (a: Asked) => {
        wanted = (a.body as { wanted: boolean }).wanted
        return json({ lines: [] })
      },
    })
    page(signedIn(sheet([zone('back'), zone('rump')], 'back')))
    const pressed = (is: boolean) =>
      screen.findByRole('button', { name: 'Hard line to rump', pressed: is }, { timeout: 5000 })
    await userEvent.click(await pressed(false))
    await userEvent.click(await pressed(true))
    await pressed(false)
    expect(asked.filter((a) => a.method === 'PUT').map((a) => a.body)).toEqual([
      { zone: 'back', other: 'rump', wanted: true },
      { zone: 'back', other: 'rump', wanted: false },
    ])
  })
  it('saves with the version it was begun from and offers undo', async () => {
    const asked = server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': ANSWER,
      [put]: { zone: 'back', version: 2, change: 'c1', revision: 5, recipe: RECIPE },
      'POST /api/log/c1/undo': {},
    })
    page(signedIn(sheet([zone('back')], 'back')))
    expect(screen.getByRole('button', { name: 'Save' })).toHaveProperty('disabled', true)
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '5F')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await screen.findByText('back: saved')
    const write = asked.find((a) => a.method === 'PUT')
    expect(write?.headers.get('If-Match')).toBe('"1"')
    expect(write?.headers.get('Idempotency-Key')).toBeTruthy()
    expect(write?.body).toMatchObject({ tool: { kind: 'blade', label: '5F' } })
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
    await screen.findByText('back: taken back')
    expect(asked.some((a) => a.path === '/api/log/c1/undo')).toBe(true)
  })
  it('keeps what was typed when the server refuses, and says why at the field', async () => {
    server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': ANSWER,
      [put]: () =>
        problem(422, 'Some fields need another look.', {
          errors: [{ field: 'tool', message: 'must be another blade' }],
        }),
    })
    page(signedIn(sheet([zone('back')], 'back')))
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '5F')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await screen.findByText('Blade must be another blade')
    expect(screen.getByLabelText('Blade')).toHaveProperty('value', '5F')
  })
  it('saves both sides in one write and takes them back as one', async () => {
    const asked = server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': { ...ANSWER, zone: 'ribs_left' },
      'POST /api/dogs/d1/plan/changes': {
        revision: 5,
        zones: ['ribs_left', 'ribs_right'].map((id) => ({
          zone: id,
          version: 2,
          change: id === 'ribs_left' ? 'c1' : 'c2',
          revision: 5,
          recipe: RECIPE,
        })),
      },
      'POST /api/log/c1/undo': {},
    })
    page(signedIn(sheet([zone('ribs_left'), zone('ribs_right')], 'ribs_left')))
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '5F')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await screen.findByText('ribs, left, both sides: saved')
    const [write] = asked.filter((a) => a.method !== 'GET' && !a.path.endsWith('/answer'))
    expect(sure(write).body).toMatchObject({
      changes: [
        { zone: 'ribs_left', version: 1, recipe: { tool: { label: '5F' } } },
        { zone: 'ribs_right', version: 1, recipe: { tool: { label: '5F' } } },
      ],
    })
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
    await screen.findByText('ribs, left: taken back')
    expect(asked.find((a) => a.path.endsWith('/undo'))?.body).toEqual({ also: ['c2'] })
  })
  it('leaves the other side alone where somebody changed it meanwhile', async () => {
    server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': { ...ANSWER, zone: 'ribs_left' },
      'PUT /api/dogs/d1/plan/ribs_left': {
        zone: 'ribs_left',
        version: 2,
        change: 'c1',
        revision: 5,
        recipe: RECIPE,
      },
      'POST /api/dogs/d1/plan/changes': () =>
        problem(412, 'changed', { changed_by: 'Idris Fenwater', version: 9, zone: 'ribs_right' }),
    })
    page(signedIn(sheet([zone('ribs_left'), zone('ribs_right')], 'ribs_left')))
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '5F')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await screen.findByText('ribs, right stays as it is: Idris Fenwater has changed it meanwhile')
    await screen.findByText('ribs, left: saved')
  })
  it('is there again after another tap or a reload, with its version, and says it is not saved', async () => {
    const asked = server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': ANSWER,
      [put]: () =>
        problem(412, 'Idris changed the back meanwhile.', {
          version: 4,
          changed_by: 'Idris',
          theirs: RECIPE,
          yours: RECIPE,
        }),
    })
    const first = page(signedIn(sheet([zone('back')], 'back')))
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '5F')
    first.unmount()
    const other = page(signedIn(sheet([zone('back'), zone('loin')], 'loin')))
    expect(await screen.findByText('Not saved yet either:')).toBeTruthy()
    other.unmount()
    // Somebody has changed it meanwhile: the version is still the one of before.
    page(signedIn(sheet([{ ...zone('back'), version: 4 }], 'back')))
    expect(await screen.findByLabelText('Blade')).toHaveProperty('value', '5F')
    expect(screen.getByText('Changed here, not saved yet.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    const choice = await screen.findByRole('button', { name: 'Use mine' })
    expect(asked.find((a) => a.method === 'PUT')?.headers.get('If-Match')).toBe('"1"')
    expect(document.activeElement?.contains(choice)).toBe(true)
    expect(screen.queryByRole('button', { name: 'Save' })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Keep theirs' }))
    expect(screen.queryByText('Changed here, not saved yet.')).toBeNull()
    expect(sessionStorage).toHaveLength(0)
  })
  it('puts back what was there', async () => {
    server({ 'GET /api/kit': KIT, 'POST /api/dogs/d1/answer': ANSWER })
    page(signedIn(sheet([zone('back')], 'back')))
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '5F')
    await userEvent.click(screen.getByRole('button', { name: 'Put back' }))
    expect(screen.getByLabelText('Blade')).toHaveProperty('value', '7F')
  })
  it('says it when the answer cannot be had, and still saves', async () => {
    server({
      'GET /api/kit': KIT,
      'POST /api/dogs/d1/answer': () => problem(503, 'resting'),
      [put]: () => json({ zone: 'back', version: 2, change: 'c1', revision: 5, recipe: RECIPE }),
    })
    page(signedIn(sheet([zone('back')], 'back')))
    await userEvent.selectOptions(await screen.findByLabelText('Blade'), '10')
    expect(screen.getByTestId('finished').textContent).toBe('…')
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    await screen.findByText('back: saved')
  })
})
