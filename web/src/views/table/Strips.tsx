// What stands over the table: what was agreed, what waits for an answer, a salon that is away, two words
// about one zone, a pause.
import { Away } from '../../ui/Away'
import { Button } from '../../ui/Button'
import { AskOwner } from './AskOwner'
import { Head } from './Head'
import { handWords, type Shown, type TapData } from '../../parts/taps'
import type { useGroom } from './useGroom'

/** Only an hour off or so is worth a word. */
const CLOCK_OFF_S = 120

interface Props {
  at: ReturnType<typeof useGroom>
  groom: Shown
  labels: Record<string, string>
  canWork: boolean
  onTap: (data: TapData) => void
  /** to today's list */
  onList: () => void
}

export function Strips({ at, groom, labels, canWork, onTap, onList }: Props) {
  return (
    <>
      <Head groom={groom} onList={onList} />
      <AskOwner groom={groom} canWork={canWork} />
      {at.away && navigator.onLine && (
        <Away>The salon is not answering. Taps are kept here and sent when it is back.</Away>
      )}
      {Math.abs(at.ahead) > CLOCK_OFF_S && (
        <p role="status" className="bg-slate-soft px-5 py-1 text-sm font-bold text-slate">
          This device&rsquo;s clock is {Math.round(Math.abs(at.ahead) / 60)} minutes{' '}
          {at.ahead > 0 ? 'fast' : 'slow'}. Times are corrected.
        </p>
      )}
      {groom.held.map((h) => (
        <div
          key={h.id + h.zone}
          role="alert"
          className={`flex flex-wrap items-center gap-2 border-b border-bracken bg-bracken-soft px-5 py-1.5
            text-bracken`}
        >
          <p className="min-w-0 flex-1 basis-64 font-bold">
            {labels[h.zone]}: {h.theirs_who} says {h.theirs}, {h.who} says {h.mine}.
          </p>
          <Button
            className="min-h-12 text-ink"
            onClick={() => onTap({ kind: 'choose', held: h.id, zone: h.zone, ok: false })}
          >
            {h.theirs_who} is right
          </Button>
          <Button
            className="min-h-12 text-ink"
            onClick={() => onTap({ kind: 'choose', held: h.id, zone: h.zone, ok: true })}
          >
            {h.who} is right
          </Button>
        </div>
      ))}
      {groom.state === 'paused' && (
        <div
          className={`flex flex-wrap items-center gap-3 border-b border-slate bg-slate-soft px-5 py-2
          text-slate`}
        >
          <p className="min-w-0 flex-1 font-bold">Paused. {groom.hand_over && handWords(groom.hand_over)}</p>
          {canWork && (
            <Button kind="main" className="min-h-14 px-6 text-lg" onClick={() => onTap({ kind: 'resume' })}>
              Go on
            </Button>
          )}
        </div>
      )}
    </>
  )
}
