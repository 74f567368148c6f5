// A zone as it is drawn: its length, how it stands, what it waits for; and what is said of it to ears.

export interface DrawnZone {
  /** zone id with its side */
  id: string
  label: string
  mm: number | null
  /** what is drawn where no length is known */
  drawnMm: number
  planned: boolean
  exception?: boolean
  fresh?: boolean
  /** this kit cannot make it, or only nearly */
  off?: boolean
  stopLine?: string | null
  /** zones of the same drawing that it meets in a hard line, as keys of the drawing */
  hardWith?: string[]
  /** what the comb found, drawn and written in place of the length */
  mat?: { severity: number; text: string; said?: string }
  /** how far it is matted, 1 to 4: hatched, the length stays written */
  hatch?: number
  /** what it waits for: the owner's word, or a bone dry coat */
  waits?: Waits
  /** how it stands at the table: drawn over the hair and written in place of the length */
  state?: ZoneState
  /** belongs to the step in hand */
  now?: boolean
}
export type Waits = 'owner' | 'dry' | 'refused' | ''
/** Written in place of the length of what cannot be done yet. */
export const WAITS: Record<Waits, { sign: string; words: string }> = {
  owner: { sign: '?', words: 'waits for the owner’s word' },
  dry: { sign: '~', words: 'waits until it is bone dry' },
  refused: { sign: '×', words: 'left: the owner said no' },
  '': { sign: '', words: '' },
}
export type ZoneState = 'planned' | 'done' | 'partly' | 'deferred' | 'not_needed'
/** A sign for each state besides its texture: colour is never alone. */
export const SIGNS: Record<ZoneState, string> = {
  planned: '',
  done: '✓',
  partly: '½',
  deferred: '→',
  not_needed: '–',
}

export function isZoneState(state: string): state is ZoneState {
  return state in SIGNS
}

/** What a zone is called to those who listen. */
export function spoken(z: DrawnZone): string {
  if (z.mat) return `${z.label}, ${z.mat.said ?? (z.mat.severity === 0 ? 'clear' : `severity ${z.mat.text}`)}`
  const state = z.state && z.state !== 'planned' ? z.state.replace('_', ' ') : false
  const length = z.mm === null ? 'length unknown' : `${Math.round(z.mm * 10) / 10} millimetres`
  return [
    z.label,
    z.planned ? length : 'not planned',
    state,
    !!z.hatch && `matted, ${z.hatch} of 4`,
    !!z.waits && WAITS[z.waits].words,
    z.now && 'in hand',
    z.exception && 'exception patch',
    !!z.hardWith?.length && 'a hard line to its neighbour',
    z.off && 'not exact with this kit',
    z.fresh && 'just changed',
  ]
    .filter(Boolean)
    .join(', ')
}

/** What is written on a zone. */
export function written(q: DrawnZone): string {
  if (q.mat) return q.mat.text
  if (q.state && q.state !== 'planned') return SIGNS[q.state]
  if (q.waits) return WAITS[q.waits].sign
  return q.mm === null ? '' : String(Math.round(q.mm * 10) / 10)
}

/** Zones of which this says the same look alike, and are one area where they touch. */
export function alike(q: DrawnZone): string {
  const length = q.mm === null ? `~${Math.round(q.drawnMm)}` : q.mm.toFixed(1)
  return [
    length,
    written(q),
    q.planned,
    q.exception,
    q.off,
    q.mat?.severity,
    q.hatch,
    q.state,
    q.now,
    q.stopLine,
  ].join('|')
}
