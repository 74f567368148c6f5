// What of a dog its drawing depends on, the same object for as long as none of it changes.
import { useMemo } from 'react'
import type { DogLook } from './build'

export function useLook(dog: DogLook): DogLook {
  return useMemo(
    () => ({
      build: dog.build,
      muzzle: dog.muzzle,
      ear_type: dog.ear_type,
      ear_set: dog.ear_set,
      tail_type: dog.tail_type,
      tail_carriage: dog.tail_carriage,
      coat: dog.coat,
    }),
    [dog.build, dog.muzzle, dog.ear_type, dog.ear_set, dog.tail_type, dog.tail_carriage, dog.coat],
  )
}
