// Roads and bridges that are shut on this day: said, and taken back.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import type { RoundProps } from './asked'

export function RoadsShut({ round }: RoundProps) {
  const { may } = useSession()
  const cache = useQueryClient()
  const named = round.map.ways.filter((w) => w.name !== '')
  const [way, setWay] = useState(named[0]?.id ?? '')
  const [from, setFrom] = useState('00:00')
  const [to, setTo] = useState('24:00')
  const after = () => cache.invalidateQueries({ queryKey: ['round'] })
  const shut = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/roads/shut', {
          params: { header: write },
          body: { day: round.day, way, from: from.trim(), to: to.trim() },
        }),
      ),
    onSuccess: after,
  })
  const open = useWrite({
    send: (id: string, write) =>
      take(api.DELETE('/api/roads/shut/{id}', { params: { path: { id }, header: write } })),
    onSuccess: after,
  })
  return (
    <div className="panel space-y-3 p-4">
      {round.shut.length === 0 ? (
        <p>Every road is open on this day, as far as anybody has said.</p>
      ) : (
        <ul className="space-y-2">
          {round.shut.map((s) => (
            <li key={s.id} className="flex flex-wrap items-center gap-3">
              <span>
                <b>{s.name}</b> is shut from {s.from} to {s.to}
              </span>
              {may('book') && (
                <Button disabled={open.isPending} onClick={() => open.mutate(s.id)}>
                  Open after all
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {may('book') && (
        <form
          className="space-y-3"
          onSubmit={(e) => {
            e.preventDefault()
            shut.mutate()
          }}
        >
          <div className="grid gap-3 sm:grid-cols-3">
            <SelectField
              label="Which is shut"
              value={way}
              error={shut.fields.way}
              options={named.map((w) => ({ id: w.id, label: w.name }))}
              onChange={(e) => setWay(e.target.value)}
            />
            <TextField
              label="From"
              value={from}
              error={shut.fields.from ?? shut.fields.day}
              onChange={(e) => setFrom(e.target.value)}
            />
            <TextField label="To" value={to} error={shut.fields.to} onChange={(e) => setTo(e.target.value)} />
          </div>
          <FormEnd
            error={shut.error}
            busy={shut.isPending}
            send="It is shut"
            sending="Saying so …"
            onLeave={() => {
              setFrom('00:00')
              setTo('24:00')
            }}
          />
        </form>
      )}
    </div>
  )
}
