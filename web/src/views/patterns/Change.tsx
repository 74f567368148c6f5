// A pattern changed on its line, with what that does to every card that follows, before anything is kept.
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useId, useState } from 'react'
import { Link } from 'react-router'
import { api, ApiError, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { mm } from '../../ui/words'
import { ifMatch, useWrite } from '../../app/useWrite'

type PatternData = Schemas['PatternView']
export function Change({
  pattern,
  onShown,
  onSent,
  onGone,
}: {
  pattern: PatternData
  onShown: (lengths: Record<string, number | null> | null) => void
  /** it is kept and on its way; the words are for when it has arrived */
  onSent: (next: PatternData, text: string) => void
  onGone: () => void
}) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const id = useId()
  const p = pattern.pattern
  const [v, setV] = useState({ name: p.name, note: p.note, line: p.line })
  const [left, setLeft] = useState<Set<string>>(new Set())
  const preview = useQuery({
    queryKey: ['spread', p.id, p.version, v.line],
    queryFn: () =>
      take(
        api.POST('/api/patterns/{id}/spread/answer', {
          params: { path: { id: p.id } },
          body: { line: v.line },
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const fault = preview.error instanceof ApiError ? preview.error.fields.line : undefined
  const zones = preview.data?.zones
  useEffect(() => {
    if (zones) onShown(Object.fromEntries(zones.map((z) => [z.zone, z.finished_mm])))
  }, [zones, onShown])
  useEffect(() => () => onShown(null), [onShown])
  const touched = (preview.data?.dogs ?? []).filter((d) => d.changes.length > 0)
  const going = touched.filter((d) => !left.has(d.dog))
  // A card without a difference follows the new version too.
  const same = (preview.data?.dogs ?? []).filter((d) => d.changes.length === 0)
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/patterns/{id}', {
          params: {
            path: { id: p.id },
            header: { ...ifMatch(p.version), ...write },
          },
          body: { ...v, spread: [...going, ...same].map((d) => d.dog) },
        }),
      ),
    onSuccess: (next) =>
      onSent(
        next,
        going.length === 0
          ? 'The pattern is kept'
          : `Kept, and ${going.length === 1 ? 'one card follows' : `${going.length} cards follow`}`,
      ),
  })
  const drop = useWrite({
    send: (_: void, write) =>
      take(
        api.DELETE('/api/patterns/{id}', {
          params: { path: { id: p.id }, header: write },
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['patterns'] })
      onGone()
      toast({
        text: `${p.name} is dropped`,
        action: {
          label: 'Take back',
          run: () => takeBack.mutate(),
        },
      })
    },
  })
  const takeBack = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/patterns', {
          params: { header: write },
          body: { name: p.name, note: p.note, line: p.line },
        }),
      ),
    onSuccess: () => void cache.invalidateQueries({ queryKey: ['patterns'] }),
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const errors = save.fields
  const stale = save.stale !== null
  const dirty = v.name !== p.name || v.note !== p.note || v.line.trim() !== p.line
  const readOnly = !may('plan')
  return (
    <div className="space-y-3 p-4">
      <div>
        <label htmlFor={id} className="label">
          The pattern on one line
        </label>
        <textarea
          id={id}
          rows={7}
          spellCheck={false}
          autoCapitalize="none"
          readOnly={readOnly}
          className="field font-mono text-sm"
          aria-invalid={!!fault}
          aria-describedby={`${id}-fault`}
          value={v.line}
          maxLength={10_000}
          onChange={(e) => setV({ ...v, line: e.target.value.replace(/[\r\n]+/g, ' ') })}
        />
        <p id={`${id}-fault`} role={fault ? 'alert' : undefined} className="text-sm font-bold text-haw">
          {fault}
        </p>
      </div>
      {!readOnly && (
        <>
          <TextField
            label="Name"
            value={v.name}
            maxLength={60}
            onChange={(e) => setV({ ...v, name: e.target.value })}
            error={errors.name}
          />
          <TextField
            label="Note"
            value={v.note}
            maxLength={300}
            onChange={(e) => setV({ ...v, note: e.target.value })}
            error={errors.note}
          />
        </>
      )}
      {preview.data && !fault && (
        <section aria-label="What it does to the cards" className="space-y-2">
          <h3 className="text-lg">
            {touched.length === 0
              ? 'No card changes'
              : touched.length === 1
                ? 'One card changes'
                : `${touched.length} cards change`}
          </h3>
          <ul className="divide-y divide-line">
            {[...touched, ...same.filter((d) => d.stays.length > 0)].map((d) => (
              <li key={d.dog} className="py-2">
                <label className="flex min-h-11 items-center gap-3 font-bold">
                  {d.changes.length > 0 && (
                    <input
                      type="checkbox"
                      className="size-6 accent-thistle"
                      disabled={readOnly}
                      checked={!left.has(d.dog)}
                      aria-label={`${d.name} follows`}
                      onChange={(e) => {
                        const next = new Set(left)
                        if (e.target.checked) next.delete(d.dog)
                        else next.add(d.dog)
                        setLeft(next)
                      }}
                    />
                  )}
                  <Link to={`/dogs/${d.dog}`} className="text-thistle underline underline-offset-2">
                    {d.name}
                  </Link>
                </label>
                <ul className="text-sm">
                  {d.changes.map((c) => (
                    <li key={c.zone}>
                      <b>{c.label}</b> {c.words}
                      {c.finished_mm !== null && (
                        <span className="text-ink-2">
                          {' '}
                          ({c.was_mm === null ? 'new' : mm(c.was_mm)} → {mm(c.finished_mm)})
                        </span>
                      )}
                    </li>
                  ))}
                  {d.stays.map((s) => (
                    <li key={s.zone} className="text-slate">
                      <b>{s.label} stays:</b> {s.why}
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
        </section>
      )}
      {(save.error ?? drop.error) && Object.keys(errors).length === 0 && (
        <p role="alert" className="font-bold text-haw">
          {(save.error ?? drop.error)?.message}{' '}
          {stale && (
            <Button onClick={() => void cache.invalidateQueries({ queryKey: ['pattern', p.id] })}>
              See theirs
            </Button>
          )}
        </p>
      )}
      {!readOnly && (
        <div className="flex flex-wrap gap-2">
          <Button
            kind="main"
            disabled={!dirty || !!fault || save.isPending || preview.isFetching}
            onClick={() => save.mutate()}
          >
            {save.isPending
              ? 'Keeping …'
              : going.length === 0
                ? 'Keep the pattern'
                : `Keep it, ${going.length === 1 ? 'one card follows' : `${going.length} cards follow`}`}
          </Button>
          {dirty && (
            <Button onClick={() => setV({ name: p.name, note: p.note, line: p.line })}>As it was</Button>
          )}
          {pattern.dogs.length === 0 && (
            <Button kind="quiet" disabled={drop.isPending} onClick={() => drop.mutate()}>
              Drop it
            </Button>
          )}
        </div>
      )}
    </div>
  )
}
