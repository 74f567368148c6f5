// One call of the van: when, whose dogs, how far, what is left after it, what its kit lacks, what breaks it.
import { BatteryMedium, Droplets, Scissors, TriangleAlert } from 'lucide-react'
import { Link } from 'react-router'
import type { Schemas } from '../../app/client'
import { mm } from '../../ui/words'

type Round = Schemas['RoundView']
type Stop = Round['stops'][number]

export function StopCard({
  call,
  stop,
  number,
  van,
}: {
  call: Round['calls'][number]
  stop: Stop
  number: number
  van: Round['van']
}) {
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <b className="text-2xl tabular-nums">{call.begins}</b>
        <span className="text-ink-2">
          to {call.ends} · told {stop.told}
        </span>
        <span className="ml-auto font-bold text-ink-2">no. {number}</span>
      </p>
      <Dogs stop={stop} />
      <p className="text-ink-2">
        {stop.home}, {stop.where}
        {call.drives > 0 ? `, drive ${call.drives} min` : ', the same place'}
      </p>
      <p className="mt-1 flex flex-wrap gap-x-4 text-ink-2">
        <span className="inline-flex items-center gap-1">
          <Droplets aria-hidden className="size-4" />
          {stop.has_water ? 'water there' : `${stop.litres} l`}, {call.litres_left} l left
        </span>
        {van && (
          <span className="inline-flex items-center gap-1">
            <BatteryMedium aria-hidden className="size-4" />
            {stop.has_power ? 'socket there' : `${stop.power_minutes} min`}, {call.power_left} min left
          </span>
        )}
      </p>
      <Broken why={stop.why} />
      <Lacks stop={stop} />
    </>
  )
}

export function Dogs({ stop }: { stop: Stop }) {
  return (
    <p className="text-lg">
      {stop.dogs.map((d, n) => (
        <span key={d.booking}>
          {n > 0 && ', '}
          <Link className="font-bold underline" to={`/dogs/${d.dog}`}>
            {d.name}
          </Link>{' '}
          {d.kind}, {d.minutes} min
          {d.state === 'at_work' && ', at work'}
          {d.state === 'done' && ', done'}
        </span>
      ))}
    </p>
  )
}

export function Broken({ why }: { why: string }) {
  if (!why) return null
  return (
    <p className="mt-1 flex items-start gap-2 font-bold text-haw">
      <TriangleAlert aria-label="Breaks the round" className="mt-1 size-4 shrink-0" />
      {why}
    </p>
  )
}

/** What its cards ask for and the van has not. */
function Lacks({ stop }: { stop: Stop }) {
  const lacks = stop.dogs.flatMap((d) => d.missing.map((m) => ({ ...m, name: d.name })))
  const unknown = stop.dogs.filter((d) => d.unknown)
  if (lacks.length + unknown.length === 0) return null
  return (
    <ul className="mt-1 space-y-1 text-bracken">
      {unknown.map((d) => (
        <li key={d.booking} className="font-bold">
          {d.unknown}
        </li>
      ))}
      {lacks.map((m, n) => (
        <li key={n} className="flex items-start gap-2">
          <Scissors aria-label="Not in the van" className="mt-1 size-4 shrink-0" />
          <span>
            <b>{m.needs}</b> is not in the van ({m.name}: {m.zones[0]}
            {m.zones.length > 1 && ` and ${m.zones.length - 1} more`}).{' '}
            {m.instead === null
              ? 'Nothing in it comes near.'
              : `Nearest: ${m.instead}${off(m.difference_mm)}.`}
          </span>
        </li>
      ))}
    </ul>
  )
}

function off(difference: number | null): string {
  if (!difference) return ''
  return `, ${mm(Math.abs(difference))} ${difference > 0 ? 'longer' : 'shorter'}`
}
