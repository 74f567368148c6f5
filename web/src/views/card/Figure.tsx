// The big figure of a zone: what its recipe leaves, how sure that is, what it carries today.
import type { Schemas } from '../../app/client'
import { Why } from '../../ui/Why'
import { day, mm, trim } from '../../ui/words'

interface Props {
  /** null: not known yet */
  answer: Schemas['AnswerView'] | null
  busy: boolean
  current: Schemas['CardView']['zones'][number]
  label: string
  onVisit: (visit: string) => void
}

export function Figure({ answer, busy, current, label, onVisit }: Props) {
  const length = answer?.length
  return (
    <div className="rounded-lg bg-well p-3" aria-live="polite" aria-busy={busy}>
      <div className="flex items-baseline gap-3">
        <output className="font-head text-4xl font-bold" data-testid="finished">
          {length ? (length.finished_mm === null ? 'unknown' : mm(length.finished_mm)) : '…'}
        </output>
        {length?.inch && <span className="text-lg text-ink-2">{length.inch}″</span>}
        {length && <Why of={`what ${label} is left at`} reasons={length.reasons} onVisit={onVisit} />}
      </div>
      {length && length.low_mm !== null && (
        <p className="text-sm text-ink-2">
          {length.estimated ? 'an estimate, ' : ''}between {trim(length.low_mm)} and{' '}
          {trim(length.high_mm ?? 0)} mm
          {current.now_mm !== null && ` · carries about ${mm(current.now_mm)} today`}
        </p>
      )}
      {current.recipe?.exception && (
        <p className="text-sm font-bold text-haw">
          Exception patch
          {current.fill_back_on ? `: grown out by ${day(current.fill_back_on)}` : ''}
        </p>
      )}
    </div>
  )
}
