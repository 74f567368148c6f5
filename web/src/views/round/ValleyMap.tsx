// The valley as a map of our own: river, bridges, roads, and the van's way from call to call.
import type { Schemas } from '../../app/client'

type Round = Schemas['RoundView']
interface Props {
  round: Round
  /** id of the home that is in hand; null: none */
  lit: string | null
  onStop: (id: string) => void
}

const points = (all: { x: number; y: number }[]) => all.map((p) => `${p.x},${p.y}`).join(' ')

export function ValleyMap({ round, lit, onStop }: Props) {
  const { spots, ways, river } = round.map
  const at = Object.fromEntries(spots.map((s) => [s.id, s]))
  const legs = [...round.calls.map((c) => c.path), round.path].filter((p) => p.length > 1)
  const calls = round.calls.filter((c) => c.stop !== '')
  // Two homes of one farm share a mark.
  const marks = Object.values(
    calls.reduce<Record<string, { spot: string; stops: string[]; numbers: number[] }>>((all, c, n) => {
      const mark = (all[c.at] ??= { spot: c.at, stops: [], numbers: [] })
      mark.stops.push(c.stop)
      mark.numbers.push(n + 1)
      return all
    }, {}),
  )
  const here = round.now?.at ?? round.van?.base
  const home = Object.fromEntries(round.stops.map((s) => [s.id, s.home]))
  const breaks = new Set(round.stops.filter((s) => s.why !== '').map((s) => s.id))
  return (
    <svg
      viewBox="0 20 1000 940"
      role="group"
      aria-label="Map of the valley with the van’s way"
      className="block h-auto w-full rounded-lg border border-line bg-sheet"
    >
      <polyline
        points={points(river)}
        fill="none"
        className="stroke-slate"
        strokeOpacity={0.45}
        strokeWidth={30}
        strokeLinejoin="round"
      />
      {ways.map((w) => {
        const [a, b] = [at[w.from], at[w.to]]
        if (!a || !b) return null
        return (
          <g key={w.id}>
            <line
              x1={a.x}
              y1={a.y}
              x2={b.x}
              y2={b.y}
              className={w.shut ? 'stroke-haw' : 'stroke-line'}
              strokeWidth={w.bridge ? 16 : 10}
              strokeDasharray={w.shut ? '6 22' : undefined}
              strokeLinecap="round"
            />
            {w.bridge && (
              <text
                x={(a.x + b.x) / 2 + 18}
                y={(a.y + b.y) / 2}
                className={`stroke-sheet ${w.shut ? 'fill-haw font-bold' : 'fill-ink-2'}`}
                strokeWidth={9}
                paintOrder="stroke"
                fontSize={26}
              >
                {w.name}
                {w.shut && ', shut'}
              </text>
            )}
          </g>
        )
      })}
      {legs.map((path, n) => (
        <polyline
          key={n}
          points={points(path.flatMap((id) => at[id] ?? []))}
          fill="none"
          className="stroke-thistle"
          strokeWidth={n === legs.length - 1 ? 6 : 9}
          strokeDasharray={n === legs.length - 1 ? '18 14' : undefined}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      ))}
      {spots.map((s) => (
        <g key={s.id}>
          {s.kind === 'water' ? (
            <path d={`M${s.x} ${s.y - 16} l14 22 a14 14 0 1 1 -28 0 z`} className="fill-slate" />
          ) : (
            <circle cx={s.x} cy={s.y} r={9} className="fill-ink-2" />
          )}
          <text
            x={s.x}
            y={s.y + 50}
            textAnchor="middle"
            className="fill-ink stroke-sheet"
            strokeWidth={9}
            paintOrder="stroke"
            fontSize={27}
          >
            {s.name}
          </text>
        </g>
      ))}
      {marks.map((m) => {
        const s = at[m.spot]
        if (!s) return null
        const isLit = lit !== null && m.stops.includes(lit)
        const isBroken = m.stops.some((id) => breaks.has(id))
        const wide = 44 + 24 * (m.numbers.join('·').length - 1)
        const first = m.stops[0]
        const homes = m.stops.map((id) => home[id]).join(' and ')
        return (
          <g
            key={m.spot}
            role="button"
            tabIndex={0}
            aria-label={`${m.numbers.join(' and ')}: ${homes}, ${s.name}`}
            className="cursor-pointer"
            onClick={() => first && onStop(first)}
            onKeyDown={(e) => e.key === 'Enter' && first && onStop(first)}
          >
            <rect
              x={s.x - wide / 2}
              y={s.y - 27}
              width={wide}
              height={54}
              rx={27}
              className={`${isBroken ? 'fill-haw' : 'fill-thistle'} ${isLit ? 'stroke-ink' : 'stroke-sheet'}`}
              strokeWidth={isLit ? 9 : 5}
            />
            <text
              x={s.x}
              y={s.y + 11}
              textAnchor="middle"
              className="fill-thistle-ink font-bold"
              fontSize={32}
            >
              {m.numbers.join('·')}
            </text>
          </g>
        )
      })}
      {here && at[here] && <Van x={at[here].x} y={at[here].y} />}
    </svg>
  )
}

/** A van from the side, above its place. */
function Van({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x - 34} ${y - 24})`} aria-hidden>
      <path
        d="M2 36 V8 q0 -6 6 -6 h34 q4 0 7 4 l14 18 q3 3 3 7 v5 z"
        className="fill-moss stroke-sheet"
        strokeWidth={4}
      />
      <circle cx={18} cy={38} r={8} className="fill-ink stroke-sheet" strokeWidth={3} />
      <circle cx={50} cy={38} r={8} className="fill-ink stroke-sheet" strokeWidth={3} />
    </g>
  )
}
