// What is drawn of a dog from the side, once its coat is laid: areas to see, zones to tap or walk through
// with the arrow keys, hair to scale, numbers on top.
import { useMemo, useRef, type KeyboardEvent, type MouseEvent } from 'react'
import type { Side } from './beside/useSide'
import type { DogDrawingProps } from './props'
import { EarLines, Face, Muscle, Toes } from './Face'
import { NEAREST, type Field } from './field'
import { neighbour, painting, WAYS } from './keys'
import { Labels, type Label } from './Labels'
import { textureOf } from './lay'
import { ExtraPatterns, MatPatterns, StatePatterns } from './Patterns'
import { Edge, Layer } from './Layer'
import { middle, zoneAt } from './reach'
import { useNumberSize } from './useScale'
import { written } from './zone'
import { sure } from '../sure'

interface Props extends DogDrawingProps {
  drawing: Side
}

/** Zones whose numbers go along while the drawing changes under a finger; the chosen one does too. */
const FOLLOWED = ['back', 'thigh_left', 'foreleg_left', 'skull']
/** Height of a number, cm, where there is room for no more. */
const LEAST = 2.15
/** How far beside a dog a finger may come down and still mean it, cm. */
const REACH = 4

export function SideDrawing({
  drawing,
  look,
  zones,
  side,
  selected,
  onSelect,
  onOpen,
  name,
  idle = false,
  cells = false,
  onPaint,
  onDigit,
  tag = '',
  markings,
  moving = false,
  part,
}: Props) {
  const box = useRef<SVGSVGElement>(null)
  const { field, paths } = drawing
  const texture = textureOf(look.coat)
  const [x0, y0, x1, y1] = field.bones.box
  const shown = part ?? field.bones.box
  const size = useNumberSize(box, [x1 - x0, y1 - y0], LEAST)
  const order = useMemo(() => field.zones.filter((z) => zones[z]), [field, zones])
  // Computed a moment ago: of what is there now.
  const areas = useMemo(() => drawing.areas.filter((a) => a.zones.every((z) => zones[z])), [drawing, zones])
  const selectedBase = order.find((z) => sure(zones[z]).id === selected) ?? null

  const onKey = (e: KeyboardEvent) => {
    const way = WAYS[e.key]
    if (e.key === 'Enter' && selectedBase) return onOpen?.()
    if (onDigit && /^[0-4]$/.test(e.key) && selectedBase) return onDigit(Number(e.key))
    const next = way
      ? neighbour(field.anchors, order, selectedBase, side === 'right' ? -way[0] : way[0], way[1])
      : e.key === 'Home'
        ? order[0]
        : e.key === 'End'
          ? order[order.length - 1]
          : null
    if (!next) return
    e.preventDefault()
    onSelect(sure(zones[next]).id)
  }
  // A thumb that comes down beside the dog means the zone nearest to it.
  const onTap = (e: MouseEvent<SVGSVGElement>) => {
    if (idle) return
    // Without a place it was not a finger: what it is on is meant.
    const meant = zoneAt(e.currentTarget, e.target, e.detail ? e.clientX : NaN, e.clientY)
    if (meant) return onSelect(meant, true)
    const map = e.currentTarget.getScreenCTM?.()?.inverse()
    if (!map) return
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(map)
    const z = nearestZone(field, side === 'right' ? x0 + x1 - p.x : p.x, -p.y)
    if (z && zones[z]) onSelect(sure(zones[z]).id, true)
  }
  const middles = useMemo(
    () => Object.fromEntries(Object.entries(field.anchors).map(([z, at]) => [z, middle(at)])),
    [field],
  )
  const common = {
    tag,
    markings,
    zones,
    paths: field.paths.zones,
    areas,
    texture,
    cells,
    idle,
    selected,
    middles,
  }
  const isPart = (z: string) => field.spots[z] !== undefined
  const body = order.filter((z) => !isPart(z))
  const of = (part: Field['tail']) => part.zones.map((z) => z.id).filter((z) => zones[z])
  const tail = (
    <Layer
      {...common}
      clip="tail"
      which={of(field.tail)}
      outline={paths.tail}
      hair={paths.tailStrokes}
      width={0.34}
      mask={field.tailOver ? `url(#kt-${tag}root)` : undefined}
    />
  )
  const [rootX, rootY] = sure(field.bones.tail[0])[0]
  const flip = side === 'right' ? `translate(${x0 + x1} 0) scale(-1 1)` : undefined
  const stop = selectedBase ? sure(zones[selectedBase]).stopLine : null
  const stopAt = stop ? field.bones.marks[stop] : undefined
  const labels = areas.flatMap((a): Label[] => {
    const chosen = selectedBase !== null && a.zones.includes(selectedBase)
    const q = sure(zones[chosen ? selectedBase : sure(a.zones[0])])
    const text = written(q)
    const key = a.zones.join(' ')
    if (text === '' || (moving && !chosen && !a.zones.some((z) => FOLLOWED.includes(z)))) return []
    const anchors = a.zones.map((z) => sure(field.anchors[z]))
    const at = chosen && a.zones.length > 1 ? [sure(field.anchors[selectedBase])] : [a.spot.at, ...anchors]
    return [{ key, text, at, room: a.spot.room, chosen, fresh: a.zones.some((z) => zones[z]?.fresh) }]
  })
  return (
    <svg
      ref={box}
      viewBox={`${shown[0]} ${-shown[3]} ${shown[2] - shown[0]} ${shown[3] - shown[1]}`}
      className={`block h-full max-h-full w-full select-none ${onPaint ? 'touch-none' : 'touch-manipulation'}
        ${moving ? 'will-change-transform' : ''}`}
      role="listbox"
      tabIndex={0}
      aria-label={`${name} from the ${side}: zones and what their recipe leaves. Arrow keys choose a zone.`}
      aria-activedescendant={selectedBase ? `zone-${tag}${sure(zones[selectedBase]).id}` : undefined}
      onKeyDown={onKey}
      onClick={onTap}
      {...painting(onPaint)}
      data-side={side}
      shapeRendering={moving ? 'optimizeSpeed' : undefined}
    >
      <defs>
        <ExtraPatterns />
        <MatPatterns />
        <StatePatterns />
        {/* where a tail over the back grows out of it, it has no edge */}
        <mask id={`kt-${tag}root`} maskUnits="userSpaceOnUse" x={x0} y={-y1} width={x1 - x0} height={y1 - y0}>
          <rect x={x0} y={-y1} width={x1 - x0} height={y1 - y0} fill="white" />
          <circle cx={rootX} cy={-rootY} r={4.2} fill="black" />
        </mask>
        {(['coat', 'tail', 'ear'] as const).map((clip) => (
          <clipPath key={clip} id={`kt-${tag}${clip}`}>
            <path d={paths[clip]} />
          </clipPath>
        ))}
      </defs>
      <g transform={flip}>
        <ellipse
          cx={(x0 + x1) / 2 - 2}
          cy={0.2}
          rx={(x1 - x0) * 0.4}
          ry={1.3}
          style={{ fill: 'var(--ground)' }}
          opacity={0.28}
        />
        <path
          d={field.paths.farEar}
          style={{ fill: 'var(--hair-far)', stroke: 'var(--hair-edge)' }}
          strokeWidth={0.28}
        />
        <path d={paths.far} style={{ fill: 'var(--hair-far)' }} />
        <g opacity={0.75}>
          <Edge d={paths.far} width={0.3} texture={texture} />
        </g>
        <Toes feet={field.bones.toes.slice(2)} opacity={0.7} />
        {!field.tailOver && tail}
        <Layer
          {...common}
          clip="coat"
          which={body}
          outline={paths.coat}
          hair={moving ? paths.few : paths.strokes}
          width={0.36}
        />
        <path
          d={field.paths.skin}
          fill="none"
          style={{ stroke: 'var(--skin-line)' }}
          strokeOpacity={0.55}
          strokeWidth={0.15}
          strokeDasharray="0.3 0.5"
          pointerEvents="none"
        />
        <Muscle marks={field.bones.marks} />
        {field.tailOver && tail}
        <Face bones={field.bones} />
        <Layer
          {...common}
          clip="ear"
          which={of(field.ear)}
          outline={paths.ear}
          hair={paths.earStrokes}
          width={0.34}
        />
        <EarLines bones={field.bones} />
        <Toes feet={field.bones.toes.slice(0, 2)} />
        {stopAt && (
          <path
            d={`M${stopAt[0] - 3} ${-stopAt[1] + 2}L${stopAt[0] + 3} ${-stopAt[1] - 2}`}
            style={{ stroke: 'var(--haw)' }}
            strokeWidth={0.55}
            strokeLinecap="round"
            pointerEvents="none"
          />
        )}
      </g>
      <Labels
        labels={labels}
        size={size}
        keepOff={field.bones.eye}
        mirror={side === 'right' ? x0 + x1 : null}
      />
    </svg>
  )
}

function nearestZone(f: Field, x: number, y: number): string | null {
  const i = Math.floor((x - f.x0) * f.scale)
  const j = Math.floor((y - f.y0) * f.scale)
  if (i < 0 || j < 0 || i >= f.width || j >= f.height) return null
  const k = j * f.width + i
  if (sure(f.tail.skin[k]) < Math.min(REACH, sure(f.skin[k])))
    return f.tail.zones.find((z) => sure(f.tail.along[k]) <= z.to)?.id ?? 'tail_tip'
  return sure(f.skin[k]) < REACH ? (f.body[sure(f.near[k * NEAREST])] ?? null) : null
}
