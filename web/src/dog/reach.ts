// Which zone a finger means: the one whose middle it is next to, else the one under it. A thumb is wider than
// the smallest zones.

/** px around the middle of a zone. */
const REACH = 9

/** Where the middle of a zone is, for its element. @param at as drawn, y upwards */
export function middle([x, y]: readonly [number, number]): string {
  return `${x.toFixed(2)} ${(-y).toFixed(2)}`
}

/** The id of the zone that is meant by a finger at this point of the window; null beside the dog. */
export function zoneAt(box: Element, target: EventTarget | null, x: number, y: number): string | null {
  let best: string | null = null
  let least = REACH
  for (const zone of box.querySelectorAll<SVGGraphicsElement>('[data-zone][data-at]')) {
    const map = zone.getScreenCTM?.()
    const [ax = NaN, ay = NaN] = (zone.dataset.at ?? '').split(' ').map(Number)
    if (!map || Number.isNaN(ax + ay)) continue
    const p = new DOMPoint(ax, ay).matrixTransform(map)
    const away = Math.hypot(p.x - x, p.y - y)
    if (away < least) {
      least = away
      best = zone.dataset.zone ?? null
    }
  }
  const under = target instanceof Element ? target.closest<SVGElement>('[data-zone]') : null
  return best ?? under?.dataset.zone ?? null
}
