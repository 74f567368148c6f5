// The kinds of visit, by name.
export const VISIT_KINDS = [
  { id: 'full', label: 'Full groom' },
  { id: 'bath', label: 'Bath' },
  { id: 'tidy', label: 'Tidy' },
  { id: 'nails', label: 'Nails' },
] as const
/** A kind by its name. */
export function kindSaid(id: string): string {
  return VISIT_KINDS.find((k) => k.id === id)?.label ?? id
}

export type VisitKind = (typeof VISIT_KINDS)[number]['id']
