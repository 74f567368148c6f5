// How zones stand at the table, on all three drawings: by texture, by sign, and in words for those who
// listen.
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { DogLook } from './build'
import { DogDrawing } from './DogDrawing'
import { SIGNS, type DrawnZone, type ZoneState } from './zone'
import { STYLES_DRAWN, StyleDrawing } from './StyleDrawing'
import { CloseUpDrawing } from './close/CloseUpDrawing'
import { Extents } from './close/Extents'

const LOOK: DogLook = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'plume',
  tail_carriage: 'up',
  coat: 'curly',
}
const zone = (id: string, state: ZoneState, change: Partial<DrawnZone> = {}): DrawnZone => ({
  id,
  label: id,
  mm: 12,
  drawnMm: 12,
  planned: true,
  state,
  ...change,
})
const STATES = ['done', 'partly', 'deferred', 'not_needed'] as const

describe('a zone at the table', () => {
  it.each(STATES)('%s is a texture, a sign and a word', (state) => {
    const { container } = render(
      <DogDrawing
        look={LOOK}
        zones={{ back: zone('back', state) }}
        side="left"
        selected={null}
        onSelect={() => {}}
        name="Brisk"
      />,
    )
    expect(container.querySelector(`[style*="kt-state-${state}"]`)).not.toBeNull()
    expect(screen.getByText(SIGNS[state])).toBeTruthy()
    expect(screen.getByRole('option', { name: new RegExp(state.replace('_', ' ')) })).toBeTruthy()
  })
  it('still to do says its length, and that it is in hand', () => {
    render(
      <DogDrawing
        look={LOOK}
        zones={{ back: zone('back', 'planned', { now: true }) }}
        side="left"
        selected={null}
        onSelect={() => {}}
        name="Brisk"
      />,
    )
    expect(screen.getByText('12')).toBeTruthy()
    expect(screen.getByRole('option', { name: 'back, 12 millimetres, in hand' })).toBeTruthy()
  })
  it('is the same from below', () => {
    const { container } = render(
      <CloseUpDrawing
        view="below"
        look={LOOK}
        zones={{
          belly: zone('belly', 'done'),
          groin: zone('groin', 'planned', { now: true }),
          chest: zone('chest', 'planned', { planned: false }),
        }}
        selected={null}
        onSelect={() => {}}
        name="Brisk"
      />,
    )
    expect(container.querySelector('[data-texture="state-done"]')).not.toBeNull()
    expect(screen.getByRole('option', { name: 'belly, 12 millimetres, done' })).toBeTruthy()
    expect(screen.getByRole('option', { name: 'groin, 12 millimetres, in hand' })).toBeTruthy()
    expect(screen.getByRole('option', { name: 'chest, not planned' })).toBeTruthy()
  })
})

describe('the rear come close', () => {
  it('draws to scale how far the close clip reaches, and lets a zone be chosen by key', async () => {
    const choose = vi.fn()
    const zones = {
      channel: zone('channel', 'partly'),
      under_tail_ring: zone('under_tail_ring', 'planned', { now: true }),
    }
    const rear = (ring: number, channel: number, arc: number) => (
      <CloseUpDrawing view="rear" look={LOOK} zones={zones} selected={null} onSelect={choose} name="Brisk">
        <Extents ring={ring} channel={channel} arc={arc} />
      </CloseUpDrawing>
    )
    const { container, rerender } = render(rear(10, 0, 0))
    const drawn = () =>
      [...container.querySelectorAll('[data-extent]')].map((e) => e.getAttribute('data-extent'))
    const across = () => Number(container.querySelector('[data-extent=ring]')?.getAttribute('rx'))
    expect(drawn()).toEqual(['ring'])
    const ten = across()
    rerender(rear(20, 60, 30))
    expect(drawn()).toEqual(['arc', 'channel', 'ring'])
    expect(across() - ten).toBeCloseTo(1)
    screen.getByRole('listbox').focus()
    await userEvent.keyboard('{Home}{End}')
    expect(choose.mock.calls.map(([z]) => z as string)).toEqual(['under_tail_ring', 'channel'])
  })
})

describe('the drawings of styles', () => {
  it('are all different, and nothing is drawn for a word nobody knows', () => {
    const seen = new Set<string>()
    for (const of of STYLES_DRAWN) {
      const { container, unmount } = render(<StyleDrawing of={of} />)
      const d = [...container.querySelectorAll('path')].map((p) => p.getAttribute('d')).join('|')
      expect(d).not.toMatch(/NaN|undefined|Infinity/)
      seen.add(d)
      unmount()
    }
    expect(seen.size).toBe(STYLES_DRAWN.length)
    expect(render(<StyleDrawing of="wings" />).container.innerHTML).toBe('')
  })
})
