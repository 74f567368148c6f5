// A salon that has just begun: what to do first, each step gone once it is done.
import { useQuery } from '@tanstack/react-query'
import { Check, ChevronRight } from 'lucide-react'
import { Link } from 'react-router'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'

export function FirstSteps() {
  const { session } = useSession()
  const kit = useQuery(queries.kit())
  const prices = useQuery(queries.prices())
  const tools = kit.data?.items.length ?? 0
  const others = session.colleagues.length - 1
  const steps = [
    {
      to: '/kit?tick=1',
      title: 'Tick your kit',
      done: tools > 0,
      what: tools > 0 ? `${tools} tools so far` : 'blades and guards: what a card can be made with',
    },
    {
      to: '/prices',
      title: 'Say what an hour costs',
      done: (prices.data?.lists.length ?? 0) > 1,
      what: 'of work and of mats; everything else, house style too, has a sensible start',
    },
    {
      to: '/people',
      title: 'Invite the others',
      done: others > 0,
      what: others > 0 ? `${others} so far` : 'or work alone: nothing needs a second person',
    },
    { to: '/dogs/new', title: 'Take the first dog in', done: false, what: 'then plan it, zone by zone' },
  ]
  return (
    <section aria-labelledby="first" className="panel">
      <h2 id="first" className="px-4 pt-4 text-xl">
        {session.salon} has begun. What comes first:
      </h2>
      <ol className="divide-y divide-line">
        {steps.map((s, i) => (
          <li key={s.to}>
            <Link to={s.to} className="flex min-h-16 items-center gap-4 px-4 py-2 hover:bg-well">
              <span
                aria-hidden
                className={`grid size-9 shrink-0 place-items-center rounded-full font-bold ${
                  s.done ? 'bg-moss-soft text-moss' : 'bg-well'
                }`}
              >
                {s.done ? <Check className="size-5" /> : i + 1}
              </span>
              <span className="flex-1">
                <b>{s.title}</b>
                {s.done && <span className="sr-only">, done</span>}
                <span className="block text-sm text-ink-2">{s.what}</span>
              </span>
              <ChevronRight aria-hidden className="size-5 text-ink-2" />
            </Link>
          </li>
        ))}
      </ol>
    </section>
  )
}
