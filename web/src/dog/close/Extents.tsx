// How far the close clip of the rear reaches, drawn to scale: the trade has no agreed words for it.

/** mm around the ring, down between the thighs, at the root of the tail */
export interface Reach {
  ring: number
  channel: number
  arc: number
}

/** Middle of the ring and root of the tail, cm, where `below.ts` draws them. */
const RING = { x: 0, y: 1.5, rx: 0.95, ry: 0.75 }
const ROOT = { y: -0.9, half: 1.6 }
/** Half of the channel's width, cm. */
const HALF = 1.3
const LINE = { fill: 'url(#kt-reach)', stroke: 'var(--thistle)' }

export function Extents({ ring, channel, arc }: Reach) {
  const [r, down, wide] = [ring / 10, channel / 10, arc / 10]
  const side = ROOT.half + wide
  return (
    <g pointerEvents="none" data-extents="" strokeWidth={0.18} strokeLinejoin="round">
      <defs>
        <pattern
          id="kt-reach"
          width="0.45"
          height="0.45"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="0.45" height="0.45" style={{ fill: 'var(--hair-short)' }} fillOpacity={0.7} />
          <path d="M0 0V0.45" style={{ stroke: 'var(--thistle)' }} strokeWidth="0.13" />
        </pattern>
      </defs>
      {arc > 0 && (
        <path
          data-extent="arc"
          d={`M${-side} ${-ROOT.y}a${side} ${wide + 0.6} 0 0 0 ${2 * side} 0z`}
          style={LINE}
        />
      )}
      {channel > 0 && (
        <path
          data-extent="channel"
          d={`M${-HALF} ${-RING.y - RING.ry}v${-down}a${HALF} ${HALF * 0.7} 0 0 1 ${2 * HALF} 0v${down}z`}
          style={LINE}
        />
      )}
      <ellipse data-extent="ring" cx={RING.x} cy={-RING.y} rx={RING.rx + r} ry={RING.ry + r} style={LINE} />
      <ellipse cx={RING.x} cy={-RING.y} rx={0.5} ry={0.4} style={{ fill: 'var(--skin-line)' }} />
    </g>
  )
}
