// The feet one by one: bare pads, and nails from outside in, the dewclaw last; not seen is not fine.
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { FEET, type Claw, type Foot } from './hands'
import { isOf } from '../../parts/lists'

const NOT_SEEN: Claw = 'not_seen'
/** Nails of a foot before anybody has looked: the dewclaw is added where there is one. */
const FOUR: Claw[] = Array.from({ length: 4 }, () => NOT_SEEN)

interface Props {
  pads: Partial<Record<Foot, number | null>>
  nails: Partial<Record<Foot, Claw[]>>
  words: Schemas['VocabularyView']
  errors: Record<string, string>
  onPads: (foot: Foot, bare: number | null) => void
  onNails: (foot: Foot, nails: Claw[]) => void
}

export function Feet({ pads, nails, words, errors, onPads, onNails }: Props) {
  return (
    <div>
      <h3 className="mb-1 text-sm font-bold">Feet: bare pads of five, nails from outside in, dewclaw last</h3>
      <div className="space-y-3">
        {FEET.map((f) => {
          const name = f.replace('_', ' ')
          const mine = nails[f] ?? []
          return (
            <div key={f} className="rounded-md bg-well p-2">
              <div className="flex flex-wrap items-center gap-2">
                <b className="w-24">{name}</b>
                <label className="flex items-center gap-1 text-sm">
                  pads
                  <select
                    className="field min-h-11 w-auto py-1"
                    value={pads[f] ?? ''}
                    onChange={(e) => onPads(f, e.target.value === '' ? null : Number(e.target.value))}
                  >
                    <option value="">–</option>
                    {[0, 1, 2, 3, 4, 5].map((n) => (
                      <option key={n}>{n}</option>
                    ))}
                  </select>
                </label>
                {mine.map((state, i) => (
                  <select
                    key={i}
                    aria-label={`${name}, nail ${i + 1}`}
                    className="field min-h-11 w-auto py-1 text-sm"
                    value={state}
                    onChange={(e) => {
                      const now = e.target.value
                      if (now === '-') onNails(f, mine.toSpliced(i, 1))
                      else if (isOf<Claw>(words, 'claw', now)) onNails(f, mine.with(i, now))
                    }}
                  >
                    {words.lists.claw.map((o) => (
                      <option key={o.id} value={o.id}>
                        {o.label}
                      </option>
                    ))}
                    <option value="-">take out</option>
                  </select>
                ))}
                <Button
                  kind="quiet"
                  className="text-sm"
                  onClick={() => onNails(f, mine.length === 0 ? FOUR : [...mine, NOT_SEEN])}
                >
                  {mine.length === 0 ? 'nails' : '+ nail'}
                </Button>
                {mine.includes(NOT_SEEN) && (
                  <Button
                    kind="quiet"
                    className="text-sm"
                    aria-label={`${name}: all nails fine`}
                    onClick={() =>
                      onNails(
                        f,
                        mine.map(() => 'fine'),
                      )
                    }
                  >
                    all fine
                  </Button>
                )}
              </div>
              {errors[`claws.${f}`] && (
                <p className="text-sm font-bold text-haw">Nails {errors[`claws.${f}`]}</p>
              )}
            </div>
          )
        })}
      </div>
    </div>
  )
}
