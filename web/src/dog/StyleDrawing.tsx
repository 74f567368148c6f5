// What a style's name means, at a glance: the part of a sample dog it is about, drawn as the dog itself is.
import { useEffect, useId, useMemo, useRef, useState } from 'react'
import { CloseUpDrawing } from './close/CloseUpDrawing'
import { Extents } from './close/Extents'
import { zonesOfView } from './close/views'
import { DogDrawing } from './DogDrawing'
import { zonesSeen } from './field'
import { SAMPLE, STYLES, type StyleDrawn } from './styles'
import type { DrawnZone } from './zone'

/** Of what no style is about, mm. */
const MIDDLING = 12
const nothing = () => undefined

/** Drawn once it comes into sight: a house has some thirty of them. */
export function StyleDrawing({ of, className = 'size-16' }: { of: string; className?: string }) {
  const frame = useRef<HTMLDivElement>(null)
  const [seen, setSeen] = useState(() => typeof IntersectionObserver === 'undefined')
  const style = STYLES[of]
  useEffect(() => {
    if (seen || !frame.current) return
    const eye = new IntersectionObserver((all) => all.some((one) => one.isIntersecting) && setSeen(true), {
      rootMargin: '200px',
    })
    eye.observe(frame.current)
    return () => eye.disconnect()
  }, [seen])
  return style ? (
    <div ref={frame} className={`pointer-events-none ${className}`} data-style={of} aria-hidden inert>
      {seen && <Drawn style={style} />}
    </div>
  ) : null
}

function Drawn({ style }: { style: StyleDrawn }) {
  const tag = `style${useId().replace(/\W/g, '')}-`
  const look = useMemo(() => ({ ...SAMPLE, ...style.look }), [style])
  const zones = useMemo(
    () =>
      Object.fromEntries(
        (style.view === 'side' ? zonesSeen(look) : zonesOfView(style.view, look)).map(
          (id): [string, DrawnZone] => [
            id,
            { id, label: '', mm: null, drawnMm: style.mm[id] ?? MIDDLING, planned: true },
          ],
        ),
      ),
    [style, look],
  )
  const common = { look, zones, selected: null, onSelect: nothing, name: '', tag, part: style.part }
  return style.view === 'side' ? (
    <DogDrawing {...common} side="left" idle />
  ) : (
    <CloseUpDrawing {...common} view={style.view}>
      {style.reach && <Extents {...style.reach} />}
      {style.cut && (
        <path
          d={style.cut}
          fill="none"
          style={{ stroke: 'var(--thistle)' }}
          strokeWidth={0.32}
          strokeLinecap="round"
        />
      )}
    </CloseUpDrawing>
  )
}
