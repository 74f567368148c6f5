// The comb test as the screen holds it: what is sent is what is shown.
import type { Schemas } from '../../app/client'

export type ArrivalData = Schemas['ArrivalView']
export interface MatDraft {
  zone: string
  severity: number
  spread: number | null
  clearance: boolean | null
  skin: string | null
  overrule: string | null
  why: string
}
export interface CombDraft {
  stops_first: number | null
  stops_second: number | null
  zones: MatDraft[]
  choice: string | null
}

export const SEVERITIES = ['clear', 'tangles', 'separate mats', 'tight', 'felted']
export const SPREADS = [
  { id: '0.25', label: '¼' },
  { id: '0.5', label: '½' },
  { id: '0.75', label: '¾' },
  { id: '1', label: 'all' },
]

export type CombData = Schemas['CombView']

export function combOf(a: CombData): CombDraft {
  return {
    stops_first: a.stops_first,
    stops_second: a.stops_second,
    choice: a.choice,
    zones: a.zones.map(({ zone, severity, spread, clearance, skin, overrule, why }) => ({
      zone,
      severity,
      spread,
      clearance,
      skin,
      overrule,
      why,
    })),
  }
}

/** The comb with one zone changed; a zone that is clear again keeps a mark that it was looked at. */
export function withMat(comb: CombDraft, zone: string, change: Partial<MatDraft>): CombDraft {
  const before = comb.zones.find((z) => z.zone === zone) ?? {
    zone,
    severity: 0,
    spread: null,
    clearance: null,
    skin: null,
    overrule: null,
    why: '',
  }
  const next = { ...before, ...change }
  if (change.severity !== undefined && change.severity !== before.severity) {
    next.overrule = null
    next.why = ''
    next.spread = next.severity === 0 ? null : (next.spread ?? 0.5)
    next.clearance =
      next.severity === 3
        ? (next.clearance ?? false)
        : next.severity === 0 || next.severity === 4
          ? null
          : next.clearance
  }
  return { ...comb, zones: [...comb.zones.filter((z) => z.zone !== zone), next] }
}

/** What is sent: a decision without its reason waits until the reason is typed. */
export function sendable(comb: CombDraft): CombDraft {
  return {
    ...comb,
    zones: comb.zones.map((z) => (z.overrule && z.why.trim() === '' ? { ...z, overrule: null } : z)),
  }
}

export function hours(minutes: number): string {
  const h = Math.floor(minutes / 60)
  return h === 0 ? `${minutes} min` : `${h} h ${String(minutes % 60).padStart(2, '0')}`
}
