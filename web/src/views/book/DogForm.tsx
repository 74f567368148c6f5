// A new dog, or a change to one: every field with its error beside it, the dog drawn as it is described.
import { zodResolver } from '@hookform/resolvers/zod'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useEffect, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { useLocation, useNavigate, useParams } from 'react-router'
import { api, ApiError, take, type Schemas } from '../../app/client'
import { drafts } from '../../app/draft'
import { useSession } from '../../app/session'
import { queries } from '../../app/queries'
import { ifMatch, useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { Groups } from './dog/Groups'
import { Homes } from './dog/Homes'
import { Picture } from './dog/Picture'
import { Theirs } from './dog/Theirs'
import { dogToSend, draftOfDog, EMPTY, fieldOfDog, typedOf, type DogToSend, type TypedDog } from './dog/typed'

type Dog = Schemas['DogView']

export function NewDog() {
  const words = useQuery(queries.words())
  const { session } = useSession()
  const { state } = useLocation() as { state: { name?: string; quote?: Partial<TypedDog> } | null }
  if (!words.data)
    return words.error ? <Resting error={words.error} retry={() => void words.refetch()} /> : <Waiting />
  return (
    <Form
      key={session.id}
      words={words.data}
      values={{ ...EMPTY, name: state?.name ?? '' }}
      told={state?.quote ?? {}}
      dog={null}
    />
  )
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
  return <Form key={session.id} words={words.data} values={typedOf(card.data.dog)} dog={card.data.dog} />
}

const SUGGESTED = ['coat', 'build', 'muzzle', 'ear_type', 'ear_set', 'tail_type', 'tail_carriage'] as const

function Form({
  words,
  values,
  dog,
  told = {},
}: {
  words: Schemas['VocabularyView']
  values: TypedDog
  dog: Dog | null
  /** on the phone just now: newer than a draft */
  told?: Partial<TypedDog>
}) {
  const go = useNavigate()
  const cache = useQueryClient()
  const toast = useToast()
  // What was typed and not saved is here again after a reload, Back or another tap, with the version it
  // was begun from.
  const { session } = useSession()
  const draft = `dog.${session.id}.${dog?.id ?? 'new'}`
  const [begun] = useState(() => draftOfDog.safeParse(drafts.read(draft)).data ?? null)
  const [version, setVersion] = useState(begun?.version ?? dog?.version ?? 0)
  const form = useForm<TypedDog, unknown, DogToSend>({
    defaultValues: { ...values, ...begun?.values, ...told },
    resolver: zodResolver(dogToSend),
  })
  const { register, handleSubmit, setFocus, setValue, control, getValues, reset, formState } = form
  const [takenUp, setTakenUp] = useState(begun !== null)
  const typed = useWatch({ control })
  const { isDirty, dirtyFields } = formState
  useEffect(() => {
    if (isDirty) drafts.write(draft, { version, values: typed })
  }, [isDirty, typed, draft, version])
  const breed = useDeferredValue(dog === null ? (typed.breed ?? '') : '')
  const owner = useDeferredValue(dog === null ? (typed.owner_name ?? '') : '')
  const hints = useQuery({
    ...queries.newDog(breed.trim(), owner.trim(), typed.coat ?? ''),
    placeholderData: keepPreviousData,
  }).data
  // What a breed usually has stands in each field nobody has touched; of a draft nobody knows which were.
  useEffect(() => {
    if (takenUp) return
    for (const { field, value } of hints?.suggests ?? []) {
      const name = SUGGESTED.find((s) => s === field)
      if (name && !dirtyFields[name]) setValue(name, value)
    }
  }, [takenUp, hints?.suggests, dirtyFields, setValue])
  const save = useWrite({
    send: (body: DogToSend, write) =>
      dog
        ? take(
            api.PUT('/api/dogs/{id}', {
              params: {
                path: { id: dog.id },
                header: { ...ifMatch(version), ...write },
              },
              body,
            }),
          )
        : take(api.POST('/api/dogs', { params: { header: write }, body })),
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
      const field = first === 'owner' ? 'owner_name' : first?.replace(/^owner\./, 'owner_')
      const here = fieldOfDog.safeParse(field).data
      if (here) setFocus(here)
    },
  })
  const errors = save.fields
  const wrong = Object.keys(errors).length
  const stale = save.stale
  return (
    <form
      onSubmit={(e) => void handleSubmit((v) => save.mutate(v))(e)}
      noValidate
      className="mx-auto w-full max-w-6xl space-y-4 p-4 sm:p-6"
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
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <Groups
          register={register}
          control={control}
          errors={errors}
          words={words}
          homes={
            dog === null && (
              <Homes
                homes={hints?.homes ?? []}
                chosen={typed.household ?? ''}
                onChoose={(home) => {
                  setValue('household', home?.id ?? '', { shouldDirty: true })
                  if (home) setValue('owner_name', home.people[0]?.name ?? '', { shouldDirty: true })
                }}
              />
            )
          }
          dog={dog?.id}
          known={(typed.household ?? '') !== ''}
        />
        <Picture
          control={control}
          carries={hints?.carries ?? []}
          taken={hints?.why ? `Filled in where you have not: ${hints.why}.` : ''}
        />
      </div>
      {stale && <Theirs theirs={(stale.problem as { theirs?: Dog }).theirs} mine={getValues()} />}
      <div className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-line bg-paper py-3">
        <Button type="submit" kind="main" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : `Save ${typed.name || 'dog'}`}
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
