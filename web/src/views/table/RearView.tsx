// The rear view with its extents: moved by slider or key, sent when let go.
import { useState } from 'react'
import type { DrawnZone } from '../../dog/zone'
import type { DogLook } from '../../dog/build'
import { CloseUpDrawing } from '../../dog/close/CloseUpDrawing'
import { Extents, type Reach } from '../../dog/close/Extents'
import type { Shown, TapData } from '../../parts/taps'

const MEASURES = [
  ['ring', 'Around the ring', 40],
  ['channel', 'Down between the thighs', 140],
  ['arc', 'At the root of the tail', 60],
] as const
/** What is drawn before anybody has said: a close ring, no channel, no arc. */
const START: Reach = { ring: 10, channel: 0, arc: 0 }

interface Props {
  groom: Shown
  look: DogLook
  zones: Record<string, DrawnZone>
  selected: string | null
  canWork: boolean
  onSelect: (zone: string) => void
  onTap: (data: TapData) => void
}

export function RearView({ groom, look, zones, selected, canWork, onSelect, onTap }: Props) {
  const [moving, setMoving] = useState<Reach | null>(null)
  const extents = moving ?? groom.extents ?? START
  const send = () => {
    if (moving) onTap({ kind: 'extents', ...moving })
    setMoving(null)
  }
  return (
    <div className="flex h-full flex-col gap-2 sm:flex-row">
      <div className="min-h-0 flex-1">
        <CloseUpDrawing
          view="rear"
          look={look}
          zones={zones}
          selected={selected}
          onSelect={onSelect}
          name={groom.dog.name}
        >
          <Extents {...extents} />
        </CloseUpDrawing>
      </div>
      <div className="space-y-3 sm:w-56 sm:self-center">
        {MEASURES.map(([name, label, most]) => (
          <label key={name} className="block">
            <span className="label">
              {label}: {extents[name]} mm
            </span>
            <input
              type="range"
              min={0}
              max={most}
              step={name === 'channel' ? 5 : 2}
              value={extents[name]}
              disabled={!canWork || groom.state === 'closed'}
              onChange={(e) => setMoving({ ...extents, [name]: Number(e.target.value) })}
              onPointerUp={send}
              onBlur={send}
              onKeyUp={send}
              className="h-11 w-full accent-thistle"
            />
          </label>
        ))}
        <p className="text-sm text-ink-2">
          {groom.extents ? 'Drawn for this dog.' : 'Not drawn yet: move a slider.'} The close part stays
          hidden from the side.
        </p>
        <p className="text-sm font-bold text-bracken">
          Tail only as far as the dog carries it itself, hand at the root.
        </p>
      </div>
    </div>
  )
}
