// What to pick up now, in the biggest type; and the few answers a wet thumb can give.
import { Check, CircleSlash, Clock3, Ellipsis, Undo2, Wrench } from 'lucide-react'
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react'
import type { Schemas } from '../../app/client'
import { StyleDrawing } from '../../dog/StyleDrawing'
import { WAITS, type Waits } from '../../dog/zone'
import { Button } from '../../ui/Button'
import { mm, sentence, trim } from '../../ui/words'
import { WHY_LATER, WHY_PARTLY, WHY_SKIPPED } from '../../parts/reasons'
import type { Shown, TapData } from './taps'

type Step = Schemas['TableStepView']
interface Props {
  groom: Shown
  step: Step | null
  /** a zone of it, chosen on the dog; null: what is open of the step */
  zone: string | null
  labels: Record<string, string>
  /** style name => its drawing */
  drawings: Record<string, string>
  canWork: boolean
  onTap: (data: TapData) => void
  onOtherwise: () => void
  onZone: (zone: string | null) => void
  /** takes the last tap back; null: there is none */
  onBack: (() => void) | null
  /** what stands above the action block: the block itself stands still at the foot */
  children: ReactNode
}

/** A glove hits twice: what comes this soon after another step came in hand is not meant for it. */
const SETTLE_MS = 700

const OPEN = 'border-thistle bg-thistle-soft text-thistle'

export function Now({
  groom,
  step,
  zone,
  labels,
  drawings,
  canWork,
  onTap,
  onOtherwise,
  onZone,
  onBack,
  children,
}: Props) {
  const { settled, moved } = useSettled(step?.key, zone)
  const [asking, setAsking] = useState<'partly' | 'deferred' | 'skipped' | null>(null)
  const next = groom.steps.find((s) => s.key === groom.after)
  if (!step && !zone)
    return (
      <section aria-label="Now" className="flex min-h-0 flex-1 flex-col">
        <div className="flex-1 p-4">
          <p className="font-head text-4xl font-bold leading-tight text-moss">Every step is done.</p>
          <p className="mt-2 text-lg">Look at the whole dog, then finish.</p>
        </div>
        {children}
        {canWork && groom.state === 'open' && (
          <div className="border-t border-line p-3">
            <BackOne onBack={onBack} settled={settled} />
          </div>
        )}
      </section>
    )
  const z = zone ? groom.zones.find((one) => one.zone === zone) : null
  const undone = step ? step.zones.filter((id) => isOpen(groom, id)) : []
  // What waits for a word or a dry coat is not done with the rest.
  const open = undone.filter((id) => !waitsFor(groom, id))
  const zones = zone ? [zone] : open
  const byZone = (step?.zones.length ?? 0) > 0 || zone !== null
  const waits = (z ? z.waits : step?.waits) || ''
  const say = (state: string, why = '') => {
    if (!settled()) return
    moved()
    setAsking(null)
    if (byZone) onTap({ kind: 'zone', zones, state, ...(why ? { why } : {}) })
    else if (step)
      onTap({
        kind: 'step',
        step: step.key,
        state: state === 'done' ? 'done' : 'skipped',
        ...(why ? { why } : {}),
      })
    onZone(null)
  }
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
  const unplanned = z !== null && z !== undefined && !z.planned
  const here = zones.map((id) => groom.zones.find((one) => one.zone === id)?.here).find((h) => h)
  const reasons = asking === 'partly' ? WHY_PARTLY : asking === 'deferred' ? WHY_LATER : WHY_SKIPPED
  const action = 'min-h-14 short:min-h-11 flex-1 basis-20 flex-col gap-0 !px-1 text-sm'
  return (
    <section aria-label="Now" className="flex min-h-0 flex-1 flex-col short:overflow-y-auto">
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
              : `Now · step ${groom.steps.findIndex((s) => s.key === step?.key) + 1} of ` +
                groom.steps.length}
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
            {sentence(WAITS[waits as Waits].words)}
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
                    <span aria-hidden> {WAITS[waitsFor(groom, id) as Waits].sign}</span>
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
            {z.fill_back_on && ` · grown out by ${z.fill_back_on}`}
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
      {next && (
        <p className="border-t border-line px-4 py-2 text-base">
          <span className="text-ink-2">Then </span>
          <b>{next.tool ? `${next.tool}${next.base ? ` over ${next.base}` : ''}` : next.title}</b>
          {next.tool && <span className="text-ink-2">, {next.title}</span>}
        </p>
      )}
      {children}
      {canWork && groom.state === 'open' && (
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
                  <Check aria-hidden className="size-8" />{' '}
                  {zone
                    ? `${labels[zone]} done`
                    : byZone && open.length < (step?.zones.length ?? 0)
                      ? 'The rest done'
                      : 'Done'}
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
      )}
    </section>
  )
}

function BackOne({ onBack, settled }: { onBack: (() => void) | null; settled: () => boolean }) {
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

/**
 * Whether the step in hand has been there for long enough that a hit is meant for it; moved() says it
 * changes now.
 * Who has tapped a zone on the dog since means it.
 */
function useSettled(step: string | undefined, zone: string | null) {
  const changed = useRef(-SETTLE_MS)
  const before = useRef(step)
  useLayoutEffect(() => {
    if (before.current !== step) changed.current = performance.now()
    before.current = step
  }, [step])
  useLayoutEffect(() => {
    if (zone !== null) changed.current = -SETTLE_MS
  }, [zone])
  return {
    settled: () => performance.now() - changed.current >= SETTLE_MS,
    moved: () => (changed.current = performance.now()),
  }
}

function waitsFor(groom: Shown, zone: string): string {
  return groom.zones.find((z) => z.zone === zone)?.waits ?? ''
}

export function isOpen(groom: Shown, zone: string): boolean {
  const state = groom.zones.find((z) => z.zone === zone)?.state
  return state === 'planned' || state === 'partly'
}

/** The tool as it is picked up: without the base under it. */
export function toolWords(recipe: Schemas['RecipeView']): string {
  return recipe.tool?.kind === 'guard'
    ? `${recipe.tool.mm} mm guard`
    : recipe.tool?.kind === 'blade'
      ? `${recipe.tool.label} blade`
      : recipe.words
}
