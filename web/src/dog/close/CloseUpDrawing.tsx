// A part of the dog come close: the same zones, numbers, mats and states as on the whole dog; both sides are
// seen.
import { memo, useMemo, useRef, type KeyboardEvent, type MouseEvent, type ReactNode } from 'react'
import type { Area } from '../areas'
import type { DogLook } from '../build'
import type { Point } from '../geometry'
import { neighbour, painting, WAYS } from '../keys'
import { Labels, type Label } from '../Labels'
import { Layer } from '../Layer'
import type { Spot } from '../part'
import { middle, zoneAt } from '../reach'
import { ExtraPatterns, MatPatterns, StatePatterns } from '../Patterns'
import { useNumberSize } from '../useScale'
import { alike, written, type DrawnZone } from '../zone'
import { sure } from '../../sure'
import { INK } from './head'
import { grow, together, type CloseUp, type Kept, type Plate } from './plate'
import { useCloseUp } from './useCloseUp'
import type { View } from './views'

interface Props {
  view: View
  look: DogLook
  /** by their own id: both sides are seen */
  zones: Record<string, DrawnZone>
  selected: string | null
  /** tapped: by a finger, not by a key */
  onSelect: (id: string, tapped?: boolean) => void
  onOpen?: () => void
  name: string
  cells?: boolean
  onPaint?: (id: string) => void
  onDigit?: (digit: number) => void
  /** of its own colour, where the dog is shown as it is today */
  markings?: readonly string[] | undefined
  tag?: string
  /** only this of it, cm: left, low, right, high */
  part?: CloseUp['box']
  /** drawn on top of the coat, under the numbers; cm */
  children?: ReactNode
}

/** Height of a number where there is room for no more, cm. */
const LEAST = 0.7
/** Room a zone must have to be seen, cm. */
const SEEN = 0.1

export const CloseUpDrawing = memo(function CloseUpDrawing(props: Props) {
  const { close, kept } = useCloseUp(props.view, props.look)
  return kept ? (
    <Drawn {...props} close={close} kept={kept} />
  ) : (
    <p role="status" className="p-6 text-ink-2">
      Drawing it close …
    </p>
  )
})

function Drawn({
  view,
  look,
  zones,
  selected,
  onSelect,
  onOpen,
  name,
  cells = false,
  onPaint,
  onDigit,
  markings,
  tag = '',
  part,
  children,
  close,
  kept,
}: Props & { close: CloseUp; kept: Kept[] }) {
  const box = useRef<SVGSVGElement>(null)
  const [x0, y0, x1, y1] = part ?? close.box
  const size = useNumberSize(box, [x1 - x0, y1 - y0], LEAST)
  const lengths = JSON.stringify(
    Object.fromEntries(Object.entries(zones).map(([z, q]) => [z, q.mm ?? q.drawnMm])),
  )
  const plates = useMemo(() => {
    const mm = JSON.parse(lengths) as Record<string, number>
    return close.plates.map((p, i) =>
      grow(p, sure(kept[i]), look.coat, (z) => Math.min(close.most ?? 180, mm[z] ?? 4), close.coarse),
    )
  }, [close, kept, look.coat, lengths])
  // The same zone may be seen on two plates: its number stands where it has the most room.
  const spots = useMemo(() => {
    const best: Record<string, Spot> = {}
    for (const k of kept)
      for (const [z, s] of Object.entries(k.spots)) if (s.room > (best[z]?.room ?? -8)) best[z] = s
    return best
  }, [kept])
  const order = Object.keys(spots).filter((z) => zones[z] && sure(spots[z]).room > -1)
  const anchors: Record<string, Point> = Object.fromEntries(order.map((z) => [z, sure(spots[z]).at]))
  const areas = close.plates.map((p, i) => areasOf(p, sure(kept[i]), zones, cells))
  // A zone of two plates is meant on the one where it has more room; what others cover is not meant by place.
  const meant = (z: string, spot: Spot) => spot.room > SEEN && (close.shows?.includes(z) ?? true)
  const middles = kept.map((k) =>
    Object.fromEntries(
      Object.entries(k.spots).flatMap(([z, s]) =>
        s === spots[z] ? [[z, meant(z, s) ? middle(s.at) : '']] : [],
      ),
    ),
  )
  const onTap = (e: MouseEvent<SVGSVGElement>) => {
    const zone = zoneAt(e.currentTarget, e.target, e.detail ? e.clientX : NaN, e.clientY)
    if (zone) onSelect(zone)
  }
  const onKey = (e: KeyboardEvent) => {
    const way = WAYS[e.key]
    const from = selected !== null && order.includes(selected) ? selected : null
    if (e.key === 'Enter' && from) return onOpen?.()
    if (onDigit && /^[0-4]$/.test(e.key) && from) return onDigit(Number(e.key))
    const next = way
      ? from
        ? neighbour(anchors, order, from, way[0], way[1])
        : order[0]
      : e.key === 'Home'
        ? order[0]
        : e.key === 'End'
          ? order[order.length - 1]
          : null
    if (!next) return
    e.preventDefault()
    onSelect(sure(zones[next]).id)
  }
  const labels = labelsOf(close.plates, areas, zones, spots, selected)
  return (
    <svg
      ref={box}
      viewBox={`${x0} ${-y1} ${x1 - x0} ${y1 - y0}`}
      className={`block h-full max-h-full w-full select-none
        ${onPaint ? 'touch-none' : 'touch-manipulation'}`}
      role="listbox"
      tabIndex={0}
      aria-label={
        `${name}, ${view} come close: zones and what their recipe leaves. ` + 'Arrow keys choose a zone.'
      }
      aria-activedescendant={selected && order.includes(selected) ? `zone-${tag}${selected}` : undefined}
      onKeyDown={onKey}
      onClick={onTap}
      {...painting(onPaint)}
      data-view={view}
    >
      <defs>
        <ExtraPatterns close />
        <MatPatterns close />
        <StatePatterns close />
        {close.plates.flatMap((p) =>
          p.edgeBelow === undefined
            ? []
            : [
                <mask key={p.id} id={`kt-${tag}${p.id}-low`} maskUnits="userSpaceOnUse" {...rest(close.box)}>
                  <rect {...rest(close.box)} y={-p.edgeBelow} fill="white" />
                </mask>,
              ],
        )}
        {close.plates.map((p, i) => (
          <clipPath key={p.id} id={`kt-${tag}${p.id}`}>
            <path d={sure(plates[i]).outline} />
          </clipPath>
        ))}
      </defs>
      {close.plates.map((p, i) => {
        const grown = sure(plates[i])
        return (
          <g key={p.id}>
            <Layer
              clip={p.id}
              tag={tag}
              which={p.zones.map(([z]) => z).filter((z) => zones[z])}
              zones={zones}
              paths={sure(kept[i]).paths}
              areas={sure(areas[i])}
              outline={grown.outline}
              hair={grown.strokes}
              width={p.edge === false && p.edgeBelow === undefined ? 0 : 0.2}
              mask={p.edgeBelow === undefined ? undefined : `url(#kt-${tag}${p.id}-low)`}
              scale={0.55 * (close.coarse ?? 1)}
              texture={grown.texture}
              tints={p.tints}
              markings={markings}
              cells={cells}
              idle={false}
              selected={selected}
              middles={sure(middles[i])}
            />
            {(close.art[p.id] ?? []).map((a, n) => (
              <path
                key={n}
                d={a.d}
                style={a.fill ? { fill: a.fill } : { fill: 'none', stroke: INK }}
                strokeWidth={a.fill ? 0 : a.width}
                strokeOpacity={a.opacity}
                strokeLinecap="round"
                strokeLinejoin="round"
                pointerEvents="none"
              />
            ))}
          </g>
        )
      })}
      {children}
      {!part &&
        close.captions?.map(({ text, at: [x, y] }) => (
          <text
            key={text}
            x={x}
            y={-y}
            fontSize={size * 0.9}
            textAnchor="middle"
            style={{ fill: 'var(--ink-2)' }}
            pointerEvents="none"
          >
            {text}
          </text>
        ))}
      <Labels labels={labels} size={size} keepOff={[99, 99]} mirror={null} />
    </svg>
  )
}

