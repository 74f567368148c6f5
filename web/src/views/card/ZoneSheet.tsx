// The sheet of one zone: its recipe, what it leaves and why, warnings, how it meets its neighbours.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { api, ApiError, take, writeKey, type Problem, type Schemas } from '../../app/client'
import { drafts, useDraft } from '../../app/draft'
import { useSession } from '../../app/session'
import { draftOf, queries, type RecipeDraft } from '../../app/queries'
import { Button } from '../../ui/Button'
import { CheckField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import { day, mm, trim } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import { Conflict } from './Conflict'
import { RecipeEditor } from '../../parts/RecipeEditor'
import { ToolChips } from '../../parts/ToolChips'
import { twinOf } from '../../parts/sides'
import { ifMatch, useWrite } from '../../app/useWrite'
import { HardLine } from './HardLine'

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
  const cache = useQueryClient()
  const toast = useToast()
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
  const put = (id: string, version: number, recipe: RecipeDraft) =>
    take(
      api.PUT('/api/dogs/{id}/plan/{zone}', {
        params: {
          path: { id: dogId, zone: id },
          header: { 'If-Match': `"${version}"`, 'Idempotency-Key': writeKey() },
        },
        body: recipe,
      }),
    )
  const undo = async ([id = '', ...also]: string[]) => {
    try {
      await take(
        api.POST('/api/log/{id}/undo', {
          params: { path: { id }, header: { 'Idempotency-Key': writeKey() } },
          body: { also },
        }),
      )
      toast({ text: `${zone.label}: taken back` })
    } catch (e) {
      toast({ text: e instanceof ApiError ? e.message : 'That could not be taken back.', bad: true })
    }
    void cache.invalidateQueries({ queryKey: ['card', dogId] })
  }
  const save = useWrite({
    send: async ({ recipe, version }: { recipe: RecipeDraft; version: number }, write) => {
      if (!both || !twin) return [await put(zone.id, version, recipe)]
      try {
        const sides = [
          { zone: zone.id, version, recipe },
          { zone: twin.zone, version: from.twin, recipe },
        ]
        const done = await take(
          api.POST('/api/dogs/{id}/plan/changes', {
            params: { path: { id: dogId }, header: write },
            body: { changes: sides },
          }),
        )
        return done.zones
      } catch (e) {
        if (!(e instanceof ApiError) || e.status !== 412 || e.problem.zone !== twin.zone) throw e
        // The other side belongs to whoever changed it meanwhile until somebody looks at it; this one is
        // saved.
        const who = e.problem.changed_by ?? 'somebody'
        toast({
          text:
            `${zones[twin.zone]?.label ?? 'The other side'} stays as it is: ` +
            `${who} has changed it meanwhile`,
          bad: true,
        })
        return [await put(zone.id, version, recipe)]
      }
    },
    onSuccess: (done) => {
      forget()
      setConflict(null)
      const changes = done.flatMap((d) => (d.change ? [d.change] : []))
      if (changes.length)
        toast({
          text: `${zone.label}${done.length > 1 ? ', both sides' : ''}: saved`,
          action: { label: 'Undo', run: () => void undo(changes) },
        })
      void cache.invalidateQueries({ queryKey: ['card', dogId] })
    },
    onError: (e) => {
      if (e instanceof ApiError && e.status === 412) setConflict(e.problem)
      void cache.invalidateQueries({ queryKey: ['card', dogId] })
    },
  })
  const clear = useWrite({
    send: (_: void, write) =>
      take(
        api.DELETE('/api/dogs/{id}/plan/{zone}', {
          params: {
            path: { id: dogId, zone: zone.id },
            header: { ...ifMatch(current?.version ?? 0), ...write },
          },
        }),
      ),
    onSuccess: (done) => {
      forget()
      if (done.change)
        toast({
          text: `${zone.label}: taken out of the plan`,
          action: { label: 'Undo', run: () => void undo([done.change ?? '']) },
        })
      void cache.invalidateQueries({ queryKey: ['card', dogId] })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
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
  const figure = shown && (
    <div className="rounded-lg bg-well p-3" aria-live="polite" aria-busy={answer.isFetching}>
      <div className="flex items-baseline gap-3">
        <output className="font-head text-4xl font-bold" data-testid="finished">
          {a ? (a.length.finished_mm === null ? 'unknown' : mm(a.length.finished_mm)) : '…'}
        </output>
        {a?.length.inch && <span className="text-lg text-ink-2">{a.length.inch}″</span>}
        {a && <Why of={`what ${zone.label} is left at`} reasons={a.length.reasons} onVisit={onVisit} />}
      </div>
      {a && a.length.low_mm !== null && (
        <p className="text-sm text-ink-2">
          {a.length.estimated ? 'an estimate, ' : ''}between {trim(a.length.low_mm)} and{' '}
          {trim(a.length.high_mm ?? 0)} mm
          {current.now_mm !== null && ` · carries about ${mm(current.now_mm)} today`}
        </p>
      )}
      {current.recipe?.exception && (
        <p className="text-sm font-bold text-haw">
          Exception patch
          {current.fill_back_on ? `: grown out by ${day(current.fill_back_on)}` : ''}
        </p>
      )}
    </div>
  )
  const answers = a && shown && (
    <Answers
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
            {figure}
            <ToolChips draft={shown} place={card.place} onChange={change} />
            {twin && (
              <CheckField
                label="Both sides alike"
                checked={both}
                onChange={(e) => setBoth(e.target.checked)}
              />
            )}
            {answers}
            <RecipeEditor
              draft={shown}
              onChange={change}
              errors={errors}
              words={words}
              place={card.place}
              shapes={zone.shapes}
            />
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
            {figure}
            {answers}
            <Plain recipe={current.recipe} />
          </>
        )
      )}
    </div>
  )
}

