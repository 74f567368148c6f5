// The dog seen from below, a plan rather than a portrait: the places a side view hides and mats love.
import { useRef, type KeyboardEvent } from 'react'
import { MatPatterns, StatePatterns } from './Patterns'
import { painting, WAYS } from './keys'
import { SIGNS, WAITS, type DrawnZone } from './zone'
import { sure } from '../sure'

/** Left of the dog is right on the page: it lies on its back, head up. */
const SHAPES: Record<string, [string, number, number]> = {
  beard: ['M42 6q8 -7 16 0q-2 7 -8 8q-6 -1 -8 -8z', 50, 7.5],
  throat: ['M42 14q8 4 16 0l1 8h-18z', 50, 18],
  ear_inner_right: ['M40 8q-9 1 -10 10q4 6 8 0q3 -5 2 -10z', 34.5, 14.5],
  ear_inner_left: ['M60 8q9 1 10 10q-4 6 -8 0q-3 -5 -2 -10z', 65.5, 14.5],
  chest: ['M38 23h24q5 8 3 15h-30q-2 -7 3 -15z', 50, 31],
  armpit_right: ['M35 27q-7 2 -8 11l8 2q-2 -7 0 -13z', 31.2, 35],
  armpit_left: ['M65 27q7 2 8 11l-8 2q2 -7 0 -13z', 68.8, 35],
  belly: ['M35 39h30q2 9 -1 17h-28q-3 -8 -1 -17z', 50, 46],
  belly_patch: ['M39 57h22l-2 8h-18z', 50, 61],
  groin: ['M41 66h18l-2 7h-14z', 50, 69.6],
  sheath_or_vulva: ['M46 74h8l-1 6h-6z', 50, 77.3],
  inner_thigh_right: ['M38 58q-8 5 -8 19l10 4q4 -8 3 -9q-5 -6 -5 -14z', 36, 71],
  inner_thigh_left: ['M62 58q8 5 8 19l-10 4q-4 -8 -3 -9q5 -6 5 -14z', 64, 71],
  channel: ['M45.5 81h9l-1 7h-7z', 50, 84.6],
  under_tail_ring: ['M44 92a6 5 0 1 0 12 0a6 5 0 1 0 -12 0z', 50, 92.2],
  between_toes_front_right: ['M14 40a6 6 0 1 0 12 0a6 6 0 1 0 -12 0z', 20, 36.6],
  pads_front_right: ['M16.5 41.5a3.5 3 0 1 0 7 0a3.5 3 0 1 0 -7 0z', 20, 42],
  between_toes_front_left: ['M74 40a6 6 0 1 0 12 0a6 6 0 1 0 -12 0z', 80, 36.6],
  pads_front_left: ['M76.5 41.5a3.5 3 0 1 0 7 0a3.5 3 0 1 0 -7 0z', 80, 42],
  between_toes_hind_right: ['M14 84a6 6 0 1 0 12 0a6 6 0 1 0 -12 0z', 20, 80.6],
  pads_hind_right: ['M16.5 85.5a3.5 3 0 1 0 7 0a3.5 3 0 1 0 -7 0z', 20, 86],
  between_toes_hind_left: ['M74 84a6 6 0 1 0 12 0a6 6 0 1 0 -12 0z', 80, 80.6],
  pads_hind_left: ['M76.5 85.5a3.5 3 0 1 0 7 0a3.5 3 0 1 0 -7 0z', 80, 86],
}
/** Large enough to carry their name. */
const NAMED = new Set([
  'beard',
  'throat',
  'chest',
  'belly',
  'belly_patch',
  'groin',
  'inner_thigh_right',
  'inner_thigh_left',
  'channel',
  'armpit_right',
  'armpit_left',
])
export const BELOW = Object.keys(SHAPES)
const BODY =
  'M50 2C62 2 66 8 66 20C73 24 76 32 84 33A9 9 0 1 1 78 49C72 48 70 45 68 44C69 50 68 55 67 58C74 ' +
  '60 76 72 83 76A9 9 0 1 1 76 92C69 90 62 88 58 86C60 94 56 99 50 99C44 99 40 94 42 86C38 88 31 ' +
  '90 24 92A9 9 0 1 1 17 76C24 72 26 60 33 58C32 55 31 50 32 44C30 45 28 48 22 49A9 9 0 1 1 16 ' +
  '33C24 32 27 24 34 20C34 8 38 2 50 2z'

interface Props {
  zones: Record<string, DrawnZone>
  selected: string | null
  onSelect: (id: string) => void
  onPaint?: (id: string) => void
  onDigit?: (digit: number) => void
  name: string
}

