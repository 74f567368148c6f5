// Vouchers that still have something on them: what is owed to whoever has them.
import { useSession } from '../../app/session'
import { day, money } from '../../ui/words'
import type { TillData } from './bill'

export function Vouchers({ till }: { till: TillData }) {
  const { session } = useSession()
  const said = (minor: number) => money(minor, session.currency)
  if (till.vouchers.length === 0) return null
  const owed = till.vouchers.reduce((sum, v) => sum + v.left_minor, 0)
  return (
    <section aria-label="Open vouchers" className="panel space-y-2 p-4">
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">Open vouchers</h2>
        <b className="tabular-nums">{said(owed)}</b>
      </div>
      <ul
        className="max-h-60 divide-y divide-line overflow-y-auto text-sm"
        tabIndex={0}
        aria-label="Each of them"
      >
        {till.vouchers.map((v) => (
          <li key={v.code} className="flex flex-wrap items-baseline justify-between gap-x-3 py-1.5">
            <b className="font-mono">{v.code}</b>
            <span className="tabular-nums">
              {said(v.left_minor)}
              {v.left_minor !== v.minor && <span className="text-ink-2"> left of {said(v.minor)}</span>}
            </span>
            <span className="w-full text-ink-2">sold {day(v.day)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
