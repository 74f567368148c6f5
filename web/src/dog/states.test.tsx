// How zones stand at the table, on all three drawings: by texture, by sign, and in words for those who
// listen.
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { DogLook } from './build'
import { DogDrawing } from './DogDrawing'
import { SIGNS, type DrawnZone, type ZoneState } from './zone'
import { StyleDrawing } from './StyleDrawing'
import { SAMPLE, STYLES } from './styles'
import { zonesSeen } from './field'
import { zonesOfView } from './close/views'
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
  it('are all different, and about zones that are seen in their view', () => {
    const drawn = Object.entries(STYLES)
    expect(new Set(drawn.map(([, s]) => JSON.stringify(s))).size).toBe(drawn.length)
    for (const [of, s] of drawn) {
      const look = { ...SAMPLE, ...s.look }
      const seen = s.view === 'side' ? zonesSeen(look) : zonesOfView(s.view, look)
      expect([of, Object.keys(s.mm).filter((z) => !seen.includes(z))]).toEqual([of, []])
    }
  })
  it('are the part of a dog that comes close, quiet to ears and keys', () => {
    // Drawn at once: nothing is in sight of a test.
    vi.stubGlobal('IntersectionObserver', undefined)
    for (const of of ['half_circle', 'ring_strip', 'pompon']) {
      const { container, unmount } = render(<StyleDrawing of={of} />)
      const paths = [...container.querySelectorAll('path')].map((p) => p.getAttribute('d')).join('|')
      expect(paths.length).toBeGreaterThan(5_000)
      expect(paths).not.toMatch(/NaN|undefined|Infinity/)
      expect(container.querySelector('[inert]')).not.toBeNull()
      expect(container.querySelector('text')).toBeNull()
      unmount()
    }
    vi.unstubAllGlobals()
    expect(render(<StyleDrawing of="wings" />).container.innerHTML).toBe('')
  })
})
