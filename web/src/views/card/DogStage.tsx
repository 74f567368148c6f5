// The stage of the card: the drawn dog, whose kit answers, which side is seen, and the zones out of sight.
import { FlipHorizontal2, Radio } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { Schemas } from '../../app/client'
import { DogDrawing } from '../../dog/DogDrawing'
import { toneColour } from '../../dog/tone'
import type { DrawnZone } from '../../dog/zone'
import { fieldOf } from '../../dog/field'
import { useLook } from '../../dog/useLook'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { useSmall } from '../../ui/useSmall'
import { ago, mm, trim } from '../../ui/words'
import { drawnAs, fromSide, isLeft, isRight } from '../../parts/sides'

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

const SCALE = [1.5, 6, 16, 30, 60]

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
  const seen = fieldOf(look).zones
  const byId = useMemo(() => Object.fromEntries(card.zones.map((z) => [z.zone, z])), [card.zones])
  const labels = useMemo(() => Object.fromEntries(zones.map((z) => [z.id, z.label])), [zones])
  const meets = useMemo(() => Object.fromEntries(zones.map((z) => [z.id, z.meets])), [zones])
  const drawn = useMemo(() => {
    const out: Record<string, DrawnZone> = {}
    const today = when === 'today'
    const known = (id: string) =>
      (today ? (byId[id]?.now_mm ?? byId[id]?.finished_mm) : byId[id]?.finished_mm) ?? null
    for (const base of seen) {
      const id = fromSide(side, base)
      const z = byId[id]
      if (!z) continue
      // A zone nobody planned is drawn like the hair around it, so that the dog has no holes; dots mark it.
      const around = (meets[id] ?? []).map(known).filter((v) => v !== null)
      out[base] = {
        id,
        label: labels[id] ?? id,
        mm: today ? z.now_mm : z.finished_mm,
        drawnMm:
          known(id) ?? (around.length ? around.reduce((a, b) => a + b, 0) / around.length : z.natural_mm),
        planned: today ? z.now_mm !== null : z.recipe !== null,
        exception: z.recipe?.exception,
        fresh: fresh.has(id),
        off: !today && z.here !== null && !z.here.close,
        stopLine: z.recipe?.stop_line,
        hardWith: card.hard_lines.flatMap((l) =>
          l.zone === id && fromSide(side, drawnAs(l.other)) === l.other ? [drawnAs(l.other)] : [],
        ),
      }
    }
    return out
  }, [seen, side, byId, labels, meets, when, fresh, card.hard_lines])
  const hidden = zones
    .filter((z) => drawn[drawnAs(z.id)]?.id !== z.id)
    .filter((z) => !(z.side && z.side !== side && seen.includes(drawnAs(z.id))))
  const off = card.zones.filter((z) => z.here && (!z.here.makes || !z.here.close))
  const select = (id: string) => {
    if (isRight(id) && side === 'left' && seen.includes(drawnAs(id))) setTurned('right')
    if (isLeft(id) && side === 'right' && seen.includes(id)) setTurned('left')
    onSelect(id)
  }
  const worst = card.worst_here ? byId[card.worst_here] : null
  const { phone } = useSmall()
  const box = useRef<HTMLElement>(null)
  useEffect(() => {
    // The sheet comes from below: the dog moves up, so that both are in sight.
    if (phone && selected) box.current?.scrollIntoView({ block: 'start' })
  }, [phone, selected])
  return (
    <section ref={box} aria-label="The dog" className="panel flex min-h-0 flex-1 flex-col overflow-hidden">
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
        <Button className="min-h-10" onClick={() => setTurned(side === 'left' ? 'right' : 'left')}>
          <FlipHorizontal2 aria-hidden className="size-4" /> Turn
          <span className="-ml-2 max-sm:sr-only">: {side} side</span>
        </Button>
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
          <DogDrawing
            look={look}
            zones={drawn}
            side={side}
            selected={selected}
            onSelect={select}
            onOpen={onOpen}
            name={dog.name}
          />
        </div>
      </div>
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-1 px-4 pb-1.5">
        <p className="min-w-0 flex-1 basis-56 text-sm short:text-xs" role="status">
          {off.length === 0 ? (
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
      <Hidden zones={hidden} byId={byId} selected={selected} onSelect={select} fresh={fresh} />
    </section>
  )
}

function signed(value: number): string {
  return `${value > 0 ? '+' : '−'}${trim(Math.abs(value))} mm`
}

/** Length by tone, by the length of a stroke to scale, and by number. */
function Legend({ lines }: { lines: boolean }) {
  return (
    <dl aria-label="Legend" className="flex items-end gap-2.5 rounded-md bg-sheet/80 text-xs short:hidden">
      {SCALE.map((v) => (
        <div key={v} className="flex flex-col items-center">
          <dt>
            <svg viewBox="0 0 14 16" className="h-8 w-7" aria-hidden>
              <rect x="0" y="10" width="14" height="6" style={{ fill: toneColour(v) }} />
              <path
                d={[4, 7, 10].map((x) => `M${x} 10v-${Math.max(0.6, v / 6.5)}`).join('')}
                style={{ stroke: 'var(--ink)' }}
                strokeWidth="0.9"
              />
            </svg>
          </dt>
          <dd className="font-bold">{trim(v)}</dd>
        </div>
      ))}
      <div className="pb-0.5 text-ink-2">
        <dt className="sr-only">Signs</dt>
        <dd>mm · dots: not planned</dd>
        <dd>red hatch: exception</dd>
        {lines && <dd>dark line: hard line</dd>}
      </div>
    </dl>
  )
}

const GROUPS: [string, (id: string) => boolean][] = [
  ['Underside', (id) => /^(belly_patch|groin|sheath_or_vulva|inner_thigh|armpit)/.test(id)],
  ['Rear', (id) => /^(under_tail_ring|channel|tail_root_arc)/.test(id)],
  ['Feet', (id) => /^(pads|between_toes|toe_outline)/.test(id)],
  ['Head', () => true],
]

/** Zones that cannot be seen from this side, as buttons with their numbers. */
function Hidden({
  zones,
  byId,
  selected,
  onSelect,
  fresh,
}: {
  zones: Word[]
  byId: Record<string, Schemas['ZoneView']>
  selected: string | null
  onSelect: (id: string) => void
  fresh: Set<string>
}) {
  const [open, setOpen] = useState<string>('Underside')
  const groups = GROUPS.map(([name, test], i) => ({
    name,
    zones: zones.filter((z) => test(z.id) && !GROUPS.slice(0, i).some(([, earlier]) => earlier(z.id))),
  })).filter((g) => g.zones.length > 0)
  const group =
    groups.find((g) => g.zones.some((z) => z.id === selected) && g.name !== open && open === '') ??
    groups.find((g) => g.name === open) ??
    groups[0]
  if (!group) return null
  return (
    <div
      className={`no-print flex min-w-0 items-center gap-2 border-t border-line px-2 py-2 phone:flex-wrap
        short:py-1`}
    >
      <Choice
        small
        label="Zones out of sight"
        value={group.name}
        onChange={setOpen}
        options={groups.map((g) => ({ id: g.name, label: g.name }))}
      />
      <div
        role="group"
        aria-label={`${group.name}, out of sight`}
        tabIndex={0}
        className="relative flex min-w-0 flex-1 gap-1.5 overflow-x-auto"
      >
        {group.zones.map((z) => {
          const q = byId[z.id]
          const chosen = z.id === selected
          return (
            <button
              key={z.id}
              type="button"
              aria-pressed={chosen}
              onClick={() => onSelect(z.id)}
              className={`min-h-11 shrink-0 whitespace-nowrap rounded-md border px-2.5 text-left text-sm
                leading-tight
                ${chosen ? 'border-thistle bg-thistle-soft' : 'border-line bg-sheet hover:bg-well'}
                ${q?.recipe ? '' : 'border-dashed text-ink-2'}`}
            >
              {z.label}
              <b className="ml-1.5">
                {q?.recipe ? (q.finished_mm === null ? q.recipe.words : mm(q.finished_mm)) : '–'}
              </b>
              {fresh.has(z.id) && <span className="ml-1 text-slate">● changed</span>}
            </button>
          )
        })}
      </div>
    </div>
  )
}
