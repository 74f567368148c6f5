// The kit: every tool where it lives, what it leaves, what it asks for; one at a time in the sheet beside.
import { useQuery } from '@tanstack/react-query'
import { ListChecks, Plus, Ruler } from 'lucide-react'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { toneColour } from '../../dog/tone'
import { Away } from '../../ui/Away'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { mm, shortDay } from '../../ui/words'
import { NewTool } from './NewTool'
import { TickKit } from './TickKit'
import { ToolSheet } from './ToolSheet'
import { SHORT, toolName, type Item } from './names'

export function Kit() {
  const { session, may } = useSession()
  const kit = useQuery({ ...queries.kit(), staleTime: 0 })
  const [place, setPlace] = useState('all')
  const [due, setDue] = useState('all')
  const [chosen, setChosen] = useState<string | null>(null)
  const [adding, setAdding] = useState(false)
  const [search, setSearch] = useSearchParams()
  const tick = (open: boolean) => setSearch(open ? { tick: '1' } : {}, { replace: true })
  if (!kit.data)
    return kit.error ? <Resting error={kit.error} retry={() => void kit.refetch()} /> : <Waiting />
  const shown = kit.data.items.filter(
    (i) =>
      (place === 'all' || (place === 'own' ? i.keeper !== null : i.place === place && i.keeper === null)) &&
      (due === 'all' || i.cautions.length > 0),
  )
  const groups = group(shown)
  const item = kit.data.items.find((i) => i.id === chosen)
  const asks = kit.data.items.filter((i) => i.cautions.length > 0).length
  return (
    <div className="screen">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pb-1 pt-3 sm:px-5">
        <h1 className="flex-1 text-3xl leading-none">Kit</h1>
        <Choice
          small
          label="Where it lives"
          value={place}
          onChange={setPlace}
          options={[
            { id: 'all', label: 'Everywhere' },
            ...session.places.map((p) => ({ id: p.id, label: p.name })),
            { id: 'own', label: 'Somebody’s own' },
          ]}
        />
        <Choice
          small
          label="Which tools"
          value={due}
          onChange={setDue}
          options={[
            { id: 'all', label: 'All' },
            { id: 'due', label: `Needs attention (${asks})` },
          ]}
        />
        {may('kit') && (
          <Button className="min-h-10" onClick={() => tick(true)}>
            <ListChecks aria-hidden className="size-4" /> Tick several
          </Button>
        )}
        {may('kit') && (
          <Button className="min-h-10" onClick={() => setAdding(true)}>
            <Plus aria-hidden className="size-4" /> New tool
          </Button>
        )}
      </div>
      {kit.isError && <Away>The salon is not answering. You see what was loaded last.</Away>}
      <div className="flex min-h-0 flex-1 flex-col gap-3 p-3 sm:p-4 wide:flex-row">
        <section aria-label="Tools" tabIndex={0} className="panel min-h-0 flex-1 overflow-y-auto">
          {groups.length === 0 && (
            <p className="p-6 text-ink-2">
              {due === 'due' ? 'Nothing needs attention here.' : 'No tool lives here yet.'}
            </p>
          )}
          {groups.map(([name, items]) => (
            <div key={name} className="border-b border-line p-3 last:border-0">
              <h2 className="mb-2 text-sm text-ink-2">{name}</h2>
              <ul className="grid gap-2 sm:grid-cols-2 xl:grid-cols-3 short:grid-cols-1">
                {items.map((i) => (
                  <li key={i.id}>
                    <Row item={i} chosen={i.id === chosen} onChoose={() => setChosen(i.id)} />
                  </li>
                ))}
              </ul>
            </div>
          ))}
        </section>
        <section aria-label="Sheet" className="panel flex min-h-0 flex-col wide:w-[27rem] wide:shrink-0">
          {item ? (
            <ToolSheet key={item.id} item={item} items={kit.data.items} onGone={() => setChosen(null)} />
          ) : (
            <Empty />
          )}
        </section>
      </div>
      {search.has('tick') && may('kit') && (
        <TickKit
          items={kit.data.items}
          places={session.places}
          first={session.place ?? session.places[0]?.id ?? ''}
          onClose={() => tick(false)}
        />
      )}
      {adding && (
        <NewTool places={session.places} onClose={() => setAdding(false)} onAdded={(id) => setChosen(id)} />
      )}
    </div>
  )
}

function Empty() {
  return (
    <div className="space-y-2 p-5 text-ink-2">
      <p>Choose a tool to see what it needs, to measure it, and who needs it.</p>
      <p>Measured once, every card’s length follows.</p>
    </div>
  )
}

