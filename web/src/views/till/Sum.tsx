// What the day has brought: by way of paying, by person, and the tax in it.
import { useSession } from '../../app/session'
import { money } from '../../ui/words'
import { WAYS, type TillData } from './bill'

export function Sum({ till }: { till: TillData }) {
  const { session } = useSession()
  const said = (minor: number) => money(minor, session.currency)
  const ways = WAYS.filter((w) => till.ways[w.id] !== undefined)
  return (
    <section aria-label="The day so far" className="panel space-y-3 p-4">
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">The day so far</h2>
        <b className="font-head text-2xl tabular-nums">{said(till.earned_minor)}</b>
      </div>
      <p className="text-sm text-ink-2">earned, with its tax; tips, vouchers and deposits are not in it</p>
      <Figures
        title="By who earned it"
        rows={till.people.map((p) => [
          p.name || 'the salon',
          said(p.earned_minor),
          p.tips_minor === 0 ? '' : `tips ${said(p.tips_minor)}`,
        ])}
      />
      <Figures
        title="How it came in"
        rows={[
          ...ways.map((w): [string, string, string] => [w.label, said(till.ways[w.id] ?? 0), '']),
          ['All', said(till.in_minor), ''],
        ]}
      />
      <Figures
        title="Tax in it"
        rows={till.taxes.map((t) => [`${t.percent} % of ${said(t.gross)}`, said(t.tax), ''])}
      />
    </section>
  )
}

function Figures({ title, rows }: { title: string; rows: [string, string, string][] }) {
  if (rows.length === 0) return null
  return (
    <div>
      <h3 className="font-bold">{title}</h3>
      <dl className="text-sm">
        {rows.map(([what, figure, more]) => (
          <div key={what} className="flex justify-between gap-3 py-0.5">
            <dt>{what}</dt>
            <dd className="text-right tabular-nums">
              {figure}
              {more && <span className="block text-ink-2">{more}</span>}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  )
}
