// Zones that are not seen from the side, as buttons with their numbers.
import { useState } from 'react'
import type { Schemas } from '../../app/client'
import { Choice } from '../../ui/Choice'
import { mm } from '../../ui/words'

type Word = Schemas['VocabularyView']['zones'][number]

const GROUPS: [string, (id: string) => boolean][] = [
  ['Underside', (id) => /^(belly_patch|groin|sheath_or_vulva|inner_thigh|armpit)/.test(id)],
  ['Rear', (id) => /^(under_tail_ring|channel|tail_root_arc)/.test(id)],
  ['Feet', (id) => /^(pads|between_toes|toe_outline)/.test(id)],
  ['Head', () => true],
]

export function OutOfSight({
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
