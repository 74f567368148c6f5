// What a visit form begins with: what the arrival found, and every zone as planned.
import type { Schemas } from '../../app/client'
import { draftOf, type RecipeDraft } from '../../app/queries'
import { typedWeight } from '../../ui/figure'

export interface ZoneRow {
  state: string
  actual: RecipeDraft | null
  why: string
  arrival: string
  ownerCut: boolean
}
/** Handed over by the arrival. */
export interface Found {
  load?: number
  kg?: number | null
  tender?: number
  upkeep?: string | null
  lengths?: Record<string, number> | null
  ownerCut?: boolean
  clipped?: Record<string, string>
}

export const AS_PLANNED: ZoneRow = { state: 'done', actual: null, why: '', arrival: '', ownerCut: false }

export function isDifferent(row: ZoneRow): boolean {
  return row.actual !== null || row.state !== 'done'
}

/** Lengths that were measured, and places that were clipped out under a mat: patches, not style. */
export function rowsOf(found: Found): Record<string, ZoneRow> {
  const rows: Record<string, ZoneRow> = {}
  for (const [zone, mm] of Object.entries(found.lengths ?? {}))
    rows[zone] = { ...AS_PLANNED, arrival: String(mm), ownerCut: found.ownerCut === true }
  for (const [zone, blade] of Object.entries(found.clipped ?? {}))
    rows[zone] = {
      ...(rows[zone] ?? AS_PLANNED),
      why: 'clipped out under a mat',
      actual: {
        ...draftOf(null),
        method: 'shave_out',
        tool: { kind: 'blade', label: blade },
        reason: 'forced_by_mat',
        exception: true,
        carry: 'do_not_repeat',
      },
    }
  return rows
}

export interface Head {
  day: string
  kind: string
  place: string
  minutes: string
  load: string
  tender: string
  upkeep: string
  kg: string
  note: string
  /** the note does not travel with the dog's history */
  noteOwn: boolean
}

export function headOf(card: Schemas['CardView'], found: Found): Head {
  return {
    day: card.today,
    kind: 'full',
    place: card.place,
    minutes: '',
    load: text(found.load),
    tender: String(found.tender ?? 0),
    upkeep: found.upkeep ?? card.dog.upkeep,
    kg: typedWeight(found.kg),
    note: '',
    noteOwn: false,
  }
}

function text(value: number | null | undefined): string {
  return value == null ? '' : String(value)
}
