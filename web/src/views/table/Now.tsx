// What is in hand at the table: what to pick up, in the biggest type, and what can be said of it.
import type { ReactNode } from 'react'
import type { Schemas } from '../../app/client'
import { Acts, BackOne } from './Acts'
import { InHand } from './InHand'
import { allDone, isOpen, runOf, waitsFor } from './zoneStates'
import type { Shown, TapData } from '../../parts/taps'
import { useSettled } from './useSettled'

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
  onTap: (...data: TapData[]) => void
  onOtherwise: () => void
  onZone: (zone: string | null) => void
  /** takes the last tap back; null: there is none */
  onBack: (() => void) | null
  /** what stands above the action block: the block itself stands still at the foot */
  children: ReactNode
}

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
  const z = (zone && groom.zones.find((one) => one.zone === zone)) || null
  const undone = step ? step.zones.filter((id) => isOpen(groom, id)) : []
  // What waits for a word or a dry coat is not done with the rest.
  const open = undone.filter((id) => !waitsFor(groom, id))
  const zones = zone ? [zone] : open
  const byZone = (step?.zones.length ?? 0) > 0 || zone !== null
  const waits = (z ? z.waits : step?.waits) || ''
  const run = step && !zone && !waits ? runOf(groom, step) : []
  const sayAll = () => {
    moved()
    onTap(...allDone(groom, run))
  }
  const say = (state: string, why = '') => {
    moved()
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
  return (
    <section aria-label="Now" className="flex min-h-0 flex-1 flex-col short:overflow-y-auto">
      <InHand {...{ groom, step, z, zones, undone, waits, labels, drawings, canWork, onTap, onZone }} />
      {next && (
        <p className="border-t border-line px-4 py-2 text-base">
          <span className="text-ink-2">Then </span>
          <b>{next.tool ? `${next.tool}${next.base ? ` over ${next.base}` : ''}` : next.title}</b>
          {next.tool && <span className="text-ink-2">, {next.title}</span>}
        </p>
      )}
      {children}
      {canWork && groom.state === 'open' && (
        <Acts
          done={
            zone
              ? `${labels[zone]} done`
              : byZone && open.length < (step?.zones.length ?? 0)
                ? 'The rest done'
                : 'Done'
          }
          byZone={byZone}
          unplanned={z !== null && !z.planned}
          waits={waits !== ''}
          settled={settled}
          run={run.length > 1 ? `${step?.together}, as planned: ${run.length} steps` : null}
          onRun={sayAll}
          onSay={say}
          onOtherwise={onOtherwise}
          onBack={onBack}
        />
      )}
    </section>
  )
}
