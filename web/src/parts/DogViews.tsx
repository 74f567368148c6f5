// The drawn dog in its views: from the side, its head come close, from below. Whoever shows it says how each
// zone is drawn.
import { FlipHorizontal2 } from 'lucide-react'
import { useMemo, useState } from 'react'
import type { DogLook } from '../dog/build'
import { CloseUpDrawing } from '../dog/close/CloseUpDrawing'
import { isCloseUp, seenClose, zonesOfView } from '../dog/close/views'
import { DogDrawing } from '../dog/DogDrawing'
import { zonesSeen } from '../dog/field'
import type { DrawnZone } from '../dog/zone'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { fromSide, isRight, viewFor } from './sides'
import { closer, VIEWS } from './views'

interface Props {
  look: DogLook
  /** null: a zone that is not drawn */
  zone: (id: string) => DrawnZone | null
  selected: string | null
  onSelect: (id: string) => void
  onOpen?: () => void
  name: string
  tag?: string
}

export function DogViews({ look, zone, selected, onSelect, onOpen, name, tag = '' }: Props) {
  const [view, setView] = useState('side')
  const [side, setSide] = useState<'left' | 'right'>('left')
  const seen = zonesSeen(look)
  const close = useMemo(() => seenClose(look), [look])
  const select = (id: string, tapped = false) => {
    const next = (tapped && view === 'side' && closer(id)) || viewFor(id, view, { side: seen, ...close })
    setView(next)
    if (next === 'side' && fromSide('right', id) !== fromSide('left', id))
      setSide(isRight(id) ? 'right' : 'left')
    onSelect(id)
  }
  const drawn = (ids: string[], of: (base: string) => string): Record<string, DrawnZone> =>
    Object.fromEntries(
      ids.flatMap((base) => {
        const z = zone(of(base))
        return z ? [[base, z] as const] : []
      }),
    )
  const here = (id: string) => id
  const common = { selected, onSelect: select, name }
  return (
    <>
      <div className="stage-bar">
        <Choice small label="View" value={view} onChange={setView} options={VIEWS} />
        {view === 'side' && (
          <Button className="min-h-10" onClick={() => setSide(side === 'left' ? 'right' : 'left')}>
            <FlipHorizontal2 aria-hidden className="size-4" /> Turn
            <span className="-ml-2">: {side} side</span>
          </Button>
        )}
      </div>
      <div className="stage">
        <div className="absolute inset-2">
          {isCloseUp(view) ? (
            <CloseUpDrawing
              view={view}
              look={look}
              zones={drawn(zonesOfView(view, look), here)}
              onOpen={onOpen}
              {...common}
            />
          ) : (
            <DogDrawing
              look={look}
              zones={drawn(seen, (base) => fromSide(side, base))}
              side={side}
              onOpen={onOpen}
              tag={tag}
              {...common}
            />
          )}
        </div>
      </div>
    </>
  )
}