export function Underside({ zones, selected, onSelect, onPaint, onDigit, name }: Props) {
  const box = useRef<SVGSVGElement>(null)
  const shown = BELOW.flatMap((z) => {
    const [q, shape] = [zones[z], SHAPES[z]]
    return q && shape ? [{ z, q, d: shape[0], x: shape[1], y: shape[2] }] : []
  })
  const order = shown.map(({ z }) => z)
  const here = selected && SHAPES[selected] ? selected : null
  const onKey = (e: KeyboardEvent) => {
    const way = WAYS[e.key]
    if (onDigit && /^[0-4]$/.test(e.key) && here) return onDigit(Number(e.key))
    if (!way) return
    e.preventDefault()
    onSelect(here ? nearest(order, here, way[0], -way[1]) : 'belly')
  }
  return (
    <svg
      ref={box}
      viewBox="0 0 100 101"
      className={`block h-full max-h-full w-full select-none
        ${onPaint ? 'touch-none' : 'touch-manipulation'}`}
      role="listbox"
      tabIndex={0}
      aria-label={`${name} from below. Arrow keys choose a zone.`}
      aria-activedescendant={here ? `under-${here}` : undefined}
      onKeyDown={onKey}
      {...painting(onPaint)}
    >
      <defs>
        <MatPatterns />
        <StatePatterns />
      </defs>
      <path d={BODY} style={{ fill: 'var(--hair-far)', stroke: 'var(--hair-stroke)' }} strokeWidth={0.5} />
      {shown.map(({ z, q, d }) => (
        <path
          key={z}
          id={`under-${z}`}
          role="option"
          aria-selected={z === here}
          aria-label={`${q.label}, ${said(q)}`}
          data-zone={z}
          d={d}
          onClick={() => onSelect(z)}
          style={{
            fill: z === here ? 'var(--thistle-soft)' : 'var(--hair-short)',
            stroke: z === here ? 'var(--thistle)' : 'var(--chalk)',
          }}
          strokeWidth={z === here ? 1 : 0.4}
        />
      ))}
      <g pointerEvents="none">
        {shown.map(({ z, q, d }) => {
          const severity = q.mat?.severity ?? (q.state === 'done' ? 0 : (q.hatch ?? 0))
          const state = q.state ?? 'planned'
          const pattern =
            severity > 0 ? `kt-mat-${severity}` : state !== 'planned' ? `kt-state-${state}` : null
          return (
            <g key={z}>
              {pattern && <path d={d} style={{ fill: `url(#${pattern})` }} />}
              {q.now && <path d={d} fill="none" style={{ stroke: 'var(--thistle)' }} strokeWidth={1} />}
            </g>
          )
        })}
        {shown.map(({ z, q, x, y }) =>
          textOf(q) ? (
            <text
              key={z}
              x={x}
              y={y + 1.1}
              fontSize={3.2}
              fontWeight={700}
              textAnchor="middle"
              style={{ fill: 'var(--ink)', stroke: 'var(--sheet)' }}
              strokeWidth={0.9}
              paintOrder="stroke"
            >
              {textOf(q)}
            </text>
          ) : NAMED.has(z) ? (
            <text
              key={z}
              x={x}
              y={y + 0.9}
              fontSize={2.5}
              textAnchor="middle"
              style={{ fill: 'var(--ink-2)' }}
            >
              {q.label.replace(/^(left|right) /, '')}
            </text>
          ) : null,
        )}
      </g>
    </svg>
  )
}

function textOf(z: DrawnZone): string {
  return z.mat ? z.mat.text : SIGNS[z.state ?? 'planned'] || WAITS[z.waits ?? ''].sign
}

function said(z: DrawnZone): string {
  if (z.mat) return z.mat.said ?? (z.mat.severity > 0 ? `severity ${z.mat.text}` : 'clear')
  return [
    z.planned ? (z.state ?? 'planned').replace('_', ' ') : 'not planned',
    !!z.hatch && `matted, ${z.hatch} of 4`,
    !!z.waits && WAITS[z.waits].words,
    z.now && 'in hand',
  ]
    .filter(Boolean)
    .join(', ')
}

function nearest(order: string[], from: string, dx: number, dy: number): string {
  const [, x, y] = sure(SHAPES[from])
  let best = from
  let least = Infinity
  for (const z of order) {
    const ax = sure(SHAPES[z])[1] - x
    const ay = sure(SHAPES[z])[2] - y
    const along = ax * dx + ay * dy
    const across = Math.abs(ax * dy) + Math.abs(ay * dx)
    if (z !== from && along > 0.5 && along + 2 * across < least) {
      least = along + 2 * across
      best = z
    }
  }
  return best
}
