// Three years side by side: as it is booked, as the salon would, as the owner asks.
import { useSession } from '../../app/session'
import { Why } from '../../ui/Why'
import { hours, mm, money } from '../../ui/words'
import { kindSaid } from '../../parts/kinds'
import { late, type Check, type YearData } from './band'

export function Sums({ data, check }: { data: YearData; check: Check }) {
  const { session } = useSession()
  const columns: [string, Check][] = [
    ['Booked', check],
    ["Salon's advice", data.advice],
    ...(data.wish ? ([[`Every ${data.wish_weeks} weeks`, data.wish]] as [string, Check][]) : []),
  ]
  const rows: [string, (c: Check) => string][] = [
    ['Visits', (c) => visits(c)],
    ['Time', (c) => (c.minutes === null ? 'not known' : hours(c.minutes))],
    ['Money', (c) => (c.price_minor === null ? 'not known' : money(c.price_minor, session.currency))],
    [
      'Clocks',
      (c) => (c.broken > 0 ? worst(c, data) : c.visits.length === 0 ? 'nothing booked' : 'all kept'),
    ],
  ]
  return (
    <section aria-label="Side by side" className="panel space-y-2 p-4">
      <h2 className="text-xl">
        The year side by side <Why of="the salon’s advice" reasons={data.reasons} />
      </h2>
      <table className="w-full text-left text-sm">
        <thead>
          <tr>
            <td />
            {columns.map(([name]) => (
              <th key={name} scope="col" className="py-1 pr-3">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, said]) => (
            <tr key={name} className="border-t border-line align-top">
              <th scope="row" className="py-1.5 pr-3 font-normal text-ink-2">
                {name}
              </th>
              {columns.map(([of, c]) => (
                <td key={of} className={`py-1.5 pr-3 ${name === 'Clocks' ? tone(c) : ''}`}>
                  {said(c)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {data.wish && data.wish_mm !== null && (
        <p className="text-sm">
          At every {data.wish_weeks} weeks a length of about <b>{mm(data.wish_mm)}</b> can be kept.
        </p>
      )}
      {data.impossible.map((why) => (
        <p key={why} role="alert" className="text-sm text-haw">
          No year keeps every clock. {why}
        </p>
      ))}
    </section>
  )
}

function tone(c: Check): string {
  return c.broken ? 'text-haw' : c.visits.length ? 'text-moss' : ''
}

function visits(c: Check): string {
  const kinds = ['full', 'bath', 'tidy', 'nails']
    .map((k) => [k, c.visits.filter((v) => v.kind === k).length] as const)
    .filter(([, n]) => n > 0)
  return kinds.length === 0 ? 'none' : kinds.map(([k, n]) => `${n} × ${kindSaid(k).toLowerCase()}`).join(', ')
}

/** The longest that each clock runs too long. */
function worst(c: Check, data: YearData): string {
  return data.clocks
    .map((k) => ({
      k,
      over: Math.max(0, ...c.runs.filter((r) => r.clock === k.clock && !r.open).map((r) => r.over)),
    }))
    .filter(({ over }) => over > 0)
    .map(({ k, over }) => `${k.label} up to ${late(over)}`)
    .join('; ')
}
