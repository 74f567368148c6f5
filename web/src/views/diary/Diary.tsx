// The diary: a day laid out so that it can be done, place by place; how full the days round it are.
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { addDays, format, parseISO, startOfISOWeek } from 'date-fns'
import { ChevronLeft, ChevronRight, Printer } from 'lucide-react'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Cautions } from '../../parts/Cautions'
import { MoveForm } from '../../parts/MoveForm'
import { useMove, type Held } from '../../parts/useMove'
import { VanLine } from '../../parts/VanLine'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/dates'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Why } from '../../ui/Why'
import { day } from '../../ui/words'
import type { HeldDog, PlaceDay } from './chart'
import { Dogs } from './Dogs'
import { Lines } from './Lines'
import { WaitingFor } from './WaitingFor'
import { Week } from './Week'

export function Diary() {
  const [search, setSearch] = useSearchParams()
  const on = search.get('on') ?? ''
  const agenda = useQuery({
    queryKey: ['agenda', on],
    queryFn: () => take(api.GET('/api/agenda', { params: { query: on ? { on } : {} } })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  })
  if (!agenda.data)
    return agenda.error ? <Resting error={agenda.error} retry={() => void agenda.refetch()} /> : <Waiting />
  const { data } = agenda
  const go = (to: string) => setSearch({ on: to }, { replace: true })
  const turn = (days: number) => go(format(addDays(parseISO(data.day), days), 'yyyy-MM-dd'))
  const busy = data.places.filter((p) => p.dogs.length > 0 || p.unfit.length > 0)
  return (
    <div className="mx-auto w-full max-w-6xl space-y-4 p-4 sm:p-6" aria-busy={agenda.isPlaceholderData}>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl" aria-live="polite">
          {data.day === data.today ? 'Today, ' : ''}
          {day(data.day)}
        </h1>
        <div className="flex flex-wrap items-center gap-2">
          <Button className="px-3" aria-label="Day before" onClick={() => turn(-1)}>
            <ChevronLeft aria-hidden className="size-5" />
          </Button>
          <DateField label="Day" bare className="w-48" value={data.day} onDay={(d) => isDay(d) && go(d)} />
          <Button className="px-3" aria-label="Day after" onClick={() => turn(1)}>
            <ChevronRight aria-hidden className="size-5" />
          </Button>
          {data.day !== data.today && <Button onClick={() => go(data.today)}>Today</Button>}
          <LinkButton to={`/day?on=${data.day}`}>
            <Printer aria-hidden className="size-5" /> Day list
          </LinkButton>
        </div>
      </div>
      <Week
        from={format(startOfISOWeek(parseISO(data.day)), 'yyyy-MM-dd')}
        on={data.day}
        today={data.today}
        onDay={go}
      />
      {data.unweighed.length > 0 && (
        <p className="rounded-md bg-bracken-soft px-3 py-2 text-bracken">
          Nobody has weighed{' '}
          {data.unweighed.map((u, i) => (
            <span key={u.booking}>
              {i > 0 && ', '}
              <Link className="underline" to={`/dogs/${u.dog}`}>
                {u.name}
              </Link>
            </span>
          ))}
          : no minutes can be said, and the day below is without.
        </p>
      )}
      <WaitingFor on={data.day} open={data.day >= data.today} />
      {busy.length === 0 && (
        <p className="panel p-6 text-center text-ink-2">
          Nobody is booked. A date is given on the card of a dog, under <b>Next date</b>.
        </p>
      )}
      {busy.map((p) => (
        <Place key={p.id} place={p} on={data.day} over={data.day < data.today} />
      ))}
    </div>
  )
}

function Place({ place, on, over }: { place: PlaceDay; on: string; over: boolean }) {
  const { may } = useSession()
  const [open, setOpen] = useState<HeldDog | null>(null)
  const { move } = useMove()
  const mine = may('book') && !over
  return (
    <section className="panel space-y-3 p-4" aria-label={place.name}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-xl">{place.name}</h2>
        <p className="text-sm">
          {place.late > 0 ? (
            <b className="text-haw">Overbooked: {Math.ceil(place.late)} min past what was promised</b>
          ) : place.overtime > 0 ? (
            <b className="text-bracken">{Math.ceil(place.overtime)} min past closing</b>
          ) : (
            <b className="text-moss">It can all be done in time</b>
          )}{' '}
          <Why of={`this day at ${place.name}`} reasons={place.reasons} />
        </p>
      </div>
      {place.kind === 'van' && <VanLine van={place.id} on={on} />}
      {!place.stations_said && (
        <p className="text-sm text-ink-2">
          Nobody has said how many tubs, dryers and tables there are: reckoned with one tub, and a dryer and a
          table each. Say it under{' '}
          <Link className="text-slate underline" to="/people">
            People and places
          </Link>
          .
        </p>
      )}
      <Lines
        place={place}
        onOpen={setOpen}
        onDrop={
          mine ? (dog, to) => move.mutate({ from: held(dog, on), to: { ...held(dog, on), ...to } }) : null
        }
      />
      <Dogs place={place} onOpen={mine ? setOpen : null} />
      {open && <MoveForm booking={held(open, on)} onClose={() => setOpen(null)} />}
      {place.warnings.length > 0 && <Cautions cautions={place.warnings} />}
    </section>
  )
}

function held(d: HeldDog, on: string): Held {
  return {
    id: d.booking,
    version: d.version,
    name: d.name,
    dog: d.dog,
    day: on,
    time: d.time,
    kind: d.kind,
    staff: d.staff,
  }
}
