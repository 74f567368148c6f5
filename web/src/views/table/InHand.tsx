// What to pick up now, where, how long it leaves it, when it is done and what to be careful of.
import type { Schemas } from '../../app/client'
import { StyleDrawing } from '../../dog/StyleDrawing'
import { WAITS, type Waits } from '../../dog/zone'
import { Button } from '../../ui/Button'
import { mm, sentence, shortDay, trim } from '../../ui/words'
import { isOpen, toolWords, waitsFor } from './zoneStates'
import type { Shown, TapData } from '../../parts/taps'

interface Props {
  groom: Shown
  step: Schemas['TableStepView'] | null
  /** the zone chosen on the dog; null: the step is in hand */
  z: Shown['zones'][number] | null
  /** what a tap would be about */
  zones: string[]
  /** what of the step is open */
  undone: string[]
  waits: Waits
  labels: Record<string, string>
  /** style name => its drawing */
  drawings: Record<string, string>
  canWork: boolean
  onTap: (data: TapData) => void
  onZone: (zone: string | null) => void
}

const OPEN = 'border-thistle bg-thistle-soft text-thistle'

export function InHand({
  groom,
  step,
  z,
  zones,
  undone,
  waits,
  labels,
  drawings,
  canWork,
  onTap,
  onZone,
}: Props) {
  const row = z ? groom.today?.zones.find((one) => one.zone === z.zone) : null
  const recipe = z ? (z.planned ?? null) : null
  const tool = z ? (recipe ? toolWords(recipe) : 'not planned') : (step?.tool ?? step?.title ?? '')
  const place = z ? labels[z.zone] : step?.title
  const base = z ? (recipe?.tool?.kind === 'guard' ? (recipe.tool.base ?? null) : null) : (step?.base ?? null)
  const lay = z ? (recipe?.lay ?? null) : (step?.lay ?? null)
  const leaves = z ? z.planned_mm : (step?.leaves_mm ?? null)
  const leavesTo = z ? null : (step?.leaves_to_mm ?? null)
  const stops = z ? (recipe?.stop_line ? [recipe.stop_line] : []) : (step?.stop_lines ?? [])
  const shapes = z ? (recipe?.shape ? [recipe.shape] : []) : (step?.shapes ?? [])
  const here = zones.map((id) => groom.zones.find((one) => one.zone === id)?.here).find((h) => h)
  return (
    <div
      className="min-h-0 flex-1 space-y-2 overflow-y-auto p-4 pb-2 short:flex-none short:overflow-visible
          short:p-3"
      tabIndex={0}
      role="group"
      aria-label="What to pick up"
    >
      <p className="flex items-baseline justify-between gap-2 text-sm font-bold text-ink-2">
        <span>
          {z
            ? 'This zone'
            : `Now · step ${groom.steps.findIndex((s) => s.key === step?.key) + 1} of ` + groom.steps.length}
        </span>
        {z && (
          <button
            type="button"
            className="min-h-8 text-slate underline underline-offset-2"
            onClick={() => onZone(null)}
          >
            back to the step
          </button>
        )}
      </p>
      <p
        className={`font-head text-[2.6rem] font-bold leading-[1.02] tracking-tight text-thistle
            short:text-2xl             first-letter:uppercase`}
        data-testid="now-tool"
      >
        {tool}
      </p>
      {(base || lay || leaves !== null) && (
        <p className="font-head text-2xl font-bold leading-tight">
          {[
            base && `over ${base}`,
            lay && `${lay} the lay`,
            leaves !== null &&
              `leaves ${leavesTo === null ? mm(leaves) : `${trim(leaves)} to ${mm(leavesTo)}`}`,
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
      )}
      {place !== tool && <p className="text-xl leading-snug">{place}</p>}
      {waits && (
        <p className="rounded-md bg-haw-soft px-3 py-1.5 text-lg font-bold text-haw">
          {sentence(WAITS[waits].words)}
        </p>
      )}
      {step && !z && step.moved && (
        <p className="text-base text-slate">
          <b>Here because</b> {step.moved}.
        </p>
      )}
      {row?.differs && (
        <p className="text-base">
          <b>Not as on the card:</b> {row.why}
          {row.card && <span className="text-ink-2"> (card: {row.card})</span>}
        </p>
      )}
      {step && !z && (
        <p className="text-base text-ink-2">
          <b className="text-ink">Done when</b> {step.done_when}.
        </p>
      )}
      {stops.length > 0 && (
        <p className="rounded-md border-l-4 border-haw bg-haw-soft px-3 py-1.5 text-lg font-bold text-haw">
          Stop at the {stops.map((s) => s.replaceAll('_', ' ')).join(', ')}
        </p>
      )}
      {shapes.map((shape) => (
        <p key={shape} className="flex items-center gap-2 text-lg">
          {drawings[shape] && <StyleDrawing of={drawings[shape]} className="size-12 shrink-0" />}
          {shape}
        </p>
      ))}
      {here && (
        <p className="rounded-md bg-bracken-soft px-3 py-1.5 font-bold text-bracken">
          Not in this kit. Nearest: {here.words}
          {here.difference_mm !== null && ` (${here.difference_mm > 0 ? '+' : ''}${here.difference_mm} mm)`}
        </p>
      )}
      {(step?.cautions ?? []).map((c) => (
        <p
          key={c}
          className={`rounded-md border-l-4 border-bracken bg-bracken-soft px-3 py-1.5 font-bold
              text-bracken`}
        >
          {c}
        </p>
      ))}
      {!z && undone.length > 0 && (
        <ul aria-label="Zones of this step" className="flex flex-wrap gap-1.5">
          {step?.zones.map((id) => (
            <li key={id}>
              <button
                type="button"
                onClick={() => onZone(id)}
                className={`min-h-10 rounded-md border px-2.5 text-sm font-bold
                    ${isOpen(groom, id) ? OPEN : 'border-line text-ink-2 line-through'}`}
              >
                {labels[id]}
                {isOpen(groom, id) && waitsFor(groom, id) && <span className="sr-only"> waits</span>}
                {isOpen(groom, id) && waitsFor(groom, id) && (
                  <span aria-hidden> {WAITS[waitsFor(groom, id)].sign}</span>
                )}
              </button>
            </li>
          ))}
        </ul>
      )}
      {z && z.state !== 'planned' && (
        <p className="text-base">
          <b>{z.state.replaceAll('_', ' ')}</b>
          {z.actual && `: ${z.actual.words}`}
          {z.why && `, ${z.why}`}
          {z.who && `, ${z.who}`}
          {z.difference_mm !== null &&
            z.difference_mm !== 0 &&
            ` · ${z.difference_mm > 0 ? '+' : ''}${z.difference_mm} mm against the plan`}
          {z.fill_back_on && ` · grown out by ${shortDay(z.fill_back_on)}`}
        </p>
      )}
      {z && z.state !== 'planned' && canWork && (
        <div className="flex flex-wrap gap-2">
          <Button
            className="min-h-12"
            aria-pressed={z.carry === 'do_not_repeat'}
            onClick={() =>
              onTap({
                kind: 'zone',
                zones: [z.zone],
                state: z.state,
                why: z.why,
                carry: z.carry === 'repeat' ? 'do_not_repeat' : 'repeat',
              })
            }
          >
            {z.carry === 'repeat' ? 'Repeated next time' : 'Not repeated'}
          </Button>
          <Button
            className="min-h-12"
            onClick={() => onTap({ kind: 'zone', zones: [z.zone], state: 'planned' })}
          >
            Open again
          </Button>
        </div>
      )}
    </div>
  )
}
