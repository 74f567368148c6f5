// The head of a dog's view and its cautions on a phone, and the tools of a kit as chips.
import { fireEvent, screen, within } from '@testing-library/react'
import { useLocation } from 'react-router'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { draftOf, type RecipeDraft } from '../app/queries'
import { page, server, signedIn } from '../testing'
import { Cautions } from './Cautions'
import { DogHead } from './DogHead'
import { ToolChips } from './ToolChips'

function onAPhone(yes: boolean) {
  vi.stubGlobal('matchMedia', (query: string) => ({
    matches: yes && query.includes('max-width'),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }))
}
afterEach(() => vi.unstubAllGlobals())

describe('the head of a view', () => {
  it('shows every action where there is room', () => {
    onAPhone(false)
    page(
      <DogHead dog="d1" name="Tansy" about="curly coat">
        <button>Arrival</button>
        <button>Table</button>
      </DogHead>,
    )
    expect(screen.getByRole('button', { name: 'Table' })).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'More for Tansy' })).toBeNull()
  })

  it('keeps the first in sight on a phone, the others behind one button', () => {
    onAPhone(true)
    const taken = vi.fn()
    page(
      <DogHead dog="d1" name="Tansy" about="curly coat">
        <button>Arrival</button>
        <button onClick={taken}>Table</button>
      </DogHead>,
    )
    expect(screen.getByRole('button', { name: 'Arrival' })).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Table' })).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'More for Tansy' }))
    fireEvent.click(screen.getByRole('button', { name: 'Table' }))
    expect(taken).toHaveBeenCalledOnce()
    expect(screen.queryByRole('button', { name: 'Table' })).toBeNull()
  })
})

describe('keys where a dog is open', () => {
  it('lead to the drawing and to its views, but not while something is typed', () => {
    onAPhone(false)
    function Where() {
      return <p data-testid="where">{useLocation().pathname}</p>
    }
    page(
      <>
        <main>
          <DogHead dog="d1" name="Tansy" about="">
            <button>Arrival</button>
          </DogHead>
          <svg role="listbox" tabIndex={0} aria-label="the dog" />
          <input aria-label="note" />
        </main>
        <Where />
      </>,
    )
    fireEvent.keyDown(document.body, { key: 'd' })
    expect(document.activeElement).toBe(screen.getByRole('listbox'))
    fireEvent.keyDown(screen.getByLabelText('note'), { key: 't' })
    expect(screen.getByTestId('where').textContent).toBe('/')
    for (const [key, where] of [
      ['t', '/dogs/d1/table'],
      ['a', '/dogs/d1/arrival'],
      ['c', '/dogs/d1'],
    ] as const) {
      fireEvent.keyDown(document.body, { key })
      expect(screen.getByTestId('where').textContent).toBe(where)
    }
  })
})

describe('cautions on a phone', () => {
  const all = [
    { code: 'a', level: 'danger' as const, message: 'Heart: short sessions.' },
    { code: 'b', level: 'danger' as const, message: 'Bites at the feet.' },
    { code: 'c', level: 'caution' as const, message: 'Old dog.' },
    { code: 'd', level: 'note' as const, message: 'Likes cheese.' },
  ]
  it('stack all that is dangerous and count the rest', () => {
    onAPhone(true)
    page(<Cautions cautions={all} />)
    expect(screen.getByText('Heart: short sessions.')).toBeTruthy()
    expect(screen.getByText('Bites at the feet.')).toBeTruthy()
    expect(screen.queryByText('Old dog.')).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: '2 more cautions' }))
    expect(screen.getByText('Likes cheese.')).toBeTruthy()
  })

  it('are all in sight where there is room', () => {
    onAPhone(false)
    page(<Cautions cautions={all} />)
    expect(screen.getByText('Likes cheese.')).toBeTruthy()
  })
})

describe('the tools of a kit', () => {
  const guard = (mm: number, place: string) => ({
    id: `g${mm}${place}`,
    kind: 'guard',
    label: `${mm} mm guard`,
    nominal_mm: mm,
    measured_mm: null,
    place,
    keeper: null,
  })
  const items = [
    guard(16, 'mill'),
    guard(13, 'mill'),
    guard(20, 'mill'),
    guard(19, 'van'),
    { ...guard(1.5, 'mill'), kind: 'blade', label: '10' },
  ]
  const draft = { ...draftOf(null), method: 'guard', tool: { kind: 'guard', mm: 16, base: '7F' } }
  const kit = (change: (draft: RecipeDraft) => void) => {
    server({ 'GET /api/kit': { items } })
    page(signedIn(<ToolChips draft={draft} place="mill" onChange={change} />))
  }
  const group = async () => {
    const found = await screen.findByRole('group', { name: 'Tools of this kit' })
    return within(found)
  }

  it('are those of the place, the shortest first, and the one in hand is pressed', async () => {
    kit(() => undefined)
    const buttons = (await group()).getAllByRole('button')
    const chips = buttons.map((b) => b.getAttribute('aria-label') ?? b.textContent)
    expect(chips).toEqual([
      'Shorter: 13 guard',
      '10 blade',
      '13 guard',
      '16 guard',
      '20 guard',
      'Longer: 20 guard',
    ])
    expect((await group()).getByRole('button', { name: '16 guard', pressed: true })).toBeTruthy()
  })

  it('step from guard to guard and keep the base', async () => {
    const change = vi.fn()
    kit(change)
    fireEvent.click((await group()).getByRole('button', { name: /^Longer/ }))
    expect(change.mock.calls[0]?.[0]).toMatchObject({
      method: 'guard',
      tool: { kind: 'guard', mm: 20, base: '7F' },
    })
  })

  it('take a blade: the zone is clipped', async () => {
    const change = vi.fn()
    kit(change)
    fireEvent.click((await group()).getByRole('button', { name: '10 blade' }))
    expect(change.mock.calls[0]?.[0]).toMatchObject({ method: 'clip', tool: { kind: 'blade', label: '10' } })
  })
})
