// The till of a place: who has to pay, what was paid today, what it came to, what the drawer should hold.
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Gift, ShoppingBag } from 'lucide-react'
import { Link, useSearchParams } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/dates'
import { Resting } from '../../ui/Resting'
import { SelectField } from '../../ui/Field'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { Bills } from './Bills'
import { Drawer } from './Drawer'
import { Pay } from './Pay'
import { Sum } from './Sum'
import { ToBePaid } from './ToBePaid'
import { Vouchers } from './Vouchers'

const LOOK_MS = 15_000

export function Till() {
  const { session } = useSession()
  const [search, setSearch] = useSearchParams()
  const place = search.get('place') ?? session.place ?? session.places[0]?.id ?? ''
  const on = search.get('on') ?? ''
  const put = (change: Record<string, string | null>) =>
    setSearch(
      (now) => {
        for (const [k, v] of Object.entries(change))
          if (v === null) now.delete(k)
          else now.set(k, v)
        return now
      },
      { replace: true },
    )
  const till = useQuery({
    queryKey: ['till', place, on],
    queryFn: () =>
      take(api.GET('/api/places/{id}/till', { params: { path: { id: place }, query: on ? { on } : {} } })),
    placeholderData: keepPreviousData,
    refetchInterval: LOOK_MS,
  })
  if (!till.data)
    return till.error ? <Resting error={till.error} retry={() => void till.refetch()} /> : <Waiting />
  const { data } = till
  const isToday = data.day === data.today
  const paid = {
    arrival: search.get('arrival'),
    booking: search.get('booking'),
    sell: search.get('sell') !== null,
  }
  return (
    <div className="mx-auto w-full max-w-6xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">Till, {day(data.day)}</h1>
        <div className="flex flex-wrap items-end gap-2">
          <SelectField
            label="Place"
            value={place}
            options={session.places.map((p) => ({ id: p.id, label: p.name }))}
            onChange={(e) => put({ place: e.target.value })}
          />
          <DateField
            label="Day"
            className="w-48"
            value={data.day}
            onDay={(d) => isDay(d) && put({ on: d === data.today ? null : d })}
          />
        </div>
      </div>
      {!isToday && (
        <p className="rounded-md bg-well px-3 py-2">
          This day is over: what was paid stands. What goes back today is written today.{' '}
          <Link className="text-slate underline" to="/till">
            To today’s till
          </Link>
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="space-y-4">
          {isToday && (
            <>
              <div className="flex flex-wrap gap-2">
                <Button onClick={() => put({ sell: 'product' })}>
                  <ShoppingBag aria-hidden className="size-5" /> Sell something
                </Button>
                <Button onClick={() => put({ sell: 'voucher' })}>
                  <Gift aria-hidden className="size-5" /> Sell a voucher
                </Button>
              </div>
              <ToBePaid till={data} onPay={put} />
            </>
          )}
          <Bills till={data} />
        </div>
        <div className="space-y-4">
          <Sum till={data} />
          <Vouchers till={data} />
          {isToday && <Drawer key={`${place} ${data.counted?.round ?? 0}`} till={data} />}
        </div>
      </div>
      {(paid.arrival ?? paid.booking ?? (paid.sell || null)) && (
        <Pay
          till={data}
          paid={paid}
          sells={search.get('sell') ?? ''}
          onClose={() => put({ arrival: null, booking: null, sell: null })}
        />
      )}
    </div>
  )
}
