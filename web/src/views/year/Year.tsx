// A dog's year on one band: clocks and visits; a visit is taken to another day and its clocks answer at once.
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { MoveForm } from '../../parts/MoveForm'
import { useMove, type Held } from '../../parts/useMove'
import { NumberField } from '../../ui/NumberField'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Ahead } from './Ahead'
import { Band } from './Band'
import { Chosen } from './Chosen'
import { Sums } from './Sums'
import { useNudge } from './useNudge'
import type { YearData } from './band'

type Booking = YearData['booked'][0]

export function Year() {
  const { id = '' } = useParams()
  const [search, setSearch] = useSearchParams()
  const asked = Number(search.get('wish'))
  const wish = Number.isInteger(asked) && asked >= 1 && asked <= 52 ? asked : null
  const year = useQuery({
    queryKey: ['year', id, wish],
    queryFn: () =>
      take(
        api.GET('/api/dogs/{id}/year', {
          params: { path: { id }, query: wish ? { wish: String(wish) } : {} },
        }),
      ),
    placeholderData: keepPreviousData,
  })
  if (!year.data)
    return year.error ? <Resting error={year.error} retry={() => void year.refetch()} /> : <Waiting />
  return (
    <Loaded
      data={year.data}
      wish={wish}
      onWish={(weeks) =>
        setSearch(weeks === null ? {} : { wish: String(Math.max(1, Math.min(52, Math.round(weeks)))) }, {
          replace: true,
        })
      }
    />
  )
}

interface Props {
  data: YearData
  wish: number | null
  onWish: (weeks: number | null) => void
}

function Loaded({ data, wish, onWish }: Props) {
  const { may } = useSession()
  const [picked, setPicked] = useState<string | null>(null)
  const [open, setOpen] = useState(false)
  const { move } = useMove()
  const { hold, handles, nudge, drop, letGo } = useNudge(data.today, (b, day, done) =>
    move.mutate({ from: held(b, data), to: { ...held(b, data), day } }, { onSettled: done }),
  )
  const chosen = data.booked.find((b) => b.id === (hold?.id ?? picked)) ?? data.booked[0]
  const visits = data.booked
    .filter((b) => b.state === 'booked')
    .map((b) => ({ day: hold?.id === b.id ? hold.day : b.day, kind: b.kind }))
  const answer = useQuery({
    queryKey: ['year', data.dog, 'answer', visits],
    queryFn: () =>
      take(api.POST('/api/dogs/{id}/year/answer', { params: { path: { id: data.dog } }, body: { visits } })),
    enabled: hold !== null,
    placeholderData: keepPreviousData,
    retry: false,
  })
  const check = (hold && answer.data) || data.check
  const mine = may('book')
  return (
    <div className="mx-auto w-full max-w-7xl space-y-3 p-3 sm:p-4">
      <header className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Link
          to={`/dogs/${data.dog}`}
          className="inline-flex min-h-11 min-w-11 items-center font-bold text-thistle"
          aria-label={`Back to ${data.name}’s card`}
        >
          <ArrowLeft aria-hidden className="size-5" />
        </Link>
        <h1 className="flex-[1_1_14rem] text-3xl leading-tight">{data.name}, the year ahead</h1>
        <div className="w-64 max-w-full">
          <NumberField label="Owner asks: every … weeks" value={wish} onChange={onWish} />
        </div>
      </header>
      {!data.known && (
        <p className="rounded-md bg-bracken-soft px-3 py-2 text-bracken">
          Without a plan and a first visit nobody knows the clocks: what is booked is shown, nothing is
          advised.
        </p>
      )}
      <section className="panel p-3" aria-label="The year">
        <Band
          data={data}
          check={check}
          hold={hold}
          chosen={chosen?.id ?? null}
          onChoose={(id) => (letGo(), setPicked(id))}
          handles={mine ? handles : null}
        />
        {mine && data.booked.length > 0 && (
          <p className="pt-2 text-sm text-ink-2">
            Drag a visit, or go to it and use the arrow keys: a day, with Shift a week. Enter moves it, Esc
            leaves it.
          </p>
        )}
      </section>
      <div className="grid items-start gap-3 lg:grid-cols-2">
        <div className="space-y-3">
          {chosen && (
            <Chosen
              data={data}
              check={check}
              booking={chosen}
              on={hold?.id === chosen.id ? hold.day : chosen.day}
              onNudge={mine && chosen.state === 'booked' ? (days) => nudge(chosen, days) : null}
              onSave={() => hold && drop(chosen, hold.day)}
              onChange={() => setOpen(true)}
            />
          )}
          {data.known && <Sums data={data} check={check} />}
        </div>
        {mine && <Ahead key={data.booked.map((b) => b.day).join()} data={data} />}
      </div>
      {open && chosen && <MoveForm booking={held(chosen, data)} onClose={() => setOpen(false)} />}
    </div>
  )
}

function held(b: Booking, data: YearData): Held {
  return {
    id: b.id,
    version: b.version,
    name: data.name,
    dog: data.dog,
    day: b.day,
    time: b.time,
    kind: b.kind,
    staff: b.staff_id,
  }
}
