// How many pixels a unit of a drawing takes on the screen, so that numbers stay large enough to read.
import { useLayoutEffect, useState, type RefObject } from 'react'

/** Below this width a drawing stands on a phone. */
const PHONE = 480

/** @returns height of a number in the drawing's units: 14 pixels, 12 on a phone */
export function useNumberSize(
  box: RefObject<SVGSVGElement | null>,
  [width, height]: [number, number],
  least: number,
): number {
  const [size, setSize] = useState(least)
  useLayoutEffect(() => {
    const svg = box.current
    if (!svg) return
    const measure = () => {
      const { width: w, height: h } = svg.getBoundingClientRect()
      const scale = Math.min(w / width, h / height)
      setSize(scale > 0 ? Math.max(least, (w < PHONE ? 12 : 14) / scale) : least)
    }
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(svg)
    return () => watch.disconnect()
  }, [box, width, height, least])
  return size
}
