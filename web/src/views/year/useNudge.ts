// A visit is taken to another day: by mouse, pen or finger along the band, or by arrow keys. Nothing is
// written before it is let go.
import { useState, type KeyboardEvent, type PointerEvent } from 'react'
import { DAYS, shifted, type YearData } from './band'

type Booking = YearData['booked'][0]
export interface Hold {
  id: string
  day: string
}
const SLACK_PX = 4
const WEEK = 7

export function useNudge(today: string, onDrop: (b: Booking, day: string, done: () => void) => void) {
  const [hold, setHold] = useState<Hold | null>(null)
  const by = (b: Booking, days: number) => {
    const now = hold?.id === b.id ? hold.day : b.day
    const to = shifted(now, days)
    setHold({ id: b.id, day: to < today ? today : to })
  }
  const drop = (b: Booking, day: string) => {
    if (day === b.day) setHold(null)
    else onDrop(b, day, () => setHold(null))
  }
  const handles = (b: Booking) => ({
    onKeyDown: (e: KeyboardEvent) => {
      const days = { ArrowLeft: -1, ArrowRight: 1, PageUp: -WEEK, PageDown: WEEK }[e.key]
      if (days !== undefined) by(b, e.shiftKey && Math.abs(days) === 1 ? days * WEEK : days)
      else if (e.key === 'Escape' && hold) setHold(null)
      else if (e.key === 'Enter' && hold?.id === b.id) {
        drop(b, hold.day)
      } else return
      e.preventDefault()
    },
    onPointerDown: (e: PointerEvent<HTMLElement>) => {
      if (e.button !== 0) return
      const from = e.clientX
      const band = e.currentTarget.closest('[data-band]')
      const perDay = (band?.getBoundingClientRect().width || 1) / DAYS
      let last: string | null = null
      const onMove = (m: globalThis.PointerEvent) => {
        if (!last && Math.abs(m.clientX - from) < SLACK_PX) return
        const to = shifted(b.day, Math.round((m.clientX - from) / perDay))
        last = to < today ? today : to
        setHold({ id: b.id, day: last })
      }
      const end = () => {
        removeEventListener('pointermove', onMove)
        removeEventListener('pointerup', end)
        removeEventListener('pointercancel', end)
        if (!last) return
        addEventListener('click', (c) => c.stopPropagation(), { capture: true, once: true })
        drop(b, last)
      }
      addEventListener('pointermove', onMove)
      addEventListener('pointerup', end)
      addEventListener('pointercancel', end)
    },
  })
  return { hold, handles, nudge: by, drop, letGo: () => setHold(null) }
}
