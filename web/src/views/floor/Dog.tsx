// One dog of today: where it is, until when, what comes next for it, and the one tap for it.
import { TriangleAlert } from 'lucide-react'
import { Link } from 'react-router'
import { useSession } from '../../app/session'
import { DateSaid } from '../../parts/DateSaid'
import { kindSaid } from '../../parts/kinds'
import { PARTS } from '../../parts/visitParts'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { clock, hours, money } from '../../ui/words'
import { Missed } from './Missed'
import { leftSaid, nextPart, TRACK, type FloorDog } from './floor'
import { usePhase } from './usePhase'

export function Dog({ dog, onFetched }: { dog: FloorDog; onFetched: () => void }) {
  return (
    <li
      className={`panel grid gap-x-4 gap-y-2 border-l-8 p-3 sm:grid-cols-[minmax(0,1fr)_auto]
        ${dog.late > 0 ? 'border-l-haw' : dog.stage === 'table' ? 'border-l-thistle' : 'border-l-line'}`}
    >
      <div className="min-w-0 space-y-1">
        <p className="flex flex-wrap items-baseline gap-x-3">
          <Link
            className="font-head text-xl font-bold underline-offset-2 hover:underline"
            to={`/dogs/${dog.dog}`}
          >
            {dog.name}
          </Link>
          <span>{kindSaid(dog.kind).toLowerCase()}</span>
          {dog.who && <span className="text-ink-2">with {dog.who.split(' ')[0]}</span>}
          {dog.place && <span className="text-sm text-ink-2">{dog.place}</span>}
        </p>
        <p className="text-sm">
          <Where dog={dog} />
        </p>
        {['table', 'rests'].includes(dog.stage) && <Track dog={dog} />}
        {dog.timers.map((t) => (
          <p
            key={t.timer}
            className={`text-sm font-bold ${['stop', 'due'].includes(t.level) ? 'text-haw' : 'text-bracken'}`}
          >
            {t.label}: {t.words}
          </p>
        ))}
        {dog.stage !== 'gone' && (dog.answer || dog.told || dog.proof) && (
          <p className="flex flex-wrap gap-x-4">
            <DateSaid date={dog} />
          </p>
        )}
        {dog.cautions.length > 0 && dog.stage !== 'gone' && (
          <p className="flex items-start gap-1 text-sm text-haw">
            <TriangleAlert aria-hidden className="mt-0.5 size-4 shrink-0" />
            <span>
              <span className="sr-only">Careful: </span>
              {dog.cautions.join(' · ')}
            </span>
          </p>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-3 sm:flex-col sm:items-end sm:justify-between">
        <Times dog={dog} />
        <Act dog={dog} onFetched={onFetched} />
      </div>
    </li>
  )
}

function Where({ dog }: { dog: FloorDog }) {
  const { session } = useSession()
  const next = dog.next && dog.next_at && (
    <span className="text-ink-2">
      {' '}
      · next: {PARTS[dog.next] ?? dog.next}, {dog.next_at}
    </span>
  )
  switch (dog.stage) {
    case 'expected':
      return (
        <>
          {dog.booked !== null && <>Expected at {dog.booked}</>}
          {dog.missing >= MISSED_MIN && <b className="text-bracken">, {hours(dog.missing)} ago</b>}
          {dog.phone && (
            <span className="text-ink-2">
              {' '}
              · {dog.home}, {dog.phone}
            </span>
          )}
        </>
      )
    case 'here':
      return (
        <>
          <b>Waits{dog.waits !== null && ` for ${dog.waits} min`}</b>
          {next}
        </>
      )
    case 'rests':
      return <b className="text-bracken">Rests{dog.since && ` since ${clock(dog.since)}`}</b>
    case 'ready':
      return (
        <>
          <b className="text-moss">Ready{dog.since && ` since ${clock(dog.since)}`}</b>
          {dog.fetched_late > 0 && (
            <span className="text-bracken">
              {' '}
              · {dog.fetched_late} min past the time told
              {dog.late_fee_minor > 0 && `, house terms: ${money(dog.late_fee_minor, session.currency)}`}
            </span>
          )}
          {dog.phone && (
            <span className="text-ink-2">
              {' '}
              · {dog.home}, {dog.phone}
            </span>
          )}
        </>
      )
    case 'gone':
      return (
        <span className="text-ink-2">
          {dog.left_with && `With ${dog.left_with.with} at ${clock(dog.left_with.at)}`}
        </span>
      )
    default:
      return (
        <>
          <b>{dog.part === 'ready' ? 'Done at the table' : sentenceOf(dog.part)}</b>
          {dog.since && ` since ${clock(dog.since)}`}
          {next}
        </>
      )
  }
}

function sentenceOf(part: string | null): string {
  const said = PARTS[part ?? ''] ?? 'at the table'
  return said.charAt(0).toUpperCase() + said.slice(1)
}

/** Behind, here, ahead. */
const TONES = ['border-moss text-moss', 'border-thistle font-bold text-thistle', 'border-line text-ink-2']

function Track({ dog }: { dog: FloorDog }) {
  const at = TRACK.findIndex(([id]) => id === dog.part)
  const shown = TRACK.filter(([id]) => id !== 'strip' || dog.part === 'strip')
  return (
    <ol aria-label="How far" className="flex gap-1 text-xs">
      {shown.map(([id, label]) => {
        const n = TRACK.findIndex(([t]) => t === id)
        return (
          <li
            key={id}
            aria-current={n === at ? 'step' : undefined}
            className={`min-w-12 flex-1 border-t-4 pt-0.5 sm:flex-none
              ${TONES[Math.sign(n - at) + 1]}`}
          >
            {n < at && '✓ '}
            {label}
          </li>
        )
      })}
    </ol>
  )
}

function Times({ dog }: { dog: FloorDog }) {
  if (dog.stage === 'gone' || dog.promised === null) return null
  return (
    <p className="text-right leading-tight">
      {dog.ready && (
        <span className="block font-head text-xl font-bold">
          {dog.ready}
          <span className="sr-only"> ready</span>
        </span>
      )}
      <span className="block text-sm text-ink-2">promised {dog.promised}</span>
      {dog.left !== null && dog.stage !== 'ready' && (
        <span
          className={`block text-sm font-bold ${dog.late > 0 || dog.left < 0 ? 'text-haw' : 'text-moss'}`}
        >
          {dog.late > 0 ? `${dog.late} min late` : leftSaid(dog)}
        </span>
      )}
    </p>
  )
}

/** So late that it may not come at all. */
const MISSED_MIN = 15

/** The one thing that comes next. */
function Act({ dog, onFetched }: { dog: FloorDog; onFetched: () => void }) {
  const { may } = useSession()
  const { tell, takeBack, waiting } = usePhase(dog)
  const next = nextPart(dog)
  if (dog.stage === 'expected')
    return (
      <span className="flex flex-wrap justify-end gap-2">
        {dog.missing >= MISSED_MIN && may('book') && <Missed dog={dog} />}
        {may('visit') && <LinkButton to={`/dogs/${dog.dog}/arrival`}>It is here</LinkButton>}
      </span>
    )
  if (dog.stage === 'here' && may('visit'))
    return (
      <span className="flex flex-wrap justify-end gap-2">
        {dog.arrival && <LinkButton to={`/arrivals/${dog.arrival}`}>Arrival</LinkButton>}
        <LinkButton to={`/dogs/${dog.dog}/table`}>To the table</LinkButton>
      </span>
    )
  if (['table', 'rests'].includes(dog.stage) && dog.groom)
    return (
      <span className="flex flex-wrap justify-end gap-2">
        {may('visit') && next && (
          <Button disabled={waiting} onClick={() => tell(next[0])} aria-label={`${dog.name}: ${next[1]}`}>
            → {next[1]}
          </Button>
        )}
        <LinkButton to={`/grooms/${dog.groom}`} aria-label={`Table of ${dog.name}`}>
          Table
        </LinkButton>
      </span>
    )
  // Nobody goes home before the table is closed.
  if (dog.stage === 'ready' && dog.part !== null)
    return <LinkButton to={`/grooms/${dog.groom}/finish`}>Finish</LinkButton>
  const pays = dog.groom && !dog.paid && may('money') && (
    <LinkButton to={`/till?arrival=${dog.arrival ?? ''}`} aria-label={`Pay for ${dog.name}`}>
      Pay
    </LinkButton>
  )
  if (dog.stage === 'ready' && may('book'))
    return (
      <span className="flex flex-wrap justify-end gap-2">
        {pays}
        <Button onClick={onFetched} aria-label={`${dog.name} went home…`}>
          Went home…
        </Button>
      </span>
    )
  if (dog.stage === 'gone' && may('book'))
    return (
      <span className="flex flex-wrap justify-end gap-2">
        {pays}
        <Button kind="quiet" disabled={waiting} onClick={takeBack} aria-label={`${dog.name} is still here`}>
          Still here
        </Button>
      </span>
    )
  return null
}
