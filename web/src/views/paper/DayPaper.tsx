// The list of a day, to read on a screen and to print: who comes when, for what, what to be careful of.
import { useQuery } from '@tanstack/react-query'
import { addDays, format, parseISO } from 'date-fns'
import { ChevronLeft, ChevronRight } from 'lucide-react'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { kindSaid } from '../../parts/kinds'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/dates'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { Paper } from './Paper'

export function DayPaper() {
  const [search, setSearch] = useSearchParams()
  const { session } = useSession()
  const on = search.get('on') ?? ''
  const list = useQuery(queries.day(on))
  if (!list.data)
    return list.error ? <Resting error={list.error} retry={() => void list.refetch()} /> : <Waiting />
  const { data } = list
  const turn = (days: number) =>
    setSearch({ on: format(addDays(parseISO(data.day), days), 'yyyy-MM-dd') }, { replace: true })
  return (
    <Paper
      title={`Day list, ${data.day}`}
      back={{ to: '/book', label: 'Book' }}
      ready={!list.isPlaceholderData}
      tools={
        <div className="ml-auto flex items-center gap-2">
          <Button className="px-3" aria-label="Day before" onClick={() => turn(-1)}>
            <ChevronLeft aria-hidden className="size-5" />
          </Button>
          <DateField
            label="Day"
            bare
            className="w-48"
            value={data.day}
            onDay={(on) => isDay(on) && setSearch({ on }, { replace: true })}
          />
          <Button className="px-3" aria-label="Day after" onClick={() => turn(1)}>
            <ChevronRight aria-hidden className="size-5" />
          </Button>
        </div>
      }
    >
      <header className="mb-2 flex items-baseline justify-between gap-4 border-b-2 border-ink pb-1">
        <h1 className="text-2xl" aria-live="polite">
          {day(data.day)}
        </h1>
        <p className="text-sm">
          {session.salon} · {data.bookings.length === 1 ? '1 dog' : `${data.bookings.length} dogs`}
        </p>
      </header>
      {data.bookings.length === 0 ? <p>Nobody is booked.</p> : <List bookings={data.bookings} />}
    </Paper>
  )
}

function List({ bookings }: { bookings: Schemas['DayView']['bookings'] }) {
  return (
    <table className="w-full text-sm leading-snug">
      <thead>
        <tr className="border-b border-ink text-left">
          <th scope="col" className="w-14">
            time
          </th>
          <th scope="col">dog</th>
          <th scope="col">owner</th>
          <th scope="col">for, with</th>
          <th scope="col" className="w-16 text-center">
            done
          </th>
        </tr>
      </thead>
      <tbody>
        {bookings.map((b) => (
          <tr key={b.id} className="break-inside-avoid border-b border-line align-top">
            <td className="py-1.5 text-base font-bold">{b.time}</td>
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              <Link to={`/dogs/${b.dog}`} className="text-base font-bold underline print:no-underline">
                {b.name}
              </Link>
              <span className="block">{b.about}</span>
              {b.cautions.map((c) => (
                <span key={c} className="block font-bold text-haw print:text-ink">
                  ! {c}
                </span>
              ))}
            </th>
            <td className="py-1.5 pr-4 whitespace-nowrap">
              {b.person}
              <span className="block">{b.phone}</span>
            </td>
            <td className="max-w-56 py-1.5 pr-3 ">
              {kindSaid(b.kind)}
              <span className="block whitespace-nowrap">{b.staff ?? 'nobody yet'}</span>
              {b.note && <span className="block italic">{b.note}</span>}
            </td>
            <td className="py-1.5 text-center">
              <span aria-hidden className="inline-block size-5 border-2 border-ink" />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
