// The salon's tables, looked up: what a finding comes to, what the visit takes then, where a step for it is.
// Nothing is decided here: minutes that were shipped are added and held against limits that were shipped.
import type { Schemas } from '../app/client'
import type { ArrivalData, CombData, CombDraft, MatDraft } from '../parts/comb'

export type Prepared = Schemas['AwayDogView']
type Found = Prepared['found'][number]
type MatView = CombData['zones'][number]
export type Groom = Schemas['GroomView']

function found(day: Prepared, mat: MatDraft): Found | undefined {
  const here = day.found.filter((f) => f.zone === mat.zone && f.severity === mat.severity)
  const taken = here.find((f) => f.taken)
  const spread = mat.spread ?? taken?.spread
  const ofSpread = here.filter((f) => f.spread === spread)
  return ofSpread.find((f) => f.clearance === (mat.clearance ?? taken?.clearance)) ?? ofSpread[0] ?? taken
}

function matOf(day: Prepared, mat: MatDraft): MatView {
  const f = found(day, mat)
  const own = mat.overrule
  return {
    ...mat,
    spread: mat.spread,
    decision: own ?? f?.decision ?? 'none',
    words: own ? `your own decision: ${own}` : f ? (day.texts[f.words] ?? '') : 'not in the table',
    owner_words: f ? (day.texts[f.owner_words] ?? '') : '',
    blade: f?.blade ?? null,
    leaves_mm: f?.leaves_mm ?? null,
    experienced: [],
    refer: null,
    minutes: f?.minutes ?? 0,
    worked_out_minutes: f?.worked_out_minutes ?? 0,
    tender: false,
    fill_back_on: f?.fill_back_on ?? null,
    reasons: [],
  }
}

const sum = (numbers: number[]) => Math.round(10 * numbers.reduce((a, b) => a + b, 0)) / 10

/** The comb test as the tables have it; a limit that is passed is said, and nothing is clipped for it. */
export function combAway(
  day: Prepared,
  before: CombData,
  draft: CombDraft,
  version: number,
  label: (zone: string) => string,
): CombData {
  const zones = draft.zones.map((mat) => matOf(day, mat))
  const worked = sum(zones.map((z) => z.worked_out_minutes))
  const mats = Math.ceil(sum(zones.map((z) => z.minutes)))
  const at = day.minutes.find((m) => m.matting >= mats) ?? day.minutes.at(-1)
  const base = day.arrival.comb.options[0]
  const limit = day.arrival.comb.limit_minutes
  return {
    ...before,
    version,
    stops_first: draft.stops_first,
    stops_second: draft.stops_second,
    zones,
    load: sum(draft.zones.map((m) => found(day, m)?.load ?? 0)),
    worked_out_minutes: worked,
    even_mm: null,
    even_on_consent: false,
    consent: zones.filter((z) => z.decision !== 'none').map((z) => `${label(z.zone)}: ${z.owner_words}`),
    warnings:
      worked > limit
        ? [
            {
              code: 'stop_at',
              level: 'danger',
              message: `Stop at ${limit} min of working out mats: ask the salon before you go on.`,
            },
          ]
        : [],
    questions: [],
    findings: [],
    choice: 'as_reckoned',
    options: base
      ? [
          {
            ...base,
            title: zones.some((z) => z.decision === 'clip') ? day.clips_title : base.title,
            minutes_50: at?.minutes_50 ?? base.minutes_50,
            slot_minutes: at?.slot_minutes ?? base.slot_minutes,
            price_minor: at?.price_minor ?? null,
            price_terms: [],
            tax_minor: null,
            matting_minutes: mats,
            reasons: [],
          },
        ]
      : [],
  }
}

/** Where a mat is clipped the table shows that zone so. */
function clippedIn(day: Prepared, zones: MatDraft[]) {
  return zones.flatMap((mat) => {
    const f = found(day, mat)
    const as = f?.clipped == null ? undefined : day.clipped[f.clipped]
    return as && !mat.overrule ? [{ zone: mat.zone, as }] : []
  })
}

export function todayAway(day: Prepared, draft: CombDraft): ArrivalData['today'] {
  const clipped = new Map(clippedIn(day, draft.zones).map((c) => [c.zone, c.as.row]))
  const there = new Set(day.arrival.today.zones.map((z) => z.zone))
  return {
    ...day.arrival.today,
    zones: [
      ...day.arrival.today.zones.map((z) => clipped.get(z.zone) ?? z),
      ...[...clipped].filter(([zone]) => !there.has(zone)).map(([, row]) => row),
    ],
    differs: clipped.size,
    mats: Object.fromEntries(draft.zones.filter((z) => z.severity > 0).map((z) => [z.zone, z.severity])),
  }
}

/** The groom as it begins with what was found: zones that are clipped, steps for mats in their places. */
export function groomAway(day: Prepared, groom: Groom, zones: MatDraft[]): Groom {
  const clipped = new Map(clippedIn(day, zones).map((c) => [c.zone, c.as]))
  const mats = new Map(zones.filter((z) => z.severity > 0).map((z) => [z.zone, found(day, z)]))
  const wanted = day.mat_steps.flatMap((m) => {
    const at = [...m.step.zones, ...m.step.places].filter((zone) => {
      const f = mats.get(zone)
      return m.work === 'mats_out'
        ? f?.clipped == null && (f?.worked_out_minutes ?? 0) > 0
        : clipped.has(zone)
    })
    const marked = m.work === 'mats_clip'
    return at.length
      ? [{ after: m.after, step: { ...m.step, zones: marked ? at : [], places: marked ? [] : at } }]
      : []
  })
  const steps = groom.steps
    .filter((s) => s.zones.length === 0 || s.zones.some((z) => !clipped.has(z)))
    .map((s) => ({ ...s, zones: s.zones.filter((z) => !clipped.has(z)) }))
  for (const { after, step } of wanted.reverse()) {
    const i = steps.findIndex((s) => s.key === after)
    steps.splice(i + 1, 0, step)
  }
  return {
    ...groom,
    steps,
    next: steps[0]?.key ?? null,
    after: steps[1]?.key ?? null,
    zones: groom.zones.map((z) => {
      const as = clipped.get(z.zone)
      return as
        ? {
            ...z,
            planned: as.planned,
            planned_mm: as.planned_mm,
            fill_back_on: as.row.fill_back_on,
            here: null,
          }
        : z
    }),
  }
}
