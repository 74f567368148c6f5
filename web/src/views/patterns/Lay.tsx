// A pattern laid on a dog: what fits, what this kit makes otherwise, what is the dog's own, what its coat
// forbids; taken over zone by zone.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { api, ApiError, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { CheckField, TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { mm } from '../../ui/words'
import { drawnAs } from '../../parts/sides'
import { ifMatch, useWrite } from '../../app/useWrite'

type PatternData = Schemas['PatternView']
type Fit = Schemas['FitView']
type ZoneFit = Fit['zones'][number]

interface Props {
  pattern: PatternData
  dogId: string | null
  dogName: string | null
  onDog: (dog: string | null) => void
  onShown: (lengths: Record<string, number | null> | null) => void
  onZone: (zone: string) => void
}

/** In the order of what wants a decision; sign and word, never colour alone. */
const GROUPS: { verdict: string; title: string; sign: string; tone: string }[] = [
  { verdict: 'must_not', title: 'This coat must not', sign: '✕', tone: 'text-haw' },
  { verdict: 'agree_first', title: 'Agree it first', sign: '!', tone: 'text-bracken' },
  { verdict: 'kept', title: 'The dog’s own: stays', sign: '◦', tone: 'text-slate' },
  { verdict: 'other_tool', title: 'Not in this kit', sign: '≈', tone: 'text-bracken' },
  { verdict: 'fits', title: 'Fits', sign: '✓', tone: 'text-moss' },
  { verdict: 'same', title: 'As it is already', sign: '=', tone: 'text-ink-2' },
]

export function Lay(props: Props) {
  const { dogId, dogName, onDog } = props
  if (dogId === null) return <FindDog onDog={onDog} />
  return (
    <div className="space-y-3 p-4">
      <div className="flex items-center gap-2">
        <p className="flex-1 text-lg font-bold">{dogName ?? '…'}</p>
        <Button kind="quiet" onClick={() => onDog(null)}>
          Another dog
        </Button>
      </div>
      <OnDog
        key={`${dogId}-${props.pattern.pattern.id}-${props.pattern.pattern.version}`}
        {...props}
        dogId={dogId}
      />
    </div>
  )
}

function FindDog({ onDog }: { onDog: (dog: string) => void }) {
  const [q, setQ] = useState('')
  const book = useQuery(queries.book(q.trim()))
  return (
    <div className="space-y-2 p-4">
      <TextField
        label="Which dog"
        type="search"
        value={q}
        onChange={(e) => setQ(e.target.value)}
        hint="a few letters of its name, its owner or their number"
      />
      <ul>
        {(book.data?.dogs ?? []).slice(0, 8).map((d) => (
          <li key={d.id}>
            <button
              type="button"
              className="block min-h-12 w-full rounded-md px-2 text-left hover:bg-well"
              onClick={() => onDog(d.id)}
            >
              <b>{d.name}</b> <span className="text-ink-2">{d.breed}</span>
            </button>
          </li>
        ))}
      </ul>
      {book.data?.dogs.length === 0 && <p className="text-ink-2">No dog by that name.</p>}
    </div>
  )
}

