// The dog from behind: how far the sanitary clip reaches is drawn, since the trade has no agreed words for
// it.
import type { DrawnZone } from './zone'
import { SIGNS } from './zone'
import { StatePatterns } from './Patterns'
import { toneColour } from './tone'

export interface Extents {
  /** mm around the ring, down the channel, at the root of the tail */
  ring: number
  channel: number
  arc: number
}
const SHAPES: Record<string, string> = {
  thigh_left: 'M25 38q-5 24 -4 54h9q-1 -24 7 -36q-6 -8 -7 -20z',
  thigh_right: 'M75 38q5 24 4 54h-9q1 -24 -7 -36q6 -8 7 -20z',
  breeches_left: 'M38 57q-8 12 -7 35h5q-1 -20 6 -30q-1 -3 -4 -5z',
  breeches_right: 'M62 57q8 12 7 35h-5q1 -20 -6 -30q1 -3 4 -5z',
  rump: 'M30 34q4 -16 20 -17q16 1 20 17q-8 -6 -20 -6q-12 0 -20 6z',
  under_tail_ring: 'M43 44a7 6 0 1 0 14 0a7 6 0 1 0 -14 0z',
}
/** Drawn units for a millimetre. */
const MM = 0.28

export function Rear({
  extents,
  zones,
  onSelect,
  name,
}: {
  extents: Extents
  zones: Record<string, DrawnZone>
  onSelect: (zone: string) => void
  name: string
}) {
  const ring = 6 + extents.ring * MM
  const low = 50 + extents.channel * MM
  const arc = extents.arc * MM
  const shown = Object.entries(SHAPES).flatMap(([z, d]) => {
    const q = zones[z]
    return q ? [{ z, d, q }] : []
  })
  return (
    <svg
      viewBox="8 0 84 100"
      className="block h-full max-h-full w-full"
      role="group"
      aria-label={`${name} from behind`}
    >
      <defs>
        <StatePatterns />
        <pattern
          id="kt-extent"
          width="1.3"
          height="1.3"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="1.3" height="1.3" style={{ fill: 'var(--hair-short)' }} />
          <path d="M0 0V1.3" style={{ stroke: 'var(--thistle)' }} strokeWidth="0.35" />
        </pattern>
      </defs>
      <path
        d="M50 10c14 0 24 8 27 24c6 12 6 40 3 58h-16q1 -20 -6 -30
          q-4 -4 -8 -4q-4 0 -8 4q-7 10 -6 30h-16c-3 -18 -3 -46 3 -58c3 -16 13 -24 27 -24z"
        style={{ fill: 'var(--hair-long)', stroke: 'var(--hair-stroke)' }}
        fillOpacity={0.75}
        strokeWidth={0.6}
      />
      {shown.map(({ z, d, q }) => (
        <path
          key={z}
          d={d}
          role="button"
          tabIndex={0}
          aria-label={`${q.label}, ${(q.state ?? 'planned').replace('_', ' ')}`}
          onClick={() => onSelect(z)}
          onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && onSelect(z)}
          style={{
            fill: q.state && q.state !== 'planned' ? `url(#kt-state-${q.state})` : toneColour(q.drawnMm),
            stroke: q.now ? 'var(--thistle)' : 'var(--hair-stroke)',
          }}
          fillOpacity={0.8}
          strokeWidth={q.now ? 0.9 : 0.35}
          cursor="pointer"
        />
      ))}
      <g pointerEvents="none">
        {arc > 0 && (
          <path
            d={`M${50 - 9 - arc} 34a${9 + arc} ${9 + arc} 0 0 1 ${18 + 2 * arc} 0l-3 3h-${12 + 2 * arc}z`}
            style={{ fill: 'url(#kt-extent)', stroke: 'var(--thistle)' }}
            strokeWidth={0.5}
          />
        )}
        {extents.channel > 0 && (
          <path
            d={`M46 48L44.5 ${low}q5.5 4 11 0L54 48z`}
            style={{ fill: 'url(#kt-extent)', stroke: 'var(--thistle)' }}
            strokeWidth={0.5}
          />
        )}
        <ellipse
          cx={50}
          cy={44}
          rx={ring}
          ry={ring * 0.9}
          style={{ fill: 'url(#kt-extent)', stroke: 'var(--thistle)' }}
          strokeWidth={0.5}
        />
        <ellipse cx={50} cy={43.4} rx={2} ry={1.6} style={{ fill: 'var(--skin-line)' }} />
        <path
          d="M45 33q-2 -20 2 -31q3 -2 6 0q4 11 2 31q-5 4 -10 0z"
          style={{ fill: 'var(--hair-long)', stroke: 'var(--hair-stroke)' }}
          strokeWidth={0.5}
        />
        {shown
          .filter(({ z, q }) => q.state && q.state !== 'planned' && z !== 'under_tail_ring')
          .map(({ z, q }) => (
            <text
              key={z}
              x={
                z === 'rump'
                  ? 64
                  : z.includes('thigh_left')
                    ? 26
                    : z.includes('thigh_right')
                      ? 74
                      : z.includes('left')
                        ? 40
                        : 60
              }
              y={z === 'rump' ? 26 : z.includes('thigh') ? 66 : 84}
              fontSize={4}
              fontWeight={700}
              textAnchor="middle"
              style={{ fill: 'var(--ink)', stroke: 'var(--sheet)' }}
              strokeWidth={0.9}
              paintOrder="stroke"
            >
              {SIGNS[q.state ?? 'planned']}
            </text>
          ))}
      </g>
    </svg>
  )
}
