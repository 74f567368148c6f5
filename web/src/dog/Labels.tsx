// The numbers on a drawing: one for each area, the roomiest first, never over the eye or one another.
import type { Point } from './geometry'

export interface Label {
  key: string
  text: string
  /** where it may stand, the best place first */
  at: Point[]
  room: number
  fresh?: boolean
  chosen?: boolean
}

interface Box {
  x: number
  y: number
  w: number
  h: number
}

function hit(a: Box, b: Box): boolean {
  return Math.abs(a.x - b.x) < a.w + b.w && Math.abs(a.y - b.y) < a.h + b.h
}

/** Of a digit's height: how wide one is, how high a line. */
const WIDE = 0.58
const HIGH = 0.98

export function Labels({
  labels,
  size,
  keepOff,
  mirror,
}: {
  labels: Label[]
  /** height of a number, in the drawing's units */
  size: number
  keepOff: Point
  mirror: number | null
}) {
  const placed: Box[] = [{ x: keepOff[0], y: keepOff[1], w: 2, h: 1.7 }]
  const order = [...labels].sort((a, b) => Number(!!b.chosen) - Number(!!a.chosen) || b.room - a.room)
  return (
    <g
      data-numbers=""
      pointerEvents="none"
      fontFamily="'Atkinson Hyperlegible', sans-serif"
      fontWeight={700}
      textAnchor="middle"
    >
      {order.map((q) => {
        const s = q.chosen ? size * 1.3 : size
        const half = { w: (s * WIDE * q.text.length) / 2, h: (s * HIGH) / 2 }
        const spots = q.at.map(([x, y]) => ({ x, y, ...half }))
        const box = spots.find((b) => !placed.some((p) => hit(b, p))) ?? (q.chosen ? spots[0] : undefined)
        if (!box) return null
        placed.push(box)
        const x = mirror === null ? box.x : mirror - box.x
        return (
          <g key={q.key} transform={`translate(${x.toFixed(2)} ${(-box.y + s * 0.35).toFixed(2)})`}>
            <text
              fontSize={s}
              style={{ fill: 'var(--ink)', stroke: 'var(--sheet)' }}
              strokeWidth={s * 0.34}
              strokeLinejoin="round"
              paintOrder="stroke"
            >
              {q.text}
            </text>
            {q.fresh && (
              <circle
                cx={box.w + 0.7}
                cy={-s * 0.75}
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
