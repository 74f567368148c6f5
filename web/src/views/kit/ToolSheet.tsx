// One tool: what it asks for now, measuring it, who needs it, where it lives.
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, ApiError, take, writeKey, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import { ago, day, mm, shortDay } from '../../ui/words'
import { toolName, type Item } from './names'
import { Measure } from './Measure'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { useWrite } from '../../app/useWrite'

type Life = Schemas['ToolLifeView']

const LEVEL: Record<string, string> = {
  danger: 'bg-haw-soft text-haw',
  caution: 'bg-bracken-soft text-bracken',
}

export function ToolSheet({ item, items, onGone }: { item: Item; items: Item[]; onGone: () => void }) {
  const { may } = useSession()
  const life = useQuery(queries.tool(item.id))
  const measurable = item.kind === 'blade' || item.kind === 'guard'
  return (
    <>
      <header className="px-4 pt-3">
        <h2 className="text-2xl leading-tight">{toolName(item)}</h2>
        <p className="text-sm text-ink-2">
          {item.keeper_name ? `${item.keeper_name}’s own, usually at ${item.place_name}` : item.place_name}
          {item.note && ` · ${item.note}`}
        </p>
      </header>
      <Tabs defaultValue="care" className="flex min-h-0 flex-1 flex-col">
        <TabBar
          label={toolName(item)}
          tabs={[
            { id: 'care', label: 'Care' },
            ...(measurable ? [{ id: 'measure', label: 'Measure' }] : []),
            { id: 'reach', label: 'Needed by' },
            ...(may('kit') ? [{ id: 'place', label: 'Place' }] : []),
          ]}
        />
        <div className="min-h-0 flex-1 overflow-y-auto">
          <TabPage value="care">
            <Care item={item} life={life.data ?? null} />
          </TabPage>
          <TabPage value="measure">
            <Measure item={item} derivation={life.data?.derivation ?? null} />
          </TabPage>
          <TabPage value="reach">
            {life.data ? (
              <ReachList reach={life.data.reach} />
            ) : (
              <p className="p-4 text-ink-2">
                {life.error ? life.error.message : 'Looking through the cards …'}
              </p>
            )}
          </TabPage>
          <TabPage value="place">
            <Place item={item} items={items} reach={life.data?.reach ?? null} onGone={onGone} />
          </TabPage>
        </div>
      </Tabs>
    </>
  )
}

const DO: Record<string, string> = {
  oiled: 'Oiled',
  disinfected: 'Disinfected',
  heat: 'Feel it: read the probe',
  packed_hair: 'Packed with hair',
  edge_dull: 'Snip test: bends hair',
  edge_good: 'Snip test: cuts',
  sharpened: 'Back from sharpening',
}
const DONE: Record<string, string> = {
  run: 'used on a dog',
  oiled: 'oiled',
  disinfected: 'disinfected',
  heat: 'felt',
  packed_hair: 'packed with hair',
  edge_dull: 'bends hair',
  edge_good: 'cuts',
  sharpened: 'sharpened',
}

