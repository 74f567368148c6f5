// A dog's blocks are taken to another time or person: by mouse or pen, or by arrow keys. Nothing is written
// before it is let go.
import { useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Where } from '../../parts/useMove'
import { time, type PlaceDay } from './chart'

type Dog = PlaceDay['dogs'][0]
const GRID = 15
const LAST = 24 * 60 - GRID
/** A hand that only clicks does not stand still. */
const SLACK_PX = 6

export interface Hold {
  dog: Dog
  arrives: number
  staff: string | null
}

export function useDrag(place: PlaceDay, onDrop: (dog: Dog, to: Pick<Where, 'time' | 'staff'>) => void) {
  const [hold, setHold] = useState<Hold | null>(null)
  const drop = () => {
    if (hold && (hold.arrives !== hold.dog.arrives || hold.staff !== hold.dog.staff))
      onDrop(hold.dog, { time: time(hold.arrives), staff: hold.staff })
    setHold(null)
  }
  const onKey = (dog: Dog) => (e: KeyboardEvent) => {
    const now = hold?.dog.booking === dog.booking ? hold : { dog, arrives: dog.arrives, staff: dog.staff }
    const by = { ArrowLeft: -GRID, ArrowRight: GRID }[e.key]
    const rows = { ArrowUp: -1, ArrowDown: 1 }[e.key]
    if (by !== undefined) setHold({ ...now, arrives: snapped(now.arrives + by) })
    else if (rows !== undefined) setHold({ ...now, staff: neighbour(place, now.staff, rows) })
    else if (e.key === 'Escape' && hold) setHold(null)
    else if (e.key === 'Enter' && hold) drop()
    else return
    e.preventDefault()
  }
  // A finger scrolls the day; it opens the form instead.
  const onDown =
    (dog: Dog, minutesAPixel: (box: HTMLElement) => number) => (e: PointerEvent<HTMLElement>) => {
      if (e.pointerType === 'touch' || e.button !== 0) return
      const block = e.currentTarget
      const from = e.clientX
      const scale = minutesAPixel(block)
      let last: Hold | null = null
      const onMove = (m: globalThis.PointerEvent) => {
        if (!last && Math.hypot(m.clientX - from, m.clientY - e.clientY) < SLACK_PX) return
        const row = document
          .elementsFromPoint(m.clientX, m.clientY)
          .map((el) => el.closest<HTMLElement>('[data-person]')?.dataset.person)
          .find(Boolean)
        last = { dog, arrives: snapped(dog.arrives + (m.clientX - from) * scale), staff: row ?? dog.staff }
        setHold(last)
      }
      const end = (kept: boolean) => {
        removeEventListener('pointermove', onMove)
        removeEventListener('pointerup', onUp)
        removeEventListener('keydown', onEsc)
        setHold(null)
        if (!last) return
        // What was dragged is not clicked as well.
        addEventListener('click', (c) => c.stopPropagation(), { capture: true, once: true })
        setTimeout(() => block.focus())
        if (kept && (last.arrives !== dog.arrives || last.staff !== dog.staff))
          onDrop(dog, { time: time(last.arrives), staff: last.staff })
      }
      const onUp = () => end(true)
      const onEsc = (k: globalThis.KeyboardEvent) => k.key === 'Escape' && end(false)
      addEventListener('pointermove', onMove)
      addEventListener('pointerup', onUp)
      addEventListener('keydown', onEsc)
    }
  return { hold, onKey, onDown, letGo: () => setHold(null) }
}

function snapped(minutes: number): number {
  return Math.max(0, Math.min(LAST, Math.round(minutes / GRID) * GRID))
}

/** The next person up or down the list; before the first and after the last stands nobody. */
function neighbour(place: PlaceDay, staff: string | null, by: number): string | null {
  const ids = [null, ...place.people.map((p) => p.id)]
  return ids[(ids.indexOf(staff) + by + ids.length) % ids.length] ?? null
}
