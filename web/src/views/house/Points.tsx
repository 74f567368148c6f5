// The points on which good groomers differ, by what of the work they change; found by their words.
import { Search } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Example } from './Example'

type House = Schemas['HouseStyleView']
type Point = House['schools'][number]

interface Props {
  house: House
  /** side by point */
  chosen: Record<string, string>
  canChange: boolean
  errors: Record<string, string>
  onChoose: (point: string, side: string) => void
}

export function Points({ house, chosen, canChange, errors, onChoose }: Props) {
  const [find, setFind] = useState('')
  const words = find.trim().toLowerCase().split(/\s+/)
  const says = (s: Point) =>
    [s.label, s.changes, ...s.sides.flatMap((side) => [side.what, side.why])].join(' ').toLowerCase()
  const byPoint = new Map(house.schools.map((s) => [s.point, s]))
  const groups = house.school_groups
    .map((g) => ({
      label: g.label,
      points: g.points
        .flatMap((p) => byPoint.get(p) ?? [])
        .filter((s) => words.every((w) => says(s).includes(w)) || errors[`schools.${s.point}`]),
    }))
    .filter((g) => g.points.length > 0)
  const count = groups.reduce((n, g) => n + g.points.length, 0)
  return (
    <section className="panel" aria-labelledby="points">
      <div className="flex flex-wrap items-end justify-between gap-3 p-4 pb-2">
        <h2 id="points" className="text-lg">
          Our way of doing it
        </h2>
        <label className="relative min-w-60">
          <span className="sr-only">Find a point</span>
          <Search aria-hidden className="pointer-events-none absolute left-3 top-3 size-5 text-ink-2" />
          <input
            type="search"
            className="field pl-10"
            placeholder="Find: ears, bath, direction …"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </label>
      </div>
      <p role="status" className="px-4 pb-2 text-sm text-ink-2">
        {find.trim() === '' ? '' : count === 0 ? `No point speaks of “${find.trim()}”.` : `${count} found`}
      </p>
      {groups.map((g) => (
        <section key={g.label} aria-label={g.label} className="border-t-2 border-line">
          <h3 className="px-4 pt-3 text-base text-ink-2">{g.label}</h3>
          <div className="divide-y divide-line">
            {g.points.map((s) => (
              <One
                key={s.point}
                s={s}
                schools={chosen}
                chosen={chosen[s.point]}
                canChange={canChange}
                error={errors[`schools.${s.point}`]}
                onChoose={(side) => onChoose(s.point, side)}
              />
            ))}
          </div>
        </section>
      ))}
    </section>
  )
}

interface OneProps {
  s: Point
  schools: Record<string, string>
  chosen: string | undefined
  canChange: boolean
  error: string | undefined
  onChoose: (side: string) => void
}

function One({ s, schools, chosen, canChange, error, onChoose }: OneProps) {
  const [shown, setShown] = useState(false)
  return (
    <div className="p-4">
      <fieldset disabled={!canChange} className="grid gap-2 md:grid-cols-[12rem_1fr]">
        <legend className="sr-only">
          {s.label}: changes {s.changes}
        </legend>
        <span aria-hidden>
          <b className="block">{s.label}</b>
          <span className="block text-sm text-ink-2">Changes {s.changes}.</span>
        </span>
        <div>
          <div role="radiogroup" aria-label={s.label} className="grid gap-2 sm:grid-cols-2">
            {s.sides.map((side) => (
              <label
                key={side.id}
                className={`flex min-h-12 cursor-pointer items-start gap-3 rounded-md border p-2.5
                    ${chosen === side.id ? 'border-thistle bg-thistle-soft' : 'border-line'}`}
              >
                <input
                  type="radio"
                  name={s.point}
                  className="mt-0.5 size-5 shrink-0 accent-thistle"
                  checked={chosen === side.id}
                  onChange={() => {
                    onChoose(side.id)
                  }}
                />
                <span>
                  {side.what}
                  <span className="block text-sm text-ink-2">{side.why}</span>
                </span>
              </label>
            ))}
          </div>
          {error && (
            <p role="alert" className="mt-1 text-sm font-bold text-haw">
              {error}
            </p>
          )}
        </div>
      </fieldset>
      <Button
        kind="quiet"
        className="mt-1 text-sm"
        aria-expanded={shown}
        aria-label={`${s.label}: show on an example dog`}
        onClick={() => setShown(!shown)}
      >
        {shown ? 'Hide the example' : 'Show on an example dog'}
      </Button>
      {shown && <Example point={s.point} schools={schools} sides={s.sides} />}
    </div>
  )
}
