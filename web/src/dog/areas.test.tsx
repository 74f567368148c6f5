// What is drawn of a dog's coat: areas with one number each, edges as hair has them, layers in their order.
import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { areasOf } from './areas'
import type { DogLook } from './build'
import { coatOf } from './coat'
import { DogDrawing } from './DogDrawing'
import { edgeOf, evenly } from './edge'
import { fieldOf } from './field'
import type { Point } from './geometry'
import { sure } from '../sure'
import { tone } from './tone'
import { alike, type DrawnZone } from './zone'

const LOOK: DogLook = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'long',
  tail_carriage: 'up',
  coat: 'curly',
}
const drawn = (mm: (z: string) => number): Record<string, DrawnZone> =>
  Object.fromEntries(
    fieldOf(LOOK).zones.map((z) => [z, { id: z, label: z, mm: mm(z), drawnMm: mm(z), planned: true }]),
  )
const areas = (mm: (z: string) => number) =>
  areasOf(fieldOf(LOOK), Object.fromEntries(Object.entries(drawn(mm)).map(([z, q]) => [z, alike(q)])))
const show = (zones: Record<string, DrawnZone>, change: Partial<Parameters<typeof DogDrawing>[0]> = {}) =>
  render(
    <DogDrawing
      look={LOOK}
      zones={zones}
      side="left"
      selected={null}
      onSelect={() => undefined}
      name="Brisk"
      {...change}
    />,
  ).container

describe('areas', () => {
  it('are one for the body, one for the tail and one for the ear where all is alike', () => {
    expect(areas(() => 16).map((a) => a.zones.length)).toEqual([fieldOf(LOOK).body.length, 3, 2])
  })
  it('do not join what is alike but apart', () => {
    const apart = areas((z) => (z === 'skull' || z === 'belly' ? 3 : 16))
    expect(apart.filter((a) => a.zones.length === 1 && /skull|belly/.test(sure(a.zones[0])))).toHaveLength(2)
  })
  it('hold every zone once, and a number stands on the dog', () => {
    const all = areas((z) => z.length)
    expect(all.flatMap((a) => a.zones).sort()).toEqual([...fieldOf(LOOK).zones].sort())
    for (const a of all.filter((one) => one.zones.length > 2)) expect(a.spot.room).toBeGreaterThan(0)
  })
  it('carry one number each; single zones have their own while they are chosen one by one', () => {
    show(drawn(() => 16))
    expect(screen.getAllByText('16')).toHaveLength(3)
    expect(screen.getAllByRole('option')).toHaveLength(fieldOf(LOOK).zones.length)
    show(
      drawn(() => 16),
      { cells: true, tag: 'b-' },
    )
    expect(screen.getAllByText('16').length).toBeGreaterThan(10)
  })
  it('in hand have a line of dark and light, seen on every tone', () => {
    const zones = drawn(() => 16)
    zones.back = { ...sure(zones.back), now: true }
    const lines = show(zones).querySelectorAll('[data-now] path')
    expect([...lines].map((l) => (l as SVGElement).style.stroke)).toEqual(['var(--sheet)', 'var(--thistle)'])
  })
})

describe('edges', () => {
  const ring = Array.from({ length: 60 }, (_, i): Point => {
    const a = (i / 60) * Math.PI * 2
    return [Math.cos(a) * 10, 11 + Math.sin(a) * 10]
  })
  const hair = (cm: number) => ({ length: () => cm, lay: (): Point => [0.2, -0.95] })
  const ys = (d: string) => [...d.matchAll(/-?\d+\.\d+ (-?\d+\.\d+)/g)].map((m) => Number(m[1]))

  it('are crisp where hair is short and differ by coat where it is long', () => {
    const long = (['curl', 'tuft', 'lock', 'cord'] as const).map((k) => edgeOf([ring], k, hair(3)))
    expect(new Set([...long, edgeOf([ring], 'crisp', hair(3))]).size).toBe(5)
    for (const d of long) expect(d).not.toContain('NaN')
    expect(edgeOf([ring], 'curl', hair(0.1))).not.toContain('Q')
  })
  it('hang: locks are below, none above, none below the ground', () => {
    const d = edgeOf([ring], 'lock', hair(8))
    expect(Math.max(...ys(d))).toBeLessThanOrEqual(-0.12 + 1e-9)
    expect(Math.min(...ys(d))).toBeGreaterThan(-21.6)
    const low = ring.map(([x, y]): Point => [x, y + 20])
    expect(Math.max(...ys(edgeOf([low], 'lock', hair(8))))).toBeGreaterThan(-20)
  })
  it('are taken in even steps', () => {
    const points = evenly(ring, 2)
    const gaps = points
      .slice(1)
      .map((p, i) => Math.hypot(p[0] - sure(points[i])[0], p[1] - sure(points[i])[1]))
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(0.1)
  })
  it('keep 400 mm and none at all drawable', () => {
    for (const mm of [0, 400]) {
      const p = coatOf(
        fieldOf(LOOK),
        'silky_drop',
        Object.fromEntries(fieldOf(LOOK).zones.map((z) => [z, mm])),
      )
      for (const d of [p.coat, p.tail, p.ear, p.far]) {
        expect(d).toMatch(/^M.*Z$/)
        expect(d).not.toContain('NaN')
      }
      expect(Math.max(...ys(p.coat))).toBeLessThan(0.6)
    }
  })
})

describe('what lies over what', () => {
  const order = (change: Partial<DogLook>) => {
    const look = { ...LOOK, ...change }
    return [
      ...show(
        drawn(() => 10),
        { look },
      ).querySelectorAll('[data-layer]'),
    ].map((l) => l.getAttribute('data-layer'))
  }
  it('is the tail behind the body, but over the back where it is carried there', () => {
    expect(order({})).toEqual(['tail', 'coat', 'ear'])
    expect(order({ tail_type: 'curled' })).toEqual(['coat', 'tail', 'ear'])
  })
})

describe('tones', () => {
  it('tell 3, 10, 16, 26 and 60 mm apart', () => {
    const steps = [3, 10, 16, 26, 60].map(tone)
    for (let i = 1; i < steps.length; i++) expect(sure(steps[i]) - sure(steps[i - 1])).toBeGreaterThan(0.1)
  })
})
