// The parts of Arrival that must not lose anything: the comb's own arithmetic-free bookkeeping, saving
// behind, signing.
import { act, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { afterEach, describe, expect, it, vi, beforeEach } from 'vitest'
import { ApiError } from '../../app/client'
import { painting } from '../../dog/keys'
import type { DrawnZone } from '../../dog/zone'
import type { DogLook } from '../../dog/build'
import { CloseUpDrawing } from '../../dog/close/CloseUpDrawing'
import { zonesOfView } from '../../dog/close/views'
import { hours } from '../../ui/words'
import { combOf, sendable, withMat, type CombDraft, type MatDraft } from '../../parts/comb'
import { SignaturePad } from './SignaturePad'
import { useAutosave } from './useAutosave'
import { SEVERITIES } from '../../testing'
import { sure } from '../../sure'

const EMPTY: CombDraft = { stops_first: null, stops_second: null, zones: [], choice: 'as_reckoned' }

const mat = (comb: CombDraft, zone: string, change: Partial<MatDraft>) =>
  withMat(comb, zone, change, SEVERITIES)

describe('a comb test', () => {
  it('starts a zone at half of it, and asks for clearance only where it matters', () => {
    const comb = mat(EMPTY, 'chest', { severity: 2 })
    expect(comb.zones[0]).toMatchObject({ zone: 'chest', severity: 2, spread: 0.5, clearance: null })
    expect(sure(mat(comb, 'chest', { severity: 3 }).zones[0]).clearance).toBeNull()
    expect(
      sure(mat(mat(comb, 'chest', { severity: 3, clearance: true }), 'chest', { severity: 4 }).zones[0])
        .clearance,
    ).toBeNull()
  })
  it('keeps what was said of a zone while its severity changes, but no decision about another one', () => {
    let comb = mat(EMPTY, 'chest', { severity: 2 })
    comb = mat(comb, 'chest', { spread: 0.75, skin: 'red', overrule: 'clip', why: 'enough' })
    comb = mat(comb, 'chest', { severity: 1 })
    expect(comb.zones).toEqual([
      { zone: 'chest', severity: 1, spread: 0.75, clearance: null, skin: 'red', overrule: null, why: '' },
    ])
    expect(mat(comb, 'chest', { severity: 0 }).zones[0]).toMatchObject({ severity: 0, spread: null })
  })
  it('does not send a decision before its reason is typed', () => {
    const comb = mat(mat(EMPTY, 'chest', { severity: 2 }), 'chest', { overrule: 'clip' })
    expect(sure(sendable(comb).zones[0]).overrule).toBeNull()
    expect(sure(sendable(mat(comb, 'chest', { why: 'enough' })).zones[0]).overrule).toBe('clip')
  })
  it('is read back as it was sent', () => {
    const zone = {
      ...mat(EMPTY, 'chest', { severity: 2 }).zones[0],
      decision: 'loosen',
      words: '',
      reasons: [],
    }
    expect(
      combOf({ stops_first: 3, stops_second: null, choice: 'even_out', zones: [zone] } as never),
    ).toEqual({
      stops_first: 3,
      stops_second: null,
      choice: 'even_out',
      zones: mat(EMPTY, 'chest', { severity: 2 }).zones,
    })
  })
  it('writes minutes as people say them', () => {
    expect([hours(45), hours(60), hours(185)]).toEqual(['45 min', '1 h 00', '3 h 05'])
  })
})

function problem(status: number, more = {}): ApiError {
  return new ApiError(status, { type: '', title: 'x', status, ...more })
}

describe('saving behind', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => vi.useRealTimers())
  it('shows at once, sends the newest only, one at a time', async () => {
    vi.useFakeTimers()
    const answers: (() => void)[] = []
    const put = vi.fn(
      (_: string, version: number) => new Promise<number>((done) => answers.push(() => done(version + 1))),
    )
    const { result } = renderHook(() => useAutosave<string>({ name: 'x', me: 's1' }, '', 1, put))
    act(() => result.current.change('a'))
    act(() => result.current.change('ab'))
    expect(result.current.value).toBe('ab')
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect(put.mock.calls).toEqual([['ab', 1]])
    act(() => result.current.change('abc'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect(put).toHaveBeenCalledOnce()
    await act(() => Promise.resolve(sure(answers[0])()))
    expect(put.mock.calls[1]).toEqual(['abc', 2])
    await act(() => Promise.resolve(sure(answers[1])()))
    expect(result.current.status).toBe('saved')
  })
  it('keeps trying while there is no server, and loses nothing', async () => {
    vi.useFakeTimers()
    const put = vi
      .fn()
      .mockRejectedValueOnce(problem(0))
      .mockRejectedValueOnce(problem(503))
      .mockResolvedValue(2)
    const { result } = renderHook(() => useAutosave<string>({ name: 'x', me: 's1' }, '', 1, put))
    act(() => result.current.change('kept'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect([result.current.status, result.current.value]).toEqual(['waiting', 'kept'])
    await act(() => vi.advanceTimersByTimeAsync(6000))
    expect(result.current.status).toBe('saved')
    expect(put).toHaveBeenCalledTimes(3)
  })
  it('stops at a refusal until something is changed', async () => {
    vi.useFakeTimers()
    const put = vi
      .fn()
      .mockRejectedValueOnce(problem(422, { errors: [{ field: 'kg', message: 'must be a number' }] }))
      .mockResolvedValue(2)
    const { result } = renderHook(() => useAutosave<string>({ name: 'x', me: 's1' }, '', 1, put))
    act(() => result.current.change('ninety'))
    await act(() => vi.advanceTimersByTimeAsync(9000))
    expect([result.current.status, put.mock.calls.length, result.current.error?.fields.kg]).toEqual([
      'refused',
      1,
      'must be a number',
    ])
    act(() => result.current.change('90'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect([result.current.status, result.current.error]).toEqual(['saved', null])
  })
  it('asks when somebody else was faster: mine on top of theirs, or theirs', async () => {
    vi.useFakeTimers()
    const put = vi
      .fn()
      .mockRejectedValueOnce(problem(412, { version: 7 }))
      .mockResolvedValue(8)
    const { result } = renderHook(() => useAutosave<string>({ name: 'x', me: 's1' }, '', 1, put))
    act(() => result.current.change('mine'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect(result.current.status).toBe('conflict')
    await act(() => Promise.resolve(result.current.keepMine()))
    expect(put.mock.calls[1]).toEqual(['mine', 7])
    act(() => result.current.takeTheirs('theirs', 9))
    expect([result.current.value, result.current.status]).toEqual(['theirs', 'saved'])
  })
  it('asks once where it goes on from what the salon never had', async () => {
    vi.useFakeTimers()
    const put = vi
      .fn()
      .mockRejectedValueOnce(problem(412, { version: 2 }))
      .mockResolvedValue(3)
    // A device had counted on to 5, and was cleared.
    const { result } = renderHook(() => useAutosave<string>({ name: 'x', me: 's1' }, '', 5, put))
    act(() => result.current.change('mine'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect([result.current.status, put.mock.lastCall]).toEqual(['unheard', ['mine', 5]])
    await act(() => Promise.resolve(result.current.keepMine()))
    expect(put.mock.lastCall).toEqual(['mine', 2])
    expect([result.current.value, result.current.status]).toEqual(['mine', 'saved'])
    // It goes on from there.
    act(() => result.current.change('more'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    expect(put.mock.lastCall).toEqual(['more', 3])
  })
  it('is there again after a reload, for whoever typed it, and is saved then', async () => {
    vi.useFakeTimers()
    const put = vi.fn().mockRejectedValueOnce(problem(0)).mockResolvedValue(2)
    const open = (me: string) => renderHook(() => useAutosave<string>({ name: 'x', me }, 'theirs', 1, put))
    const first = open('s1')
    act(() => first.result.current.change('typed'))
    await act(() => vi.advanceTimersByTimeAsync(250))
    first.unmount()
    expect(open('s2').result.current.value).toBe('theirs')
    const again = open('s1')
    expect(again.result.current.value).toBe('typed')
    await act(() => vi.advanceTimersByTimeAsync(3000))
    expect(put.mock.lastCall).toEqual(['typed', 1])
    expect(again.result.current.status).toBe('saved')
  })
  it('takes over what others saved, but never over something of ours on its way', () => {
    vi.useFakeTimers()
    const { result } = renderHook(() =>
      useAutosave<string>({ name: 'x', me: 's1' }, 'a', 1, () => new Promise<number>(() => {})),
    )
    act(() => result.current.receive('old', 1))
    expect(result.current.value).toBe('a')
    act(() => result.current.receive('b', 2))
    expect(result.current.value).toBe('b')
    act(() => result.current.change('c'))
    act(() => result.current.receive('d', 3))
    expect(result.current.value).toBe('c')
  })
})

describe('a signature', () => {
  function Pad({ seen }: { seen: (p: string) => void }) {
    const [path, setPath] = useState('')
    return <SignaturePad value={path} onChange={(p) => (setPath(p), seen(p))} />
  }
  it('is a path of the strokes drawn, in a box of 600 × 200', async () => {
    const seen = vi.fn()
    render(<Pad seen={seen} />)
    const pad = screen.getByTestId('signature')
    pad.getBoundingClientRect = () => ({ left: 0, top: 0, width: 300, height: 100 }) as DOMRect
    fireEvent.pointerDown(pad, { clientX: 10, clientY: 20, pointerId: 1 })
    fireEvent.pointerMove(pad, { clientX: 60, clientY: 50, pointerId: 1 })
    fireEvent.pointerUp(pad)
    fireEvent.pointerMove(pad, { clientX: 90, clientY: 90, pointerId: 1 })
    expect(seen).toHaveBeenLastCalledWith('M20,40L21,40L120,100')
    await userEvent.click(screen.getByRole('button', { name: 'Once more' }))
    expect(seen).toHaveBeenLastCalledWith('')
  })
  it('can be a cross, by keyboard', async () => {
    const seen = vi.fn()
    render(<Pad seen={seen} />)
    screen.getByRole('button', { name: 'Sign with a cross' }).focus()
    await userEvent.keyboard('{Enter}')
    expect(seen.mock.lastCall?.[0]).toMatch(/^M\d+,\d+L/)
  })
})

const LOOK: DogLook = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'long',
  tail_carriage: 'up',
  coat: 'curly',
}

describe('the dog from below', () => {
  const zones = Object.fromEntries(
    zonesOfView('below', LOOK).map((z): [string, DrawnZone] => [
      z,
      {
        id: z,
        label: z,
        mm: null,
        drawnMm: 5,
        planned: true,
        mat: { severity: z === 'belly' ? 3 : 0, text: z === 'belly' ? '3' : '' },
      },
    ]),
  )
  it('reaches every place by arrow keys and takes a digit', () => {
    const reached = new Set<string>()
    const digit = vi.fn()
    function Below() {
      const [zone, setZone] = useState<string | null>(null)
      return (
        <CloseUpDrawing
          view="below"
          look={LOOK}
          zones={zones}
          selected={zone}
          onSelect={(z) => (reached.add(z), setZone(z))}
          onDigit={digit}
          name="Tansy"
        />
      )
    }
    render(<Below />)
    screen.getByRole('listbox').focus()
    for (let i = 0; i < 12; i++)
      for (const key of [
        'ArrowUp',
        'ArrowLeft',
        'ArrowDown',
        'ArrowDown',
        'ArrowRight',
        'ArrowUp',
        'ArrowRight',
        'ArrowDown',
      ].slice(i % 3))
        fireEvent.keyDown(screen.getByRole('listbox'), { key })
    fireEvent.keyDown(screen.getByRole('listbox'), { key: '2' })
    expect(digit).toHaveBeenCalledWith(2)
    expect(reached.size).toBeGreaterThan(6)
    expect(screen.getByRole('option', { name: 'belly, severity 3' })).toBeTruthy()
  })
  it('tells each zone a stroke comes upon once', async () => {
    const paint = vi.fn()
    render(
      <svg data-testid="stage" {...painting(paint)}>
        <path data-zone="back" />
        <path data-zone="loin" />
      </svg>,
    )
    const at = (zone: string) =>
      (document.elementFromPoint = () => document.querySelector(`[data-zone=${zone}]`))
    at('back')
    fireEvent.pointerDown(screen.getByTestId('stage'), { pointerId: 1 })
    fireEvent.pointerMove(screen.getByTestId('stage'), { buttons: 1 })
    at('loin')
    fireEvent.pointerMove(screen.getByTestId('stage'), { buttons: 1 })
    fireEvent.pointerMove(screen.getByTestId('stage'), { buttons: 0 })
    await waitFor(() => expect(paint.mock.calls).toEqual([['back'], ['loin']]))
  })
})