function OnDog({ pattern, dogId, dogName, onShown, onZone }: Props & { dogId: string }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const id = pattern.pattern.id
  const fit = useQuery({
    queryKey: ['fit', dogId, id, pattern.pattern.version],
    queryFn: () =>
      take(
        api.POST('/api/dogs/{id}/pattern/answer', {
          params: { path: { id: dogId } },
          body: { pattern: id },
        }),
      ),
    retry: false,
    staleTime: 0,
  })
  const [changed, setChanged] = useState<Record<string, boolean>>({})
  const [agreed, setAgreed] = useState(false)
  const answer = fit.data
  const zones = answer?.zones
  const takes = (z: ZoneFit) => changed[z.zone] ?? z.taken
  useEffect(() => {
    if (zones)
      onShown(
        Object.fromEntries(
          zones.map((z) => [
            z.zone,
            (changed[z.zone] ?? z.taken) || z.verdict === 'same' ? z.finished_mm : z.was_mm,
          ]),
        ),
      )
  }, [zones, changed, onShown])
  useEffect(() => () => onShown(null), [onShown])
  const save = useWrite({
    send: (wanted: string[], write) =>
      take(
        api.PUT('/api/dogs/{id}/pattern', {
          params: {
            path: { id: dogId },
            header: { ...ifMatch(fit.data?.revision ?? 0), ...write },
          },
          body: { pattern: id, zones: wanted, agreed },
        }),
      ),
    onSuccess: () => {
      for (const key of ['card', 'fit', 'pattern', 'patterns', 'follows', 'line'])
        void cache.invalidateQueries({ queryKey: [key] })
      setChanged({})
      toast({
        text:
          `${dogName ?? 'The card'} follows ${pattern.pattern.name}. ` +
          'Each zone can be taken back in the Log.',
      })
    },
  })
  if (!answer || !zones)
    return <p className="text-ink-2">{fit.error ? fit.error.message : 'Laying it on …'}</p>
  const wanted = zones.filter((z) => z.verdict !== 'same' && takes(z))
  const consent = wanted.filter((z) => z.verdict === 'must_not' || z.verdict === 'agree_first')
  const stale = save.stale !== null
  return (
    <div className="space-y-3">
      <p role="status" className="text-sm">
        {GROUPS.filter((g) => (answer.counts[g.verdict] ?? 0) > 0)
          .map((g) => `${g.title}: ${answer.counts[g.verdict]}`)
          .join(' · ')}
      </p>
      {GROUPS.map((g) => {
        const list = zones.filter((z) => z.verdict === g.verdict)
        if (list.length === 0) return null
        return (
          <section key={g.verdict} aria-label={g.title}>
            <h3 className={`font-bold ${g.tone}`}>
              <span aria-hidden>{g.sign}</span> {g.title}
            </h3>
            {byWhy(list).map(([why, same]) => (
              <div key={why} className="border-l-2 border-line pl-2">
                {g.verdict !== 'same' && g.verdict !== 'fits' && <p className="text-sm">{why}</p>}
                {g.verdict !== 'same' &&
                  dangers(same).map((message) => (
                    <p key={message} className="text-sm font-bold text-haw">
                      {message}
                    </p>
                  ))}
                <ul>
                  {same.map((z) => (
                    <li key={z.zone} className="flex min-h-11 items-center gap-2 text-sm">
                      {g.verdict !== 'same' && (
                        <input
                          type="checkbox"
                          className="size-6 shrink-0 accent-thistle"
                          aria-label={`Take over ${z.label}`}
                          checked={takes(z)}
                          disabled={!may('plan')}
                          onChange={(e) => {
                            setChanged({ ...changed, [z.zone]: e.target.checked })
                            save.reset()
                          }}
                        />
                      )}
                      <button
                        type="button"
                        className="min-h-11 min-w-0 flex-1 text-left"
                        onClick={() => onZone(drawnAs(z.zone))}
                      >
                        <b>{z.label}</b> {z.words}
                        {z.was_mm !== null && z.finished_mm !== null && z.was_mm !== z.finished_mm && (
                          <span className="text-ink-2">
                            {' '}
                            ({mm(z.was_mm)} → {mm(z.finished_mm)})
                          </span>
                        )}
                      </button>
                    </li>
                  ))}
                </ul>
              </div>
            ))}
          </section>
        )
      })}
      {may('plan') && (
        <div className="sticky bottom-0 space-y-2 border-t border-line bg-sheet py-3">
          {consent.length > 0 && (
            <CheckField
              label={
                'The owner has heard the weeks and agreed, for ' +
                (consent[0] && consent.length === 1 ? consent[0].label : `${consent.length} zones`)
              }
              checked={agreed}
              onChange={(e) => setAgreed(e.target.checked)}
            />
          )}
          {save.error && (
            <p role="alert" className="font-bold text-haw">
              {save.error instanceof ApiError
                ? (Object.values(save.error.fields)[0] ?? save.error.message)
                : save.error.message}{' '}
              {stale && (
                <Button
                  onClick={() => {
                    save.reset()
                    void fit.refetch()
                  }}
                >
                  Lay it on anew
                </Button>
              )}
            </p>
          )}
          <Button
            kind="main"
            disabled={save.isPending || (consent.length > 0 && !agreed)}
            onClick={() => save.mutate(wanted.map((z) => z.zone))}
          >
            {save.isPending
              ? 'Taking over …'
              : wanted.length === 0
                ? 'Follow it as it is'
                : `Take over ${wanted.length === 1 ? 'one zone' : `${wanted.length} zones`}`}
          </Button>
        </div>
      )}
    </div>
  )
}

function byWhy(zones: ZoneFit[]): [string, ZoneFit[]][] {
  const out = new Map<string, ZoneFit[]>()
  for (const z of zones) out.set(z.why, [...(out.get(z.why) ?? []), z])
  return [...out]
}

/** What may hurt, each said once. */
function dangers(zones: ZoneFit[]): string[] {
  return [
    ...new Set(zones.flatMap((z) => z.warnings.filter((w) => w.level === 'danger').map((w) => w.message))),
  ]
}
