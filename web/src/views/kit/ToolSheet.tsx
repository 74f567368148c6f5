// One tool: what it asks for now, measuring it, who needs it, where it lives.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { mm, shortDay } from '../../ui/words'
import { toolName, type Item } from './names'
import { Measure } from './Measure'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { ifMatch, useWrite, type Write } from '../../app/useWrite'
import { Care } from './Care'

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
  const put = (active: boolean, version: number, write: Write) =>
    take(
      api.PUT('/api/kit/{id}', {
        params: { path: { id: item.id }, header: { ...ifMatch(version), ...write } },
        body: { place, keeper: keeper || null, note, active },
      }),
    )
  const fresh = () => void cache.invalidateQueries({ queryKey: ['kit'] })
  const save = useWrite({
    send: (_: void, write) => put(true, item.version, write),
    onSuccess: () => {
      fresh()
      toast({ text: 'Kept' })
    },
  })
  const comeBack = useWrite({
    send: (version: number, write) => put(true, version, write),
    onSuccess: fresh,
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const retire = useWrite({
    send: (_: void, write) => put(false, item.version, write),
    onSuccess: (gone) => {
      fresh()
      onGone()
      toast({
        text: `${toolName(item)} is retired`,
        action: { label: 'Take back', run: () => comeBack.mutate(gone.version) },
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
