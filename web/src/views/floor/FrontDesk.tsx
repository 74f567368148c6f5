// What the front desk should see to: whom to ring, who has not answered, who is overdue without a date.
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { kindSaid } from '../../parts/kinds'
import { day } from '../../ui/words'

type Row = Schemas['FrontDeskView']['overdue'][0]
const LOOK_MS = 60_000

export function FrontDesk() {
  const desk = useQuery({
    queryKey: ['desk'],
    queryFn: () => take(api.GET('/api/floor/desk')),
    refetchInterval: LOOK_MS,
  })
  if (!desk.data) return null
  const { asks, silent, overdue, clashes } = desk.data
  return (
    <section aria-label="For the front desk" className="panel space-y-3 p-4">
      <h2 className="text-lg">For the front desk</h2>
      {asks.length + silent.length + overdue.length + clashes.length === 0 && (
        <p className="text-moss">Nobody to ring, nobody overdue.</p>
      )}
      <List
        title="Booked, but nobody is there"
        rows={clashes}
        said={(r) => `${day(r.day)}, ${r.time}: ${'why' in r ? String(r.why) : ''}`}
      />
      <List title="To ring about another day" rows={asks} said={(r) => `${day(r.day)}, ${r.time}`} />
      <List title="Tomorrow, no answer yet" rows={silent} said={(r) => r.time} />
      <List
        title="Overdue, no date"
        rows={overdue}
        said={(r) => `${kindSaid(r.kind).toLowerCase()}, ${r.days} ${r.days === 1 ? 'day' : 'days'} over`}
      />
    </section>
  )
}

function List({ title, rows, said }: { title: string; rows: Row[]; said: (row: Row) => string }) {
  if (rows.length === 0) return null
  return (
    <div>
      <h3 className="font-bold">
        {title} <span className="font-normal text-ink-2">{rows.length}</span>
      </h3>
      <ul className="divide-y divide-line text-sm">
        {rows.map((r) => (
          <li key={`${r.dog} ${r.day} ${r.time}`} className="py-1.5">
            <Link
              className="inline-flex min-h-6 items-center font-bold text-slate underline"
              to={`/dogs/${r.dog}?tab=back`}
            >
              {r.name}
            </Link>{' '}
            {said(r)}
            <br />
            <span className="text-ink-2">
              {r.owner}
              {r.phone && `, ${r.phone}`}
            </span>
            {r.told && <span className="block text-bracken">From home: {r.told}</span>}
          </li>
        ))}
      </ul>
    </div>
  )
}
