// A new dog, or a change to one: every field, with its error beside it.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { useNavigate, useParams } from 'react-router'
import { api, ApiError, take, type Schemas, type ListName } from '../../app/client'
import { drafts } from '../../app/draft'
import { useSession } from '../../app/session'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { ifMatch, useWrite } from '../../app/useWrite'

type Dog = Schemas['DogView']
interface Values extends Omit<
  Dog,
  | 'id'
  | 'version'
  | 'household'
  | 'household_name'
  | 'people'
  | 'tail_rule'
  | 'kg'
  | 'wish_weeks'
  | 'dewclaws'
> {
  kg: string
  wish_weeks: string
  dewclaws: string
  owner_name: string
  owner_phone: string
  owner_email: string
}

const EMPTY: Values = {
  name: '',
  breed: '',
  sex: 'female',
  born_on: '',
  born_estimated: false,
  kg: '',
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'long',
  tail_carriage: 'up',
  coat: 'curly',
  stage: 'adult',
  density: 'medium',
  upkeep: 'weekly',
  finish: 'neat',
  ground: 'mixed',
  hard_floor: false,
  dewclaws: '2',
  hand_stripped: false,
  handling: 'calm',
  handling_note: '',
  health: [],
  health_note: '',
  vet: '',
  emergency: '',
  may_collect: '',
  photo_consent: false,
  state: 'active',
  wish_weeks: '',
  owner_name: '',
  owner_phone: '',
  owner_email: '',
}

export function NewDog() {
  const words = useQuery(queries.words())
  const { session } = useSession()
  if (!words.data)
    return words.error ? <Resting error={words.error} retry={() => void words.refetch()} /> : <Waiting />
  return <Form key={session.id} words={words.data} values={EMPTY} dog={null} />
}

export function EditDog() {
  const { id = '' } = useParams()
  const words = useQuery(queries.words())
  const { session } = useSession()
  // Read once, not live: a poll must not rewrite what is being typed.
  const card = useQuery({
    ...queries.card(id, null, null),
    refetchInterval: false,
    refetchOnWindowFocus: false,
  })
  if (!words.data || !card.data) {
    const failed = words.error ?? card.error
    return failed ? (
      <Resting error={failed} retry={() => (void words.refetch(), void card.refetch())} />
    ) : (
      <Waiting />
    )
  }
  // Another person on this tablet begins with what is kept, or with their own draft.
  return <Form key={session.id} words={words.data} values={valuesOf(card.data.dog)} dog={card.data.dog} />
}

function valuesOf(dog: Dog): Values {
  const person = dog.people[0]
  const text = (v: number | null) => (v === null ? '' : String(v))
  return {
    ...dog,
    born_on: dog.born_on ?? '',
    kg: text(dog.kg),
    wish_weeks: text(dog.wish_weeks),
    dewclaws: text(dog.dewclaws),
    owner_name: person?.name ?? '',
    owner_phone: person?.phone ?? '',
    owner_email: person?.email ?? '',
  }
}

