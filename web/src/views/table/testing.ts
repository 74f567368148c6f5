// A groom at the table as the salon would send it, and a salon that answers its taps: what the table's tests
// share.
import { json, lists, RECIPE, server, type Asked } from '../../testing'
import { overlay, type Groom, type Tap } from '../../parts/taps'

export const timer = (name: string, change = {}) => ({
  timer: name,
  label: name,
  running: false,
  who: null,
  since: null,
  blade: null,
  ran_s: 0,
  limit_s: name === 'clipping' ? null : 300,
  left_s: name === 'clipping' ? null : 300,
  level: 'off',
  forgotten: false,
  words: name,
  due_words: `${name} is up`,
  cautions: [],
  reasons: [],
  ...change,
})
export const zone = (id: string, change = {}) => ({
  zone: id,
  planned: RECIPE,
  planned_mm: 3.2,
  state: 'planned' as const,
  why: '',
  actual: null,
  actual_mm: null,
  difference_mm: null,
  carry: 'repeat',
  who: null,
  at: null,
  seq: 0,
  here: null,
  now_mm: 9,
  natural_mm: 40,
  fill_back_on: null,
  waits: '' as const,
  ...change,
})
export const step = (key: string, zones: string[], change = {}) => ({
  key,
  step: key.split(':')[0] ?? '',
  title: key.split(':')[0] ?? '',
  tool: key.split(':')[1] ?? null,
  base: null,
  blade: null,
  places: [],
  lay: null,
  leaves_mm: null,
  leaves_to_mm: null,
  stop_lines: [],
  shapes: [],
  zones,
  minutes: 5,
  cautions: [],
  done_when: 'it is done',
  together: '',
  state: 'open',
  why: '',
  who: null,
  waits: '' as const,
  moved: '',
  ...change,
})
export const DOG = {
  id: 'd1',
  name: 'Brisk',
  coat: 'curly',
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'plume',
  tail_carriage: 'up',
  photo_consent: true,
}

export function groom(change: Partial<Groom> = {}): Groom {
  const zones = WORDS.zones.map((z) => zone(z.id))
  return {
    id: 'g1',
    dog: DOG,
    arrival: 'a1',
    place: 'mill',
    place_name: 'Mill room',
    state: 'open',
    seq: 3,
    opened_at: '2026-05-04T09:00:00Z',
    now: '2026-05-04T09:20:00.000Z',
    who: 'Tove Lindgarth',
    people: [],
    cautions: [],
    notices: ['The salon differs today.'],
    today: null,
    agreed: null,
    made: 1,
    asks_ready: false,
    ready: null,
    tires: false,
    rest_every: 45,
    rest_in: 30,
    ask: null,
    zones,
    hard_lines: [],
    steps: [
      step('check', []),
      step('body:20 mm guard', ['back', 'loin'], {
        base: '30',
        lay: 'with',
        leaves_mm: 20,
        stop_lines: ['elbow'],
        cautions: ['Thin skin.'],
      }),
      step('head:7F blade', ['skull']),
    ],
    next: 'check',
    after: 'body:20 mm guard',
    timers: ['clipping', 'dwell', 'drying', 'rest', 'acclimatising', 'undercoat'].map((t) => timer(t)),
    heat_every: { '10': 120, '30': 90 },
    claws: [
      { foot: 'front_left', claw: 1, dewclaw: false, action: 'tip', why: 'long', smooth: false, state: null },
    ],
    nails_next_on: '2026-06-04',
    dewclaws_next_on: null,
    pads: { front_left: { found: 3, left: null } },
    ears: {},
    eyes: {},
    extents: null,
    strip_map: [{ zone: 'back', day: '2026-04-01' }],
    incidents: [],
    notes: [],
    hand_over: null,
    phases: [],
    minutes: 20,
    estimate_minutes: 110,
    held: [],
    closed_by: null,
    closed_at: null,
    visit: null,
    care_link: null,
    clocks: [{ clock: 'pads', weeks: 5, due_on: '2026-06-08', reasons: [] }],
    ...change,
  } as unknown as Groom
}

export const ids = [
  'back',
  'loin',
  'rump',
  'skull',
  'chest',
  'belly',
  'ribs_left',
  'ribs_right',
  'thigh_left',
  'thigh_right',
  'breeches_left',
  'breeches_right',
  'under_tail_ring',
  'groin',
  'nape',
  'throat',
]
export const WORDS = {
  zones: [...ids].map((id) => ({
    id,
    label: id.replace('_', ', '),
    group: 'body',
    side: id.endsWith('left') ? 'left' : '',
    tender: false,
    thin_skin: false,
    share: 1,
    meets: [],
    shapes: [],
  })),
  severities: [],
  spreads: [],
  incidents: [
    {
      id: 'nick',
      label: 'Nick',
      now: ['Stop.'],
      vet: 'Bleeding on: a vet now.',
      acts: ['pressure, cleaned', 'vet called'],
      again: 2,
    },
    {
      id: 'slip',
      label: 'Dog slipped',
      now: ['Stop.'],
      vet: 'Lame: a vet today.',
      acts: ['felt over, walks soundly'],
      again: 1,
    },
  ],
  lists: lists({
    method: ['clip', 'guard', 'scissor'].map((id) => ({ id, label: id })),
    lay: ['with', 'against'].map((id) => ({ id, label: id })),
    base: ['10', '30'].map((id) => ({ id, label: id })),
    blade: ['10', '7F'].map((id) => ({ id, label: id })),
    reason: [],
    stop_line: [],
    carry: [],
  }),
}
export const KIT = {
  items: [
    { id: 'k1', kind: 'blade', label: '10', nominal_mm: 1.5, place: 'mill' },
    { id: 'k2', kind: 'blade', label: '7F', nominal_mm: 3.2, place: 'mill' },
  ],
}

/** Answers taps as the server would, and keeps them. */
export function salon(now: () => Groom, answer?: (taps: Tap[]) => Partial<Groom>) {
  const seen: Tap[] = []
  let state = now()
  const asked = server({
    'GET /api/words': WORDS,
    'GET /api/house': { styles: [] },
    'GET /api/kit': KIT,
    'GET /api/grooms/g1': () => json(state),
    'POST /api/grooms/g1/taps': (a: Asked) => {
      const { taps } = a.body as { taps: Tap[] }
      const known = new Set(seen.map((t) => t.id))
      const results = taps.map((t) => ({
        id: t.id,
        outcome: known.has(t.id) ? 'repeated' : 'counted',
        message: null,
        zone: null,
        theirs: null,
        theirs_who: null,
      }))
      for (const t of taps) if (!known.has(t.id)) seen.push(t)
      const shown = overlay(state, taps, 'Tove Lindgarth')
      state = { ...shown, seq: state.seq + taps.length, ...answer?.(taps) }
      return json({ results, clock_ahead_s: 0, groom: state })
    },
  })
  return { seen, asked }
}
