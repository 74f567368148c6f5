// How zones stand at the table, on all three drawings: by texture, by sign, and in words for those who
// listen.
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { DogLook } from './build'
import { DogDrawing } from './DogDrawing'
import { SIGNS, type DrawnZone, type ZoneState } from './zone'
import { Rear } from './Rear'
import { STYLES_DRAWN, StyleDrawing } from './StyleDrawing'
import { CloseUpDrawing } from './close/CloseUpDrawing'

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

describe('from behind', () => {
  it('draws what reaches how far, and lets a zone be chosen by finger and by key', async () => {
    const choose = vi.fn()
    const zones = { rump: zone('rump', 'partly'), thigh_left: zone('thigh_left', 'planned', { now: true }) }
    const { container, rerender } = render(
      <Rear extents={{ ring: 10, channel: 0, arc: 0 }} zones={zones} onSelect={choose} name="Brisk" />,
    )
    const hatched = () => container.querySelectorAll('[style*="kt-extent"]').length
    expect(hatched()).toBe(1)
    rerender(
      <Rear extents={{ ring: 20, channel: 60, arc: 30 }} zones={zones} onSelect={choose} name="Brisk" />,
    )
    expect(hatched()).toBe(3)
    expect(Number(container.querySelector('ellipse')?.getAttribute('rx'))).toBeGreaterThan(8)
    await userEvent.click(screen.getByRole('button', { name: 'rump, partly' }))
    screen.getByRole('button', { name: 'thigh_left, planned' }).focus()
    await userEvent.keyboard('{Enter}')
    expect(choose.mock.calls).toEqual([['rump'], ['thigh_left']])
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