function Care({ item, life }: { item: Item; life: Life | null }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [minutes, setMinutes] = useState('')
  const [dirt, setDirt] = useState('clean')
  const fresh = () => {
    void cache.invalidateQueries({ queryKey: ['kit'] })
    void cache.invalidateQueries({ queryKey: ['tool', item.id] })
  }
  const undo = useWrite({
    send: (id: string, write) =>
      take(
        api.DELETE('/api/kit/entries/{id}', {
          params: { path: { id }, header: write },
        }),
      ),
    onSuccess: fresh,
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const write = useWrite({
    send: (body: { kind: string; minutes?: number | string; dirt?: string }, write) =>
      take(
        api.POST('/api/kit/{id}/entries', {
          params: { path: { id: item.id }, header: write },
          body: body,
        }),
      ),
    onSuccess: (entry) => {
      fresh()
      setMinutes('')
      toast({
        text:
          `${toolName(item)}: ${DONE[entry.kind]}` + (entry.celsius !== null ? `, ${entry.celsius} °C` : ''),
        action: { label: 'Take back', run: () => undo.mutate(entry.id) },
      })
    },
    onError: (e) => toast({ text: e.message, bad: !(e instanceof ApiError && e.status === 422) }),
  })
  const errors = write.fields
  return (
    <div className="space-y-4 p-4">
      {item.cautions.length > 0 ? (
        <ul className="space-y-1">
          {item.cautions.map((c) => (
            <li
              key={c.code}
              className={`rounded-md px-3 py-2 font-bold
                ${LEVEL[c.level] ?? 'bg-slate-soft text-slate'}`}
            >
              {c.message}
            </li>
          ))}
        </ul>
      ) : (
        <p className="rounded-md bg-moss-soft px-3 py-2 font-bold text-moss">Ready: nothing is due.</p>
      )}
      <dl className="grid grid-cols-2 gap-x-4 gap-y-1">
        {item.worn_share !== null && (
          <Figure name="Run since ground" value={`${item.worn_min} min`}>
            <Why of="Run since ground" reasons={item.reasons} />
          </Figure>
        )}
        {item.oil_in_min !== null && (
          <Figure name="Oil in" value={item.oil_due ? 'now' : `${item.oil_in_min} min`} />
        )}
        {item.worn_share !== null && (
          <Figure
            name="Sharpening due about"
            value={item.sharpen_on ? day(item.sharpen_on) : 'not in sight'}
          />
        )}
        <Figure name="Last dog" value={item.last_dog || '–'} />
      </dl>
      {may('visit') && (
        <>
          <div className="flex flex-wrap gap-2" role="group" aria-label="Write down">
            {item.care
              .filter((k) => k !== 'run')
              .map((k) => (
                <Button
                  key={k}
                  className="min-h-12"
                  disabled={write.isPending}
                  onClick={() => write.mutate({ kind: k })}
                >
                  {DO[k]}
                </Button>
              ))}
          </div>
          {item.care.includes('run') && (
            <form
              className="grid grid-cols-[1fr_1fr_auto] items-start gap-2"
              noValidate
              onSubmit={(e) => {
                e.preventDefault()
                const n = Number(minutes.trim().replace(',', '.'))
                write.mutate({
                  kind: 'run',
                  minutes: minutes.trim() === '' || !Number.isFinite(n) ? minutes : n,
                  dirt,
                })
              }}
            >
              <TextField
                label="Used on a dog, minutes"
                inputMode="decimal"
                value={minutes}
                onChange={(e) => setMinutes(e.target.value)}
                error={errors.minutes}
              />
              <SelectField
                label="In"
                value={dirt}
                onChange={(e) => setDirt(e.target.value)}
                options={[
                  { id: 'clean', label: 'clean hair' },
                  { id: 'undercoat', label: 'undercoat' },
                  { id: 'dirty', label: 'dirty hair' },
                ]}
              />
              <Button type="submit" className="mt-6" disabled={write.isPending || minutes.trim() === ''}>
                Add
              </Button>
            </form>
          )}
        </>
      )}
      {item.advice && <p className="text-sm text-ink-2">{item.advice}</p>}
      <h3 className="text-lg">Its log</h3>
      {life === null ? (
        <p className="text-ink-2">Loading …</p>
      ) : life.entries.length === 0 ? (
        <p className="text-ink-2">
          Nothing is written down yet. A groom’s clipper timer and probe write here by themselves.
        </p>
      ) : (
        <ol className="divide-y divide-line text-sm">
          {life.entries.slice(0, 14).map((e) => (
            <li key={e.id} className="flex items-center gap-2 py-1">
              <span className="min-w-0 flex-1">
                <b>{DONE[e.kind]}</b>
                {e.kind === 'run' &&
                  ` ${e.minutes} min in ${e.dirt === 'undercoat' ? 'undercoat' : `${e.dirt} hair`}`}
                {e.celsius !== null && `, ${e.celsius} °C`}
                {e.dog && ` · ${e.dog}`}{' '}
                <span className="text-ink-2">
                  · {e.who}, {ago(e.at)}
                </span>
              </span>
              {may('visit') && (
                <Button
                  kind="quiet"
                  className="min-h-10 px-2 text-sm"
                  aria-label={`Take back: ${DONE[e.kind]} ${ago(e.at)}`}
                  onClick={() => undo.mutate(e.id)}
                >
                  Take back
                </Button>
              )}
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}

function Figure({ name, value, children }: { name: string; value: string; children?: React.ReactNode }) {
  return (
    <div>
      <dt className="text-sm text-ink-2">{name}</dt>
      <dd className="text-lg font-bold leading-tight">
        {value} {children}
      </dd>
    </div>
  )
}

export function ReachList({ reach }: { reach: Schemas['NeededByView'] }) {
  return (
    <div className="space-y-3 p-4">
      <p className="font-bold" role="status">
        {reach.words}
      </p>
      {reach.all > 0 && (
        <p className="text-sm text-ink-2">
          {reach.all === 1 ? 'One card names it.' : `${reach.all} cards name it.`} Those who come first:
        </p>
      )}
      <ul className="divide-y divide-line">
        {reach.dogs.map((d) => (
          <li key={d.dog} className="py-2">
            <Link to={`/dogs/${d.dog}`} className="font-bold text-thistle underline underline-offset-2">
              {d.name}
            </Link>{' '}
            <span className="text-ink-2">{d.next_on ? shortDay(d.next_on) : 'not booked'}</span>
            <span className="block text-sm">
              {d.zones.slice(0, 5).join(', ')}
              {d.zones.length > 5 && ` and ${d.zones.length - 5} more`}
            </span>
            {d.instead.length > 0 && (
              <span className={`block text-sm font-bold ${d.lost ? 'text-haw' : 'text-bracken'}`}>
                Without it: {d.instead.join('; ')}
                {d.lost && ' – not close'}
              </span>
            )}
          </li>
        ))}
      </ul>
    </div>
  )
}

/** Where it lives, whose it is; retired and replaced with the reach in view. */
function Place({
  item,
  items,
  reach,
  onGone,
}: {
  item: Item
  items: Item[]
  reach: Schemas['NeededByView'] | null
  onGone: () => void
}) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [place, setPlace] = useState(item.place)
  const [keeper, setKeeper] = useState(item.keeper ?? '')
  const [note, setNote] = useState(item.note)
  const put = (active: boolean, version: number) =>
    take(
      api.PUT('/api/kit/{id}', {
        params: {
          path: { id: item.id },
          header: { 'If-Match': `"${version}"`, 'Idempotency-Key': writeKey() },
        },
        body: { place, keeper: keeper || null, note, active },
      }),
    )
  const fresh = () => void cache.invalidateQueries({ queryKey: ['kit'] })
  const save = useMutation({
    mutationFn: () => put(true, item.version),
    onSuccess: () => {
      fresh()
      toast({ text: 'Kept' })
    },
  })
  const retire = useMutation({
    mutationFn: () => put(false, item.version),
    onSuccess: (gone) => {
      fresh()
      onGone()
      toast({
        text: `${toolName(item)} is retired`,
        action: { label: 'Take back', run: () => void put(true, gone.version).then(fresh) },
      })
    },
  })
  const replace = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/kit', {
          params: { header: write },
          body: {
            kind: item.kind,
            label: item.label,
            nominal_mm: item.kind === 'guard' ? item.nominal_mm : null,
            place: item.place,
            keeper: item.keeper,
            note: item.note,
            replaces: item.id,
          },
        }),
      ),
    onSuccess: () => {
      fresh()
      onGone()
      toast({ text: `A new ${toolName(item)} is in its place: measure it` })
    },
  })
  const spare = items.some(
    (i) =>
      i.id !== item.id &&
      i.kind === item.kind &&
      i.nominal_mm === item.nominal_mm &&
      i.label === item.label &&
      i.place === item.place,
  )
  const error = save.error ?? retire.error ?? replace.error
  return (
    <div className="space-y-3 p-4">
      <SelectField
        label="Lives at"
        value={place}
        onChange={(e) => setPlace(e.target.value)}
        options={session.places.map((p) => ({ id: p.id, label: p.name }))}
      />
      <SelectField
        label="Whose own"
        value={keeper}
        hint="A tool of one’s own goes where that person goes."
        onChange={(e) => setKeeper(e.target.value)}
        options={[
          { id: '', label: 'the salon’s' },
          ...session.colleagues.map((c) => ({ id: c.id, label: c.name })),
        ]}
      />
      <TextField label="Note" value={note} maxLength={200} onChange={(e) => setNote(e.target.value)} />
      <Button
        kind="main"
        disabled={
          save.isPending || (place === item.place && keeper === (item.keeper ?? '') && note === item.note)
        }
        onClick={() => save.mutate()}
      >
        Keep
      </Button>
      <h3 className="pt-3 text-lg">Retire or replace</h3>
      <p className={reach && reach.week > 0 && !spare ? 'font-bold text-bracken' : 'text-ink-2'}>
        {reach ? reach.words : 'Looking who needs it …'}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={retire.isPending || !reach} onClick={() => retire.mutate()}>
          Retire it
        </Button>
        <Button disabled={replace.isPending} onClick={() => replace.mutate()}>
          Replace it with a new one
        </Button>
      </div>
      {error && (
        <p role="alert" className="font-bold text-haw">
          {error.message}
        </p>
      )}
      {item.nominal_mm !== null && (
        <p className="text-sm text-ink-2">
          By its mark {mm(item.nominal_mm)}. A new one counts so until it is measured.
        </p>
      )}
    </div>
  )
}
