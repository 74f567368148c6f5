// The head come close: from the dog's own build, both sides seen, the same zones, numbers and states.
import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { DogLook } from '../build'
import { rings } from '../raster'
import { sure } from '../../sure'
import type { DrawnZone } from '../zone'
import { CloseUpDrawing } from './CloseUpDrawing'
import { grow } from './plate'
import { blob, both, cap, ell, melt, moved, sym } from './shapes'
import { closeUpOf, keepOf, zonesOfView, type View } from './views'

const LOOK: DogLook = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'long',
  tail_carriage: 'up',
  coat: 'curly',
}
const look = (change: Partial<DogLook>): DogLook => ({ ...LOOK, ...change })
const LOOKS = [
  LOOK,
  look({ build: 'broad', muzzle: 'short', ear_type: 'rose', coat: 'smooth' }),
  look({ build: 'leggy', muzzle: 'long', ear_type: 'prick', coat: 'long_double' }),
  look({ build: 'low', muzzle: 'flat', ear_type: 'long_drop', coat: 'silky_drop' }),
  look({ ear_type: 'button', coat: 'wire' }),
]
const drawn = (mm: (z: string) => number, change: (z: string) => Partial<DrawnZone> = () => ({})) =>
  Object.fromEntries(
    zonesOfView('head', LOOK).map((z): [string, DrawnZone] => [
      z,
      { id: z, label: z, mm: mm(z), drawnMm: mm(z), planned: true, ...change(z) },
    ]),
  )

describe('shapes', () => {
  it('are below 0 inside and measure outside', () => {
    expect(ell(0, 0, 2, 1)(0, 0)).toBeLessThan(0)
    expect(cap([0, 0], [4, 0], 1)(2, 3)).toBeCloseTo(2)
    expect(blob([0, 2], [2, 0], [0, -2], [-2, 0])(0, 0)).toBeLessThan(-1)
    expect(moved(cap([0, 0], [0, 0], 1), 5, 0)(5, 0)).toBeCloseTo(-1)
    expect(melt(1, ell(0, 0, 1, 1), ell(3, 0, 1, 1))(1.5, 0)).toBeLessThan(0.51)
  })
  it('are the same on both sides where they are made so', () => {
    for (const f of [sym([0, 3], [2, 0], [0, -3]), both(ell(2, 0, 1, 1))])
      for (const [x, y] of [
        [1.3, 0.4],
        [2.2, -1],
      ] as const)
        expect(f(x, y)).toBeCloseTo(f(-x, y))
  })
})

describe('what comes close', () => {
  it.each(['head', 'above', 'below', 'feet', 'toes', 'rear'] as View[])(
    'holds only zones of the body, each at one place: %s',
    (view) => {
      const zones = zonesOfView(view, LOOK)
      expect(new Set(zones).size).toBe(zones.length)
      for (const z of zones.filter((one) => one.endsWith('_left')))
        expect(zones).toContain(z.replace('_left', '_right'))
    },
  )
  it('from below has every place a side view hides, in sight', () => {
    const kept = keepOf('below', LOOK)
    for (const z of [
      'belly_patch',
      'groin',
      'sheath_or_vulva',
      'channel',
      'under_tail_ring',
      'armpit_left',
      'inner_thigh_right',
      'pads_front_left',
      'between_toes_hind_right',
      'ear_inner_left',
    ])
      expect(Math.max(...kept.map((k) => k.spots[z]?.room ?? -9)), z).toBeGreaterThan(0.1)
  })
})

