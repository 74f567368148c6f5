// What follows from a zone's recipe: cautions, how it grows back, this kit, how it meets its neighbours.
import type { Schemas } from '../../app/client'
import { CautionLine } from '../../parts/Cautions'
import { Why } from '../../ui/Why'
import { mm } from '../../ui/words'
import { HardLine } from './HardLine'

type Word = Schemas['VocabularyView']['zones'][number]

export function ZoneAnswers({
  answer,
  dogId,
  canChange,
  zones,
  onZone,
  onOption,
}: {
  answer: Schemas['AnswerView']
  dogId: string
  canChange: boolean
  zones: Record<string, Word>
  onZone: (zone: string) => void
  onOption?: (option: Schemas['AnswerView']['options'][number]) => void
}) {
  const { length, recovery, here, blends, options } = answer
  const warnings = [...length.warnings, ...(recovery?.warnings ?? [])].sort(
    (a, b) => rank(a.level) - rank(b.level),
  )
  const meet = blends.filter((b) => b.blend !== 'none')
  return (
    <div className="space-y-3">
      {warnings.map((w) => (
        <CautionLine key={w.code} caution={w} />
      ))}
      {recovery && recovery.level !== 'none' && (
        <p className="text-sm">
          Back to {mm(recovery.back_to_mm)}: <b>{recovery.message}</b>{' '}
          <Why of="how long it takes to grow back" reasons={recovery.reasons} />
        </p>
      )}
      {!here.makes && (
        <p className="rounded-md border-l-4 border-bracken bg-bracken-soft px-3 py-1.5 text-sm text-bracken">
          <b>Not in this kit.</b> Nearest here: {here.words}
          {here.lay && here.lay !== 'with' && ` ${here.lay} the lay`}
          {here.finished_mm !== null &&
            `, ${mm(here.finished_mm)} (${(here.difference_mm ?? 0) > 0 ? '+' : ''}${here.difference_mm})`}
          {!here.close && ' – too far off to pass for the same'}
        </p>
      )}
      {options.length > 1 && onOption && (
        <details className="text-sm">
          <summary className="min-h-8 font-bold text-ink-2">The same length another way</summary>
          <div className="mt-2 flex flex-wrap gap-1.5">
            {options.map((o) => (
              <button
                key={o.words + o.lay}
                type="button"
                className="min-h-11 rounded-md border border-line bg-sheet px-2.5 hover:bg-well"
                onClick={() => onOption(o)}
              >
                {o.words}
                {o.lay !== 'with' && `, ${o.lay}`} <b>{mm(o.finished_mm)}</b>
              </button>
            ))}
          </div>
        </details>
      )}
      <div>
        <h3 className="font-bold">Where it meets its neighbours</h3>
        {meet.length === 0 ? (
          <p className="text-sm text-ink-2">
            {blends.length === 0 ? 'No planned neighbour yet.' : 'Meets them all without a blend.'}
          </p>
        ) : (
          <ul className="mt-1 space-y-1 text-sm">
            {meet.map((b) => (
              <li key={b.zone}>
                <button
                  type="button"
                  className="font-bold text-thistle underline underline-offset-2"
                  onClick={() => onZone(b.zone)}
                >
                  {zones[b.zone]?.label}
                </button>{' '}
                {mm(b.finished_mm)}: {b.words}{' '}
                <Why of={`the blend into ${zones[b.zone]?.label}`} reasons={b.reasons} />{' '}
                {(b.hard_line || (canChange && b.blend !== 'hard_line')) && (
                  <HardLine
                    dogId={dogId}
                    zone={answer.zone}
                    other={b.zone}
                    label={zones[b.zone]?.label ?? b.zone}
                    wanted={b.hard_line}
                    canChange={canChange}
                  />
                )}
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  )
}

function rank(level: string): number {
  return level === 'danger' ? 0 : level === 'caution' ? 1 : 2
}
