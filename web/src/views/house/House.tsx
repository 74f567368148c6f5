// House style: on what points this salon has picked a side, with what each says for itself; limits.
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { kgTyped, typedWeight } from '../../ui/figure'
import { weightUnit } from '../../ui/units'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { LANGUAGES, UNITS } from '../../parts/speech'
import { Points } from './Points'
import { Styles, type OwnStyle } from './Styles'
import { ifMatch, useWrite } from '../../app/useWrite'

type HouseData = Schemas['HouseStyleView']

export function House() {
  const house = useQuery(queries.house())
  if (!house.data)
    return house.error ? <Resting error={house.error} retry={() => void house.refetch()} /> : <Waiting />
  return <Form key={house.data.version} house={house.data} />
}

function Form({ house }: { house: HouseData }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const canChange = may('house')
  const [v, setV] = useState({
    mat_limit: String(house.mat_limit),
    asks_for_vaccination: house.asks_for_vaccination,
    remind_days: String(house.remind_days),
    keep_messages_months: String(house.keep_messages_months),
    keep_gone_years: String(house.keep_gone_years),
    lift_kg: typedWeight(house.lift_kg),
    hemisphere: house.hemisphere,
    time_zone: house.time_zone,
    zone_meant: false,
    language: house.language,
    units: house.units,
  })
  const [schools, setSchools] = useState(() =>
    Object.fromEntries(house.schools.map((s) => [s.point, s.chosen])),
  )
  const [own, setOwn] = useState<OwnStyle[]>(() =>
    house.styles.filter((s) => s.own).map(({ kind, name, drawing }) => ({ kind, name, drawing })),
  )
  const set = (change: Partial<typeof v>) => setV({ ...v, ...change })
  const save = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/house', {
          params: { header: { ...ifMatch(house.version), ...write } },
          body: {
            ...v,
            mat_limit: number(v.mat_limit),
            remind_days: number(v.remind_days),
            keep_messages_months: number(v.keep_messages_months),
            keep_gone_years: number(v.keep_gone_years),
            lift_kg: kgTyped(v.lift_kg) ?? '',
            schools,
            styles: own,
          },
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(queries.house().queryKey, next)
      // Language and units are this salon's own on every screen.
      if (next.language !== house.language || next.units !== house.units) void cache.invalidateQueries()
      else void cache.invalidateQueries({ queryKey: ['words'] })
      toast({ text: 'House style saved' })
    },
  })
  // What a choice breaks is said at once, before anything is saved.
  const breaks = useQuery({
    queryKey: ['breaks', schools],
    queryFn: () => take(api.POST('/api/house/answer', { body: { schools } })),
    enabled: canChange,
    placeholderData: keepPreviousData,
    retry: false,
  })
  const errors: Record<string, string> = {
    ...Object.fromEntries((breaks.data?.breaks ?? []).map((b) => [b.field, b.message])),
    ...save.fields,
  }
  // In the order of the right that all of them have.
  const roles = house.rights.find((r) => r.right === 'read')?.roles ?? []
  const send = (e: FormEvent) => {
    e.preventDefault()
    save.mutate()
  }
  return (
    <form onSubmit={send} noValidate className="mx-auto w-full max-w-5xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">House style of {house.name}</h1>
        <div className="flex flex-wrap gap-2">
          <LinkButton to="/prices">Prices</LinkButton>
          {may('people') && (
            <>
              <LinkButton to="/people">People and places</LinkButton>
              <LinkButton to="/in-and-out">In and out</LinkButton>
              <LinkButton to="/upkeep">Care of the house</LinkButton>
            </>
          )}
        </div>
      </div>
      <fieldset disabled={!canChange} className="panel grid gap-x-4 gap-y-2 p-4 sm:grid-cols-3">
        <legend className="px-1 font-head text-lg font-bold">Limits, seasons and the clock</legend>
        <TextField
          label="Matting score to be back at"
          inputMode="decimal"
          value={v.mat_limit}
          hint="of 100; 12 is usual"
          onChange={(e) => set({ mat_limit: e.target.value })}
          error={errors.mat_limit}
        />
        <SelectField
          label="Seasons"
          value={v.hemisphere}
          options={[
            { id: 'north', label: 'northern' },
            { id: 'south', label: 'southern' },
          ]}
          onChange={(e) => set({ hemisphere: e.target.value })}
          error={errors.hemisphere}
        />
        <SelectField
          label="Time zone"
          value={v.time_zone}
          options={house.time_zones.map((id) => ({ id, label: id.replaceAll('_', ' ') }))}
          onChange={(e) => set({ time_zone: e.target.value, zone_meant: false })}
          error={errors.time_zone}
        />
        {v.time_zone !== house.time_zone && (
          <CheckField
            label="Another time zone is meant: what is booked keeps its hour on the wall"
            checked={v.zone_meant}
            onChange={(e) => set({ zone_meant: e.target.checked })}
          />
        )}
        <SelectField
          label="Weights and lengths"
          value={v.units}
          options={UNITS}
          onChange={(e) => set({ units: UNITS.find((u) => u.id === e.target.value)?.id ?? v.units })}
          error={errors.units}
        />
        <SelectField
          label="Language"
          value={v.language}
          options={LANGUAGES}
          hint="whoever has not chosen their own"
          onChange={(e) =>
            set({ language: LANGUAGES.find((l) => l.id === e.target.value)?.id ?? v.language })
          }
          error={errors.language}
        />
        <TextField
          label={`Lifted by two, or a lift table, above (${weightUnit()})`}
          inputMode="decimal"
          value={v.lift_kg}
          onChange={(e) => set({ lift_kg: e.target.value })}
          error={errors.lift_kg}
        />
        <TextField
          label="Owners are reminded so many days before"
          inputMode="numeric"
          value={v.remind_days}
          hint="0: nobody is"
          onChange={(e) => set({ remind_days: e.target.value })}
          error={errors.remind_days}
        />
        <TextField
          label="Texts of messages kept (months)"
          inputMode="numeric"
          value={v.keep_messages_months}
          hint="0: for ever"
          onChange={(e) => set({ keep_messages_months: e.target.value })}
          error={errors.keep_messages_months}
        />
        <TextField
          label="Homes nobody comes from kept (years)"
          inputMode="numeric"
          value={v.keep_gone_years}
          hint="0: for ever; else 2 or more, then they are erased"
          onChange={(e) => set({ keep_gone_years: e.target.value })}
          error={errors.keep_gone_years}
        />
        <CheckField
          label="We ask for proof of vaccination"
          checked={v.asks_for_vaccination}
          onChange={(e) => set({ asks_for_vaccination: e.target.checked })}
        />
      </fieldset>
      <Points
        house={house}
        chosen={schools}
        canChange={canChange}
        errors={errors}
        onChoose={(point, side) => {
          setSchools({ ...schools, [point]: side })
          save.reset()
        }}
      />
      <Styles styles={house.styles} own={own} canChange={canChange} errors={errors} onChange={setOwn} />
      {canChange && (
        <section className="panel overflow-x-auto p-4" aria-label="Who may do what" tabIndex={0}>
          <h2 className="mb-2 text-lg">Who may do what</h2>
          <table className="w-full text-left text-sm">
            <thead>
              <tr className="border-b border-line align-bottom">
                <th scope="col" className="py-1 pr-3">
                  <span className="sr-only">Right</span>
                </th>
                {roles.map((r) => (
                  <th key={r} scope="col" className="px-2 py-1 text-center">
                    {r}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {house.rights.map((right) => (
                <tr key={right.right} className="border-b border-line last:border-0">
                  <th scope="row" className="py-2 pr-3 font-normal">
                    {right.words}
                  </th>
                  {roles.map((r) => (
                    <td key={r} className="px-2 py-2 text-center font-bold">
                      {right.roles.includes(r) ? 'yes' : '–'}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {canChange && (
        <div className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-3">
          <Button type="submit" kind="main" disabled={save.isPending}>
            {save.isPending ? 'Saving …' : 'Save house style'}
          </Button>
          {save.error && (
            <p role="alert" className="font-bold text-haw">
              {Object.keys(errors).length ? 'Something here needs another look.' : save.error.message}
            </p>
          )}
        </div>
      )}
    </form>
  )
}

function number(v: string): number | string {
  const t = v.trim().replace(',', '.')
  return t !== '' && Number.isFinite(Number(t)) ? Number(t) : v
}
