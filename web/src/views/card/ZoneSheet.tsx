// The sheet of one zone: its recipe, what it leaves and why, warnings, how it meets its neighbours.
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { ApiError, type Problem, type Schemas } from '../../app/client'
import { drafts, useDraft } from '../../app/draft'
import { useSession } from '../../app/session'
import { draftOf, queries, type RecipeDraft } from '../../app/queries'
import { Button } from '../../ui/Button'
import { CheckField } from '../../ui/Field'
import { Later } from '../../ui/Later'
import { useDebounced } from '../../ui/useDebounced'
import { mm } from '../../ui/words'
import { Conflict } from './Conflict'
import { RecipeEditor } from '../../parts/RecipeEditor'
import { ToolChips } from '../../parts/ToolChips'
import { twinOf } from '../../parts/sides'
import { Figure } from './Figure'
import { PlainRecipe } from './PlainRecipe'
import { useZoneWrites } from './useZoneWrites'
import { ZoneAnswers } from './ZoneAnswers'

type Word = Schemas['VocabularyView']['zones'][number]
interface Props {
  dogId: string
  card: Schemas['CardView']
  zone: Word
  zones: Record<string, Word>
  words: Schemas['VocabularyView']
  canChange: boolean
  onZone: (zone: string) => void
  onVisit: (visit: string) => void
}

