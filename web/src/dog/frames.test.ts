// Coats that were laid: once for the same lengths, with fewer hairs for a drawing that moves; the oldest goes
// when there are many.
import { describe, expect, it } from 'vitest'
import type { DogLook } from './build'
import { fieldOf } from './field'
import { laidCoat } from './frames'

const LOOK: DogLook = {
  build: 'low',
  muzzle: 'short',
  ear_type: 'button',
  ear_set: 'high',
  tail_type: 'bob',
  tail_carriage: 'level',
  coat: 'wire',
}

describe('coats laid ahead', () => {
  it('are laid once for the same lengths', () => {
    const field = fieldOf(LOOK)
    const known = laidCoat(field, 'wire', '{"back":4}')
    expect(laidCoat(field, 'wire', '{"back":4}')).toBe(known)
    expect(laidCoat(field, 'wire', '{"back":5}')).not.toBe(known)
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
