// The dog as the table leaves it, in every view, before the visit is closed: what was done, what was not.
import { useMemo, useState } from 'react'
import { useLook } from '../../dog/useLook'
import type { DrawnZone } from '../../dog/zone'
import { DogViews } from '../../parts/DogViews'
import { mm } from '../../ui/words'
import { type Shown } from '../../parts/taps'

interface Props {
  groom: Shown
  labels: Record<string, string>
}

export function AsLeft({ groom, labels }: Props) {
  const [zone, setZone] = useState<string | null>(null)
  const look = useLook(groom.dog)
  const byId = useMemo(() => new Map(groom.zones.map((z) => [z.zone, z])), [groom.zones])
  const drawn = (id: string): DrawnZone | null => {
    const z = byId.get(id)
    if (!z) return null
    const left = z.state === 'done' ? (z.actual_mm ?? z.planned_mm) : (z.now_mm ?? z.actual_mm)
    return {
      id,
      label: labels[id] ?? id,
      mm: left,
      drawnMm: left ?? z.natural_mm,
      planned: z.planned !== null || z.state !== 'planned',
      state: z.state === 'done' ? undefined : z.state,
      off: z.difference_mm !== null && z.difference_mm !== 0,
    }
  }
  const one = zone === null ? undefined : byId.get(zone)
  const left = one && (one.actual_mm ?? one.planned_mm)
  return (
    <section className="panel flex h-[24rem] flex-col overflow-hidden" aria-label="As it is left">
      <DogViews
        look={look}
        zone={drawn}
        selected={zone}
        onSelect={setZone}
        name={groom.dog.name}
        tag="left"
      />
      <p role="status" className="border-t border-line px-4 py-2 text-sm text-ink-2">
        {one === undefined ? (
          'As it is left: mm now on the dog. Dashed: not what was planned.'
        ) : (
          <>
            <b className="text-ink">{labels[one.zone] ?? one.zone}</b>: {one.state.replace('_', ' ')}
            {one.state === 'done' && left != null && `, ${mm(left)}`}
            {one.planned_mm !== null && left !== one.planned_mm && `, planned ${mm(one.planned_mm)}`}
            {one.why && `, ${one.why}`}
            {one.who && `, ${one.who}`}
          </>
        )}
      </p>
    </section>
  )
}