export function ZoneSheet({ dogId, card, zone, zones, words, canChange, onZone, onVisit }: Props) {
  const current = card.zones.find((z) => z.zone === zone.id)
  const twinId = twinOf(zone.id)
  const twin = twinId ? card.zones.find((z) => z.zone === twinId) : undefined
  // With the versions the change was begun from: a change by somebody else in between must be noticed.
  const { session } = useSession()
  const mine = `zone.${session.id}.${dogId}.`
  const [kept, keep] = useDraft<{ recipe: RecipeDraft; from: { version: number; twin: number } }>(
    mine + zone.id,
  )
  const draft = kept?.recipe ?? null
  const from = kept?.from ?? { version: 0, twin: 0 }
  const forget = () => keep(null)
  const [both, setBoth] = useState(() => !!twin && twin.recipe?.words === current?.recipe?.words)
  const [conflict, setConflict] = useState<Problem | null>(null)
  const shown = useMemo(() => draft ?? (current?.recipe ? draftOf(current.recipe) : null), [draft, current])
  const asked = useDebounced(shown, 120)
  const answer = useQuery({
    ...queries.answer(dogId, { zone: zone.id, recipe: asked ?? draftOf(null), place: card.place }),
    enabled: asked !== null,
  })
  const change = (next: RecipeDraft) => {
    keep({ recipe: next, from: kept?.from ?? { version: current?.version ?? 0, twin: twin?.version ?? 0 } })
  }
  const { save, clear } = useZoneWrites({
    dogId,
    zone,
    current,
    twin: both && twin ? { zone: twin.zone, version: from.twin, label: zones[twin.zone]?.label } : null,
    onKept: () => {
      forget()
      setConflict(null)
    },
    onConflict: setConflict,
  })
  if (!current) return null
  const refused = [save.error, answer.error].find(
    (e): e is ApiError => e instanceof ApiError && e.status === 422,
  )
  const errors = Object.fromEntries(
    Object.entries(refused?.fields ?? {}).map(([k, v]) => [k.replace(/^recipe\./, ''), v]),
  )
  const a = answer.data?.zone === zone.id && shown && !answer.isError ? answer.data : null
  const others = canChange ? drafts.below(mine).filter((id) => id !== zone.id) : []
  const changedMeanwhile = draft !== null && current.version !== from.version
  const answers = a && shown && (
    <ZoneAnswers
      answer={a}
      dogId={dogId}
      canChange={canChange}
      zones={zones}
      onZone={onZone}
      onOption={
        canChange
          ? (o) =>
              change({
                ...shown,
                method: o.tool.kind === 'guard' ? 'guard' : 'clip',
                tool: o.tool,
                lay: o.lay,
              })
          : undefined
      }
    />
  )
  return (
    <div className="space-y-4 p-4">
      <div>
        <h2 className="text-2xl">{zone.label}</h2>
        {['rear', 'tail', 'sanitary'].includes(zone.group) && (
          <p className="text-sm font-bold text-bracken">{card.dog.tail_rule}</p>
        )}
        {current.changed_by && <p className="text-sm text-ink-2">last changed by {current.changed_by}</p>}
      </div>
      {draft && (
        <p
          role="status"
          className="rounded-md border-l-4 border-bracken bg-bracken-soft px-3 py-1.5 font-bold text-bracken"
        >
          Changed here, not saved yet.
        </p>
      )}
      {others.length > 0 && (
        <p className="flex flex-wrap items-baseline gap-x-2 text-sm font-bold text-bracken">
          Not saved yet either:
          {others.map((id) => (
            <button
              key={id}
              type="button"
              className="min-h-11 underline underline-offset-2"
              onClick={() => onZone(id)}
            >
              {zones[id]?.label ?? id}
            </button>
          ))}
        </p>
      )}
      {changedMeanwhile && !conflict && (
        <p role="status" className="rounded-md bg-slate-soft px-3 py-2 text-sm font-bold text-slate">
          {current.changed_by ?? 'Somebody'} has just changed this zone to:{' '}
          {current.recipe?.words ?? 'not planned'}. Saving will ask which one stays.
        </p>
      )}
      {!shown && (
        <p className="text-ink-2">
          Nothing is planned here
          {current.now_mm !== null ? `; it carries about ${mm(current.now_mm)} today` : ''}.
        </p>
      )}
      {canChange ? (
        shown ? (
          <form
            onSubmit={(e) => {
              e.preventDefault()
              if (draft) save.mutate({ recipe: draft, version: from.version })
            }}
            className="space-y-3"
            noValidate
          >
            <Figure
              answer={a}
              busy={answer.isFetching}
              current={current}
              label={zone.label}
              onVisit={onVisit}
            />
            <ToolChips draft={shown} place={card.place} onChange={change} />
            {twin && (
              <CheckField
                label="Both sides alike"
                checked={both}
                onChange={(e) => setBoth(e.target.checked)}
              />
            )}
            {answers}
            <Later>
              <RecipeEditor
                draft={shown}
                onChange={change}
                errors={errors}
                words={words}
                place={card.place}
                shapes={zone.shapes}
              />
            </Later>
            {save.error &&
              !(
                save.error instanceof ApiError &&
                (save.error.status === 412 || save.error.status === 422)
              ) && (
                <p role="alert" className="text-sm font-bold text-haw">
                  {save.error.message}
                </p>
              )}
            {/* The choice stands where the thumb has just been. */}
            <div className="sticky bottom-0 flex flex-wrap gap-2 border-t border-line bg-sheet py-3">
              {conflict && draft && (
                <Conflict
                  problem={conflict}
                  busy={save.isPending}
                  onMine={() => save.mutate({ recipe: draft, version: conflict.version ?? 0 })}
                  onTheirs={() => {
                    forget()
                    setConflict(null)
                    save.reset()
                  }}
                />
              )}
              {!conflict && (
                <Button type="submit" kind="main" disabled={!draft || save.isPending}>
                  {save.isPending ? 'Saving …' : 'Save'}
                </Button>
              )}
              {draft && !conflict && (
                <Button
                  onClick={() => {
                    forget()
                    save.reset()
                  }}
                >
                  Put back
                </Button>
              )}
              {!draft && current.recipe && (
                <Button kind="quiet" onClick={() => clear.mutate()}>
                  Take out of the plan
                </Button>
              )}
            </div>
          </form>
        ) : (
          <Button kind="main" onClick={() => change(draftOf(null))}>
            Plan this zone
          </Button>
        )
      ) : (
        shown && (
          <>
            <Figure
              answer={a}
              busy={answer.isFetching}
              current={current}
              label={zone.label}
              onVisit={onVisit}
            />
            {answers}
            <PlainRecipe recipe={current.recipe} />
          </>
        )
      )}
    </div>
  )
}
