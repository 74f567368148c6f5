// The card as PHP gives it, for tests: words, kit.
import type { Schemas } from '../../app/client'
import { lists, zone } from '../../testing'

const list = (...ids: string[]) => ids.map((id) => ({ id, label: id }))
export const WORDS = {
  zones: [],
  lists: lists({
    method: list('clip', 'guard', 'scissor', 'leave'),
    blade: list('10', '7F', '5F'),
    base: list('10', '30'),
    lay: list('with', 'across', 'against'),
    stop_line: [{ id: '', label: 'none' }, ...list('elbow')],
    reason: list('hygiene'),
    carry: list('repeat', 'do_not_repeat'),
  }),
} as unknown as Schemas['VocabularyView']
export const KIT = {
  items: [
    {
      id: 'k1',
      version: 1,
      kind: 'guard',
      label: '13 mm guard',
      place: 'mill',
      place_name: 'Mill room',
      nominal_mm: 13,
      measured_mm: null,
      measured_base: null,
      measured_lay: null,
    },
    {
      id: 'k2',
      version: 1,
      kind: 'blade',
      label: '7F',
      place: 'van',
      place_name: 'Van',
      nominal_mm: 3.2,
      measured_mm: null,
      measured_base: null,
      measured_lay: null,
    },
  ],
}

export const REASON = { term: 'growth', value: 2.98, unit: 'mm/week', source: 'learned from 6 visits' }
export const INTERVAL = {
  from: '2026-11-05',
  full_weeks: 7,
  full_on: '2026-12-24',
  binding: 'shape',
  bath_weeks: null,
  bath_on: null,
  tidy_weeks: 4,
  tidy_on: '2026-12-03',
  nails_weeks: null,
  nails_on: null,
  next: {
    weeks: 1,
    on: '2026-12-03',
    kind: 'tidy',
    because: ['pads'],
    minutes: 29,
    words: 'In a week, a tidy of 30 min: pads; the full groom in 4.',
  },
  fringe_on: null,
  clocks: [
    { clock: 'shape', weeks: 7.2, since: '2026-11-05', due_on: '2026-12-25', reasons: [REASON] },
    {
      clock: 'pads',
      weeks: 4,
      since: '2026-11-05',
      due_on: '2026-12-03',
      reasons: [{ ...REASON, term: 'pads' }],
    },
  ],
  reasons: [REASON],
  warnings: [],
  wish: {
    weeks: 8,
    on: '2026-12-31',
    breaks: [{ clock: 'shape', weeks: 7.2, over_by_weeks: 0.8 }],
    length_mm: 41,
    load: 12.4,
    matting_minutes: 6.2,
    fee_minor: 96,
    reasons: [REASON],
  },
}
export function card(change: Record<string, unknown> = {}): Schemas['CardView'] {
  return {
    dog: { id: 'd1', name: 'Tansy', wish_weeks: 8, upkeep: 'weekly', kg: 11, tail_rule: '', stops: [] },
    cautions: [],
    place: 'mill',
    today: '2026-11-25',
    revision: 1,
    zones: [zone('back'), zone('belly')],
    growth: { mm_per_week: 2.98, sd: 0.3, n: 6, reasons: [REASON] },
    interval: INTERVAL,
    visits: [],
    patches: [
      { zone: 'back', left_mm: 3.2, since: '2026-11-05', grown_out_on: '2027-01-10' },
      { zone: 'loin', left_mm: 3.2, since: '2026-11-05', grown_out_on: '2027-01-10' },
    ],
    unknown: [],
    bookings: [],
    changes: [],
    ...change,
  } as unknown as Schemas['CardView']
}
