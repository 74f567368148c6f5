// What was done, on one line at the table: as planned in one tap, otherwise with its reason, nothing that
// was only heard.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { json, page, RECIPE, server, signedIn, type Asked } from '../../testing'
import { LineDone } from './LineDone'
import type { Shown } from '../../parts/taps'

const TEN = { ...RECIPE, tool: { kind: 'blade', label: '10' }, words: '10 blade, with the lay' }
const view = (change = {}) => ({
  line: '',
  revision: 4,
  zones: [],
  changed: [],
  gone: [],
  spoken: [],
  faults: [],
  paper: '',
  from_paper: [],
  words: { zone: ['back'], tool: ['10'] },
  ...change,
})
const groom = {
  dog: { id: 'd1' },
  zones: [
    { zone: 'back', planned: RECIPE },
    { zone: 'belly', planned: RECIPE },
  ],
} as unknown as Shown

function open(answer: (line: string) => unknown) {
  const tap = vi.fn()
  const close = vi.fn()
  const shown = vi.fn()
  server({
    'GET /api/dogs/d1/line': view(),
    'POST /api/dogs/d1/line/answer': (a: Asked) => json(answer((a.body as { line: string }).line)),
  })
  page(
    signedIn(
      <LineDone
        groom={groom}
        labels={{ back: 'back', belly: 'belly' }}
        onShown={shown}
        onTap={tap}
        onClose={close}
      />,
    ),
  )
  return { tap, close, shown }
}
const zones = [
  { zone: 'back', recipe: RECIPE, finished_mm: 3.2 },
  { zone: 'belly', recipe: TEN, finished_mm: 1.5 },
]

describe('the line at the table', () => {
  it('taps what is as planned at once', async () => {
    const { tap, close, shown } = open((line) => (line === 'back: 7F' ? view({ zones: [zones[0]] }) : view()))
    await userEvent.type(await screen.findByLabelText('What was done, on one line'), 'back: 7F')
    expect(await screen.findByText('as planned: back')).toBeTruthy()
    expect(shown).toHaveBeenLastCalledWith([zones[0]])
    await userEvent.click(screen.getByRole('button', { name: 'Done so' }))
    expect(tap.mock.calls).toEqual([[{ kind: 'zone', zones: ['back'], state: 'done' }]])
    expect(close).toHaveBeenCalled()
  })
  it('asks why for what was done otherwise, one tap for all', async () => {
    const { tap } = open((line) => (line.includes('belly') ? view({ zones }) : view()))
    await userEvent.type(await screen.findByLabelText('What was done, on one line'), 'back: 7F; belly: 10')
    expect(await screen.findByText('as planned: back · differently: belly')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Done so' })).toBeNull()
    await userEvent.click(await screen.findByRole('button', { name: 'looked better so' }))
    const { words, ...recipe } = TEN
    expect(words).toBeTruthy()
    expect(tap.mock.calls).toEqual([
      [{ kind: 'zone', zones: ['back'], state: 'done' }],
      [{ kind: 'zone', zones: ['belly'], state: 'done', actual: recipe, why: 'looked better so' }],
    ])
  })
  it('keeps nothing with a fault, nothing heard, nothing empty', async () => {
    const { tap } = open((line) =>
      line.includes('ten')
        ? view({ zones, spoken: [{ at: 7, length: 3, said: 'ten', means: '10' }] })
        : view({
            faults: line
              ? [{ at: 1, length: 1, word: line, expected: 'a zone', nearest: null, message: '' }]
              : [],
          }),
    )
    const field = await screen.findByLabelText('What was done, on one line')
    expect(screen.getByRole('button', { name: 'Done so' })).toHaveProperty('disabled', true)
    await userEvent.type(field, 'b{Enter}')
    await screen.findByText(/expected a zone/)
    await userEvent.type(field, 'ack: ten')
    await screen.findByText(/“ten” is 10/)
    expect(screen.getByRole('button', { name: 'Done so' })).toHaveProperty('disabled', true)
    expect(tap).not.toHaveBeenCalled()
    await userEvent.click(screen.getByRole('button', { name: 'Yes, that is it' }))
    await waitFor(() => expect(screen.getByRole('button', { name: 'slip of the hand' })).toBeTruthy())
  })
})
