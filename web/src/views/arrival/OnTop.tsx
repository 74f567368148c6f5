// What is asked for on top of the visit, each at its own price: what the price list of the day has.
import { Check } from 'lucide-react'
import { useSession } from '../../app/session'
import { VISIT_KINDS } from '../../parts/kinds'
import type { ArrivalData } from '../../parts/comb'
import { money } from '../../ui/words'
import { useKind } from './useKind'

interface Props {
  arrival: ArrivalData
  canWork: boolean
  settled: boolean
}

export function OnTop({ arrival, canWork, settled }: Props) {
  const { session } = useSession()
  const change = useKind(arrival)
  const asked = arrival.extras.map((e) => e.name)
  // What was asked for keeps its price of then, and stays to be taken out.
  const there = [...arrival.extras, ...arrival.extras_offered.filter((o) => !asked.includes(o.name))].sort(
    (a, b) => place(arrival, a.name) - place(arrival, b.name),
  )
  const kind = VISIT_KINDS.find((k) => k.id === arrival.kind)
  if (there.length === 0 || !kind) return null
  return (
    <fieldset disabled={!canWork || !settled || change.isPending}>
      <legend className="mb-1 font-head text-lg font-bold">Asked for on top</legend>
      <div className="flex flex-wrap gap-2">
        {there.map((e) => {
          const on = asked.includes(e.name)
          return (
            <button
              key={e.name}
              type="button"
              aria-pressed={on}
              className={`flex min-h-11 items-center gap-2 rounded-md border-2 px-3 disabled:opacity-60
                ${on ? 'border-thistle bg-thistle-soft font-bold' : 'border-line bg-sheet'}`}
              onClick={() =>
                change.mutate({
                  kind: kind.id,
                  extras: on ? asked.filter((n) => n !== e.name) : [...asked, e.name],
                })
              }
            >
              {on && <Check aria-hidden className="size-5 text-thistle" />}
              {e.name}
              <span className="font-normal text-ink-2">
                {money(e.minor, session.currency)}
                {e.minutes > 0 && `, ${e.minutes} min`}
              </span>
            </button>
          )
        })}
      </div>
    </fieldset>
  )
}

function place(arrival: ArrivalData, name: string): number {
  const i = arrival.extras_offered.findIndex((o) => o.name === name)
  return i < 0 ? arrival.extras_offered.length : i
}