function Form({ words, values, dog }: { words: Schemas['VocabularyView']; values: Values; dog: Dog | null }) {
  const go = useNavigate()
  const cache = useQueryClient()
  const toast = useToast()
  // What was typed and not saved is here again after a reload, Back or another tap, with the version it
  // was begun from.
  const { session } = useSession()
  const draft = `dog.${session.id}.${dog?.id ?? 'new'}`
  const [begun] = useState(() => drafts.read<{ version: number; values: Values }>(draft))
  const [version, setVersion] = useState(begun?.version ?? dog?.version ?? 0)
  const { register, handleSubmit, setFocus, control, getValues, reset, formState } = useForm<Values>({
    defaultValues: begun?.values ?? values,
  })
  const [takenUp, setTakenUp] = useState(begun !== null)
  const typed = useWatch({ control })
  const { isDirty } = formState
  useEffect(() => {
    if (isDirty) drafts.write(draft, { version, values: typed })
  }, [isDirty, typed, draft, version])
  const typedName = useWatch({ control, name: 'name' })
  const save = useWrite({
    send: (v: Values, write) => {
      const body = bodyOf(v)
      return dog
        ? take(
            api.PUT('/api/dogs/{id}', {
              params: {
                path: { id: dog.id },
                header: { ...ifMatch(version), ...write },
              },
              body,
            }),
          )
        : take(api.POST('/api/dogs', { params: { header: write }, body }))
    },
    onSuccess: (saved) => {
      drafts.write(draft, null)
      toast({ text: `${saved.name}: saved` })
      void cache.invalidateQueries({ queryKey: ['book'] })
      void cache.invalidateQueries({ queryKey: ['card', saved.id] })
      void go(`/dogs/${saved.id}`)
    },
    onError: (e) => {
      if (!(e instanceof ApiError)) return
      const first = Object.keys(e.fields)[0]
      if (first)
        setFocus(
          (first.startsWith('owner')
            ? first === 'owner'
              ? 'owner_name'
              : first.replace('.', '_')
            : first) as keyof Values,
        )
    },
  })
  const errors = save.fields
  const wrong = Object.keys(errors).length
  const stale = save.stale
  const list = (name: ListName) => words.lists[name]
  const text = (
    name: keyof Values,
    label: string,
    more: { type?: string; hint?: string; step?: string; inputMode?: 'decimal' | 'numeric' | 'tel' } = {},
  ) => (
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
  const pick = (name: keyof Values & ListName, label: string) => (
    <SelectField label={label} options={list(name)} {...register(name)} error={errors[name]} />
  )
  const group = 'panel grid gap-x-4 gap-y-2 p-4 sm:grid-cols-2 lg:grid-cols-3'
  return (
    <form
      onSubmit={(e) => void handleSubmit((v) => save.mutate(v))(e)}
      noValidate
      className="mx-auto w-full max-w-5xl space-y-4 p-4 sm:p-6"
    >
      <h1 className="text-3xl">{dog ? `Edit ${dog.name}` : 'New dog'}</h1>
      {takenUp && (
        <p
          role="status"
          className={`flex flex-wrap items-center gap-3 rounded-md bg-slate-soft px-3 py-2 font-bold
            text-slate`}
        >
          Taken up where it was left: not saved yet.
          <Button
            onClick={() => {
              drafts.write(draft, null)
              reset(values)
              setVersion(dog?.version ?? 0)
              setTakenUp(false)
            }}
          >
            Begin anew
          </Button>
        </p>
      )}
      <fieldset className={group}>
        <legend className="sr-only">The dog</legend>
        {text('name', 'Name')}
        {text('breed', 'Breed or cross')}
        {pick('sex', 'Sex')}
        {text('kg', 'Weight (kg)', { inputMode: 'decimal' })}
        {text('born_on', 'Born on', { type: 'date' })}
        <CheckField label="Birth date is a guess" {...register('born_estimated')} />
        {pick('state', 'State')}
      </fieldset>
      <fieldset className={group}>
        <legend className="px-1 font-head text-lg font-bold">Owner</legend>
        {text('owner_name', 'Name of the owner')}
        {text('owner_phone', 'Phone', { inputMode: 'tel' })}
        {text('owner_email', 'E-mail', { type: 'email' })}
        {text('emergency', 'Emergency contact')}
        {text('may_collect', 'May collect')}
        {text('vet', 'Its vet')}
        {text('wish_weeks', 'Owner would like it every (weeks)', { inputMode: 'numeric' })}
        <CheckField label="Owner agrees to photos" {...register('photo_consent')} />
      </fieldset>
      <fieldset className={group}>
        <legend className="px-1 font-head text-lg font-bold">Coat</legend>
        {pick('coat', 'Coat type')}
        {pick('stage', 'Coat stage')}
        {pick('density', 'Density')}
        {pick('upkeep', 'Combed at home')}
        {pick('finish', 'Finish')}
        <CheckField label="Hand-stripped" {...register('hand_stripped')} />
      </fieldset>
      <fieldset className={group}>
        <legend className="px-1 font-head text-lg font-bold">Build</legend>
        {pick('build', 'Build')}
        {pick('muzzle', 'Muzzle')}
        {pick('ear_type', 'Ears')}
        {pick('ear_set', 'Ear set')}
        {pick('tail_type', 'Tail')}
        {pick('tail_carriage', 'Tail carriage')}
        {pick('ground', 'Walks on')}
        {text('dewclaws', 'Dewclaws', { inputMode: 'numeric' })}
        <CheckField label="Hard floors at home" {...register('hard_floor')} />
      </fieldset>
      <fieldset className="panel space-y-3 p-4">
        <legend className="px-1 font-head text-lg font-bold">Health and handling</legend>
        <div className="flex flex-wrap gap-x-6">
          {list('health').map((h) => (
            <CheckField key={h.id} label={h.label} value={h.id} {...register('health')} />
          ))}
        </div>
        <div className="grid gap-3 sm:grid-cols-2">
          {text('health_note', 'Health, as the owner or vet says')}
          {pick('handling', 'Handling')}
        </div>
        {text('handling_note', 'What works, what never to do')}
      </fieldset>
      {stale && <Theirs theirs={(stale.problem as { theirs?: Dog }).theirs} mine={getValues()} />}
      <div className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-3">
        <Button type="submit" kind="main" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : `Save ${typedName || 'dog'}`}
        </Button>
        <Button onClick={() => (drafts.write(draft, null), void go(-1))}>Leave without saving</Button>
        {stale && (
          <Button onClick={() => (setVersion(stale.problem.version ?? version), save.reset())}>
            I have seen it: mine stands, save next
          </Button>
        )}
        {save.error && (
          <p role="alert" className="font-bold text-haw">
            {wrong === 0
              ? save.error.message
              : `${wrong === 1 ? 'One field needs' : `${wrong} fields need`} another look.`}
          </p>
        )}
      </div>
    </form>
  )
}

