// An arrival as PHP answers it: what the tests of its tabs share.
import type { CombDraft } from '../../parts/comb'
import type { Mats } from './Mats'
import type { Schemas } from '../../app/client'
import type { ArrivalData } from '../../parts/comb'
import { lists, SEVERITIES } from '../../testing'

const list = (...ids: string[]) => ids.map((id) => ({ id, label: id.replaceAll('_', ' ') }))
export const WORDS = {
  zones: [
    { id: 'chest', label: 'chest', group: 'body', side: '', meets: [], shapes: [] },
    { id: 'tail_flag', label: 'tail flag', group: 'tail', side: '', meets: [], shapes: [] },
  ],
  severities: SEVERITIES,
  spreads: [0.25, 0.5, 0.75, 1],
  lists: lists({
    skin_under: list('fine', 'red', 'sore'),
    decision: list('none', 'comb', 'loosen', 'split', 'clip'),
    tool: list('dryer', 'grinder'),
    cause: list('noise'),
    works: list('feeding'),
    skin: list('clear', 'red'),
    ear: list('clean', 'smell'),
    claw: list('fine', 'long'),
    teeth: list('clean'),
    parasites: list('none'),
    lameness: list('none'),
    breathing: list('quiet', 'laboured'),
    stage: list('adult'),
    upkeep: list('daily'),
    vaccination: list('seen'),
  }),
} as unknown as Schemas['VocabularyView']

export const MAT = {
  zone: 'chest',
  severity: 2,
  spread: 0.5,
  clearance: null,
  skin: null,
  overrule: null,
  why: '',
  decision: 'loosen',
  words: 'loosen by hand, then comb from the tips',
  blade: null,
  leaves_mm: null,
  experienced: [],
  minutes: 1.9,
  worked_out_minutes: 1.9,
  tender: false,
  fill_back_on: null,
  reasons: [{ term: 'severity', value: 2, unit: 'of 4', source: 'separate mats' }],
}
export const OPTION = {
  choice: 'as_reckoned',
  title: 'Groom as planned',
  leaves_mm: null,
  left: {},
  patches: [],
  matting_minutes: 1.9,
  minutes_50: 112,
  minutes_80: 130,
  slot_minutes: 130,
  price_minor: 6720,
  price_terms: [{ label: '112 min at 36.00 an hour', minor: 6720 }],
  tax_minor: null,
  phases: [],
  visits: 1,
  today: true,
  later: [],
  price_all_minor: null,
  back_weeks: null,
  back_message: null,
  warnings: [],
  reasons: [],
}
export const NO_CHANGE = {
  zones: [],
  differs: 0,
  stops: null,
  waits: false,
  asks_share: 0,
  comes_off: false,
  stays_dry: [],
  visits: 1,
  mats: {},
  warnings: [],
}
export function arrival(
  change: Record<string, unknown> = {},
  comb: Record<string, unknown> = {},
): ArrivalData {
  return {
    id: 'a1',
    dog: {
      id: 'd1',
      name: 'Tansy',
      kg: 11,
      photo_consent: true,
      tail_rule: 'Tail: hand at the root.',
      people: [{ name: 'Aveline Marchpane', phone: '', email: '' }],
    },
    day: '2026-11-25',
    state: 'open',
    kind: 'full',
    extras: [],
    extras_offered: [],
    house_terms: [],
    who: 'Tove',
    check_version: 1,
    hands_on: {},
    expected: { back: 19.2 },
    cautions: [],
    findings: [],
    stop: false,
    refer: false,
    questions: [],
    trend: [],
    load_limit: 12,
    today: NO_CHANGE,
    rear: null,
    asked_first: [],
    last_found: {},
    handling: [],
    assignments: [],
    agreements: [],
    photos: [],
    ...change,
    comb: {
      version: 3,
      stops_first: null,
      stops_second: null,
      load: 1.3,
      worked_out_minutes: 1.9,
      limit_minutes: 20,
      tender_limit_minutes: 5,
      zones: [MAT],
      even_mm: null,
      even_on_consent: false,
      reasons: [],
      warnings: [],
      consent: ['Knots are worked out by hand.'],
      questions: [],
      findings: [],
      choice: 'as_reckoned',
      options: [OPTION],
      ...comb,
    },
  } as unknown as ArrivalData
}

export type Save = Parameters<typeof Mats>[0]['comb']
export function saver(
  value: CombDraft,
  change: (next: CombDraft) => void,
  status: Save['status'] = 'saved',
): Save {
  return {
    value,
    change: (next) => change(typeof next === 'function' ? next(value) : next),
    status,
    error: null,
    receive: () => {},
    keepMine: () => {},
    takeTheirs: () => {},
    flush: () => Promise.resolve(),
  }
}
