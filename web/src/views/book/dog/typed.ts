// What the form of a dog holds while it is typed, and what is sent of it: one description for both, and for a
// draft that an older release has kept.
import { z } from 'zod'
import type { Schemas } from '../../../app/client'
import { figure, kgTyped, typedFigure, typedWeight } from '../../../ui/figure'

export const EMPTY = {
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
  colour: '',
  markings: [],
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
  told: '',
  paper: '',
  vaccinated_until: '',
  apart: [],
  quiet: false,
  absent: [],
  owner_name: '',
  owner_phone: '',
  owner_email: '',
  household: '',
} satisfies Record<string, string | boolean | string[]>

const typed = z.object({
  name: z.string(),
  breed: z.string(),
  sex: z.string(),
  born_on: z.string(),
  born_estimated: z.boolean(),
  kg: z.string(),
  build: z.string(),
  muzzle: z.string(),
  ear_type: z.string(),
  ear_set: z.string(),
  tail_type: z.string(),
  tail_carriage: z.string(),
  coat: z.string(),
  stage: z.string(),
  density: z.string(),
  colour: z.string(),
  markings: z.array(z.string()),
  upkeep: z.string(),
  finish: z.string(),
  ground: z.string(),
  hard_floor: z.boolean(),
  dewclaws: z.string(),
  hand_stripped: z.boolean(),
  handling: z.string(),
  handling_note: z.string(),
  health: z.array(z.string()),
  health_note: z.string(),
  vet: z.string(),
  emergency: z.string(),
  may_collect: z.string(),
  photo_consent: z.boolean(),
  state: z.string(),
  wish_weeks: z.string(),
  told: z.string(),
  paper: z.string(),
  vaccinated_until: z.string(),
  apart: z.array(z.string()),
  quiet: z.boolean(),
  absent: z.array(z.string()),
  owner_name: z.string(),
  owner_phone: z.string(),
  owner_email: z.string(),
  /** a home that is in the book already; empty: the owner is new */
  household: z.string(),
})
export type TypedDog = z.infer<typeof typed>
export const fieldOfDog = typed.keyof()

/** A draft with the version it was begun from; what an older release did not ask is as in an empty form. */
export const draftOfDog = z.object({ version: z.number(), values: typed.partial() })

/** What is sent of what is typed. */
export const dogToSend = typed.transform(({ owner_name, owner_phone, owner_email, household, ...dog }) => ({
  ...dog,
  born_on: dog.born_on || null,
  vaccinated_until: dog.vaccinated_until || null,
  kg: kgTyped(dog.kg),
  wish_weeks: figure(dog.wish_weeks),
  dewclaws: figure(dog.dewclaws) ?? 0,
  ...(household === ''
    ? { owner: { name: owner_name, phone: owner_phone, email: owner_email } }
    : { household }),
}))
export type DogToSend = z.infer<typeof dogToSend>

/** A dog as the form holds it. */
export function typedOf(dog: Schemas['DogView']): TypedDog {
  const person = dog.people[0]
  return typed.parse({
    ...dog,
    born_on: dog.born_on ?? '',
    vaccinated_until: dog.vaccinated_until ?? '',
    kg: typedWeight(dog.kg),
    wish_weeks: typedFigure(dog.wish_weeks),
    dewclaws: typedFigure(dog.dewclaws),
    owner_name: person?.name ?? '',
    owner_phone: person?.phone ?? '',
    owner_email: person?.email ?? '',
    // The home of a dog that is in the book is not moved by this form.
    household: '',
  })
}
