// The stage of the card: the drawn dog, whose kit answers, which side is seen, and the zones out of sight.
import { FlipHorizontal2, Radio } from 'lucide-react'
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import type { Schemas } from '../../app/client'
import { DogDrawing } from '../../dog/DogDrawing'
import { CloseUpDrawing } from '../../dog/close/CloseUpDrawing'
import { isCloseUp, seenClose, zonesOfView } from '../../dog/close/views'
import { zonesSeen } from '../../dog/field'
import { useLook } from '../../dog/useLook'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { useSmall } from '../../ui/useSmall'
import { ago, trim } from '../../ui/words'
import { Legend } from './Legend'
import { OutOfSight } from './OutOfSight'
import { drawnOf } from '../../parts/cardDrawn'
import { closer, VIEWS } from '../../parts/views'
import { drawnAs, isLeft, isRight, viewFor } from '../../parts/sides'

type Word = Schemas['VocabularyView']['zones'][number]
interface Props {
  card: Schemas['CardView']
  zones: Word[]
  fresh: Set<string>
  news: Schemas['RecentChangeView'] | null
  selected: string | null
  onSelect: (zone: string) => void
  onOpen: () => void
  place: string
  places: { id: string; name: string; kind: string }[]
  onPlace: (place: string) => void
}

export function DogStage({
  card,
  zones,
  fresh,
  news,
  selected,
  onSelect,
  onOpen,
  place,
  places,
  onPlace,
}: Props) {
  const { dog } = card
  const [turned, setTurned] = useState(selected && isRight(selected) ? ('right' as const) : ('left' as const))
  const [when, setWhen] = useState('plan')
  const side = turned
  const look = useLook(dog)
  const seen = zonesSeen(look)
  const byId = useMemo(() => Object.fromEntries(card.zones.map((z) => [z.zone, z])), [card.zones])
  const labels = useMemo(() => Object.fromEntries(zones.map((z) => [z.id, z.label])), [zones])
  const close = useMemo(() => seenClose(look), [look])
  const seenIn = { side: seen, ...close }
  const [view, setView] = useState(() => (selected ? viewFor(selected, 'side', seenIn) : 'side'))
  const drawn = useMemo(() => {
    const closeUp = isCloseUp(view) ? zonesOfView(view, look) : []
    return drawnOf(card, zones, { side: seen, closeUp }, side, when === 'today', fresh)
  }, [card, zones, seen, view, look, side, when, fresh])
  const hidden = zones
    .filter((z) => drawn.side[drawnAs(z.id)]?.id !== z.id)
    .filter((z) => !(z.side && z.side !== side && seen.includes(drawnAs(z.id))))
  const off = card.zones.filter((z) => z.here && (!z.here.makes || !z.here.close))
  const select = (id: string, tapped = false) => {
    if (isRight(id) && side === 'left' && seen.includes(drawnAs(id))) setTurned('right')
    if (isLeft(id) && side === 'right' && seen.includes(id)) setTurned('left')
    setView((tapped && view === 'side' && closer(id)) || viewFor(id, view, seenIn))
    onSelect(id)
  }
  // The sheet of a zone goes before its mark on the drawing.
  const marked = useDeferredValue(selected)
  const worst = card.worst_here ? byId[card.worst_here] : null
  const { phone } = useSmall()
  const box = useRef<HTMLElement>(null)
  useEffect(() => {
    // The sheet comes from below: the dog moves up, so that both are in sight.
    if (phone && selected) box.current?.scrollIntoView({ block: 'start' })
  }, [phone, selected])
  return (
    <section
      ref={box}
      aria-label="The dog"
      data-colour={when === 'today' ? dog.colour : undefined}
      className="panel flex min-h-0 flex-1 flex-col overflow-hidden"
    >
      <div className="no-print stage-bar">
        <Choice
          small
          label="Whose kit"
          value={place}
          onChange={onPlace}
          options={places.map((p) => ({ id: p.id, label: p.name }))}
        />
        <Choice
          small
          label="What is drawn"
          value={when}
          onChange={setWhen}
          options={[
            { id: 'plan', label: 'After the trim' },
            { id: 'today', label: 'Today' },
          ]}
        />
        <Choice small label="View" value={view} onChange={setView} options={VIEWS} />
        {view === 'side' && (
          <Button className="min-h-10" onClick={() => setTurned(side === 'left' ? 'right' : 'left')}>
            <FlipHorizontal2 aria-hidden className="size-4" /> Turn
            <span className="-ml-2 max-xl:sr-only">: {side} side</span>
          </Button>
        )}
      </div>
      {news && (
        <p
          role="status"
          className="arrive flex items-center gap-2 bg-slate-soft px-4 py-1.5 text-sm font-bold text-slate"
        >
          <Radio aria-hidden className="size-4" /> {news.who} · {news.summary} · {ago(news.at)}
        </p>
      )}
      <div className="stage">
        <div className="absolute inset-2">
          {isCloseUp(view) ? (
            <CloseUpDrawing
              view={view}
              look={look}
              zones={drawn.closeUp}
              selected={marked}
              onSelect={select}
              onOpen={onOpen}
              name={dog.name}
              markings={when === 'today' ? dog.markings : undefined}
            />
          ) : (
            <DogDrawing
              look={look}
              zones={drawn.side}
              side={side}
              selected={marked}
              onSelect={select}
              onOpen={onOpen}
              name={dog.name}
              markings={when === 'today' ? dog.markings : undefined}
            />
          )}
        </div>
      </div>
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-1 px-4 pb-1.5">
        <p className="min-w-0 flex-1 basis-56 text-sm short:text-xs" role="status">
          {card.unknown.some((u) => u.what === 'plan') ? (
            <span className="text-bracken">
              <b>Nothing is planned yet</b>: what this kit can make of it is not known.
            </span>
          ) : off.length === 0 ? (
            <span className="text-moss">
              <b>Everything on this card can be made from this kit.</b>
              {worst?.here?.difference_mm
                ? ` Largest difference: ${labels[worst.zone]}, ${signed(worst.here.difference_mm)}.`
                : ''}
            </span>
          ) : (
            <span className="text-bracken">
              <b>
                {off.length} {off.length === 1 ? 'zone differs' : 'zones differ'} with this kit.
              </b>{' '}
              {off.slice(0, 2).map((z) => (
                <button
                  key={z.zone}
                  type="button"
                  className="mr-2 underline underline-offset-2"
                  onClick={() => select(z.zone)}
                >
                  {labels[z.zone]}: {z.here?.words}{' '}
                  {z.here?.difference_mm != null && `(${signed(z.here.difference_mm)})`}
                </button>
              ))}
              {off.length > 2 && `and ${off.length - 2} more`}
            </span>
          )}
        </p>
        <Legend lines={card.hard_lines.length > 0} />
      </div>
      <OutOfSight zones={hidden} byId={byId} selected={selected} onSelect={select} fresh={fresh} />
    </section>
  )
}

function signed(value: number): string {
  return `${value > 0 ? '+' : '−'}${trim(Math.abs(value))} mm`
}
