// Walking the zones of a drawing: by arrow keys, and by a finger drawn across them.
import type { PointerEvent } from 'react'
import type { Point } from './geometry'
import { zoneAt } from './reach'
import { sure } from '../sure'

/** Which way an arrow key goes. */
export const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** The nearest zone whose anchor lies that way. */
export function neighbour(
  anchors: Record<string, Point>,
  order: string[],
  from: string | null,
  dx: number,
  dy: number,
): string {
  if (!from) return order.includes('back') ? 'back' : sure(order[0])
  const [x, y] = sure(anchors[from])
  let best = from
  let least = Infinity
  for (const z of order) {
    if (z === from) continue
    const ax = sure(anchors[z])[0] - x
    const ay = sure(anchors[z])[1] - y
    const along = ax * dx + ay * dy
    const across = Math.abs(ax * dy) + Math.abs(ay * dx)
    if (along > 0.4 && along + across * 2 < least) {
      least = along + across * 2
      best = z
    }
  }
  return best
}

/** Handlers that tell which zones a pressed finger or mouse comes upon, each once a stroke. */
export function painting(onPaint: ((id: string) => void) | undefined) {
  if (!onPaint) return {}
  const at = (e: PointerEvent<SVGSVGElement>) => {
    const box = e.currentTarget
    const under = document.elementFromPoint(e.clientX, e.clientY)
    // A stroke goes by what is under it; a finger that comes down, by what it is next to.
    const id =
      e.type === 'pointerdown'
        ? zoneAt(box, under, e.clientX, e.clientY)
        : under?.closest('[data-zone]')?.getAttribute('data-zone')
    if (!id || box.dataset.last === id) return
    box.dataset.last = id
    onPaint(id)
  }
  return {
    onPointerDown: (e: PointerEvent<SVGSVGElement>) => {
      delete e.currentTarget.dataset.last
      if (e.currentTarget.hasPointerCapture?.(e.pointerId)) e.currentTarget.releasePointerCapture(e.pointerId)
      at(e)
    },
    onPointerMove: (e: PointerEvent<SVGSVGElement>) => {
      if (e.buttons) at(e)
    },
  }
}
