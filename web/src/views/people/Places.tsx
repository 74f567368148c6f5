// The places of the salon: added, renamed, closed with what lives there moved, opened again.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { HoursFields, hoursSaid } from './Hours'
import { Stations, stationsSaid, type StationsOf } from './Stations'

type Place = Schemas['PlaceView']

export function Places() {
  const places = useQuery(queries.places())
  const [chosen, setChosen] = useState<Place | 'new' | null>(null)
  if (!places.data)
    return places.error ? <Resting error={places.error} retry={() => void places.refetch()} /> : <Waiting />
  return (
    <section aria-labelledby="places">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
        <h2 id="places" className="text-xl">
          Places
        </h2>
        <Button onClick={() => setChosen('new')}>
          <Plus aria-hidden className="size-5" /> New place
        </Button>
      </div>
      <ul className="panel divide-y divide-line">
        {places.data.places.map((p) => (
          <li key={p.id} className="flex flex-wrap items-center justify-between gap-x-4 px-4 py-3">
            <p>
              <b>{p.name}</b>
              <span className="block text-sm text-ink-2">{p.open ? said(p) : 'closed'}</span>
            </p>
            <Button aria-label={`Change ${p.name}`} onClick={() => setChosen(p)}>
              Change
            </Button>
          </li>
        ))}
      </ul>
      {chosen && (
        <OnePlace
          place={chosen === 'new' ? null : chosen}
          others={places.data.places.filter((p) => p.open && p !== chosen)}
          onClose={() => setChosen(null)}
        />
      )}
    </section>
  )
}

const NONE: StationsOf = {
  tubs: 1,
  tables: 1,
  dryers: 1,
  pens: 0,
  watts: 0,
  loud: false,
  lift: false,
  loud_from: '',
  loud_to: '',
}

function said({ kind, tools, people, hours, stations }: Place): string {
  return [
    `a ${kind}`,
    counted(tools, 'tool', 'tools'),
    counted(people, 'person', 'people'),
    stationsSaid(stations),
    hoursSaid(hours),
  ]
    .filter(Boolean)
    .join(' · ')
}

function counted(n: number, one: string, more: string): string {
  return `${n} ${n === 1 ? one : more}`
}

function OnePlace({ place, others, onClose }: { place: Place | null; others: Place[]; onClose: () => void }) {
  const cache = useQueryClient()
  const toast = useToast()
  const [v, setV] = useState({
    name: place?.name ?? '',
    kind: place?.kind ?? 'room',
    open: place?.open ?? true,
    move_to: others[0]?.id ?? '',
    hours: place?.hours ?? [],
    closed: place?.closed ?? [],
    stations: place?.stations ?? NONE,
  })
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const write = useWrite({
    send: (_: void, key) =>
      place
        ? take(
            api.PUT('/api/places/{id}', {
              params: { path: { id: place.id }, header: { ...ifMatch(place.version), ...key } },
              body: v,
            }),
          )
        : take(api.POST('/api/places', { params: { header: key }, body: v })),
    onSuccess: (now) => {
      toast({ text: now.open ? `${now.name}: kept` : `${now.name} is closed` })
      onClose()
    },
    onSettled: () => {
      for (const queryKey of [['places'], ['people'], ['session'], ['kit']])
        void cache.invalidateQueries({ queryKey })
    },
  })
  const moves = place !== null && place.open && !v.open && place.tools + place.people > 0
  return (
    <Modal open onClose={onClose} title={place ? place.name : 'New place'} wide>
      <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-3">
        <TextField
          label="Name"
          maxLength={60}
          value={v.name}
          onChange={(e) => set({ name: e.target.value })}
          error={write.fields.name}
        />
        <div>
          <p className="label">It is</p>
          <Choice
            label="It is"
            value={v.kind}
            options={[
              { id: 'room', label: 'A room' },
              { id: 'van', label: 'A van' },
            ]}
            onChange={(kind) => set({ kind })}
          />
        </div>
        {place && (
          <div>
            <p className="label">Open</p>
            <Choice
              label="Open"
              value={v.open ? 'yes' : 'no'}
              options={[
                { id: 'yes', label: 'Yes' },
                { id: 'no', label: 'Closed' },
              ]}
              onChange={(is) => set({ open: is === 'yes' })}
            />
            <p className="text-sm font-bold text-haw" role={write.fields.open ? 'alert' : undefined}>
              {write.fields.open && `Open ${write.fields.open}`}
            </p>
          </div>
        )}
        {moves && (
          <SelectField
            label="Its tools and people go to"
            value={v.move_to}
            options={others.map((p) => ({ id: p.id, label: p.name }))}
            onChange={(e) => set({ move_to: e.target.value })}
            error={write.fields.move_to}
          />
        )}
        {v.open && (
          <>
            <Stations
              stations={v.stations}
              errors={write.fields}
              onChange={(stations) => set({ stations })}
            />
            <HoursFields
              title="Open"
              closedTitle="Closed days"
              hours={v.hours}
              closed={v.closed}
              errors={write.fields}
              closedName="closed"
              onHours={(hours) => set({ hours })}
              onClosed={(closed) => set({ closed })}
            />
          </>
        )}
        <FormEnd
          error={write.error}
          busy={write.isPending}
          send="Keep"
          sending="Keeping …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
