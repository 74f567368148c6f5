// Small drawings of styles, made by us: what a name means, at a glance. Hair is stroked, bare skin is not.

const HAIR = { stroke: 'var(--hair-stroke)' }
const EYES = 'M23.5 27a2 2 0 1 0 4 0a2 2 0 1 0 -4 0zM36.5 27a2 2 0 1 0 4 0a2 2 0 1 0 -4 0z'
const HEAD = 'M32 9q15 0 17 17q1 14 -8 22q-4 5 -9 5q-5 0 -9 -5q-9 -8 -8 -22q2 -17 17 -17z'
const EARS = 'M19 13q-11 0 -13 16q0 9 6 9q5 -4 6 -14zM45 13q11 0 13 16q0 9 -6 9q-5 -4 -6 -14z'
const MUZZLE = 'M24 38q8 -6 16 0q1 10 -8 11q-9 -1 -8 -11z'
const NOSE = 'M29 38q3 -2 6 0q0 3 -3 4q-3 -1 -3 -4z'
const LEATHER = 'M22 8q14 -2 22 6q6 14 2 30q-4 8 -12 9q-10 -1 -14 -12q-3 -18 2 -33z'
const REAR = 'M32 6q19 0 20 22q1 18 -2 30h-12q0 -14 -6 -16q-6 2 -6 16h-12q-3 -12 -2 -30q1 -22 20 -22z'
const RING = 'M25.5 26a6.5 5.5 0 1 0 13 0a6.5 5.5 0 1 0 -13 0z'
const STRIP = 'M29 30l-1.5 11q4.5 3 9 0l-1.5 -11z'
const PADS =
  'M26 40q6 -6 12 0q3 6 -2 9h-8q-5 -3 -2 -9zM18 29a3.6 4.6 0 1 0 7.2 0a3.6 4.6 0 1 0 -7.2 0zM38.8 ' +
  '29a3.6 4.6 0 1 0 7.2 0a3.6 4.6 0 1 0 -7.2 0zM25.5 22a3.4 4.8 0 1 0 6.8 0a3.4 4.8 0 1 0 -6.8 ' +
  '0zM31.7 22a3.4 4.8 0 1 0 6.8 0a3.4 4.8 0 1 0 -6.8 0z'
const FOOT = 'M24 4v26q-9 6 -9 15q0 9 17 9q17 0 17 -9q0 -9 -9 -15v-26z'
const BELLY = 'M10 18q22 -8 44 0v26q-6 6 -10 8h-24q-4 -2 -10 -8z'

interface Part {
  d: string
  /** outline, hair strokes, bare (hatched) or cut line */
  as: 'outline' | 'hair' | 'bare' | 'cut' | 'dark'
}
const face = (...more: Part[]): Part[] => [
  { d: EARS, as: 'outline' },
  { d: HEAD, as: 'outline' },
  { d: MUZZLE, as: 'outline' },
  ...more,
  { d: EYES + NOSE, as: 'dark' },
]
const ear = (...more: Part[]): Part[] => [{ d: LEATHER, as: 'outline' }, ...more]
const rear = (...more: Part[]): Part[] => [{ d: REAR, as: 'outline' }, ...more]
const pads = (...more: Part[]): Part[] => [
  { d: 'M32 11q20 2 19 22q-1 22 -19 22q-18 0 -19 -22q-1 -20 19 -22z', as: 'outline' },
  { d: PADS, as: 'dark' },
  ...more,
]
/** A short stroke away from a middle, from one radius to another; a in degrees. */
const spoke = (x: number, y: number, from: number, to: number) => (a: number) => {
  const [cos, sin] = [Math.cos((a * Math.PI) / 180), Math.sin((a * Math.PI) / 180)]
  return `M${x + from * cos} ${y + from * sin}L${x + to * cos} ${y + to * sin}`
}
const line = (from: number, to: number, step: number, of: (x: number) => string) => {
  let d = ''
  for (let x = from; x <= to; x += step) d += of(x)
  return d
}

