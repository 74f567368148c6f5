// The few answers a wet thumb can give: done, partly, later, not needed, differently, back one.
import { Check, CheckCheck, CircleSlash, Clock3, Ellipsis, Undo2, Wrench } from 'lucide-react'
import { useState } from 'react'
import { Button } from '../../ui/Button'
import { WHY_LATER, WHY_PARTLY, WHY_SKIPPED } from '../../parts/reasons'

interface Props {
  /** what is done with one tap */
  done: string
  /** the step has zones, or a zone is in hand */
  byZone: boolean
  /** nothing is planned there: it cannot be done as planned */
  unplanned: boolean
  /** it waits: it cannot be done yet */
  waits: boolean
  /** a hit now is meant for what is in hand */
  settled: () => boolean
  onSay: (state: string, why?: string) => void
  /** what follows of the same work, in words; null: nothing does */
  run: string | null
  onRun: () => void
  onOtherwise: () => void
  /** takes the last tap back; null: there is none */
  onBack: (() => void) | null
}

export function Acts({
  done,
  byZone,
  unplanned,
  waits,
  settled,
  run,
  onRun,
  onSay,
  onOtherwise,
  onBack,
}: Props) {
  const [asking, setAsking] = useState<'partly' | 'deferred' | 'skipped' | null>(null)
  const say = (state: string, why = '') => {
    if (!settled()) return
    setAsking(null)
    onSay(state, why)
  }
  const reasons = asking === 'partly' ? WHY_PARTLY : asking === 'deferred' ? WHY_LATER : WHY_SKIPPED
  const action = 'min-h-14 short:min-h-11 flex-1 basis-20 flex-col gap-0 !px-1 text-sm'
  return (
    <div
      className="space-y-2 border-t border-line bg-sheet p-3 narrow:sticky
            narrow:bottom-(--foot) narrow:z-10 short:sticky short:bottom-0 short:z-10 short:p-1.5"
      data-testid="actions"
    >
      {asking ? (
        <div role="group" aria-label="Why" className="flex flex-wrap gap-2">
          {reasons.map((why) => (
            <Button key={why} className="min-h-14 flex-1 basis-32" onClick={() => say(asking, why)}>
              {why}
            </Button>
          ))}
          <Button kind="quiet" className="min-h-14" onClick={() => setAsking(null)}>
            back
          </Button>
        </div>
      ) : (
        <>
          {!unplanned && !waits && (
            <Button
              kind="main"
              className="min-h-16 w-full text-2xl short:min-h-12 short:text-xl"
              onClick={() => say('done')}
              data-testid="done"
            >
              <Check aria-hidden className="size-8" /> {done}
            </Button>
          )}
          {run && (
            <Button
              className="min-h-12 w-full short:min-h-11"
              onClick={() => settled() && onRun()}
              data-testid="run"
            >
              <CheckCheck aria-hidden className="size-5" /> {run}
            </Button>
          )}
          <div className="flex gap-2 max-sm:flex-wrap">
            {byZone ? (
              <>
                {!unplanned && (
                  <Button className={action} onClick={() => settled() && setAsking('partly')}>
                    <Ellipsis aria-hidden className="size-5" /> Partly
                  </Button>
                )}
                <Button className={action} onClick={() => settled() && setAsking('deferred')}>
                  <Clock3 aria-hidden className="size-5" /> Later
                </Button>
                <Button className={action} onClick={() => say('not_needed')}>
                  <CircleSlash aria-hidden className="size-5" /> Not needed
                </Button>
                <Button className={action} onClick={() => settled() && onOtherwise()}>
                  <Wrench aria-hidden className="size-5" /> Differently
                </Button>
              </>
            ) : (
              <Button className={action} onClick={() => settled() && setAsking('skipped')}>
                <CircleSlash aria-hidden className="size-5" /> Leave it out
              </Button>
            )}
            <BackOne onBack={onBack} settled={settled} />
          </div>
        </>
      )}
    </div>
  )
}

export function BackOne({ onBack, settled }: { onBack: (() => void) | null; settled: () => boolean }) {
  return (
    <Button
      className="min-h-14 flex-1 basis-20 flex-col gap-0 !px-1 text-sm short:min-h-11"
      disabled={onBack === null}
      onClick={() => settled() && onBack?.()}
    >
      <Undo2 aria-hidden className="size-5" /> Back one
    </Button>
  )
}
