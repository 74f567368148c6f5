// The drawn dog from the side. What it takes to draw it is computed beside the page.
import { memo, useMemo } from 'react'
import { asSeen, thereOf } from './absent'
import { askedOf } from './asked'
import { useSide } from './beside/useSide'
import type { DogDrawingProps } from './props'
import { SideDrawing } from './SideDrawing'

export const DogDrawing = memo(function DogDrawing(props: DogDrawingProps) {
  const { side, cells = false, name } = props
  const look = useMemo(() => asSeen(props.look, side), [props.look, side])
  const zones = useMemo(() => thereOf(props.zones, look), [props.zones, look])
  const { lengths, alike } = useMemo(() => askedOf(look, zones, cells), [look, zones, cells])
  // Polls bring equal lengths in new objects; the coat is only laid anew when a value changes.
  const drawing = useSide(look, lengths, alike)
  return drawing ? (
    <SideDrawing {...props} look={look} zones={zones} drawing={drawing} />
  ) : (
    <p role="status" className="grid h-full place-items-center text-ink-2">
      Drawing {name} …
    </p>
  )
})
