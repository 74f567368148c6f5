// How much of what the dog bears is used, and the scores of the visits before.
import { shortDay } from '../../ui/words'
import { type ArrivalData } from '../../parts/comb'

/** How much of what the dog can bear is used up; past it in another texture. */
export function Limit({ worked, limit }: { worked: number; limit: number }) {
  const share = limit === 0 ? 1 : worked / limit
  return (
    <span
      className="relative block h-4 overflow-hidden rounded bg-sheet"
      role="img"
      aria-label={`${Math.round(share * 100)} % of the limit used`}
    >
      <span
        className={`absolute inset-y-0 left-0 ${share > 1 ? 'bg-haw' : 'bg-moss'}`}
        style={{ width: `${Math.min(100, share * 100)}%` }}
      />
    </span>
  )
}

export function Trend({ trend, limit }: { trend: ArrivalData['trend']; limit: number }) {
  if (trend.length < 2) return <p className="text-sm text-ink-2">First comb test here.</p>
  const most = Math.max(limit, ...trend.map((t) => t.load))
  const x = (i: number) => (i / (trend.length - 1)) * 110 + 5
  const y = (load: number) => 38 - (load / most) * 32
  return (
    <svg
      viewBox="0 0 120 44"
      className="h-12 w-full"
      role="img"
      aria-label={`Matting score over visits: ${trend.map((t) => `${shortDay(t.day)} ${t.load}`).join(', ')}`}
    >
      <path
        d={`M5 ${y(limit)}H115`}
        style={{ stroke: 'var(--bracken)' }}
        strokeDasharray="2 2"
        strokeWidth="0.8"
      />
      <path
        d={`M${trend.map((t, i) => `${x(i)} ${y(t.load)}`).join('L')}`}
        fill="none"
        style={{ stroke: 'var(--thistle)' }}
        strokeWidth="1.8"
      />
      {trend.map((t, i) => (
        <circle
          key={t.day}
          cx={x(i)}
          cy={y(t.load)}
          r={i === trend.length - 1 ? 3 : 2}
          style={{ fill: 'var(--thistle)' }}
        />
      ))}
    </svg>
  )
}
