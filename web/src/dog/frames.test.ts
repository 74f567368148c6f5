// Coats laid ahead: one by one while nothing else is to do, until they are not wanted any more; the oldest
// goes when there are many.
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { DogLook } from './build'
import { fieldOf } from './field'
import { laidCoat, prepareCoats } from './frames'
import { sure } from '../sure'

const LOOK: DogLook = {
  build: 'low',
  muzzle: 'short',
  ear_type: 'button',
  ear_set: 'high',
  tail_type: 'bob',
  tail_carriage: 'level',
  coat: 'wire',
}

afterEach(() => vi.unstubAllGlobals())

describe('coats laid ahead', () => {
  it('are laid one at a time and are there when they are asked for', () => {
    const waiting: (() => void)[] = []
    const dropped: number[] = []
    vi.stubGlobal('requestIdleCallback', (work: () => void) => waiting.push(work))
    vi.stubGlobal('cancelIdleCallback', (id: number) => dropped.push(id))
    const frames = [{ back: 4 }, { back: 5 }, { back: 6 }]
    const stop = prepareCoats(LOOK, frames)
    expect(waiting).toHaveLength(1)
    sure(waiting[0])()
    sure(waiting[1])()
    expect(waiting).toHaveLength(3)
    const field = fieldOf(LOOK)
    const known = laidCoat(field, 'wire', JSON.stringify(frames[0]))
    expect(laidCoat(field, 'wire', JSON.stringify(frames[0]))).toBe(known)
    stop()
    expect(dropped).toEqual([3])
  })
  it('have fewer hairs for a drawing that moves, of the same coat', () => {
    const coat = laidCoat(fieldOf(LOOK), 'wire', '{"back":30,"ribs_left":30}')
    expect(coat.few.length).toBeGreaterThan(100)
    expect(coat.few.length).toBeLessThan(coat.strokes.length / 3)
    expect(coat.strokes.startsWith(coat.few)).toBe(true)
  })
  it('are kept for a slider’s length only', () => {
    const field = fieldOf({ ...LOOK, tail_type: 'long' })
    const first = laidCoat(field, 'wire', '{"back":0}')
    for (let i = 1; i <= 140; i++) laidCoat(field, 'wire', `{"back":${i / 100}}`)
    expect(laidCoat(field, 'wire', '{"back":0}')).not.toBe(first)
  })
})
