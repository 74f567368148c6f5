// Zones that are there twice: which is which, and how they are drawn from one side.
export const isLeft = (zone: string) => zone.endsWith('_left')
export const isRight = (zone: string) => zone.endsWith('_right')
/** The name by which a drawing knows a zone, whichever side it shows. */
export const drawnAs = (zone: string) => zone.replace(/_right$/, '_left')
/** What a drawn zone stands for when the dog is looked at from that side. */
export const fromSide = (side: 'left' | 'right', zone: string) =>
  side === 'right' ? zone.replace(/_left$/, '_right') : zone
/** The same zone on the other side; null where there is only one. */
export const twinOf = (zone: string) =>
  isLeft(zone) ? zone.replace(/_left$/, '_right') : isRight(zone) ? drawnAs(zone) : null

/** The view in which a zone is seen: the one that is open if it can be, else the first that shows it. */
export function viewFor(zone: string, open: string, seen: Record<string, string[]>): string {
  const sees = (view: string) => seen[view]?.includes(view === 'side' ? drawnAs(zone) : zone) ?? false
  return sees(open) ? open : (Object.keys(seen).find(sees) ?? open)
}