describe('the head', () => {
  it.each(LOOKS.map((l) => [`${l.build} ${l.muzzle} ${l.ear_type} ${l.coat}`, l] as const))(
    'of a %s dog has every zone as a closed path with room for a thumb in the large ones',
    (_, l) => {
      const [close, kept] = [closeUpOf('head', l), keepOf('head', l)]
      for (const [i, p] of close.plates.entries()) {
        const grown = grow(p, sure(kept[i]), l.coat, () => 16)
        expect(grown.outline).toMatch(/^M.*Z$/)
        expect(grown.outline + grown.strokes).not.toContain('NaN')
        for (const [z] of p.zones) expect(sure(kept[i]).paths[z], z).toMatch(/^M.*Z$/)
      }
      for (const z of ['skull', 'muzzle', 'ear_outer_left', 'ear_outer_right'])
        expect(Math.max(...kept.map((k) => k.spots[z]?.room ?? -9)), z).toBeGreaterThan(0.4)
    },
  )
  it('is the same left and right where the lengths are', () => {
    const [close, kept] = [closeUpOf('head', LOOK), keepOf('head', LOOK)]
    for (const [i, p] of close.plates.entries())
      for (const [z] of p.zones)
        if (z.endsWith('_left')) {
          const other = kept.find((k) => k.spots[z.replace('_left', '_right')])
          const a = sure(sure(kept[i]).spots[z]).room
          expect(Math.abs(a - sure(other?.spots[z.replace('_left', '_right')]).room), z).toBeLessThan(0.25)
        }
  })
  it('grows with its hair', () => {
    const [close, kept] = [closeUpOf('head', LOOK), keepOf('head', LOOK)]
    const i = close.plates.findIndex((p) => p.id === 'skull')
    const wide = (mm: number) => {
      const d = grow(sure(close.plates[i]), sure(kept[i]), 'curly', () => mm).outline
      const xs = [...d.matchAll(/(-?\d+\.\d+) -?\d/g)].map((m) => Number(m[1]))
      return Math.max(...xs) - Math.min(...xs)
    }
    expect(wide(25) - wide(3)).toBeGreaterThan(2)
    expect(rings(sure(kept[i]).raster, sure(sure(kept[i]).cells[0])).length).toBeGreaterThan(0)
  })
  it('writes one number for a face of one length, and both ears their own', () => {
    render(
      <CloseUpDrawing
        view="head"
        look={LOOK}
        zones={drawn((z) => (z.startsWith('ear') ? 30 : z.startsWith('neck') || z === 'throat' ? 9 : 12))}
        selected={null}
        onSelect={() => undefined}
        name="Brisk"
      />,
    )
    expect(screen.getAllByText('12')).toHaveLength(1)
    expect(screen.getAllByText('30').length).toBeGreaterThanOrEqual(2)
    expect(screen.getAllByText('9')).toHaveLength(1)
  })
  it('is walked by arrow keys, takes a digit and opens a zone', () => {
    const select = vi.fn()
    const digit = vi.fn()
    const open = vi.fn()
    const head = (selected: string | null) => (
      <CloseUpDrawing
        view="head"
        look={LOOK}
        zones={drawn(() => 12)}
        selected={selected}
        onSelect={select}
        onDigit={digit}
        onOpen={open}
        name="Brisk"
      />
    )
    const { rerender } = render(head(null))
    const box = screen.getByRole('listbox')
    fireEvent.keyDown(box, { key: 'ArrowRight' })
    expect(select).toHaveBeenCalledOnce()
    rerender(head('skull'))
    const reached = new Set(['skull'])
    for (const key of ['ArrowDown', 'ArrowLeft', 'ArrowRight', 'End']) fireEvent.keyDown(box, { key })
    for (const [z] of select.mock.calls as [string][]) reached.add(z)
    expect(reached.size).toBeGreaterThan(3)
    fireEvent.keyDown(box, { key: '3' })
    fireEvent.keyDown(box, { key: 'Enter' })
    expect(digit).toHaveBeenCalledWith(3)
    expect(open).toHaveBeenCalledOnce()
  })
  it('shows mats and states as the whole dog does', () => {
    const { container } = render(
      <CloseUpDrawing
        view="head"
        look={LOOK}
        zones={drawn(
          () => 12,
          (z) => (z === 'beard' ? { state: 'done' } : z === 'ear_feather_left' ? { hatch: 3 } : {}),
        )}
        selected={null}
        onSelect={() => undefined}
        name="Brisk"
      />,
    )
    expect(container.querySelector('[data-texture="state-done"]')).not.toBeNull()
    expect(container.querySelector('[data-texture="mat-3"]')).not.toBeNull()
    expect(screen.getByText('✓')).toBeTruthy()
  })
})
