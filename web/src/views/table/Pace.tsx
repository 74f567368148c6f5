// What keeps the work waiting, and the dog from it: bone dry or not, a rest that is due, a dog that tires.
import { Button } from '../../ui/Button'
import type { Shown, TapData } from '../../parts/taps'

interface Props {
  groom: Shown
  /** minutes since the salon said how things stand */
  since: number
  canWork: boolean
  onTap: (data: TapData) => void
}

/** A rest is spoken of from so many minutes before it is due. */
const SOON = 2

export function Pace({ groom, since, canWork, onTap }: Props) {
  const waiting = groom.zones.some((z) => z.waits === 'dry')
  const left = Math.ceil(groom.rest_in - (groom.state === 'open' ? since : 0))
  const rest = groom.timers.find((t) => t.timer === 'rest')
  const asks = groom.asks_ready && groom.ready === null
  const due = groom.state === 'open' && left <= SOON && !rest?.running
  if (!canWork || (!asks && !waiting && !due)) return null
  return (
    <div className="space-y-2 border-t border-line p-3">
      {(asks || waiting) && (
        <div role="group" aria-label="Bone dry" className="rounded-md bg-slate-soft px-3 py-2 text-slate">
          <p className="font-bold">
            {waiting
              ? 'Guards wait until it is bone dry. Bare blades and scissors may go on; or a second visit.'
              : 'Not blown dry: feel armpits, groin and behind the ears before a guard goes on. Bone dry?'}
          </p>
          <div className="mt-1 flex gap-2">
            <Button className="min-h-12 flex-1 text-ink" onClick={() => onTap({ kind: 'ready', ok: true })}>
              {waiting ? 'Bone dry now' : 'Yes, bone dry'}
            </Button>
            {!waiting && (
              <Button
                className="min-h-12 flex-1 text-ink"
                onClick={() => onTap({ kind: 'ready', ok: false })}
              >
                Still damp
              </Button>
            )}
          </div>
        </div>
      )}
      {due && (
        <div
          role="alert"
          className="flex items-center gap-2 rounded-md bg-bracken-soft px-3 py-2 text-bracken"
        >
          <p className="min-w-0 flex-1 font-bold">
            {left <= 0
              ? `Rest and water: ${groom.rest_every - left} minutes without one.`
              : `Rest and water in ${left} min.`}
          </p>
          <Button
            className="min-h-12 text-ink"
            onClick={() => onTap({ kind: 'timer', timer: 'rest', on: true })}
          >
            Rest now
          </Button>
        </div>
      )}
    </div>
  )
}
