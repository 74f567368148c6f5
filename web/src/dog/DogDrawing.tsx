// The drawn dog from the side. What it takes to draw it is computed beside the page.
import { memo, useMemo } from 'react'
import { useSide } from './beside/useSide'
import { zonesSeen } from './field'
import type { DogDrawingProps } from './props'
import { SideDrawing } from './SideDrawing'
import { sure } from '../sure'
import { alike } from './zone'

export const DogDrawing = memo(function DogDrawing(props: DogDrawingProps) {
  const { look, zones, cells = false, name } = props
  const lengths = useMemo(
    () => JSON.stringify(Object.fromEntries(Object.entries(zones).map(([id, z]) => [id, z.mm ?? z.drawnMm]))),
    [zones],
  )
  const areas = useMemo(
    () =>
      JSON.stringify(
        Object.fromEntries(
          zonesSeen(look)
            .filter((z) => zones[z])
            .map((z) => [z, cells ? z : alike(sure(zones[z]))]),
        ),
      ),
    [look, zones, cells],
  )
  // Polls bring equal lengths in new objects; the coat is only laid anew when a value changes.
  const drawing = useSide(look, lengths, areas)
  return drawing ? (
    <SideDrawing {...props} drawing={drawing} />
  ) : (
    <p role="status" className="grid h-full place-items-center text-ink-2">
      Drawing {name} …
    </p>
  )
})
