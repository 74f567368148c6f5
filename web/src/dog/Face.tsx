// What is drawn on a head seen from the side: almond eye with its lid and brow, nose, lips, toes, and the
// inner face or the fold of an ear.
import type { Skeleton } from './build'
import type { Point } from './geometry'
import { at } from './raster'
import { sure } from '../sure'

const DARK = '#1d1620'
const NOSE =
  'M-1.4 -0.6q0.4 -0.9 1.6 -0.7q1.2 0.2 1.2 1.2q0 0.8 -0.9 1.1' + 'q-0.8 0.3 -1.4 -0.1q-0.7 -0.5 -0.5 -1.5z'

export function Face({ bones }: { bones: Skeleton }) {
  const [ex, ey] = bones.eye
  const [nx, ny] = bones.nose
  const inks = { stroke: 'var(--hair-stroke)' }
  const [m0, m1, m2] = bones.mouth.map(at)
  return (
    <g pointerEvents="none" fill="none" strokeLinecap="round" strokeLinejoin="round">
      {/* from under the nose along the lip to its corner, and a little up */}
      <path
        d={`M${(nx - 0.5).toFixed(2)} ${(-ny + 1).toFixed(2)}L${m0}Q${m1} ${m2}q0.45 -0.2 0.55 -0.75`}
        style={inks}
        strokeWidth={0.3}
      />
      <g transform={`translate(${ex} ${-ey}) scale(${bones.hs})`}>
        <path
          d="M-1.35 0.35Q-0.55 -1.05 1.25 -0.35Q0.75 0.8 -0.45 0.85Q-1.05 0.85 -1.35 0.35Z"
          fill={DARK}
          style={{ stroke: 'var(--hair-short)' }}
          strokeWidth={0.3}
        />
        <circle cx={-0.35} cy={-0.2} r={0.27} fill="#fff" />
        <path d="M-1.6 0.15Q-0.6 -1.5 1.7 -0.65" style={inks} strokeWidth={0.32} />
        <path d="M-1.3 -1.35Q-0.2 -2.2 1.5 -1.65" style={inks} strokeWidth={0.22} strokeOpacity={0.7} />
      </g>
      <g transform={`translate(${nx} ${-ny}) scale(${bones.hs})`}>
        <path d={NOSE} fill={DARK} />
        <path d="M-0.5 0.35q-0.3 -0.6 0.3 -0.7" stroke="#8f7d93" strokeWidth={0.2} />
      </g>
    </g>
  )
}

/** Between the toes of one foot. */
export function Toes({ feet, opacity = 1 }: { feet: Point[][]; opacity?: number }) {
  return (
    <path
      d={feet
        .flatMap((t) => t.map(([x, y]) => `M${x.toFixed(2)} ${(-y - 1).toFixed(2)}q-0.5 0.6 -0.1 1.4`))
        .join('')}
      fill="none"
      style={{ stroke: 'var(--hair-stroke)' }}
      strokeOpacity={opacity}
      strokeWidth={0.26}
      strokeLinecap="round"
      pointerEvents="none"
    />
  )
}

export function EarLines({ bones }: { bones: Skeleton }) {
  const { inner, folds } = bones.earLines
  return (
    <g pointerEvents="none" strokeLinecap="round" strokeLinejoin="round">
      {inner.length > 0 && (
        <path
          d={`M${inner.map(at).join('L')}Z`}
          style={{ fill: 'var(--flesh)', stroke: 'var(--hair-stroke)' }}
          strokeWidth={0.16}
          strokeOpacity={0.6}
        />
      )}
      <path
        d={folds.map(([a, b, c]) => `M${at(sure(a))}Q${at(sure(b))} ${at(sure(c))}`).join('')}
        fill="none"
        style={{ stroke: 'var(--hair-stroke)' }}
        strokeWidth={0.24}
        strokeOpacity={0.75}
      />
    </g>
  )
}

/** A few lines of anatomy: elbow, fold of the flank, stifle, tendon to the hock. */
export function Muscle({ marks }: { marks: Skeleton['marks'] }) {
  const by = (name: string, dx: number, dy: number) =>
    at([sure(marks[name])[0] + dx, sure(marks[name])[1] + dy])
  return (
    <path
      d={[
        `M${by('tuck_up', 2.4, 1.4)}q-1.5 -2.2 -0.4 -5`,
        `M${by('elbow', 0.8, 1.4)}q-0.6 1.5 -2.6 1.6`,
        `M${by('hock', -1.2, 1.6)}q0.8 -1.6 -0.4 -3.4`,
        `M${by('knee', 1.6, 2.2)}q-1.2 0.6 -1.3 2`,
      ].join('')}
      fill="none"
      style={{ stroke: 'var(--hair-stroke)' }}
      strokeOpacity={0.45}
      strokeWidth={0.26}
      strokeLinecap="round"
      pointerEvents="none"
    />
  )
}
