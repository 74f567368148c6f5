// The dog as it is described so far, drawn beside the form.
import { useMemo } from 'react'
import type { Control } from 'react-hook-form'
import { useWatch } from 'react-hook-form'
import type { Schemas } from '../../../app/client'
import { DogDrawing } from '../../../dog/DogDrawing'
import { zonesSeen } from '../../../dog/field'
import { useLook } from '../../../dog/useLook'
import type { DrawnZone } from '../../../dog/zone'
import type { DogToSend, TypedDog } from './typed'
import { kgTyped } from '../../../ui/figure'

interface Props {
  control: Control<TypedDog, unknown, DogToSend>
  /** mm that such a coat usually carries */
  carries: Schemas['NewDogHintsView']['carries']
  /** what was filled in from the breed, and from which words */
  taken: string
}

export function Picture({ control, carries, taken }: Props) {
  const typed = useWatch({ control })
  const kg = Number(kgTyped(typed.kg ?? ''))
  const look = useLook({
    build: typed.build ?? '',
    muzzle: typed.muzzle ?? '',
    ear_type: typed.ear_type ?? '',
    ear_set: typed.ear_set ?? '',
    tail_type: typed.tail_type ?? '',
    tail_carriage: typed.tail_carriage ?? '',
    coat: typed.coat ?? '',
    sex: typed.sex ?? '',
    absent: typed.absent ?? [],
    kg: kg > 0 ? kg : null,
  })
  const zones = useMemo(() => {
    const mm = new Map(carries.map((c) => [c.zone, c.mm]))
    return Object.fromEntries(
      zonesSeen(look).map((id): [string, DrawnZone] => [
        id,
        { id, label: id, mm: null, drawnMm: mm.get(id) ?? 0, planned: true },
      ]),
    )
  }, [look, carries])
  const name = typed.name === '' ? 'The dog' : (typed.name ?? 'The dog')
  return (
    <figure className="panel no-print p-3 lg:sticky lg:top-[calc(var(--top)+1rem)]">
      <div
        className="h-56 lg:h-64"
        data-colour={typed.colour}
        role="img"
        aria-label={`${name} as described so far`}
      >
        <div aria-hidden className="pointer-events-none h-full" inert>
          <DogDrawing
            look={look}
            zones={zones}
            side="left"
            selected={null}
            onSelect={() => undefined}
            name={name}
            idle
            markings={typed.markings}
          />
        </div>
      </div>
      <figcaption className="mt-2 text-sm text-ink-2">
        {taken === '' ? 'As described so far; lengths are only what such a coat usually carries.' : taken}
      </figcaption>
    </figure>
  )
}
