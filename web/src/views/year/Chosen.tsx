// One visit of the year: what it takes, how the coat comes in, which clock it breaks, and moving it.
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { DogDrawing } from '../../dog/DogDrawing'
import { useLook } from '../../dog/useLook'
import { frames } from '../../parts/coatAhead'
import { kindSaid } from '../../parts/kinds'
import { Button } from '../../ui/Button'
import { Waiting } from '../../ui/Waiting'
import { day, hours, money, trim } from '../../ui/words'
import type { Schemas } from '../../app/client'
import { late, type Check, type YearData } from './band'

interface Props {
  data: YearData
  check: Check
  booking: YearData['booked'][0]
  /** the day it is held over now */
  on: string
  onNudge: ((days: number) => void) | null
  onSave: () => void
  onChange: () => void
}

export function Chosen({ data, check, booking, on, onNudge, onSave, onChange }: Props) {
  const { session } = useSession()
  const visit = check.visits.find((v) => v.day === on && v.kind === booking.kind)
  const breaks = check.runs.filter((r) => r.to === on && r.over > 0 && !r.open)
  return (
    <section aria-label="The visit" className="panel space-y-2 p-4">
      <h2 className="text-xl">
        {kindSaid(booking.kind)}, {day(on)}, {booking.time}
      </h2>
      <p className="text-sm text-ink-2">
        {booking.staff ? `with ${booking.staff}` : 'nobody decided'}
        {visit && visit.minutes !== null && ` · about ${hours(visit.minutes)}`}
        {visit && visit.price_minor !== null && ` · ${money(visit.price_minor, session.currency)}`}
        {visit?.load != null && ` · comes with a matting score of ${trim(visit.load)}`}
      </p>
      {booking.first_day && (
        <p className="text-sm text-bracken">
          First booked for {day(booking.first_day)}
          {booking.cause && `; later because of: ${CAUSES[booking.cause] ?? booking.cause}`}
        </p>
      )}
      <p role="status" className="min-h-6">
        {breaks.length === 0 ? (
          <b className="text-moss">Keeps every clock up to here.</b>
        ) : (
          breaks.map((r) => (
            <b key={r.clock} className="mr-2 text-haw">
              {data.clocks.find((c) => c.clock === r.clock)?.label}: {late(r.over)}.
            </b>
          ))
        )}
      </p>
      {visit?.weeks != null && <Coat data={data} weeks={visit.weeks} first={first(check) === on} />}
      {onNudge && (
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => onNudge(-7)}>A week earlier</Button>
          <Button onClick={() => onNudge(7)}>A week later</Button>
          {on !== booking.day && (
            <Button kind="main" onClick={onSave}>
              Move to {day(on)}
            </Button>
          )}
          <Button kind="quiet" onClick={onChange}>
            Other hour, person, cancel…
          </Button>
        </div>
      )}
    </section>
  )
}

const CAUSES: Record<string, string> = {
  salon: 'the salon',
  owner: 'the owner',
  illness: 'illness',
  weather: 'the weather',
  closure: 'a closed day',
}

function first(check: Check): string | undefined {
  return check.visits.find((v) => v.kind === 'full')?.day
}

/** The coat as it will come in: grown from what it carries today, or from the groom before. */
function Coat({ data, weeks, first }: { data: YearData; weeks: number; first: boolean }) {
  const then = useQuery(queries.then(data.dog, 'plan', first ? 'today' : 'plan'))
  const words = useQuery(queries.words())
  if (!then.data || !words.data) return then.error ? null : <Waiting />
  return <Drawn then={then.data} words={words.data.zones} weeks={weeks} first={first} />
}

function Drawn({
  then,
  words,
  weeks,
  first,
}: {
  then: Schemas['ThenView']
  words: Schemas['VocabularyView']['zones']
  weeks: number
  first: boolean
}) {
  const look = useLook(then.dog)
  const [zone, setZone] = useState<string | null>(null)
  const frame = useMemo(
    () => frames(then.now, then.outlook, then.natural, words, 'left', true),
    [then, words],
  )
  const last = then.outlook.weeks[then.outlook.weeks.length - 1] ?? 26
  // Of the first visit the weeks count from the groom before; the curves count from today.
  const ahead = Math.max(0, Math.min(last, first ? weeks - then.outlook.elapsed_weeks : weeks))
  const zones = useMemo(() => frame(Math.round(ahead * 2) / 2), [frame, ahead])
  return (
    <figure>
      <div className="relative h-56">
        <DogDrawing
          look={look}
          zones={zones}
          side="left"
          selected={zone}
          onSelect={setZone}
          name={`${then.dog.name}, as it will come in`}
        />
      </div>
      <figcaption className="text-sm text-ink-2">
        As it will come in, {trim(weeks)} weeks after the groom before.
      </figcaption>
    </figure>
  )
}
