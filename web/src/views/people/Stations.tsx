// What there is to work at in a place.
import type { Schemas } from '../../app/client'
import { timeTyped } from '../../ui/dates'
import { CheckField, TextField } from '../../ui/Field'
import { NumberField } from '../../ui/NumberField'

export type StationsOf = Schemas['PlaceView']['stations']
const COUNTED = [
  ['tubs', 'Tubs'],
  ['tables', 'Tables'],
  ['dryers', 'Dryers'],
  ['pens', 'Pens'],
  ['watts', 'Power (W)'],
] as const

export function stationsSaid(s: StationsOf): string {
  return COUNTED.filter(([name]) => s[name] > 0 && name !== 'watts')
    .map(
      ([name, label]) =>
        `${s[name]} ${s[name] === 1 ? label.toLowerCase().slice(0, -1) : label.toLowerCase()}`,
    )
    .join(', ')
}

interface Props {
  stations: StationsOf
  errors: Record<string, string>
  onChange: (stations: StationsOf) => void
}

export function Stations({ stations, errors, onChange }: Props) {
  return (
    <fieldset className="rounded-md border border-line p-3">
      <legend className="px-1 font-bold">To work at</legend>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1 sm:grid-cols-5">
        {COUNTED.map(([name, label]) => (
          <NumberField
            key={name}
            label={label}
            value={stations[name]}
            onChange={(n) => onChange({ ...stations, [name]: n ?? 0 })}
            error={errors[`stations.${name}`] ?? ''}
          />
        ))}
      </div>
      <CheckField
        label="A table that lifts heavy dogs"
        checked={stations.lift}
        onChange={(e) => onChange({ ...stations, lift: e.target.checked })}
      />
      <CheckField
        label="Dryers are heard where dogs wait"
        checked={stations.loud}
        onChange={(e) => onChange({ ...stations, loud: e.target.checked })}
      />
      <p className="label">Loudest hour: dogs that bear noise badly are given another</p>
      <div className="grid grid-cols-2 gap-x-3 sm:w-1/2">
        {(
          [
            ['loud_from', 'From'],
            ['loud_to', 'Until'],
          ] as const
        ).map(([name, label]) => (
          <TextField
            key={name}
            label={label}
            aria-label={`Loudest ${label.toLowerCase()}`}
            maxLength={5}
            value={stations[name]}
            onChange={(e) => onChange({ ...stations, [name]: e.target.value })}
            onBlur={(e) => onChange({ ...stations, [name]: timeTyped(e.target.value) })}
            error={errors[`stations.${name}`]}
          />
        ))}
      </div>
    </fieldset>
  )
}
