// The dog's own steps in their order: done, in hand, still to come; any of them can be taken in hand.
import { Check, Undo2 } from 'lucide-react'
import { WAITS } from '../../dog/zone'
import { Button } from '../../ui/Button'
import { handWords, type Shown, type TapData } from '../../parts/taps'

interface Props {
  groom: Shown
  labels: Record<string, string>
  inHand: string | null
  canWork: boolean
  onTap: (data: TapData) => void
  onPick: (key: string) => void
}

export function Steps({ groom, labels, inHand, canWork, onTap, onPick }: Props) {
  return (
    <div className="p-3">
      {groom.hand_over && (
        <p className="mb-2 rounded-md bg-slate-soft px-3 py-2 text-sm font-bold text-slate">
          {handWords(groom.hand_over)}
        </p>
      )}
      {groom.notices.length > 0 && (
        <ul
          className={`mb-2 list-disc rounded-md bg-bracken-soft py-2 pl-8 pr-3 text-sm font-bold
          text-bracken`}
        >
          {groom.notices.map((n) => (
            <li key={n}>{n}</li>
          ))}
        </ul>
      )}
      <ol className="divide-y divide-line">
        {groom.steps.map((s, i) => {
          const over = s.state === 'done' || s.state === 'skipped'
          return (
            <li
              key={s.key}
              className={`flex items-center gap-3 py-1.5
                ${s.key === inHand ? 'rounded-md bg-thistle-soft px-2' : ''}`}
            >
              <span className="w-7 shrink-0 text-right font-head font-bold text-ink-2">
                {over ? <Check aria-label="done" className="ml-auto size-5 text-moss" /> : i + 1}
              </span>
              <div className="min-w-0 flex-1">
                <p className={over ? 'text-ink-2' : 'font-bold'}>
                  {s.title}
                  {s.tool && <span className="text-thistle"> · {s.tool}</span>}
                  {s.base && <span className="text-thistle"> over {s.base}</span>}
                  {s.minutes !== null && !over && (
                    <span className="font-normal text-ink-2"> · {Math.round(s.minutes)} min</span>
                  )}
                  {s.state === 'begun' && <span className="text-bracken"> · begun</span>}
                  {s.state === 'skipped' && ` · left out${s.why ? `: ${s.why}` : ''}`}
                </p>
                {s.zones.length > 0 && (
                  <p className="text-sm text-ink-2">{s.zones.map((z) => labels[z]).join(', ')}</p>
                )}
                {!over && s.waits && <p className="text-sm font-bold text-haw">{WAITS[s.waits].words}</p>}
                {!over && s.moved && <p className="text-sm text-slate">{s.moved}</p>}
                {over && s.who && <p className="text-sm text-ink-2">{s.who}</p>}
              </div>
              {canWork &&
                (over ? (
                  s.zones.length === 0 && (
                    <Button
                      kind="quiet"
                      className="min-h-12 px-3"
                      onClick={() => onTap({ kind: 'step', step: s.key, state: 'open' })}
                      aria-label={`Open ${s.title} again`}
                    >
                      <Undo2 aria-hidden className="size-5" />
                    </Button>
                  )
                ) : (
                  <Button className="min-h-12 px-3" disabled={s.key === inHand} onClick={() => onPick(s.key)}>
                    {s.key === inHand ? 'in hand' : 'take it'}
                    <span className="sr-only">: {[s.title, s.tool].filter(Boolean).join(', ')}</span>
                  </Button>
                ))}
            </li>
          )
        })}
      </ol>
    </div>
  )
}
