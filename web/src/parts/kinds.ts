// The kinds of visit, by name.
export const VISIT_KINDS = [
  { id: 'full', label: 'Full groom' },
  { id: 'bath', label: 'Bath' },
  { id: 'tidy', label: 'Tidy' },
  { id: 'nails', label: 'Nails' },
] as const
export type VisitKind = (typeof VISIT_KINDS)[number]['id']
