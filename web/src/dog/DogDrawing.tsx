// The drawn dog: zones to tap or walk through with the arrow keys, hair to scale, numbers on top.
import { memo, useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { DogLook } from './build'
import { fieldOf, type Field } from './field'
import { laidCoat } from './frames'
import { textureOf } from './lay'
import { sure } from '../sure'

export interface DrawnZone {
  /** zone id with its side */
  id: string
  label: string
  mm: number | null
  /** what is drawn where no length is known */
  drawnMm: number
  planned: boolean
  exception?: boolean
  fresh?: boolean
  /** this kit cannot make it, or only nearly */
  off?: boolean
  stopLine?: string | null
  /** zones of the same drawing that it meets in a hard line, as keys of the drawing */
  hardWith?: string[]
  /** what the comb found, drawn and written in place of the length */
  mat?: { severity: number; text: string; said?: string }
  /** how far it is matted, 1 to 4: hatched, the length stays written */
  hatch?: number
  /** what it waits for: the owner's word, or a bone dry coat */
  waits?: Waits
  /** how it stands at the table: drawn over the hair and written in place of the length */
  state?: ZoneState
  /** belongs to the step in hand */
  now?: boolean
}
export type Waits = 'owner' | 'dry' | 'refused' | ''
/** Written in place of the length of what cannot be done yet. */
export const WAITS: Record<Waits, { sign: string; words: string }> = {
  owner: { sign: '?', words: 'waits for the owner’s word' },
  dry: { sign: '~', words: 'waits until it is bone dry' },
  refused: { sign: '×', words: 'left: the owner said no' },
  '': { sign: '', words: '' },
}
export type ZoneState = 'planned' | 'done' | 'partly' | 'deferred' | 'not_needed'
/** A sign for each state besides its texture: colour is never alone. */
export const SIGNS: Record<ZoneState, string> = {
  planned: '',
  done: '✓',
  partly: '½',
  deferred: '→',
  not_needed: '–',
}

interface Props {
  look: DogLook
  /** zones by their left-side id, whichever side is looked at */
  zones: Record<string, DrawnZone>
  side: 'left' | 'right'
  selected: string | null
  onSelect: (id: string) => void
  /** Enter on a zone: to its recipe */
  onOpen?: () => void
  name: string
  idle?: boolean
  /** a finger drawn across zones: called once for each it comes upon */
  onPaint?: (id: string) => void
  /** a digit typed while a zone is chosen */
  onDigit?: (digit: number) => void
  /** keeps the ids of two drawings on one page apart */
  tag?: string
  /** while it changes under a finger: fewer hairs, so that it keeps up */
  moving?: boolean
}

/** Which way an arrow key goes. */
export const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** Zones whose numbers go along while the drawing changes under a finger; the chosen one does too. */
const FOLLOWED = ['back', 'thigh_left', 'foreleg_left', 'skull']

/** Depth of tone by length: 0 (bare) to 1 (60 mm and more), even steps per doubling. */
export function tone(mm: number): number {
  return Math.min(1, Math.log(1 + mm) / Math.log(61))
}
export function toneColour(mm: number): string {
  return `color-mix(in oklab, var(--hair-long) ${Math.round(tone(mm) * 100)}%, var(--hair-short))`
}

export const DogDrawing = memo(function DogDrawing({
  look,
  zones,
  side,
  selected,
  onSelect,
  onOpen,
  name,
  idle = false,
  onPaint,
  onDigit,
  tag = '',
  moving = false,
}: Props) {
  const box = useRef<SVGSVGElement>(null)
  const field = useMemo(() => fieldOf(look), [look])
  const lengths = useMemo(
    () => Object.fromEntries(Object.entries(zones).map(([id, z]) => [id, z.mm ?? z.drawnMm])),
    [zones],
  )
  const lengthsKey = JSON.stringify(lengths)
  // Polls bring equal lengths in new objects; the coat is only laid anew when a value changes.
  const paths = useMemo(() => laidCoat(field, look.coat, lengthsKey), [field, look.coat, lengthsKey])
  const texture = textureOf(look.coat)
  const [x0, y0, x1, y1] = field.bones.box
  const order = useMemo(() => field.zones.filter((z) => zones[z]), [field, zones])
  const selectedBase = order.find((z) => sure(zones[z]).id === selected) ?? null

  const onKey = (e: KeyboardEvent) => {
    const way = WAYS[e.key]
    if (e.key === 'Enter' && selectedBase) return onOpen?.()
    if (onDigit && /^[0-4]$/.test(e.key) && selectedBase) return onDigit(Number(e.key))
    const next = way
      ? neighbour(field, order, selectedBase, side === 'right' ? -way[0] : way[0], way[1])
      : e.key === 'Home'
        ? order[0]
        : e.key === 'End'
          ? order[order.length - 1]
          : null
    if (!next) return
    e.preventDefault()
    onSelect(sure(zones[next]).id)
  }
  const zonePath = (z: string) => {
    const q = sure(zones[z])
    const matted = q.mat && q.mm === null
    return (
      <path
        key={z}
        id={`zone-${tag}${q.id}`}
        role="option"
        aria-selected={q.id === selected}
        aria-label={spoken(q)}
        data-zone={q.id}
        d={field.paths.zones[z]}
        style={{
          fill: matted ? 'var(--hair-short)' : toneColour(q.mm ?? q.drawnMm),
          stroke: matted ? 'var(--hair-stroke)' : 'var(--chalk)',
        }}
        strokeWidth={0.2}
        strokeDasharray="0.9 0.6"
        onClick={() => onSelect(q.id)}
        pointerEvents={idle ? 'none' : undefined}
      />
    )
  }
  const mark = (z: string) => {
    const q = sure(zones[z])
    if (
      q.planned &&
      !q.exception &&
      !q.now &&
      !q.off &&
      !q.mat?.severity &&
      !q.hatch &&
      (!q.state || q.state === 'planned')
    )
      return null
    return (
      <g key={z} pointerEvents="none">
        {q.mat && q.mat.severity > 0 && (
          <path d={field.paths.zones[z]} style={{ fill: `url(#kt-mat-${q.mat.severity})` }} />
        )}
        {!!q.hatch && q.state !== 'done' && (
          <path d={field.paths.zones[z]} style={{ fill: `url(#kt-mat-${q.hatch})` }} />
        )}
        {!q.planned && !q.mat && <path d={field.paths.zones[z]} style={{ fill: 'url(#kt-unplanned)' }} />}
        {q.exception && <path d={field.paths.zones[z]} style={{ fill: 'url(#kt-exception)' }} />}
        {q.state && q.state !== 'planned' && (
          <path d={field.paths.zones[z]} style={{ fill: `url(#kt-state-${q.state})` }} />
        )}
        {q.now && (
          <path d={field.paths.zones[z]} fill="none" style={{ stroke: 'var(--thistle)' }} strokeWidth={0.7} />
        )}
        {q.off && (
          <path
            d={field.paths.zones[z]}
            fill="none"
            style={{ stroke: 'var(--bracken)' }}
            strokeWidth={0.45}
            strokeDasharray="0.5 0.6"
          />
        )}
      </g>
    )
  }
  // The outline of one zone, seen only along the other.
  const hardLines = (z: string) =>
    (sure(zones[z]).hardWith ?? [])
      .filter((w) => field.paths.zones[w])
      .map((w) => (
        <g key={`${z}-${w}`} data-line={`${z} ${w}`} pointerEvents="none">
          <mask id={`kt-${tag}line-${z}-${w}`}>
            <path d={field.paths.zones[w]} fill="white" stroke="white" strokeWidth={1.2} />
          </mask>
          <path
            d={field.paths.zones[z]}
            fill="none"
            style={{ stroke: 'var(--ink)' }}
            strokeWidth={0.55}
            mask={`url(#kt-${tag}line-${z}-${w})`}
          />
        </g>
      ))
  const body = order.filter((z) => !z.startsWith('ear_'))
  const ears = order.filter((z) => z.startsWith('ear_'))
  const inks = { stroke: 'var(--hair-stroke)' }
  const [ex, ey] = field.bones.eye
  const [nx, ny] = field.bones.nose
  const flip = side === 'right' ? `translate(${x0 + x1} 0) scale(-1 1)` : undefined
  const stop = selectedBase ? sure(zones[selectedBase]).stopLine : null
  const stopAt = stop ? field.bones.marks[stop] : undefined
  return (
    <svg
      ref={box}
      viewBox={`${x0} ${-y1} ${x1 - x0} ${y1 - y0}`}
      className={`block h-full max-h-full w-full select-none ${onPaint ? 'touch-none' : 'touch-manipulation'}
        ${moving ? 'will-change-transform' : ''}`}
      role="listbox"
      tabIndex={0}
      aria-label={`${name} from the ${side}: zones and what their recipe leaves. Arrow keys choose a zone.`}
      aria-activedescendant={selectedBase ? `zone-${tag}${sure(zones[selectedBase]).id}` : undefined}
      onKeyDown={onKey}
      {...painting(onPaint)}
      data-side={side}
      shapeRendering={moving ? 'optimizeSpeed' : undefined}
    >
      <defs>
        <pattern id="kt-unplanned" width="1.6" height="1.6" patternUnits="userSpaceOnUse">
          <circle cx="0.4" cy="0.4" r="0.16" style={{ fill: 'var(--skin-line)' }} />
        </pattern>
        <pattern
          id="kt-exception"
          width="1.4"
          height="1.4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V1.4" style={{ stroke: 'var(--haw)' }} strokeWidth="0.45" />
        </pattern>
        <MatPatterns />
        <StatePatterns />
        <clipPath id={`kt-${tag}coat`}>
          <path d={paths.coat} />
        </clipPath>
        <clipPath id={`kt-${tag}ear`}>
          <path d={paths.ear} />
        </clipPath>
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
        <path d={field.paths.farEar} style={{ fill: 'var(--hair-far)', ...inks }} strokeWidth={0.3} />
        <path d={paths.far} style={{ fill: 'var(--hair-far)' }} />
        <path d={paths.coat} style={{ fill: toneColour(lengths.ribs_left ?? 10) }} />
        <g clipPath={`url(#kt-${tag}coat)`}>
          {body.map(zonePath)}
          {body.map(mark)}
          {body.map(hardLines)}
        </g>
        <path
          d={moving ? paths.few : paths.strokes}
          fill="none"
          style={inks}
          strokeOpacity={0.36}
          strokeWidth={texture.thick}
          strokeLinecap="round"
          pointerEvents="none"
        />
        <path
          d={field.paths.skin}
          fill="none"
          style={{ stroke: 'var(--skin-line)' }}
          strokeOpacity={0.7}
          strokeWidth={0.16}
          strokeDasharray="0.3 0.5"
          pointerEvents="none"
        />
        <path
          d={paths.coat}
          fill="none"
          style={inks}
          strokeWidth={0.38}
          strokeLinejoin="round"
          pointerEvents="none"
        />
        <Muscle field={field} />
        {selectedBase && !selectedBase.startsWith('ear_') && (
          <g clipPath={`url(#kt-${tag}coat)`} pointerEvents="none">
            <Chosen d={field.paths.zones[selectedBase]} />
          </g>
        )}
        <g clipPath={`url(#kt-${tag}ear)`}>
          {ears.map(zonePath)}
          {ears.map(mark)}
        </g>
        <path
          d={paths.earStrokes}
          fill="none"
          style={inks}
          strokeOpacity={0.4}
          strokeWidth={texture.thick}
          strokeLinecap="round"
          clipPath={`url(#kt-${tag}ear)`}
          pointerEvents="none"
        />
        <path
          d={paths.ear}
          fill="none"
          style={inks}
          strokeWidth={0.36}
          strokeLinejoin="round"
          pointerEvents="none"
        />
        {selectedBase?.startsWith('ear_') && (
          <g clipPath={`url(#kt-${tag}ear)`} pointerEvents="none">
            <Chosen d={field.paths.zones[selectedBase]} />
          </g>
        )}
        <g pointerEvents="none">
          <path
            d={polyline(field.bones.mouth)}
            fill="none"
            style={inks}
            strokeWidth={0.3}
            strokeLinecap="round"
          />
          {field.bones.toes.map((t, i) => (
            <path
              key={i}
              d={t.map(([x, y]) => `M${x} ${-y - 1}q-0.5 0.6 -0.1 1.4`).join('')}
              fill="none"
              style={inks}
              strokeWidth={0.26}
              strokeLinecap="round"
            />
          ))}
          <ellipse
            cx={ex}
            cy={-ey}
            rx={1.12}
            ry={0.98}
            style={{ fill: '#1d1620', stroke: 'var(--hair-short)' }}
            strokeWidth={0.22}
          />
          <circle cx={ex - 0.32} cy={-ey - 0.32} r={0.28} fill="#fff" />
          <path
            d={`M${ex - 1.5} ${-ey - 0.9}q1.4 -0.9 2.9 0`}
            fill="none"
            style={inks}
            strokeWidth={0.28}
            strokeLinecap="round"
          />
          <path
            d={`M${nx - 1.3} ${-ny - 0.7}q1.4 -0.9 2.5 0q0.6 1 -0.4 1.7q-1 0.7 -1.7 0.1q-0.7 -0.7 -0.4 -1.8z`}
            fill="#1d1620"
          />
        </g>
        {stopAt && (
          <g pointerEvents="none">
            <path
              d={`M${stopAt[0] - 3} ${-stopAt[1] + 2}L${stopAt[0] + 3} ${-stopAt[1] - 2}`}
              style={{ stroke: 'var(--haw)' }}
              strokeWidth={0.55}
              strokeLinecap="round"
            />
          </g>
        )}
      </g>
      <Labels
        field={field}
        zones={zones}
        order={moving ? FOLLOWED.filter((z) => zones[z]) : order}
        selected={selectedBase}
        mirror={side === 'right' ? x0 + x1 : null}
      />
    </svg>
  )
})

/** Textures for what the comb found: the more, the denser; never by colour alone. */
export function MatPatterns() {
  const ink = { stroke: 'var(--haw)' }
  return (
    <>
      <pattern id="kt-mat-1" width="3" height="3" patternUnits="userSpaceOnUse">
        <circle cx="1" cy="1" r="0.34" style={{ fill: 'var(--haw)' }} />
      </pattern>
      <pattern
        id="kt-mat-2"
        width="2.6"
        height="2.6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(40)"
      >
        <path d="M0 0V2.6" style={ink} strokeWidth="0.42" />
      </pattern>
      <pattern
        id="kt-mat-3"
        width="1.7"
        height="1.7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(40)"
      >
        <path d="M0 0V1.7M0 0H1.7" style={ink} strokeWidth="0.42" />
      </pattern>
      <pattern
        id="kt-mat-4"
        width="1.1"
        height="1.1"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(40)"
      >
        <path d="M0 0V1.1M0 0H1.1" style={ink} strokeWidth="0.62" />
      </pattern>
    </>
  )
}

/** Textures for how a zone stands at the table: full when done, half when half done, dots when put off. */
export function StatePatterns() {
  return (
    <>
      <pattern id="kt-state-done" width="2" height="2" patternUnits="userSpaceOnUse">
        <rect width="2" height="2" style={{ fill: 'var(--lit)' }} fillOpacity="0.88" />
      </pattern>
      <pattern
        id="kt-state-partly"
        width="1.6"
        height="1.6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="0.8" height="1.6" style={{ fill: 'var(--lit)' }} fillOpacity="0.9" />
      </pattern>
      <pattern id="kt-state-deferred" width="1.5" height="1.5" patternUnits="userSpaceOnUse">
        <circle cx="0.75" cy="0.75" r="0.42" style={{ fill: 'var(--bracken)' }} />
      </pattern>
      <pattern id="kt-state-not_needed" width="1.4" height="1.4" patternUnits="userSpaceOnUse">
        <path d="M0 0.7H1.4" style={{ stroke: 'var(--ink-2)' }} strokeWidth="0.3" />
      </pattern>
    </>
  )
}

/** Handlers that tell which zones a pressed finger or mouse comes upon, each once a stroke. */
export function painting(onPaint: ((id: string) => void) | undefined) {
  if (!onPaint) return {}
  const at = (e: PointerEvent<SVGSVGElement>) => {
    const box = e.currentTarget
    const id = document
      .elementFromPoint(e.clientX, e.clientY)
      ?.closest('[data-zone]')
      ?.getAttribute('data-zone')
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

function Chosen({ d }: { d: string | undefined }) {
  return (
    <>
      <path d={d} fill="none" style={{ stroke: 'var(--sheet)' }} strokeWidth={1.5} />
      <path
        d={d}
        fillOpacity={0.14}
        style={{ fill: 'var(--thistle)', stroke: 'var(--thistle)' }}
        strokeWidth={0.75}
      />
    </>
  )
}

/** A few lines of anatomy: shoulder, elbow, flank, stifle. */
function Muscle({ field }: { field: Field }) {
  const m = field.bones.marks
  const at = (name: string, dx: number, dy: number) =>
    `${(sure(m[name])[0] + dx).toFixed(2)} ${(-(sure(m[name])[1] + dy)).toFixed(2)}`
  return (
    <path
      d={`M${at('tuck_up', 2.6, 0.6)}q-1.6 -2.4 -0.6 -5.2
        M${at('elbow', 1.2, 0.4)}q-1 1.4 -2.8 1.2M${at('hock', -0.2, 1.2)}q0.9 -1 0.2 -2.4`}
      fill="none"
      style={{ stroke: 'var(--hair-stroke)' }}
      strokeOpacity={0.5}
      strokeWidth={0.28}
      strokeLinecap="round"
      pointerEvents="none"
    />
  )
}

function Labels({
  field,
  zones,
  order,
  selected,
  mirror,
}: {
  field: Field
  zones: Record<string, DrawnZone>
  order: string[]
  selected: string | null
  mirror: number | null
}) {
  const placed: [number, number][] = []
  const [ex, ey] = field.bones.eye
  const first = selected ? [selected, ...order.filter((z) => z !== selected)] : order
  return (
    <g
      pointerEvents="none"
      fontFamily="'Atkinson Hyperlegible', sans-serif"
      fontWeight={700}
      textAnchor="middle"
    >
      {first.map((z) => {
        const q = sure(zones[z])
        const text = q.mat
          ? q.mat.text
          : q.state && q.state !== 'planned'
            ? SIGNS[q.state]
            : q.waits
              ? WAITS[q.waits].sign
              : q.mm === null
                ? ''
                : String(Math.round(q.mm * 10) / 10)
        if (text === '') return null
        const [x, y] = sure(field.anchors[z])
        const chosen = z === selected
        const near = (a: [number, number], dx: number, dy: number) =>
          Math.abs(a[0] - x) < dx && Math.abs(a[1] - y) < dy
        if (!chosen && (near([ex, ey], 2.2, 2) || placed.some((p) => near(p, 3.2, 2.1)))) return null
        placed.push([x, y])
        const size = chosen ? 3 : 2.15
        return (
          <g key={z} transform={`translate(${mirror === null ? x : mirror - x} ${-y + size * 0.35})`}>
            <text
              fontSize={size}
              style={{ fill: 'var(--ink)', stroke: 'var(--sheet)' }}
              strokeWidth={0.75}
              strokeLinejoin="round"
              paintOrder="stroke"
            >
              {text}
            </text>
            {q.fresh && (
              <circle
                cx={size * 0.95}
                cy={-size * 0.75}
                r={0.6}
                style={{ fill: 'var(--slate)', stroke: 'var(--sheet)' }}
                strokeWidth={0.25}
              />
            )}
          </g>
        )
      })}
    </g>
  )
}

function spoken(z: DrawnZone): string {
  if (z.mat) return `${z.label}, ${z.mat.said ?? (z.mat.severity === 0 ? 'clear' : `severity ${z.mat.text}`)}`
  const state = z.state && z.state !== 'planned' ? z.state.replace('_', ' ') : false
  const length = z.mm === null ? 'length unknown' : `${Math.round(z.mm * 10) / 10} millimetres`
  return [
    z.label,
    z.planned ? length : 'not planned',
    state,
    !!z.hatch && `matted, ${z.hatch} of 4`,
    !!z.waits && WAITS[z.waits].words,
    z.now && 'in hand',
    z.exception && 'exception patch',
    !!z.hardWith?.length && 'a hard line to its neighbour',
    z.off && 'not exact with this kit',
    z.fresh && 'just changed',
  ]
    .filter(Boolean)
    .join(', ')
}

/** The nearest zone whose anchor lies that way. */
export function neighbour(
  field: Field,
  order: string[],
  from: string | null,
  dx: number,
  dy: number,
): string {
  if (!from) return order.includes('back') ? 'back' : sure(order[0])
  const [x, y] = sure(field.anchors[from])
  let best = from
  let least = Infinity
  for (const z of order) {
    if (z === from) continue
    const ax = sure(field.anchors[z])[0] - x
    const ay = sure(field.anchors[z])[1] - y
    const along = ax * dx + ay * dy
    const across = Math.abs(ax * dy) + Math.abs(ay * dx)
    if (along > 0.4 && along + across * 2 < least) {
      least = along + across * 2
      best = z
    }
  }
  return best
}

function polyline(points: readonly (readonly [number, number])[]): string {
  const [a, b, c] = points.map(([x, y]) => `${x} ${-y}`)
  return `M${a}Q${b} ${c}`
}
