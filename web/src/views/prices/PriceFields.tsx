// The fields of a price list: the hour, the least of a visit, extras, what the house asks for, tax.
import { Plus, X } from 'lucide-react'
import type { ReactNode } from 'react'
import { Controller, useFieldArray, type UseFormReturn } from 'react-hook-form'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { CheckField, TextField } from '../../ui/Field'
import type { PricesToSend, TypedPrices } from './typedPrices'

interface Props {
  form: UseFormReturn<TypedPrices, unknown, PricesToSend>
  currency: string
  today: string
  errors: Record<string, string>
}

export function PriceFields({ form, currency, today, errors }: Props) {
  const { register, control } = form
  const extras = useFieldArray({ control, name: 'extras' })
  const field = (
    name: Exclude<keyof TypedPrices, 'extras' | 'tax_included'>,
    label: string,
    hint = '',
    error = errors[name],
  ) => (
    <TextField label={label} inputMode="decimal" {...register(name)} hint={hint || undefined} error={error} />
  )
  return (
    <>
      <Part title="From when, and for an hour">
        <Controller
          name="begins"
          control={control}
          render={({ field: f }) => (
            <DateField
              label="From this day on"
              value={f.value}
              onDay={f.onChange}
              min={today}
              error={errors.begins}
            />
          )}
        />
        {field('hour', `An hour of work (${currency})`, 'a visit costs its minutes of it')}
        {field('mat_hour', `An hour on mats (${currency})`, 'from the sixth minute on')}
      </Part>
      <Part title={`What a visit costs at least (${currency})`} className="grid-cols-2 sm:grid-cols-4">
        {field('least_full', 'Full groom', 'empty: its minutes alone', errors.least_full_minor)}
        {field('least_bath', 'Bath', '', errors.least_bath_minor)}
        {field('least_tidy', 'Tidy', '', errors.least_tidy_minor)}
        {field('least_nails', 'Nails', '', errors.least_nails_minor)}
      </Part>
      <fieldset className="panel space-y-1 p-4">
        <legend className="px-1 font-head text-lg font-bold">Extras</legend>
        <p className="text-sm text-ink-2">
          Asked for on top at arrival, each at its own price; its minutes make the visit longer and are not
          charged by the hour.
        </p>
        {extras.fields.map((row, i) => (
          <div key={row.id} className="grid grid-cols-[minmax(0,1fr)_5rem_5rem_auto] items-start gap-x-2">
            <TextField
              label="Extra"
              maxLength={60}
              {...register(`extras.${i}.name`)}
              error={errors[`extras[${i}].name`]}
            />
            <TextField
              label={currency}
              inputMode="decimal"
              {...register(`extras.${i}.price`)}
              error={errors[`extras[${i}].minor`]}
            />
            <TextField
              label="Minutes"
              inputMode="numeric"
              {...register(`extras.${i}.minutes`)}
              error={errors[`extras[${i}].minutes`]}
            />
            <Button
              kind="quiet"
              className="mt-6"
              aria-label={`Take out ${row.name || 'this extra'}`}
              onClick={() => extras.remove(i)}
            >
              <X aria-hidden className="size-5" />
            </Button>
          </div>
        ))}
        <Button onClick={() => extras.append({ name: '', price: '', minutes: '' })}>
          <Plus aria-hidden className="size-5" /> Another extra
        </Button>
        {errors.extras && (
          <p role="alert" className="font-bold text-haw">
            Extras {errors.extras}
          </p>
        )}
      </fieldset>
      <Part title="Cancelling, not coming, collecting late">
        {field('cancel_hours', 'Cancelling is free until, hours before')}
        {field('cancel_percent', 'Later it costs, % of the price')}
        {field('no_show_percent', 'Not coming costs, % of the price')}
        {field('late_free', 'Collecting late is free for, minutes')}
        {field(
          'late_quarter',
          `Then each quarter of an hour (${currency})`,
          'owners read this before they sign',
          errors.late_quarter_minor,
        )}
      </Part>
      <Part title="Tax">
        {field('tax_percent', 'Tax, %', 'empty: none is shown')}
        <Controller
          name="tax_included"
          control={control}
          render={({ field: f }) => (
            <CheckField
              label="It is in these prices already"
              checked={f.value}
              onChange={(e) => f.onChange(e.target.checked)}
            />
          )}
        />
      </Part>
    </>
  )
}

function Part({
  title,
  className = 'sm:grid-cols-2 xl:grid-cols-3',
  children,
}: {
  title: string
  className?: string
  children: ReactNode
}) {
  return (
    <fieldset className={`panel grid items-start gap-x-4 gap-y-1 p-4 ${className}`}>
      <legend className="px-1 font-head text-lg font-bold">{title}</legend>
      {children}
    </fieldset>
  )
}
