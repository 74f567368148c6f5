// The blades, the guards and the trimmer of the kit here, shortest first: one tap takes one, − and + the
// next shorter and longer.
import { useQuery } from '@tanstack/react-query'
import { Minus, Plus } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { queries, type RecipeDraft } from '../app/queries'
import { useSession } from '../app/session'
import { Button } from '../ui/Button'

interface Chip {
  key: string
  label: string
  mm: number
  kind: 'blade' | 'guard' | 'trimmer'
  tool: NonNullable<RecipeDraft['tool']>
}

interface Props {
  draft: RecipeDraft
  place: string
  onChange: (draft: RecipeDraft) => void
}

export function ToolChips({ draft, place, onChange }: Props) {
  const kit = useQuery(queries.kit())
  const { session } = useSession()
  const row = useRef<HTMLDivElement>(null)
  const current = keyOf(draft)
  useEffect(() => {
    const chosen = row.current?.querySelector<HTMLElement>('[aria-pressed=true]')
    if (row.current && chosen)
      row.current.scrollLeft = chosen.offsetLeft - row.current.clientWidth / 2 + chosen.clientWidth / 2
  }, [current, kit.data])
  const chips = new Map<string, Chip>()
  for (const i of kit.data?.items ?? []) {
    if (i.keeper ? i.keeper !== session.id : i.place !== place) continue
    const chip = chipOf(i, draft)
    if (chip && !chips.has(chip.key)) chips.set(chip.key, chip)
  }
  const all = [...chips.values()].sort((a, b) => a.mm - b.mm || a.label.localeCompare(b.label))
  if (all.length === 0) return null
  const now = all.find((c) => c.key === current)
  // − and + stay with the kind of tool in hand: from guard to guard, from blade to blade.
  const kin = all.filter((c) => !now || c.kind === now.kind)
  const at = now ? kin.indexOf(now) : -1
  const take = (chip: Chip | undefined) => {
    if (!chip) return
    const cuts = draft.method === 'shave_out' && chip.kind !== 'guard' ? 'shave_out' : 'clip'
    onChange({
      ...draft,
      method: chip.kind === 'guard' ? 'guard' : cuts,
      entered_mm: null,
      tool: chip.tool,
    })
  }
  const step = 'min-h-12 w-12 shrink-0 !px-0'
  return (
    <div className="flex items-center gap-1.5" role="group" aria-label="Tools of this kit">
      <Button
        className={step}
        aria-label={`Shorter${at > 0 ? `: ${nameOf(kin[at - 1])}` : ''}`}
        disabled={at < 1}
        onClick={() => take(kin[at - 1])}
      >
        <Minus aria-hidden className="size-5" />
      </Button>
      <div ref={row} className="relative flex min-w-0 flex-1 gap-1 overflow-x-auto py-0.5">
        {all.map((c) => (
          <button
            key={c.key}
            type="button"
            aria-pressed={c.key === current}
            onClick={() => take(c)}
            className={`min-h-12 min-w-12 shrink-0 border px-2 leading-tight
              ${c.kind === 'guard' ? 'rounded-xl' : 'rounded-sm'}
              ${
                c.key === current
                  ? 'border-thistle bg-thistle-soft text-thistle'
                  : 'border-line bg-sheet hover:bg-well'
              }`}
          >
            <b className="block">{c.label}</b> <span className="block text-xs">{c.kind}</span>
          </button>
        ))}
      </div>
      <Button
        className={step}
        aria-label={`Longer${at >= 0 && at < kin.length - 1 ? `: ${nameOf(kin[at + 1])}` : ''}`}
        disabled={at < 0 || at >= kin.length - 1}
        onClick={() => take(kin[at + 1])}
      >
        <Plus aria-hidden className="size-5" />
      </Button>
    </div>
  )
}

function nameOf(chip: Chip | undefined): string {
  return chip ? `${chip.label} ${chip.kind}` : ''
}

function keyOf(draft: RecipeDraft): string {
  const t = draft.tool
  return t ? (t.kind === 'guard' ? `guard ${t.mm}` : t.kind === 'blade' ? `blade ${t.label}` : 'trimmer') : ''
}

function chipOf(
  item: { kind: string; label: string; nominal_mm: number | null; measured_mm: number | null },
  draft: RecipeDraft,
): Chip | null {
  const mm = item.nominal_mm ?? 0
  const base = draft.tool?.kind === 'guard' ? (draft.tool.base ?? '10') : '10'
  switch (item.kind) {
    case 'guard':
      return {
        key: `guard ${mm}`,
        label: String(mm),
        mm,
        kind: 'guard',
        tool: { kind: 'guard', mm, label: item.label, base },
      }
    case 'blade':
      return {
        key: `blade ${item.label}`,
        label: item.label,
        mm,
        kind: 'blade',
        tool: { kind: 'blade', label: item.label },
      }
    case 'trimmer':
      return {
        key: 'trimmer',
        label: 'small',
        mm,
        kind: 'trimmer',
        tool: { kind: 'trimmer', mm: mm || undefined },
      }
    default:
      return null
  }
}