const DRAWINGS: Record<string, Part[]> = {
  fringe_kept: face(
    { d: line(28, 36, 2, (x) => `M${x} 11q${(32 - x) / 4} 9 ${(32 - x) / 2} 19`), as: 'hair' },
    { d: 'M16 24q4 -8 9 -11M48 24q-4 -8 -9 -11', as: 'cut' },
  ),
  fringe_sections: face(
    { d: line(20, 44, 3, (x) => `M32 11L${x} ${22 - Math.abs(32 - x) * 0.3}`), as: 'hair' },
    { d: 'M20 22l8 2M44 22l-8 2', as: 'cut' },
  ),
  half_circle: face(
    { d: line(18, 46, 3, (x) => `M${x} 13v6`), as: 'hair' },
    { d: 'M18 24a14 9 0 0 1 28 0', as: 'cut' },
  ),
  straight_brow: face({ d: line(20, 44, 3, (x) => `M${x} 13v8`), as: 'hair' }, { d: 'M18 22h28', as: 'cut' }),
  clean_face: face({ d: MUZZLE, as: 'bare' }, { d: 'M20 27q-2 8 3 16M44 27q2 8 -3 16', as: 'cut' }),
  round_head: face(
    { d: 'M32 3a27 27 0 1 0 0.01 0z', as: 'cut' },
    {
      d: line(0, 340, 20, spoke(32, 30, 21, 26)),
      as: 'hair',
    },
  ),
  beard: face({ d: line(22, 42, 2.5, (x) => `M${x} 44q${(x - 32) / 8} 8 ${(x - 32) / 5} 15`), as: 'hair' }),
  inner_corners: face(
    { d: 'M28 27l2 3M36 27l-2 3M27 31l3 1M37 31l-3 1', as: 'cut' },
    { d: line(20, 44, 3, (x) => `M${x} 12v8`), as: 'hair' },
  ),
  to_the_fold: ear(
    { d: 'M22 8q14 -2 22 6q3 7 3.5 14q-14 -4 -27 0q-1 -10 1.500 -20z', as: 'bare' },
    { d: line(22, 46, 3, (x) => `M${x} 32q-1 12 ${(x - 33) / 8} 26`), as: 'hair' },
    { d: 'M20 28q14 -4 28 0', as: 'cut' },
  ),
  straight_edge: ear({ d: line(20, 47, 3, (x) => `M${x} 34v20`), as: 'hair' }, { d: 'M17 55h33', as: 'cut' }),
  v_edge: ear(
    {
      d: line(20, 47, 3, (x) => `M${x} 32L${33 + (x - 33) * 0.5} ${57 - Math.abs(x - 33) * 0.8}`),
      as: 'hair',
    },
    { d: 'M18 44L33 60L49 44', as: 'cut' },
  ),
  bell: ear(
    {
      d: line(18, 49, 3, (x) => `M${33 + (x - 33) * 0.6} 30Q${x} 40 ${x} ${56 - ((x - 33) / 6) ** 2}`),
      as: 'hair',
    },
    { d: 'M15 46a18 13 0 0 0 36 0', as: 'cut' },
  ),
  thinned: ear(
    { d: line(24, 44, 5, (x) => `M${x} 22v26`), as: 'hair' },
    { d: 'M16 46q16 14 34 0', as: 'cut' },
  ),
  edge_only: ear({ d: line(23, 44, 3, (x) => `M${x} 16v28`), as: 'hair' }, { d: LEATHER, as: 'cut' }),
  skimmed: pads({ d: 'M32 30v6M24 34l4 3M40 34l-4 3M21 40l4 1M43 40l-4 1M28 14l2 4M36 14l-2 4', as: 'hair' }),
  level: pads({ d: 'M32 31v3M26 35l2 2M38 35l-2 2', as: 'hair' }, { d: 'M14 52q18 8 36 0', as: 'cut' }),
  flush: pads({ d: 'M24 33q8 -6 16 0l-2 4q-6 -4 -12 0z', as: 'bare' }),
  round_foot: [
    { d: FOOT, as: 'outline' },
    { d: line(18, 46, 3, (x) => `M${x} 36v13`), as: 'hair' },
    { d: 'M14 44q0 13 18 13q18 0 18 -13', as: 'cut' },
  ],
  clean_foot: [
    { d: FOOT, as: 'outline' },
    { d: 'M15 45q0 9 17 9q17 0 17 -9q0 -8 -9 -14h-16q-9 6 -9 14z', as: 'bare' },
    { d: 'M24 54v-9M32 54v-10M40 54v-9', as: 'dark' },
    { d: 'M22 30h20', as: 'cut' },
  ],
  natural_foot: [
    { d: FOOT, as: 'outline' },
    { d: line(16, 48, 2.5, (x) => `M${x} 38q${(x - 32) / 6} 10 ${(x - 32) / 4} 19`), as: 'hair' },
  ],
  ring: rear({ d: RING, as: 'bare' }),
  ring_strip: rear({ d: RING, as: 'bare' }, { d: STRIP, as: 'bare' }),
  ring_strip_arc: rear(
    { d: RING, as: 'bare' },
    { d: STRIP, as: 'bare' },
    { d: 'M22 20a11 11 0 0 1 20 0l-3 2h-14z', as: 'bare' },
  ),
  breeches_short: rear(
    { d: line(15, 24, 3, (x) => `M${x} 34v12`) + line(40, 49, 3, (x) => `M${x} 34v12`), as: 'hair' },
    { d: 'M12 48h16M36 48h16', as: 'cut' },
  ),
  belly_short: [
    { d: BELLY, as: 'outline' },
    { d: 'M24 34h16l-2 12h-12z', as: 'bare' },
    { d: line(13, 51, 4, (x) => `M${x} 20v8`), as: 'hair' },
  ],
  ends_only: [
    { d: BELLY, as: 'outline' },
    { d: line(13, 51, 4, (x) => `M${x} 20v8M${x} 32v8`), as: 'hair' },
    { d: 'M18 46h28', as: 'cut' },
  ],
  tuft_kept: [
    { d: BELLY, as: 'outline' },
    { d: 'M22 32h20l-2 8h-16z', as: 'bare' },
    { d: line(29, 35, 2, (x) => `M${x} 40q0 10 ${(32 - x) / 2} 18`), as: 'hair' },
  ],
  tuft_cleared: [
    { d: BELLY, as: 'outline' },
    { d: 'M22 32h20l-3 18h-14z', as: 'bare' },
  ],
  flag_arc: [
    { d: 'M6 40Q24 36 44 22L58 10', as: 'dark' },
    {
      d: line(
        0,
        9,
        1,
        (i) => `M${10 + i * 5} ${39 - i * 3}l${2 - i * 0.1} ${5 + 9 * Math.sin((i * Math.PI) / 9)}`,
      ),
      as: 'hair',
    },
    { d: 'M8 44Q34 62 58 12', as: 'cut' },
  ],
  carrot: [
    { d: 'M8 52L14 36Q32 24 56 8Q40 36 8 52z', as: 'outline' },
    { d: line(0, 7, 1, (i) => `M${14 + i * 5} ${44 - i * 4}l4 -3`), as: 'hair' },
  ],
  plume_cleared: [
    { d: 'M6 50q16 -4 22 -22', as: 'dark' },
    { d: 'M5 46q12 -2 16 -10l4 3q-6 10 -18 14z', as: 'bare' },
    {
      d: line(
        -40,
        200,
        24,
        (a) => `M32 24L${36 + 20 * Math.cos((a * Math.PI) / 180)} ${22 - 18 * Math.sin((a * Math.PI) / 180)}`,
      ),
      as: 'hair',
    },
  ],
  bob_rounded: [
    { d: 'M8 54q6 -18 16 -18', as: 'dark' },
    { d: 'M22 30a13 13 0 1 0 26 0a13 13 0 1 0 -26 0z', as: 'outline' },
    {
      d: line(0, 330, 30, spoke(35, 30, 5, 12)),
      as: 'hair',
    },
  ],
  pompon: [
    { d: 'M8 56q8 -14 22 -28', as: 'dark' },
    { d: 'M28 18a13 13 0 1 0 26 0a13 13 0 1 0 -26 0z', as: 'outline' },
    {
      d: line(0, 330, 30, spoke(41, 18, 6, 12)),
      as: 'hair',
    },
  ],
  tail_left: [
    { d: 'M6 46Q28 42 56 14', as: 'dark' },
    { d: line(0, 10, 1, (i) => `M${8 + i * 4.6} ${45 - i * 3}q2 6 ${1 + i * 0.2} 13`), as: 'hair' },
  ],
}

