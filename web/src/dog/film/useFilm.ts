// Frames of a dog by week, made while nobody waits, so that a slider over the weeks only shows them.
import { useEffect, useState, type RefObject } from 'react'
import { asSeen, thereOf } from '../absent'
import { askedOf } from '../asked'
import { drawingOf } from '../beside/useSide'
import { hasWorker } from '../beside/beside'
import type { DogLook } from '../build'
import type { DrawnZone } from '../zone'
import { shoot } from './shoot'

export type Film = ReadonlyMap<number, ImageBitmap>

interface Scene {
  look: DogLook
  side: 'left' | 'right'
  weeks: number[]
  /** zones by their left-side id at a week */
  frame: (week: number) => Record<string, DrawnZone>
}

/** How long a page stands still before its film is made. */
const STILL_MS = 600
const able = hasWorker && typeof OffscreenCanvas !== 'undefined'

/** @returns once the last frame is made; null until then, and where the browser cannot */
export function useFilm(box: RefObject<HTMLElement | null>, scene: Scene | null): Film | null {
  const [film, setFilm] = useState<Film | null>(null)
  const look = useLookOf(box, scene !== null)
  useEffect(() => {
    if (!scene || !look) return
    const made = new Map<number, ImageBitmap>()
    const [width = 0, height = 0] = look.split(' ').map(Number)
    let wanted = true
    const make = async () => {
      for (const week of scene.weeks) {
        await idle()
        if (!wanted) return
        const seen = asSeen(scene.look, scene.side)
        const zones = thereOf(scene.frame(week), seen)
        const { lengths, alike } = askedOf(seen, zones)
        const drawing = await drawingOf(seen, lengths, alike)
        made.set(week, await shoot(drawing, { look: seen, side: scene.side, zones }, { width, height }))
      }
      if (wanted) setFilm(made)
    }
    // Without a film the drawing itself follows the finger, a little slower.
    const timer = setTimeout(() => void make().catch(() => undefined), STILL_MS)
    return () => {
      wanted = false
      clearTimeout(timer)
      setFilm(null)
      made.forEach((picture) => picture.close())
    }
  }, [scene, look])
  return film
}

/** Size of the box and theme of the page, as one word; null until known, and where no film can be made. */
function useLookOf(box: RefObject<HTMLElement | null>, wanted: boolean): string | null {
  const [look, setLook] = useState<string | null>(null)
  useEffect(() => {
    const node = box.current
    if (!node || !wanted || !able) return
    const root = document.documentElement
    const read = () => {
      const { clientWidth: w, clientHeight: h } = node
      const theme = root.dataset.theme ?? ''
      // A line more of words under a dog is no other size: the frame is shown within what is there.
      setLook((was) => (!w || !h ? null : was && sameSize(was, w, theme) ? was : `${w} ${h} ${theme}`))
    }
    read()
    const size = new ResizeObserver(read)
    size.observe(node)
    const theme = new MutationObserver(read)
    theme.observe(root, { attributeFilter: ['data-theme'] })
    return () => {
      size.disconnect()
      theme.disconnect()
    }
  }, [box, wanted])
  return look
}

function sameSize(look: string, width: number, theme: string): boolean {
  return look.startsWith(`${width} `) && look.endsWith(` ${theme}`)
}

function idle(): Promise<void> {
  return new Promise((done) => {
    if (typeof requestIdleCallback === 'undefined') setTimeout(done, 30)
    else requestIdleCallback(() => done(), { timeout: 300 })
  })
}
