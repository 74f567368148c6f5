// The comb test as the screen holds it: what is sent is what is shown.
import type { Schemas } from '../app/client'

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

export type Severity = Schemas['VocabularyView']['severities'][number]

const SHARES: Record<number, string> = { 0.25: '¼', 0.5: '½', 0.75: '¾', 1: 'all' }
/** Shares of a zone as they are chosen. */
export function shares(spreads: number[]) {
  return spreads.map((s) => ({ id: String(s), label: SHARES[s] ?? `${Math.round(s * 100)} %` }))
}

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
export function withMat(
  comb: CombDraft,
  zone: string,
  change: Partial<MatDraft>,
  severities: Severity[],
): CombDraft {
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
    const now = severities.find((s) => s.id === next.severity)
    next.overrule = null
    next.why = ''
    next.spread = now?.spread == null ? null : (next.spread ?? now.spread)
    next.clearance = now?.asks_clearance ? next.clearance : null
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
