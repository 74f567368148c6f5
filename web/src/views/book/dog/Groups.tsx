// The fields of a dog, in the groups they are asked in.
import type { ReactNode } from 'react'
import { Controller, type Control, type UseFormRegister } from 'react-hook-form'
import type { ListName, Schemas } from '../../../app/client'
import { DateField } from '../../../ui/DateField'
import { CheckField, SelectField, TextField } from '../../../ui/Field'
import { Apart } from './Apart'
import type { DogToSend, TypedDog } from './typed'
import { weightUnit } from '../../../ui/units'

interface Props {
  register: UseFormRegister<TypedDog>
  control: Control<TypedDog, unknown, DogToSend>
  /** by the server's name of the field */
  errors: Record<string, string>
  words: Schemas['VocabularyView']
  /** homes that may be the same */
  homes: ReactNode
  /** its home is in the book already: nobody is asked for the phone again */
  known: boolean
  /** its id, where it is in the book already */
  dog: string | undefined
}
interface More {
  hint?: string
  type?: string
  step?: string
  inputMode?: 'decimal' | 'numeric' | 'tel'
  autoFocus?: boolean
}

/** Where the home's own stands unless something is said. */
const OWN = { hint: 'only where it is not its home’s' }
const GROUP = 'panel grid gap-x-4 gap-y-2 p-4 sm:grid-cols-2 xl:grid-cols-3'

function Legend({ children }: { children: string }) {
  return <legend className="px-1 font-head text-lg font-bold">{children}</legend>
}

export function Groups({ register, control, errors, words, homes, known, dog }: Props) {
  const isNew = dog === undefined
  const list = (name: ListName) => words.lists[name]
  const text = (name: keyof TypedDog, label: string, more: More = {}) => (
    <TextField
      label={label}
      {...more}
      {...register(name)}
      error={
        errors[name.startsWith('owner_') ? name.replace('_', '.') : name] ??
        (name === 'owner_name' ? errors.owner : undefined)
      }
    />
  )
  const pick = (name: keyof TypedDog & ListName, label: string) => (
    <SelectField label={label} options={list(name)} {...register(name)} error={errors[name]} />
  )
  const ticks = (name: 'health' | 'markings' | 'absent', label: string) => (
    <div role="group" aria-label={label} className="flex flex-wrap gap-x-6 sm:col-span-2 xl:col-span-3">
      {list(name).map((h) => (
        <CheckField key={h.id} label={h.label} value={h.id} {...register(name)} />
      ))}
    </div>
  )
  return (
    <div className="min-w-0 space-y-4">
      <fieldset className={GROUP}>
        <legend className="sr-only">The dog</legend>
        {text('name', 'Name', { autoFocus: true })}
        {text('breed', 'Breed or cross')}
        {pick('sex', 'Sex')}
        {text('kg', `Weight (${weightUnit()})`, { inputMode: 'decimal' })}
        <Controller
          control={control}
          name="born_on"
          render={({ field }) => (
            <DateField label="Born on" value={field.value} onDay={field.onChange} error={errors.born_on} />
          )}
        />
        <CheckField label="Birth date is a guess" {...register('born_estimated')} />
        {!isNew && pick('state', 'State')}
      </fieldset>
      <fieldset className={GROUP}>
        <Legend>Owner</Legend>
        {!known && text('owner_name', 'Name of the owner')}
        {!known && text('owner_phone', 'Phone', { inputMode: 'tel' })}
        {!known && text('owner_email', 'E-mail', { type: 'email' })}
        {homes}
        {text('emergency', 'Emergency contact', OWN)}
        {text('may_collect', 'May collect', OWN)}
        {text('vet', 'Its vet', OWN)}
        <Controller
          control={control}
          name="vaccinated_until"
          render={({ field }) => (
            <DateField
              label="Proof of vaccination holds until"
              value={field.value}
              onDay={field.onChange}
              error={errors.vaccinated_until}
            />
          )}
        />
        {text('wish_weeks', 'Owner would like it every (weeks)', { inputMode: 'numeric' })}
        <CheckField label="Owner agrees to photos" {...register('photo_consent')} />
      </fieldset>
      <fieldset className={GROUP}>
        <Legend>Coat</Legend>
        {pick('coat', 'Coat type')}
        {pick('stage', 'Coat stage')}
        {pick('density', 'Density')}
        {pick('upkeep', 'Combed at home')}
        {pick('finish', 'Finish')}
        <CheckField label="Hand-stripped" {...register('hand_stripped')} />
        {pick('colour', 'Colour')}
        <p aria-hidden className="label sm:col-span-2 xl:col-span-3">
          Markings
        </p>
        {ticks('markings', 'Markings')}
      </fieldset>
      <fieldset className={GROUP}>
        <Legend>Build</Legend>
        {pick('build', 'Build')}
        {pick('muzzle', 'Muzzle')}
        {pick('ear_type', 'Ears')}
        {pick('ear_set', 'Ear set')}
        {pick('tail_type', 'Tail')}
        {pick('tail_carriage', 'Tail carriage')}
        {pick('ground', 'Walks on')}
        {text('dewclaws', 'Dewclaws', { inputMode: 'numeric' })}
        <CheckField label="Hard floors at home" {...register('hard_floor')} />
        <p aria-hidden className="label sm:col-span-2 xl:col-span-3">
          It has not
        </p>
        {ticks('absent', 'It has not')}
      </fieldset>
      <fieldset className="panel space-y-3 p-4">
        <Legend>Health and handling</Legend>
        {ticks('health', 'Health')}
        <div className="grid gap-3 sm:grid-cols-2">
          {text('health_note', 'Health, as the owner or vet says')}
          {pick('handling', 'Handling')}
        </div>
        {text('handling_note', 'What works, what never to do')}
        {text('paper', 'How it is trimmed, as its paper card says it', {
          hint: 'such as: back 16 over 10, legs scissored, pads 30; offered on its card under One line',
        })}
        <CheckField label="Bears noise badly: not at the loudest hour" {...register('quiet')} />
        <Controller
          control={control}
          name="apart"
          render={({ field }) => (
            <Apart
              dog={dog}
              apart={field.value}
              onChange={field.onChange}
              error={Object.entries(errors).find(([name]) => name.startsWith('apart'))?.[1]}
            />
          )}
        />
      </fieldset>
    </div>
  )
}
