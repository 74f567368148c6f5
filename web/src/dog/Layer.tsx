// One layer of a drawn dog: tones, chalk, marks and hair within its outline, its zones to tap, its edge.
import type { Area } from './areas'
import type { CoatTexture } from './lay'
import { texture } from './Patterns'
import { marked } from './colour'
import { toneColour } from './tone'
import { spoken, type DrawnZone } from './zone'
import { sure } from '../sure'

interface Props {
  /** what it is, and its clip path with the drawing's tag */
  clip: string
  tag: string
  /** its zones, as keys of `zones` and `paths` */
  which: string[]
  zones: Record<string, DrawnZone>
  paths: Record<string, string>
  areas: Area[]
  outline: string
  hair: string
  /** of its edge, where hair is short */
  width: number
  texture: CoatTexture
  /** how near it is seen: 1 for the whole dog, less where a part comes close */
  scale?: number
  /** zones of another colour than hair */
  tints?: Record<string, string> | undefined
  /** of the dog's own colour, as recorded; not said where lengths alone are shown */
  markings?: readonly string[] | undefined
  /** where it has no edge */
  mask?: string | undefined
  cells: boolean
  idle: boolean
  selected: string | null
  /** by zone, where a finger that comes down means it; empty: it has no room; none: it is seen elsewhere */
  middles: Record<string, string>
}