/** By place, blades before guards before the rest; shortest first within. */
function group(items: Item[]): [string, Item[]][] {
  const out = new Map<string, Item[]>()
  for (const i of items) {
    const name = i.keeper_name ? `${i.keeper_name}’s own` : i.place_name
    out.set(name, [...(out.get(name) ?? []), i])
  }
  const rank = (i: Item) =>
    ['blade', 'guard', 'clipper', 'shears', 'thinning_shears', 'knife', 'rake'].indexOf(i.kind)
  for (const list of out.values())
    list.sort(
      (a, b) =>
        rank(a) - rank(b) || (a.measured_mm ?? a.nominal_mm ?? 0) - (b.measured_mm ?? b.nominal_mm ?? 0),
    )
  return [...out]
}

function Row({ item, chosen, onChoose }: { item: Item; chosen: boolean; onChoose: () => void }) {
  const length = item.measured_mm ?? item.nominal_mm
  const worst = item.cautions.find((c) => c.level === 'danger') ?? item.cautions[0]
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`flex h-full min-h-16 w-full items-center gap-3 rounded-md border p-2 text-left
        ${chosen ? 'border-thistle bg-thistle-soft' : 'border-line hover:bg-well'}`}
    >
      <Swatch length={length} kind={item.kind} />
      <span className="min-w-0 flex-1">
        <span className="block font-bold leading-tight">{toolName(item)}</span>
        {length !== null && (
          <span className="block text-sm">
            {item.measured_mm !== null ? (
              <>
                <Ruler aria-hidden className="mr-1 inline size-4 text-moss" />
                {mm(item.measured_mm)} measured{' '}
                <span className="text-ink-2">({mm(item.nominal_mm)} by its mark)</span>
              </>
            ) : (
              <span className="text-ink-2">{mm(item.nominal_mm)} by its mark</span>
            )}
          </span>
        )}
        {worst ? (
          <span
            className={`block text-sm font-bold
              ${
                worst.level === 'danger'
                  ? 'text-haw'
                  : worst.level === 'caution'
                    ? 'text-bracken'
                    : 'text-slate'
              }`}
          >
            {SHORT[worst.code] ?? worst.message}
            {item.cautions.length > 1 && ` +${item.cautions.length - 1}`}
          </span>
        ) : (
          item.sharpen_on && (
            <span className="block text-sm text-ink-2">sharpening due {shortDay(item.sharpen_on)}</span>
          )
        )}
      </span>
      {item.worn_share !== null && item.worn_share > 0 && <Wear share={item.worn_share} />}
    </button>
  )
}

/**
 * A tuft as long as what the tool leaves, to scale up to 30 mm, on skin of its tone; a plain mark for
 * tools without a length.
 */
function Swatch({ length, kind }: { length: number | null; kind: string }) {
  const tall = Math.min(30, length ?? 0)
  return (
    <svg viewBox="0 0 24 36" className="h-12 w-8 shrink-0" aria-hidden>
      <rect
        x="0"
        y="31"
        width="24"
        height="5"
        style={{ fill: length === null ? 'var(--well)' : toneColour(length) }}
      />
      {length === null ? (
        <path
          d={MARKS[kind] ?? MARKS.rake}
          fill="none"
          style={{ stroke: 'var(--ink-2)' }}
          strokeWidth="1.6"
          strokeLinecap="round"
        />
      ) : (
        <path
          d={[4, 8, 12, 16, 20].map((x) => `M${x} 31v-${Math.max(0.5, tall)}`).join('')}
          style={{ stroke: 'var(--ink)' }}
          strokeWidth="1.3"
        />
      )}
    </svg>
  )
}
const MARKS: Record<string, string> = {
  clipper: 'M8 30V14q0-4 4-4t4 4V30M8 10V6M12 10V5M16 10V6',
  shears: 'M7 30L17 6M17 30L7 6',
  thinning_shears: 'M7 30L17 6M17 30L7 6M13 9h3M12 12h3M11 15h3',
  knife: 'M12 30V18M9 18h6V6q-6 2-6 12',
  rake: 'M12 30V12M5 12h14M5 12v-5M9 12V7M15 12V7M19 12V7',
}

/** Teeth ground down as far as the tool is worn; the dotted line is where they were. */
function Wear({ share }: { share: number }) {
  const left = 13 * (1 - Math.min(1, share) * 0.85)
  const tone = share >= 1 ? 'var(--haw)' : share > 0.8 ? 'var(--bracken)' : 'var(--ink-2)'
  return (
    <span className="flex shrink-0 flex-col items-center whitespace-nowrap text-xs leading-tight text-ink-2">
      <svg viewBox="0 0 30 20" className="h-6 w-9" aria-hidden>
        <path d="M1 3H29" style={{ stroke: 'var(--ink-2)' }} strokeWidth="0.8" strokeDasharray="1.5 1.5" />
        <path
          d={
            [0, 1, 2, 3, 4].map((i) => `M${i * 6} 16l1.6 -${left}h2.8l1.6 ${left}z`).join('') +
            'M0 16h30v3h-30z'
          }
          style={{ fill: tone }}
        />
      </svg>
      {share >= 1 ? 'worn out' : `${Math.round(share * 100)} % worn`}
    </span>
  )
}
