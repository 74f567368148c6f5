// Taps: made here, kept here until the salon has them, and shown at once over what the salon said last.
import { writeKey, type Schemas } from '../app/client'
import { isZoneState } from '../dog/zone'

export type Groom = Schemas['GroomView'] & { age_ms?: number }
export type TapData = { kind: string; zones?: string[]; [name: string]: unknown }
export type Tap = TapData & { id: string; at: string; saw: number; by?: string }
export type TimerData = Schemas['TimerView']
/** A view with what is not sent yet in it. */
export interface Shown extends Groom {
  /** zones and steps whose newest word the salon does not have yet */
  pending: Set<string>
}

/** by: id of the person whose tap it is; only they send it. */
export function makeTap(data: TapData, saw: number, by: string, at = new Date()): Tap {
  return { ...data, id: writeKey(), at: at.toISOString(), saw, by }
}

/** Where taps of a groom wait; the second name is that of releases before. */
export const waitingFor = (groom: string) => ({ name: `taps-${groom}`, old: `kt-taps-${groom}` })

/** The view with what the salon says has changed in it; what is not named is as it was. */
export function changed(groom: Groom, by: Schemas['GroomChangesView']): Groom {
  const zones = new Map(by.zones.map((z) => [z.zone, z]))
  const steps = new Map(by.steps.map((s) => [s.key, s]))
  const timers = new Map(by.timers.map((t) => [t.timer, t]))
  return {
    ...groom,
    ...by,
    zones: groom.zones.map((z) => ({ ...z, ...zones.get(z.zone) })),
    steps: groom.steps.map((s) => ({ ...s, ...steps.get(s.key) })),
    timers: groom.timers.map((t) => timers.get(t.timer) ?? t),
    claws: by.claws ?? groom.claws,
    pads: by.pads ?? groom.pads,
    strip_map: by.strip_map ?? groom.strip_map,
    age_ms: 0,
  }
}

/** What the view will be when the taps have been counted; only what is seen at once, never a figure. */
export function overlay(groom: Groom, taps: Tap[], me: string): Shown {
  const out: Shown = { ...groom, pending: new Set() }
  for (const t of taps) apply(out, t, me)
  if (taps.length) settle(out)
  return out
}

function apply(g: Shown, t: Tap, me: string) {
  const text = (name: string) => (typeof t[name] === 'string' ? t[name] : '')
  switch (t.kind) {
    case 'zone': {
      const zones = t.zones ?? []
      const state = text('state')
      zones.forEach((z) => g.pending.add(z))
      g.zones = g.zones.map((z) =>
        zones.includes(z.zone)
          ? {
              ...z,
              state: isZoneState(state) ? state : z.state,
              why: text('why'),
              carry: text('carry') || z.carry,
              who: me,
              actual: null,
              actual_mm: null,
            }
          : z,
      )
      break
    }
    case 'step':
      g.pending.add(text('step'))
      g.steps = g.steps.map((s) =>
        s.key === t.step ? { ...s, state: text('state'), why: text('why'), who: me } : s,
      )
      break
    case 'timer':
      g.timers = g.timers.map((r) => {
        if (r.timer !== t.timer) return r
        const blade = text('blade') || r.blade
        const limit =
          r.timer === 'clipping' ? ((blade ? g.heat_every[blade] : undefined) ?? r.limit_s) : r.limit_s
        const again = t.on === true && (r.timer === 'clipping' ? blade !== r.blade : r.timer !== 'undercoat')
        const ran = again ? 0 : r.ran_s
        return {
          ...r,
          blade,
          running: t.on === true,
          since: t.on === true ? t.at : null,
          who: me,
          ran_s: ran,
          limit_s: limit,
          left_s: limit === null ? null : limit - ran,
          level: t.on === true ? 'running' : 'off',
          forgotten: false,
        }
      })
      break
    case 'felt':
    case 'welfare':
      g.timers = g.timers.map((r) =>
        r.timer === (t.kind === 'felt' ? 'clipping' : 'drying')
          ? { ...r, ran_s: 0, left_s: r.limit_s, level: r.running ? 'running' : 'off', since: t.at }
          : r,
      )
      break
    case 'claw':
      g.claws = g.claws.map((c) =>
        c.foot === t.foot && c.claw === t.claw ? { ...c, state: text('state') } : c,
      )
      break
    case 'pads':
      g.pads = {
        ...g.pads,
        [text('foot')]: { found: g.pads[text('foot')]?.found ?? null, left: t.bare as number },
      }
      break
    case 'ear':
      g.ears = { ...g.ears, [`${text('side')}.${text('place')}`]: text('state') }
      break
    case 'eye':
      g.eyes = { ...g.eyes, [text('side')]: text('state') }
      break
    case 'extents':
      g.extents = { ring: t.ring as number, channel: t.channel as number, arc: t.arc as number }
      break
    case 'incident':
      g.incidents = [
        ...g.incidents,
        {
          id: t.id,
          what: text('what'),
          zone: text('zone'),
          tool: text('tool'),
          action: text('action'),
          told: t.told === true,
          follow_up: text('follow_up'),
          follow_up_on: text('follow_up_on'),
          who: me,
          at: t.at,
        },
      ]
      break
    case 'told':
      g.incidents = g.incidents.map((i) => (i.id === t.incident ? { ...i, told: true } : i))
      break
    case 'note':
      g.notes = [...g.notes, { text: text('text'), who: me, at: t.at }]
      break
    case 'ready':
      g.ready = t.ok === true
      break
    case 'tires':
      g.tires = t.ok === true
      break
    case 'pause':
      g.state = 'paused'
      break
    case 'resume':
      g.state = 'open'
      break
  }
}

/** Which step is next after what was tapped: shown until the salon says so itself. */
function settle(g: Shown) {
  const state = Object.fromEntries(g.zones.map((z) => [z.zone, z.state]))
  g.steps = g.steps.map((s) => {
    if (s.zones.length === 0 || (g.pending.has(s.key) && s.state !== 'open') || s.state === 'skipped')
      return s
    const states = s.zones.map((z) => state[z] ?? 'planned')
    if (!s.zones.some((z) => g.pending.has(z))) return s
    return {
      ...s,
      state: states.every((x) => x !== 'planned' && x !== 'partly')
        ? 'done'
        : states.every((x) => x === 'planned')
          ? 'open'
          : 'begun',
    }
  })
  const left = g.steps.filter((s) => s.state !== 'done' && s.state !== 'skipped')
  const open = [...left.filter((s) => !s.waits), ...left.filter((s) => s.waits)]
  g.next = open[0]?.key ?? null
  g.after = open[1]?.key ?? null
}

export function handWords(h: NonNullable<Groom['hand_over']>): string {
  return [`${h.who} hands over to ${h.to}`, h.side && `done: ${h.side}`, h.next && `next: ${h.next}`, h.note]
    .filter(Boolean)
    .join(' · ')
}