function Answers({
  answer,
  dogId,
  canChange,
  zones,
  onZone,
  onOption,
}: {
  answer: Schemas['AnswerView']
  dogId: string
  canChange: boolean
  zones: Record<string, Word>
  onZone: (zone: string) => void
  onOption?: (option: Schemas['AnswerView']['options'][number]) => void
}) {
  const { length, recovery, here, blends, options } = answer
  const warnings = [...length.warnings, ...(recovery?.warnings ?? [])].sort(
    (a, b) => rank(a.level) - rank(b.level),
  )
  const meet = blends.filter((b) => b.blend !== 'none')
  return (
    <div className="space-y-3">
      {warnings.map((w) => (
        <CautionLine key={w.code} caution={w} />
      ))}
      {recovery && recovery.level !== 'none' && (
        <p className="text-sm">
          Back to {mm(recovery.back_to_mm)}: <b>{recovery.message}</b>{' '}
          <Why of="how long it takes to grow back" reasons={recovery.reasons} />
        </p>
      )}
      {!here.makes && (
        <p className="rounded-md border-l-4 border-bracken bg-bracken-soft px-3 py-1.5 text-sm text-bracken">
          <b>Not in this kit.</b> Nearest here: {here.words}
          {here.lay && here.lay !== 'with' && ` ${here.lay} the lay`}
          {here.finished_mm !== null &&
            `, ${mm(here.finished_mm)} (${(here.difference_mm ?? 0) > 0 ? '+' : ''}${here.difference_mm})`}
          {!here.close && ' – too far off to pass for the same'}
        </p>
      )}
      {options.length > 1 && onOption && (
        <details className="text-sm">
          <summary className="min-h-8 font-bold text-ink-2">The same length another way</summary>
          <div className="mt-2 flex flex-wrap gap-1.5">
            {options.map((o) => (
              <button
                key={o.words + o.lay}
                type="button"
                className="min-h-11 rounded-md border border-line bg-sheet px-2.5 hover:bg-well"
                onClick={() => onOption(o)}
              >
                {o.words}
                {o.lay !== 'with' && `, ${o.lay}`} <b>{mm(o.finished_mm)}</b>
              </button>
            ))}
          </div>
        </details>
      )}
      <div>
        <h3 className="font-bold">Where it meets its neighbours</h3>
        {meet.length === 0 ? (
          <p className="text-sm text-ink-2">
            {blends.length === 0 ? 'No planned neighbour yet.' : 'Meets them all without a blend.'}
          </p>
        ) : (
          <ul className="mt-1 space-y-1 text-sm">
            {meet.map((b) => (
              <li key={b.zone}>
                <button
                  type="button"
                  className="font-bold text-thistle underline underline-offset-2"
                  onClick={() => onZone(b.zone)}
                >
                  {zones[b.zone]?.label}
                </button>{' '}
                {mm(b.finished_mm)}: {b.words}{' '}
                <Why of={`the blend into ${zones[b.zone]?.label}`} reasons={b.reasons} />{' '}
                {(b.hard_line || (canChange && b.blend !== 'hard_line')) && (
                  <HardLine
                    dogId={dogId}
                    zone={answer.zone}
                    other={b.zone}
                    label={zones[b.zone]?.label ?? b.zone}
                    wanted={b.hard_line}
                    canChange={canChange}
                  />
                )}
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  )
}

function Plain({ recipe }: { recipe: Schemas['RecipeView'] | null }) {
  if (!recipe) return null
  const rows = [
    ['Recipe', recipe.words],
    ['Stop line', recipe.stop_line?.replaceAll('_', ' ')],
    ['Shape', recipe.shape],
    ['Reason', recipe.reason?.replaceAll('_', ' ')],
    ['Carry', recipe.carry.replaceAll('_', ' ')],
    ['Clipper', recipe.clipper_unit],
    ['Note', recipe.note],
  ].filter(([, v]) => v)
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {rows.map(([k, v]) => (
        <div key={k} className="contents">
          <dt className="text-ink-2">{k}</dt>
          <dd>{v}</dd>
        </div>
      ))}
    </dl>
  )
}

function rank(level: string): number {
  return level === 'danger' ? 0 : level === 'caution' ? 1 : 2
}

function useDebounced<T>(value: T, ms: number): T {
  const [late, setLate] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setLate(value), ms)
    return () => clearTimeout(timer)
  }, [value, ms])
  return late
}
