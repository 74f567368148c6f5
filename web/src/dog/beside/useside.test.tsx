// A view gets its drawing also where somebody else has had it made meanwhile.
import { act, renderHook, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Answer, Ask } from './ask'

const asked: { ask: Ask; answer: (said: Answer) => void }[] = []
vi.mock('./beside', () => ({
  hasWorker: true,
  askBeside: (ask: Ask) => new Promise<Answer>((answer) => asked.push({ ask, answer })),
}))

import { drawingOf, useSide } from './useSide'

const LOOK = {
  build: 'low',
  muzzle: 'short',
  ear_type: 'button',
  ear_set: 'high',
  tail_type: 'bob',
  tail_carriage: 'level',
  coat: 'wire',
}
const FIELD = { bones: [] } as unknown as Answer
const drawn = (name: string) => ({ paths: [name], areas: {} }) as unknown as Answer

/** Answers the oldest question that is open. */
async function answer(said: Answer) {
  await waitFor(() => expect(asked.length).toBeGreaterThan(0))
  await act(() => Promise.resolve(asked.shift()?.answer(said)))
}

describe('the drawing beside', () => {
  beforeEach(() => asked.splice(0))

  it('comes where another view has had it drawn while this one waited for the one before', async () => {
    const side = renderHook(({ lengths }) => useSide(LOOK, lengths, '{}'), { initialProps: { lengths: '1' } })
    expect(side.result.current).toBe(null)
    await answer(FIELD)
    await waitFor(() => expect(asked[0]?.ask).toMatchObject({ what: 'draw', lengths: '1' }))
    // Now another length is wanted here, and drawn for somebody else, before the first has come.
    side.rerender({ lengths: '2' })
    const theirs = drawingOf(LOOK, '2', '{}')
    await waitFor(() => expect(asked).toHaveLength(2))
    await act(() => Promise.resolve(asked.pop()?.answer(drawn('two'))))
    await theirs
    await answer(drawn('one'))
    await waitFor(() => expect(side.result.current).toMatchObject({ paths: ['two'] }))
    expect(asked).toEqual([])
  })
})
