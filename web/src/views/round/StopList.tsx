// The calls in their order: dragged, or moved by keys and buttons, to see what another order breaks.
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { Droplets, GripVertical } from 'lucide-react'
import type { Schemas } from '../../app/client'
import { StopCard } from './StopCard'

type Round = Schemas['RoundView']
interface Props {
  round: Round
  lit: string | null
  onLit: (id: string) => void
  onOrder: (homes: string[]) => void
}

export function StopList({ round, lit, onLit, onOrder }: Props) {
  const sensors = useSensors(
    // A short press is a tap, and a finger that moves at once scrolls.
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const order = round.calls.filter((c) => c.stop !== '').map((c) => c.stop)
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    onOrder(arrayMove(order, order.indexOf(String(active.id)), order.indexOf(String(over.id))))
  }
  const stops = Object.fromEntries(round.stops.map((s) => [s.id, s]))
  const numbers = Object.fromEntries(order.map((id, n) => [id, n + 1]))
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ announcements: saidOf(round, order) }}
      onDragEnd={drop}
    >
      <SortableContext items={order} strategy={verticalListSortingStrategy}>
        <ol className="space-y-2" aria-label="Calls in their order">
          {round.calls.map((call, n) => {
            const stop = stops[call.stop]
            return stop ? (
              <Movable
                key={call.stop}
                id={call.stop}
                name={stop.home}
                isLit={lit === call.stop}
                onLit={() => onLit(call.stop)}
              >
                <StopCard call={call} stop={stop} number={numbers[call.stop] ?? 0} van={round.van} />
              </Movable>
            ) : (
              <li key={n} className="flex items-center gap-2 rounded-md bg-slate-soft px-3 py-2 text-slate">
                <Droplets aria-hidden className="size-5 shrink-0" />
                <span>
                  <b>{call.arrives}</b> Fill up at {call.where}, until {call.ends}. Drive {call.drives} min.
                </span>
              </li>
            )
          })}
        </ol>
      </SortableContext>
    </DndContext>
  )
}

/** What is read out while a call is moved: its home and its place, not its id. */
function saidOf(round: Round, order: string[]): Announcements {
  const home = (id: string | number) => round.stops.find((s) => s.id === id)?.home ?? ''
  const place = (id: string | number) => `${order.indexOf(String(id)) + 1} of ${order.length}`
  return {
    onDragStart: ({ active }) => `${home(active.id)} is picked up, no. ${place(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${home(active.id)} would be no. ${place(over.id)}.` : ''),
    onDragEnd: ({ active, over }) =>
      over ? `${home(active.id)} is no. ${place(over.id)} now.` : `${home(active.id)} stays.`,
    onDragCancel: ({ active }) => `${home(active.id)} stays where it was.`,
  }
}

function Movable({
  id,
  name,
  isLit,
  onLit,
  children,
}: {
  id: string
  name: string
  isLit: boolean
  onLit: () => void
  children: React.ReactNode
}) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id })
  return (
    <li
      ref={setNodeRef}
      id={`stop-${id}`}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`panel flex items-stretch ${isLit ? 'outline-3 outline-thistle' : ''}
        ${isDragging ? 'relative z-10 shadow-2xl' : ''}`}
      onClick={onLit}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        className="grid w-12 shrink-0 cursor-grab touch-none place-items-center rounded-l-lg hover:bg-well"
        {...attributes}
        {...listeners}
        aria-label={`Move ${name}: space, then up or down`}
      >
        <GripVertical aria-hidden className="size-6 text-ink-2" />
      </button>
      <div className="min-w-0 flex-1 py-3 pr-3">{children}</div>
    </li>
  )
}
