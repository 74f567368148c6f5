// What the salon charges: what holds now, what is coming and from when, what held before.
import { useQuery } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { queries } from '../../app/queries'
import type { Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day, money } from '../../ui/words'
import { PriceForm } from './PriceForm'

type List = Schemas['PriceListView']

export function Prices() {
  const { may } = useSession()
  const prices = useQuery(queries.prices())
  const [open, setOpen] = useState<{ list: List; from: string | null } | null>(null)
  if (!prices.data)
    return prices.error ? <Resting error={prices.error} retry={() => void prices.refetch()} /> : <Waiting />
  const { lists, today, currency } = prices.data
  const now = lists.find((l) => l.state === 'now')
  const next = lists.find((l) => l.state === 'coming') ?? now
  return (
    <div className="mx-auto w-full max-w-6xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">
          {open ? (open.from ? 'New prices' : 'Prices that are coming') : 'Prices'}
        </h1>
        {!open && (
          <div className="flex flex-wrap gap-2">
            <LinkButton to="/house">House style</LinkButton>
            {may('house') && next && (
              <Button kind="main" onClick={() => setOpen({ list: next, from: firstFree(today, lists) })}>
                <Plus aria-hidden className="size-5" /> New prices from a day
              </Button>
            )}
          </div>
        )}
      </div>
      {open ? (
        <PriceForm
          key={`${open.list.id} ${open.list.version} ${open.from}`}
          prices={prices.data}
          {...open}
          onDone={() => setOpen(null)}
        />
      ) : (
        lists.map((l) => (
          <OneList key={l.id} list={l} currency={currency}>
            {may('house') && !l.fixed && (
              <Button onClick={() => setOpen({ list: l, from: null })}>Change these prices</Button>
            )}
          </OneList>
        ))
      )}
    </div>
  )
}

/** A salon that has just begun wants its prices today; another one with the first free month. */
function firstFree(today: string, lists: List[]): string {
  if (lists.every((l) => l.first)) return today
  const taken = new Set(lists.map((l) => l.begins))
  const [year = 0, month = 1] = today.split('-').map(Number)
  for (let n = 1; ; n++) {
    const first = new Date(Date.UTC(year, month - 1 + n, 1)).toISOString().slice(0, 10)
    if (!taken.has(first)) return first
  }
}

const STATE = { now: 'hold now', coming: 'are coming', past: 'are past' } as const

function OneList({ list, currency, children }: { list: List; currency: string; children: React.ReactNode }) {
  const m = (minor: number) => money(minor, currency)
  const since = list.first ? 'From the first day on' : `From ${day(list.begins)}`
  const title = `${since}: these ${STATE[list.state as keyof typeof STATE]}`
  const least = (
    [
      ['full groom', list.least_full_minor],
      ['bath', list.least_bath_minor],
      ['tidy', list.least_tidy_minor],
      ['nails', list.least_nails_minor],
    ] as const
  ).filter(([, minor]) => minor > 0)
  const terms = [
    list.cancel_hours > 0 &&
      list.cancel_percent > 0 &&
      `cancelled less than ${list.cancel_hours} h before: ${list.cancel_percent} %`,
    list.no_show_percent > 0 && `not come: ${list.no_show_percent} %`,
    list.late_quarter_minor > 0 &&
      `collected late: ${m(list.late_quarter_minor)} a quarter of an hour after ${list.late_free} min`,
  ].filter((t) => t !== false)
  return (
    <section
      aria-label={title}
      className={`panel p-4 ${list.state === 'now' ? 'border-l-4 border-l-thistle' : ''}`}
    >
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-lg">{title}</h2>
        {children}
      </div>
      <p className="text-xl">
        <b>{m(Math.round(list.hour * 100))}</b> an hour
        {list.mat_hour !== list.hour && (
          <>
            , <b>{m(Math.round(list.mat_hour * 100))}</b> on mats
          </>
        )}
      </p>
      <dl className="mt-2 grid gap-x-4 gap-y-1 text-sm sm:grid-cols-[8rem_1fr]">
        <Line of="At least" says={least.map(([kind, minor]) => `${kind} ${m(minor)}`)} />
        <Line
          of="Extras"
          says={list.extras.map(
            (e) => `${e.name} ${m(e.minor)}${e.minutes > 0 ? ` (${e.minutes} min)` : ''}`,
          )}
        />
        <Line of="House terms" says={terms} />
        <Line
          of="Tax"
          says={
            list.tax_percent > 0
              ? [`${list.tax_percent} %, ${list.tax_included ? 'included' : 'on top'}`]
              : []
          }
        />
      </dl>
    </section>
  )
}

function Line({ of, says }: { of: string; says: string[] }) {
  return (
    <>
      <dt className="text-ink-2">{of}</dt>
      <dd>{says.length > 0 ? says.join(' · ') : 'none'}</dd>
    </>
  )
}