/** What somebody else saved meanwhile, field by field where it differs from what is typed here. */
function Theirs({ theirs, mine }: { theirs: Dog | undefined; mine: Values }) {
  if (!theirs) return null
  const other = valuesOf(theirs)
  const plain = (v: unknown) =>
    Array.isArray(v)
      ? [...(v as string[])].sort().join(', ')
      : typeof v === 'boolean'
        ? v
          ? 'yes'
          : 'no'
        : typeof v === 'string' || typeof v === 'number'
          ? String(v)
          : ''
  const rows = (Object.keys(EMPTY) as (keyof Values)[]).filter((k) => plain(other[k]) !== plain(mine[k]))
  return (
    <div role="alert" className="rounded-lg border-2 border-bracken bg-bracken-soft p-3">
      <h2 className="mb-1 text-lg text-bracken">Changed meanwhile by somebody else</h2>
      {rows.length === 0 ? (
        <p>To the same as you have here.</p>
      ) : (
        <table className="w-full text-sm">
          <thead className="text-left">
            <tr>
              <th scope="col">field</th>
              <th scope="col">theirs</th>
              <th scope="col">yours</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((k) => (
              <tr key={k} className="align-top">
                <th scope="row" className="pr-3 text-left font-normal">
                  {k.replaceAll('_', ' ')}
                </th>
                <td className="pr-3">{plain(other[k]) || '–'}</td>
                <td>{plain(mine[k]) || '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  )
}

/** Numbers that are not numbers are sent as typed, so that the server can say what is allowed. */
function number(v: string): number | string | null {
  const t = v.trim().replace(',', '.')
  return t === '' ? null : Number.isFinite(Number(t)) ? Number(t) : v
}

function bodyOf(v: Values) {
  const { owner_name, owner_phone, owner_email, ...dog } = v
  const known = Object.fromEntries(
    Object.keys(EMPTY)
      .filter((k) => !k.startsWith('owner_'))
      .map((k) => [k, dog[k as keyof typeof dog]]),
  ) as typeof dog
  return {
    ...known,
    born_on: v.born_on || null,
    kg: number(v.kg),
    wish_weeks: number(v.wish_weeks),
    dewclaws: number(v.dewclaws) ?? 0,
    health: Array.isArray(v.health) ? v.health : [],
    owner: { name: owner_name, phone: owner_phone, email: owner_email },
  }
}
