// The drawn dog: every build can be drawn, hair is to scale, every side zone can be reached by keyboard.
import { describe, expect, it } from 'vitest'
import type { DogLook } from './build'
import { coatOf } from './coat'
import { neighbour } from './keys'
import { tone } from './tone'
import { fieldOf } from './field'
import { sample } from './raster'
import { capsule, noise, seeded, smin } from './geometry'
import { sure } from '../sure'

const look = (change: Partial<DogLook> = {}): DogLook => ({
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'long',
  tail_carriage: 'up',
  coat: 'curly',
  ...change,
})
const all = (mm: number) => Object.fromEntries(fieldOf(look()).zones.map((z) => [z, mm]))

/** Left, top, right and bottom of a path's points. */
function extent(path: string): [number, number, number, number] {
  const numbers = [...path.matchAll(/-?\d+\.\d+/g)].map((m) => Number(m[0]))
  const xs = numbers.filter((_, i) => i % 2 === 0)
  const ys = numbers.filter((_, i) => i % 2 === 1)
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)]
}

/** A short name of a long path, for snapshots. */
function fingerprint(path: string): string {
  let h = 0
  for (const c of path) h = (Math.imul(h, 31) + c.charCodeAt(0)) | 0
  return `${path.length}:${h >>> 0}`
}

describe('geometry', () => {
  it('measures a capsule', () => {
    expect(capsule(0, 3, [[-5, 0], [5, 0], 1, 1])).toBeCloseTo(2)
    expect(capsule(7, 0, [[-5, 0], [5, 0], 1, 2])).toBeCloseTo(0)
  })
  it('joins smoothly and never above the smaller', () => {
    for (let i = 0; i < 200; i++) {
      const a = noise(i, 1) * 5
      const b = noise(1, i) * 5
      expect(smin(a, b, 2)).toBeLessThanOrEqual(Math.min(a, b) + 1e-9)
    }
    expect(smin(0, 9, 2)).toBe(0)
  })
  it('repeats its random numbers', () => {
    const [a, b] = [seeded(7), seeded(7)]
    expect([a(), a(), a()]).toEqual([b(), b(), b()])
  })
})

describe('every build', () => {
  const builds = ['low', 'square', 'leggy', 'broad']
  const muzzles = ['flat', 'short', 'medium', 'long']
  const ears = ['drop', 'short_drop', 'long_drop', 'button', 'rose', 'prick']
  const tails: [string, string][] = [
    ['long', 'up'],
    ['long', 'level'],
    ['long', 'down'],
    ['plume', 'up'],
    ['curled', 'up'],
    ['curled', 'down'],
    ['bob', 'level'],
  ]
  const looks = [
    ...builds.flatMap((build) => muzzles.map((muzzle) => look({ build, muzzle }))),
    ...ears.map((ear_type) => look({ ear_type })),
    ...tails.map(([tail_type, tail_carriage]) => look({ tail_type, tail_carriage })),
  ]
  it.each(looks.map((l) => [Object.values(l).join(' '), l] as const))('%s', (_, l) => {
    const f = fieldOf(l)
    expect(f.paths.skin).toMatch(/^M.*Z$/)
    expect(f.paths.skin).not.toContain('NaN')
    for (const z of f.zones) {
      expect(f.paths.zones[z], z).not.toBe('')
      const [x, y] = sure(f.anchors[z])
      expect(
        sample(f, z.startsWith('ear_') ? f.ear.skin : f.spots[z] ? f.tail.skin : f.skin, x, y),
        `${z} is on the dog`,
      ).toBeLessThan(3.5)
    }
    const [ex, ey] = f.bones.eye
    expect(sample(f, f.skin, ex, ey), 'the eye is in the head').toBeLessThan(0)
    const [, , , bottom] = extent(f.paths.skin)
    expect(bottom, 'it stands on the ground').toBeGreaterThan(-1)
    expect(bottom).toBeLessThan(1)
  })
  it('stands higher the leggier it is', () => {
    const height = (build: string) => -extent(fieldOf(look({ build, tail_carriage: 'down' })).paths.skin)[1]
    expect(height('low')).toBeLessThan(height('square'))
    expect(height('square')).toBeLessThan(height('leggy'))
  })
})

describe('the coat', () => {
  const f = fieldOf(look())
  it('is the skin when bare and grows with every millimetre', () => {
    const sizes = [0, 3, 16, 30, 60].map((mm) => {
      const [l, t, r, b] = extent(coatOf(f, 'silky_drop', all(mm)).coat)
      return (r - l) * (b - t)
    })
    for (let i = 1; i < sizes.length; i++) expect(sizes[i]).toBeGreaterThan(sure(sizes[i - 1]))
  })
  it('is true to scale: 60 mm on the back stand about 2.5 cm off and lie the rest', () => {
    const top = (mm: number) =>
      -extent(coatOf(f, 'silky_drop', { ...all(1), back: mm, loin: mm, nape: mm, rump: mm }).coat)[1]
    expect(top(60)).toBeGreaterThanOrEqual(top(1))
    const hem = (mm: number) => extent(coatOf(f, 'silky_drop', { ...all(1), breeches_left: mm }).coat)[2]
    expect(hem(60) - hem(1)).toBeLessThan(6)
  })
  it('draws the same dog the same way', () => {
    expect(coatOf(f, 'curly', all(16))).toEqual(coatOf(f, 'curly', all(16)))
    expect(coatOf(f, 'curly', all(16)).strokes).not.toBe(coatOf(f, 'wire', all(16)).strokes)
  })
  it('keeps its drawing', () => {
    const p = coatOf(f, 'curly', all(16))
    expect({
      skin: fingerprint(f.paths.skin),
      coat: fingerprint(p.coat),
      ear: fingerprint(p.ear),
      back: fingerprint(sure(f.paths.zones.back)),
    }).toMatchSnapshot()
  })
  it('has a deeper tone for longer hair', () => {
    expect([tone(0), tone(60), tone(400)]).toEqual([0, 1, 1])
    expect(tone(3)).toBeLessThan(tone(16))
  })
})

describe('arrow keys', () => {
  it('reach every zone of the side view', () => {
    for (const l of [
      look(),
      look({ build: 'low', muzzle: 'flat', ear_type: 'rose', tail_type: 'bob' }),
      look({ build: 'leggy', ear_type: 'long_drop', tail_carriage: 'down' }),
    ]) {
      const f = fieldOf(l)
      const reached = new Set([neighbour(f.anchors, f.zones, null, 1, 0)])
      const queue = [...reached]
      while (queue.length) {
        const z = queue.pop() ?? ''
        for (const [dx, dy] of [
          [1, 0],
          [-1, 0],
          [0, 1],
          [0, -1],
        ]) {
          const next = neighbour(f.anchors, f.zones, z, sure(dx), sure(dy))
          if (!reached.has(next)) {
            reached.add(next)
            queue.push(next)
          }
        }
      }
      expect([...f.zones].filter((z) => !reached.has(z))).toEqual([])
    }
  })
})
