// The fields of a recipe; offers only what the kit and the rules know.
import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../app/client'
import { queries, type RecipeDraft } from '../app/queries'
import { useSession } from '../app/session'
import { Choice } from '../ui/Choice'
import { CheckField, SelectField, TextField } from '../ui/Field'
import { trim } from '../ui/words'

interface Props {
  draft: RecipeDraft
  onChange: (draft: RecipeDraft) => void
  errors: Record<string, string>
  words: Schemas['VocabularyView']
  place: string
  shapes: string[]
  /** leave out what only a plan has */
  brief?: boolean
}

export function RecipeEditor({ draft, onChange, errors, words, place, shapes, brief = false }: Props) {
  const kit = useQuery(queries.kit())
  const { session } = useSession()
  const lists = words.lists
  const set = (change: Partial<RecipeDraft>) => onChange({ ...draft, ...change })
  const guards = unique(
    (kit.data?.items ?? []).filter((i) => i.kind === 'guard' && i.nominal_mm !== null),
    (i) => String(i.nominal_mm),
  )
  const here = new Set(
    (kit.data?.items ?? [])
      .filter((i) => (i.keeper ? i.keeper === session.id : i.place === place))
      .map((i) =>
        i.kind === 'guard' ? `g${i.nominal_mm}` : i.kind === 'trimmer' ? 'btrimmer' : `b${i.label}`,
      ),
  )
  const away = (key: string) => (kit.data && !here.has(key) ? ' · not in this kit' : '')
  const bladed = draft.method === 'clip' || draft.method === 'shave_out'
  const trimming = draft.tool?.kind === 'trimmer'
  const trimmer = (kit.data?.items ?? []).find((i) => i.kind === 'trimmer')
  const guarded = draft.method === 'guard'
  const setMethod = (method: string) => {
    const blade = method === 'clip' || method === 'shave_out'
    const first = guards[0]
    set({
      method,
      entered_mm: blade || method === 'guard' ? null : draft.entered_mm,
      tool: blade
        ? draft.tool?.kind === 'trimmer'
          ? draft.tool
          : { kind: 'blade', label: draft.tool?.kind === 'blade' ? draft.tool.label : '10' }
        : method === 'guard'
          ? draft.tool?.kind === 'guard'
            ? draft.tool
            : { kind: 'guard', mm: first?.nominal_mm ?? 13, label: first?.label, base: '10' }
          : null,
    })
  }
  return (
    <div className="space-y-2">
      <SelectField
        label="Method"
        value={draft.method}
        options={lists.method}
        onChange={(e) => setMethod(e.target.value)}
        error={errors.method}
      />
      {bladed && (
        <SelectField
          label="Blade"
          value={trimming ? 'trimmer' : (draft.tool?.label ?? '10')}
          options={[...lists.blade, { id: 'trimmer', label: 'small trimmer' }].map((b) => ({
            id: b.id,
            label: b.label + away(`b${b.id}`),
          }))}
          onChange={(e) =>
            set({
              tool:
                e.target.value === 'trimmer'
                  ? { kind: 'trimmer', mm: trimmer?.nominal_mm ?? undefined }
                  : { kind: 'blade', label: e.target.value },
            })
          }
          error={errors.tool ?? errors['tool.label']}
        />
      )}
      {bladed && trimming && (
        <TextField
          label="Set to (mm)"
          type="number"
          inputMode="decimal"
          step="0.1"
          value={draft.tool?.mm ?? ''}
          hint="Left empty: as small trimmers usually are."
          onChange={(e) =>
            set({
              tool: { kind: 'trimmer', mm: e.target.value === '' ? undefined : Number(e.target.value) },
            })
          }
          error={errors['tool.mm']}
        />
      )}
      {guarded && (
        <div className="grid grid-cols-2 gap-2">
          <SelectField
            label="Guard"
            value={String(draft.tool?.mm ?? '')}
            options={withCurrent(
              guards.map((g) => ({ id: String(g.nominal_mm), label: g.label + away(`g${g.nominal_mm}`) })),
              draft.tool?.mm,
            )}
            onChange={(e) =>
              set({
                tool: {
                  kind: 'guard',
                  base: draft.tool?.base ?? '10',
                  mm: Number(e.target.value),
                  label: guards.find((g) => String(g.nominal_mm) === e.target.value)?.label,
                },
              })
            }
            error={errors.tool ?? errors['tool.mm']}
          />
          <SelectField
            label="Over base"
            value={draft.tool?.base ?? '10'}
            options={lists.base.map((b) => ({ id: b.id, label: b.label + away(`b${b.id}`) }))}
            onChange={(e) => set({ tool: { kind: 'guard', ...draft.tool, base: e.target.value } })}
            error={errors['tool.base']}
          />
        </div>
      )}
      {bladed || guarded ? (
        <div>
          <span className="label">Lay</span>
          <Choice
            label="Lay"
            value={draft.lay}
            options={lists.lay.map((l) => ({ id: l.id, label: l.id }))}
            onChange={(lay) => set({ lay })}
          />
        </div>
      ) : (
        <TextField
          label="Left at about (mm)"
          type="number"
          inputMode="decimal"
          step="0.1"
          value={draft.entered_mm ?? ''}
          hint="No tool gives this length; it is kept as an estimate."
          onChange={(e) => set({ entered_mm: e.target.value === '' ? null : Number(e.target.value) })}
          error={errors.entered_mm}
        />
      )}
      {!brief && (
        <>
          <div className="grid grid-cols-2 gap-2">
            <SelectField
              label="Stop line"
              value={draft.stop_line ?? ''}
              options={lists.stop_line}
              onChange={(e) => set({ stop_line: e.target.value || null })}
              error={errors.stop_line}
            />
            <SelectField
              label="Reason"
              value={draft.reason ?? ''}
              options={[{ id: '', label: 'none given' }, ...lists.reason]}
              onChange={(e) => set({ reason: e.target.value || null })}
              error={errors.reason}
            />
          </div>
          <SelectField
            label="Shape"
            value={draft.shape ?? ''}
            options={withCurrent(
              [{ id: '', label: 'none' }, ...shapes.map((s) => ({ id: s, label: s }))],
              draft.shape,
            )}
            onChange={(e) => set({ shape: e.target.value || null })}
            error={errors.shape}
          />
          <div className="grid grid-cols-2 gap-2">
            <SelectField
              label="Carry"
              value={draft.carry}
              options={lists.carry}
              onChange={(e) => set({ carry: e.target.value })}
              error={errors.carry}
            />
            <TextField
              label="Clipper unit"
              value={draft.clipper_unit ?? ''}
              onChange={(e) => set({ clipper_unit: e.target.value || null })}
              error={errors.clipper_unit}
              placeholder="any"
              maxLength={60}
            />
          </div>
          <CheckField
            label="Exception patch: never copied, fills back"
            checked={draft.exception}
            onChange={(e) =>
              set({ exception: e.target.checked, carry: e.target.checked ? 'do_not_repeat' : draft.carry })
            }
          />
          <TextField
            label="Note"
            value={draft.note ?? ''}
            onChange={(e) => set({ note: e.target.value || null })}
            error={errors.note}
            maxLength={300}
          />
        </>
      )}
    </div>
  )
}

function unique<T>(items: T[], key: (item: T) => string): T[] {
  const seen = new Set<string>()
  return items
    .filter((i) => !seen.has(key(i)) && seen.add(key(i)))
    .sort((a, b) => Number(key(a)) - Number(key(b)))
}

function withCurrent(
  options: { id: string; label: string }[],
  current: string | number | null | undefined,
): { id: string; label: string }[] {
  const id = current == null ? '' : String(current)
  return id === '' || options.some((o) => o.id === id)
    ? options
    : [...options, { id, label: typeof current === 'number' ? `${trim(current)} mm guard` : id }]
}