export function StyleDrawing({ of, className = 'size-16' }: { of: string; className?: string }) {
  const parts = DRAWINGS[of]
  if (!parts) return null
  return (
    <svg viewBox="0 0 64 64" className={className} aria-hidden>
      <defs>
        <pattern
          id="kt-style-bare"
          width="3"
          height="3"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V3" style={{ stroke: 'var(--thistle)' }} strokeWidth="0.8" />
        </pattern>
      </defs>
      {parts.map((p, i) => (
        <path
          key={i}
          d={p.d}
          fill={
            p.as === 'outline'
              ? 'var(--hair-short)'
              : p.as === 'bare'
                ? 'url(#kt-style-bare)'
                : p.as === 'dark' && p.d.endsWith('z')
                  ? 'var(--hair-stroke)'
                  : 'none'
          }
          style={p.as === 'cut' ? { stroke: 'var(--thistle)' } : HAIR}
          strokeWidth={p.as === 'cut' ? 2.2 : p.as === 'hair' ? 0.9 : p.as === 'dark' ? 1.6 : 1.3}
          strokeOpacity={p.as === 'hair' ? 0.7 : 1}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  )
}

/** Ids of what can be drawn, for the choice of a salon's own. */
export const STYLES_DRAWN = Object.keys(DRAWINGS)