export function Layer({
  clip,
  tag,
  which,
  zones,
  paths,
  areas,
  outline,
  hair,
  width,
  texture: coat,
  scale = 1,
  tints,
  markings = [],
  mask,
  cells,
  idle,
  selected,
  middles,
}: Props) {
  const within = `url(#kt-${tag}${clip})`
  const chosen = which.find((z) => sure(zones[z]).id === selected)
  const fillOf = (z: string) => {
    const q = sure(zones[z])
    if (tints?.[z] && q.mat === undefined) return tints[z]
    return q.mat && q.mm === null ? 'var(--hair-short)' : toneColour(q.mm ?? q.drawnMm)
  }
  const own = areas.filter((a) => which.includes(sure(a.zones[0])))
  const tones = own.map((a) => {
    const tone = fillOf(sure(a.zones[0]))
    // A little over its border, so that nothing shows where three areas meet.
    return (
      <path
        key={a.zones.join(' ')}
        d={a.path}
        style={{ fill: tone, stroke: tone }}
        strokeWidth={scale}
        strokeLinejoin="round"
        pointerEvents="none"
      />
    )
  })
  const markedZones = which.flatMap((z) => {
    const is = marked(markings, z)
    return is ? [<path key={z} d={paths[z]} style={{ fill: `var(--mark-${is})` }} />] : []
  })
  // Between lengths that are known: a guess has no edge.
  const chalk = own
    .filter((a) => a.zones.some((z) => zones[z]?.mm != null || zones[z]?.mat))
    .map((a) => (
      <path
        key={a.zones.join(' ')}
        d={a.path}
        fill="none"
        style={{ stroke: zones[sure(a.zones[0])]?.mat ? 'var(--hair-edge)' : 'var(--chalk)' }}
        strokeWidth={0.2 * scale}
        pointerEvents="none"
      />
    ))
  const zonePath = (z: string) => {
    const q = sure(zones[z])
    return (
      <path
        key={z}
        id={middles[z] === undefined ? undefined : `zone-${tag}${q.id}`}
        role="option"
        aria-selected={q.id === selected}
        aria-label={spoken(q)}
        data-zone={q.id}
        data-at={middles[z] || undefined}
        d={paths[z]}
        className="zone"
        pointerEvents={idle ? 'none' : 'all'}
      />
    )
  }
  // By area: nothing of what is under it shows where zones of one kind meet.
  const marks = own.map((a) => {
    const q = sure(zones[sure(a.zones[0])])
    const over = (name: string) => (
      <path d={a.path} data-texture={name} style={{ fill: texture(name, scale < 1) }} />
    )
    return (
      <g key={a.zones.join(' ')} pointerEvents="none">
        {q.mat && q.mat.severity > 0 && over(`mat-${q.mat.severity}`)}
        {!!q.hatch && q.state !== 'done' && over(`mat-${q.hatch}`)}
        {!q.planned && !q.mat && over('unplanned')}
        {q.exception && over('exception')}
        {q.state && q.state !== 'planned' && over(`state-${q.state}`)}
        {q.off && (
          <path
            d={a.path}
            fill="none"
            style={{ stroke: 'var(--bracken)' }}
            strokeWidth={0.45 * scale}
            strokeDasharray="0.5 0.6"
          />
        )}
      </g>
    )
  })
  // Dark on light and light on dark: seen on every tone, and in grey print.
  const inHand = () => {
    const d = own
      .filter((a) => zones[sure(a.zones[0])]?.now)
      .map((a) => a.path)
      .join('')
    return (
      d !== '' && (
        <g pointerEvents="none" fill="none" data-now="">
          <path d={d} style={{ stroke: 'var(--sheet)' }} strokeWidth={1.5} />
          <path d={d} style={{ stroke: 'var(--thistle)' }} strokeWidth={0.75} />
        </g>
      )
    )
  }
  // The outline of one zone, seen only along the other.
  const hardLines = (z: string) =>
    (sure(zones[z]).hardWith ?? [])
      .filter((w) => paths[w])
      .map((w) => (
        <g key={`${z}-${w}`} data-line={`${z} ${w}`} pointerEvents="none">
          <mask id={`kt-${tag}line-${z}-${w}`}>
            <path d={paths[w]} fill="white" stroke="white" strokeWidth={1.2} />
          </mask>
          <path
            d={paths[z]}
            fill="none"
            style={{ stroke: 'var(--ink)' }}
            strokeWidth={0.55}
            mask={`url(#kt-${tag}line-${z}-${w})`}
          />
        </g>
      ))
  return (
    <g data-layer={clip}>
      <path d={outline} style={{ fill: which[0] ? fillOf(which[0]) : 'var(--hair-far)' }} />
      <g clipPath={within}>{tones}</g>
      {markedZones.length > 0 && (
        <g clipPath={within} pointerEvents="none" data-markings="">
          {/* hair of one colour runs into the other */}
          <g opacity={0.62} style={{ filter: `blur(${1.1 * scale}px)` }}>
            {markedZones}
          </g>
        </g>
      )}
      <path
        d={hair}
        fill="none"
        style={{ stroke: 'var(--hair-stroke)' }}
        strokeOpacity={0.38}
        strokeWidth={coat.thick * scale}
        strokeLinecap="round"
        clipPath={within}
        pointerEvents="none"
      />
      <g clipPath={within}>
        {marks}
        {(cells || areas.length > 1) && chalk}
        {which.map(hardLines)}
        {which.map(zonePath)}
      </g>
      <g mask={mask}>
        <Edge d={outline} width={width} texture={coat} />
      </g>
      <g clipPath={within} pointerEvents="none">
        {inHand()}
        {chosen && <Chosen d={paths[chosen]} scale={scale} />}
      </g>
    </g>
  )
}

/** No heavy line where hair hangs: its locks are the line. */
export function Edge({ d, width, texture }: { d: string; width: number; texture: CoatTexture }) {
  return (
    <path
      d={d}
      fill="none"
      style={{ stroke: 'var(--hair-edge)' }}
      strokeWidth={texture.edge === 'crisp' || texture.edge === 'curl' ? width : width * 0.62}
      strokeLinejoin="round"
      pointerEvents="none"
    />
  )
}

function Chosen({ d, scale }: { d: string | undefined; scale: number }) {
  return (
    <>
      <path d={d} fill="none" style={{ stroke: 'var(--sheet)' }} strokeWidth={1.5 * scale} />
      <path
        d={d}
        fillOpacity={0.14}
        style={{ fill: 'var(--thistle)', stroke: 'var(--thistle)' }}
        strokeWidth={0.75 * scale}
      />
    </>
  )
}
