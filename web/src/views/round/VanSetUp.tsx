// What the van holds, where its day begins, where it is filled, and how far from the time told it may come.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { CheckField, SelectField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { NumberField } from '../../ui/NumberField'

type Van = NonNullable<Schemas['RoundView']['van']>
type Refill = Van['refills'][number]

export function VanSetUp({
  van,
  map,
  onClose,
}: {
  van: Van
  map: Schemas['RoundView']['map']
  onClose: () => void
}) {
  const cache = useQueryClient()
  const first = map.spots.find((s) => s.kind === 'base')?.id ?? map.spots[0]?.id ?? ''
  const [base, setBase] = useState(van.base || first)
  const [tank, setTank] = useState<number | null>(van.base ? van.tank : 90)
  const [battery, setBattery] = useState<number | null>(van.base ? van.battery : 150)
  const [early, setEarly] = useState<number | null>(van.early)
  const [late, setLate] = useState<number | null>(van.late)
  const [refills, setRefills] = useState<Refill[]>(
    van.base ? van.refills : [{ at: first, water: true, power: true, minutes: 20 }],
  )
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/vans/{id}', {
          params: { path: { id: van.id }, header: { ...write, ...ifMatch(van.version) } },
          body: {
            base,
            tank: tank ?? '',
            battery: battery ?? '',
            early: early ?? '',
            late: late ?? '',
            refills: refills.map((r) => ({ ...r })),
          },
        }),
      ),
    onSuccess: async () => {
      onClose()
      await cache.invalidateQueries({ queryKey: ['round'] })
    },
  })
  const spots = map.spots.map((s) => ({ id: s.id, label: s.name }))
  const change = (n: number, with_: Partial<Refill>) =>
    setRefills((all) => all.map((r, i) => (i === n ? { ...r, ...with_ } : r)))
  return (
    <Modal open onClose={onClose} title={van.name} wide>
      <form
        className="space-y-4"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate()
        }}
      >
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="Its day begins and ends at"
            value={base}
            error={save.fields.base}
            options={spots}
            onChange={(e) => setBase(e.target.value)}
          />
          <span />
          <NumberField label="Tank, litres" value={tank} error={save.fields.tank ?? ''} onChange={setTank} />
          <NumberField
            label="Battery, minutes of pump and dryer"
            value={battery}
            error={save.fields.battery ?? ''}
            onChange={setBattery}
          />
          <NumberField
            label="May come early by, minutes"
            value={early}
            error={save.fields.early ?? ''}
            onChange={setEarly}
          />
          <NumberField
            label="May come late by, minutes"
            value={late}
            error={save.fields.late ?? ''}
            onChange={setLate}
          />
        </div>
        <fieldset className="space-y-3">
          <legend className="font-bold">Where it is filled</legend>
          {refills.map((r, n) => (
            <div key={n} className="grid items-end gap-3 rounded-md bg-well p-3 sm:grid-cols-2">
              <SelectField
                label="At"
                value={r.at}
                error={save.fields[`refills[${n}].at`]}
                options={spots}
                onChange={(e) => change(n, { at: e.target.value })}
              />
              <NumberField
                label="Takes, minutes"
                value={r.minutes}
                error={save.fields[`refills[${n}].minutes`] ?? ''}
                onChange={(m) => change(n, { minutes: m ?? 0 })}
              />
              <div>
                <CheckField
                  label="Water"
                  checked={r.water}
                  onChange={(e) => change(n, { water: e.target.checked })}
                />
                <CheckField
                  label="Power"
                  checked={r.power}
                  onChange={(e) => change(n, { power: e.target.checked })}
                />
                {save.fields[`refills[${n}].water`] && (
                  <p role="alert" className="font-bold text-haw">
                    {save.fields[`refills[${n}].water`]}
                  </p>
                )}
              </div>
              <Button onClick={() => setRefills((all) => all.filter((_, i) => i !== n))}>Leave it out</Button>
            </div>
          ))}
          {refills.length < 6 && (
            <Button
              onClick={() =>
                setRefills((all) => [...all, { at: base, water: true, power: false, minutes: 10 }])
              }
            >
              One more place
            </Button>
          )}
        </fieldset>
        <FormEnd error={save.error} busy={save.isPending} send="Save" sending="Saving …" onLeave={onClose} />
      </form>
    </Modal>
  )
}
