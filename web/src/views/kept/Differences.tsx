// Where the salon reckons otherwise than was shown without it; what was signed stays as it was signed.
import { useQuery } from '@tanstack/react-query'
import { keptHere, useKeptHere } from '../../app/keptHere'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { TAPS, type Difference } from '../../away/differences'
import { Button } from '../../ui/Button'
import { money } from '../../ui/words'

export function Differences() {
  const { session } = useSession()
  const { open, differs } = useKeptHere()
  const words = useQuery(queries.words())
  const found = useQuery({
    queryKey: ['kept-differs', open, differs],
    queryFn: () => keptHere.device?.differences() ?? [],
    staleTime: 0,
    networkMode: 'always',
  })
  if (!found.data?.length) return null
  const label = (what: string) => words.data?.zones.find((z) => z.id === what)?.label ?? what
  const figure = (what: string, value: string) =>
    what === 'price'
      ? money(Number(value), session.currency)
      : what === 'minutes'
        ? `${value} min`
        : value.replaceAll('_', ' ')
  const tapsAtTheTable = (d: Difference) =>
    `${d.here} ${d.here === '1' ? 'tap' : 'taps'} at the table: ${d.salon}`
  const figures = (d: Difference) => (
    <>
      {label(d.what)}: shown here <b>{figure(d.what, d.here)}</b>, the salon says{' '}
      <b>{figure(d.what, d.salon)}</b>.
    </>
  )
  return (
    <section className="panel space-y-3 p-4" aria-label="The salon reckons otherwise">
      <h2 className="text-xl">The salon reckons otherwise</h2>
      <ul className="divide-y divide-line">
        {found.data.map((d) => (
          <li key={d.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
            <p className="min-w-60 flex-1">
              <b>{d.dog}</b>, {d.what === TAPS ? tapsAtTheTable(d) : figures(d)}
              {d.signed && (
                <span className="block text-sm text-ink-2">
                  It stays as it was signed. Tell the owner where it matters to them.
                </span>
              )}
            </p>
            <Button onClick={() => void keptHere.device?.seen(d.id)}>I have seen it</Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