function rest([x0, y0, x1, y1]: [number, number, number, number]) {
  return { x: x0, y: -y1, width: x1 - x0, height: y1 - y0 }
}

/** Zones of one plate that are alike are one area. */
function areasOf(p: Plate, kept: Kept, zones: Record<string, DrawnZone>, cells: boolean): Area[] {
  const groups = new Map<string, number[]>()
  p.zones.forEach(([z], i) => {
    const q = zones[z]
    if (!q) return
    const key = cells || p.tints?.[z] ? z : alike(q)
    groups.set(key, [...(groups.get(key) ?? []), i])
  })
  return [...groups.values()].map((numbers) => {
    const ids = numbers.map((i) => sure(p.zones[i])[0])
    const spot = ids.map((z) => sure(kept.spots[z])).reduce((a, b) => (b.room > a.room ? b : a))
    return {
      zones: ids,
      path: ids.length === 1 ? sure(kept.paths[sure(ids[0])]) : together(kept, numbers),
      spot,
    }
  })
}

/** One number for what is alike, also across plates that melt into one another. */
function labelsOf(
  plates: Plate[],
  areas: Area[][],
  zones: Record<string, DrawnZone>,
  spots: Record<string, Spot>,
  selected: string | null,
): Label[] {
  const found = new Map<string, Label>()
  let base = 0
  plates.forEach((p, i) => {
    if (p.edge !== false) base = i
    for (const a of sure(areas[i])) {
      const chosen = a.zones.find((z) => z === selected)
      const q = sure(zones[chosen ?? sure(a.zones[0])])
      const text = written(q)
      if (text === '') continue
      const key = chosen ?? `${base}|${p.tints?.[sure(a.zones[0])] ? a.zones.join(' ') : alike(q)}`
      // What has no room at all on any plate has none.
      const own = a.zones.flatMap((z) => spots[z] ?? [])
      const at = [a.spot, ...own].sort((m, n) => n.room - m.room)
      const before = found.get(key)
      const room = sure(at[0]).room
      if (before && before.room >= room) continue
      found.set(key, {
        key,
        text,
        at: chosen && spots[chosen] ? [spots[chosen].at] : at.map((s) => s.at),
        room,
        chosen: chosen !== undefined,
        fresh: a.zones.some((z) => zones[z]?.fresh),
      })
    }
  })
  return [...found.values()]
}
