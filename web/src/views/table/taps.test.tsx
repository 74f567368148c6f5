// Taps over what the salon said last, and their queue in the browser.
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { groom, timer } from './testing'
import { kept } from '../../app/outbox'
import { changed, makeTap, overlay, waitingFor, type Tap } from '../../parts/taps'
import { clock } from './Timers'
import { sure } from '../../sure'

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})

describe('taps over what the salon said last', () => {
  const at = (data: { kind: string; [name: string]: unknown }) => makeTap(data, 3, 's1')
  it('light up zones, move to the next step, and leave the rest alone', () => {
    const shown = overlay(
      groom({
        next: 'body:20 mm guard',
        after: 'head:7F blade',
        steps: groom().steps.map((s, i) => (i === 0 ? { ...s, state: 'done' } : s)),
      }),
      [at({ kind: 'zone', zones: ['back', 'loin'], state: 'done' })],
      'Tove',
    )
    expect(shown.zones.find((z) => z.zone === 'back')).toMatchObject({
      state: 'done',
      who: 'Tove',
      actual_mm: null,
    })
    expect(shown.zones.find((z) => z.zone === 'skull')?.state).toBe('planned')
    expect(shown.next).toBe('head:7F blade')
    expect(shown.after).toBeNull()
    expect([...shown.pending]).toEqual(['back', 'loin'])
  })
  it('half a step is begun, a step left out is over', () => {
    const half = overlay(
      groom(),
      [
        at({ kind: 'zone', zones: ['back'], state: 'partly' }),
        at({ kind: 'step', step: 'check', state: 'skipped', why: 'done at home' }),
      ],
      'Tove',
    )
    expect(half.steps.map((s) => s.state)).toEqual(['skipped', 'begun', 'open'])
    expect(half.next).toBe('body:20 mm guard')
  })
  it('run timers by blade, begin anew when felt, and stop', () => {
    const on = overlay(groom(), [at({ kind: 'timer', timer: 'clipping', on: true, blade: '30' })], 'Tove')
    expect(on.timers[0]).toMatchObject({
      running: true,
      blade: '30',
      limit_s: 90,
      left_s: 90,
      level: 'running',
    })
    const ran = groom({
      timers: [
        timer('clipping', {
          running: true,
          blade: '30',
          ran_s: 80,
          left_s: 10,
          limit_s: 90,
          level: 'running',
        }),
      ] as never,
    })
    expect(overlay(ran, [at({ kind: 'felt', blade: '30' })], 'Tove').timers[0]).toMatchObject({
      ran_s: 0,
      left_s: 90,
    })
    expect(
      overlay(ran, [at({ kind: 'timer', timer: 'clipping', on: false })], 'Tove').timers[0],
    ).toMatchObject({ running: false, ran_s: 80 })
  })
  it('keep claws, pads, ears, eyes, extents, incidents, notes and pauses', () => {
    const shown = overlay(
      groom(),
      [
        at({ kind: 'claw', foot: 'front_left', claw: 1, state: 'ground' }),
        at({ kind: 'pads', foot: 'front_left', bare: 5 }),
        at({ kind: 'ear', side: 'left', place: 'inside', state: 'cleaned' }),
        at({ kind: 'eye', side: 'left', state: 'wiped' }),
        at({ kind: 'extents', ring: 12, channel: 60, arc: 0 }),
        { ...at({ kind: 'incident', what: 'nick', zone: 'back' }), id: 'i1' },
        at({ kind: 'told', incident: 'i1' }),
        at({ kind: 'note', text: 'stands well' }),
        at({ kind: 'pause', why: 'rest' }),
      ],
      'Tove',
    )
    expect(sure(shown.claws[0]).state).toBe('ground')
    expect(shown.pads.front_left).toEqual({ found: 3, left: 5 })
    expect(shown.ears['left.inside']).toBe('cleaned')
    expect(shown.eyes.left).toBe('wiped')
    expect(shown.extents).toEqual({ ring: 12, channel: 60, arc: 0 })
    expect(shown.incidents[0]).toMatchObject({ what: 'nick', told: true })
    expect(sure(shown.notes[0]).text).toBe('stands well')
    expect(shown.state).toBe('paused')
    expect(overlay(shown, [at({ kind: 'resume' })], 'Tove').state).toBe('open')
  })
  it('of a release before are taken over, of a later one put aside, and rubbish is no harm', () => {
    const a = at({ kind: 'note', text: 'a' })
    const b = at({ kind: 'note', text: 'b' })
    const { name, old } = waitingFor('g1')
    localStorage.setItem(old, JSON.stringify([a, { no: 'tap' }]))
    expect(kept.read<Tap>(name, old).map((t) => t.id)).toEqual([a.id])
    expect(localStorage.getItem(old)).toBeNull()
    kept.write(name, [a, b])
    expect(kept.read<Tap>(name, old)).toHaveLength(2)
    localStorage.setItem(old, '{broken')
    expect(kept.read<Tap>(name, old)).toHaveLength(2)
    const later = JSON.stringify({ form: 9, box: [b] })
    localStorage.setItem(`kt-out-${name}`, later)
    expect(kept.read<Tap>(name)).toEqual([])
    expect(localStorage.getItem(`kt-out-${name}.form-9`)).toBe(later)
    for (const rubbish of ['{broken', '[]', '"x"', '{"form":1}', '{"form":1,"items":7}', 'null']) {
      localStorage.setItem(`kt-out-${name}`, rubbish)
      expect(kept.read<Tap>(name)).toEqual([])
    }
    expect(clock(65.9)).toBe('1:05')
  })
  it('are kept in the page where the store is full, and in the store again when it is not', () => {
    const a = at({ kind: 'note', text: 'a' })
    const set = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    kept.write('full', [a])
    expect(kept.read<Tap>('full').map((t) => t.id)).toEqual([a.id])
    set.mockRestore()
    kept.write('full', [a])
    expect(localStorage.getItem('kt-out-full')).toContain(a.id)
    kept.write('full', [])
    expect(kept.read<Tap>('full')).toEqual([])
  })
})

describe('what the salon says has changed', () => {
  it('is put into the view, and what is not named stays as it was', () => {
    const had = groom({ seq: 4 })
    const now = changed(had, {
      ...had,
      seq: 5,
      zones: [
        {
          zone: 'back',
          state: 'done',
          why: '',
          actual: null,
          actual_mm: 3.1,
          difference_mm: -0.1,
          carry: 'repeat',
          who: 'Tove',
          at: '2026-05-04T10:00:00Z',
          seq: 5,
          fill_back_on: null,
        },
      ],
      steps: [],
      timers: [],
      claws: null,
      pads: null,
      strip_map: null,
    })
    expect(now.zones.find((z) => z.zone === 'back')).toMatchObject({
      state: 'done',
      actual_mm: 3.1,
      planned_mm: 3.2,
    })
    expect(now.zones.length).toBe(had.zones.length)
    expect([now.seq, now.claws, now.steps, now.timers]).toEqual([5, had.claws, had.steps, had.timers])
  })
})
