// Timers: they belong to the dog, run on whatever device looks at it, and say in words what to do when they
// are up.
import { clock as timeOf } from '../../ui/words'
import { Play, Square, Thermometer } from 'lucide-react'
import { useState } from 'react'
import { api, ApiError, take } from '../../app/client'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import type { Shown, TapData, TimerData } from '../../parts/taps'
import { useSince } from './useGroom'

interface Props {
  groom: Shown
  /** that would run now: the base under a guard */
  blade: string | null
  canWork: boolean
  onTap: (data: TapData) => void
}
const LABELS: Record<string, string> = {
  clipping: 'Clipper',
  dwell: 'Shampoo',
  drying: 'Drying',
  rest: 'Rest',
  acclimatising: 'Settling',
  undercoat: 'Undercoat',
}

export function Timers({ groom, blade, canWork, onTap }: Props) {
  const since = useSince(groom.now, groom.age_ms ?? 0) / 1000
  const toast = useToast()
  const [reading, setReading] = useState(false)
  const double = groom.dog.coat.includes('double')
  const shown = groom.timers.filter((t) => t.timer !== 'undercoat' || double || t.running)
  const loud = shown.filter((t) => t.running || t.level === 'warn' || t.level === 'stop')
  const start = (t: TimerData) =>
    onTap({
      kind: 'timer',
      timer: t.timer,
      on: true,
      ...(t.timer === 'clipping' ? { blade: blade ?? t.blade ?? '10' } : {}),
    })
  const stop = (t: TimerData) => onTap({ kind: 'timer', timer: t.timer, on: false })
  const probe = async (label: string) => {
    setReading(true)
    try {
      const { celsius } = await take(
        api.POST('/api/grooms/{id}/probe/answer', {
          params: { path: { id: groom.id } },
          body: { blade: label },
        }),
      )
      onTap({ kind: 'reading', blade: label, celsius })
      toast({ text: `${label} blade: ${celsius} °C` })
    } catch (e) {
      toast({ text: e instanceof ApiError ? e.message : 'The probe did not answer.', bad: true })
    }
    setReading(false)
  }
  return (
    <section aria-label="Timers" className="space-y-2 border-t border-line p-2">
      {loud.map((t) => {
        const left = t.left_s === null ? null : t.left_s - (t.running ? since : 0)
        const due = t.level === 'stop' || t.level === 'warn' || (left !== null && left <= 0)
        const heat = t.level === 'stop' || t.level === 'warn'
        return (
          <div
            key={t.timer}
            role={due ? 'alert' : 'group'}
            aria-label={`${LABELS[t.timer]} timer`}
            className={`rounded-md border-2 px-2 py-1
              ${due ? 'border-haw bg-haw-soft text-haw' : 'border-moss bg-moss-soft text-moss'}`}
          >
            <div className="flex items-center gap-2">
              <span className="min-w-0 flex-1 font-bold">
                {LABELS[t.timer]}
                {t.blade && ` ${t.blade}`}
                <span className="ml-2 font-head text-2xl tabular-nums">
                  {left === null ? clock(t.ran_s + since) : left > 0 ? clock(left) : `+${clock(-left)}`}
                </span>
              </span>
              {t.reasons.length > 0 && <Why of={LABELS[t.timer] ?? t.timer} reasons={t.reasons} />}
              {canWork && t.timer === 'clipping' && t.blade && (
                <>
                  <Button
                    className="min-h-12 px-3 text-ink"
                    disabled={reading}
                    onClick={() => void probe(t.blade ?? '')}
                    aria-label="Read the thermometer"
                  >
                    <Thermometer aria-hidden className="size-5" />
                  </Button>
                  <Button
                    className="min-h-12 px-3 text-ink"
                    onClick={() => onTap({ kind: 'felt', blade: t.blade })}
                  >
                    Felt cool
                  </Button>
                </>
              )}
              {canWork && t.timer === 'drying' && t.running && (
                <Button
                  className="min-h-12 px-3 text-ink"
                  onClick={() => onTap({ kind: 'welfare', ok: true })}
                >
                  Looked: well
                </Button>
              )}
              {canWork && t.running && (
                <Button
                  className="min-h-12 px-3 text-ink"
                  onClick={() => stop(t)}
                  aria-label={`Stop ${LABELS[t.timer]}`}
                >
                  <Square aria-hidden className="size-5" />
                </Button>
              )}
            </div>
            {due && <p className="text-sm font-bold">{heat ? t.words : t.due_words}</p>}
            {!due &&
              t.cautions
                .filter((c) => c.code === 'never_unattended')
                .map((c) => (
                  <p key={c.code} className="text-sm font-bold">
                    {c.message}
                  </p>
                ))}
            {t.forgotten && (
              <p className="text-sm font-bold">
                Running since {t.since && timeOf(t.since)} on {t.who}&rsquo;s device: is it really? Stop it
                here if not.
              </p>
            )}
          </div>
        )
      })}
      {canWork && groom.state !== 'closed' && (
        <div className="flex gap-1.5 max-sm:flex-wrap" role="group" aria-label="Start a timer">
          {/* One that runs keeps its place, or another would come to lie under the thumb. */}
          {shown.map((t) => (
            <Button
              key={t.timer}
              className="min-h-12 flex-1 flex-col gap-0 !px-1 text-xs leading-tight"
              disabled={t.running}
              onClick={() => start(t)}
              aria-label={t.running ? `${LABELS[t.timer]} runs` : `Start ${LABELS[t.timer]}`}
            >
              <Play aria-hidden className="size-4" /> {LABELS[t.timer]}
              {t.timer === 'clipping' && (blade ?? t.blade) && ` ${blade ?? t.blade}`}
            </Button>
          ))}
        </div>
      )}
    </section>
  )
}

export function clock(seconds: number): string {
  const s = Math.max(0, Math.floor(seconds))
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
}
