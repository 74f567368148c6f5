// What of a dog its drawing depends on, the same object for as long as none of it changes.
import { useMemo } from 'react'
import type { DogLook } from './build'

/** Below this many kg the skull is large for the body, above that many small. */
const SMALL_KG = 8
const LARGE_KG = 28

export function useLook(dog: Omit<DogLook, 'size'> & { kg?: number | null }): DogLook {
  const gone = (dog.absent ?? []).join(' ')
  const kg = dog.kg ?? null
  const size = kg === null ? 'medium' : kg < SMALL_KG ? 'small' : kg > LARGE_KG ? 'large' : 'medium'
  return useMemo(
    () => ({
      build: dog.build,
      muzzle: dog.muzzle,
      ear_type: dog.ear_type,
      ear_set: dog.ear_set,
      tail_type: dog.tail_type,
      tail_carriage: dog.tail_carriage,
      coat: dog.coat,
      size,
      sex: dog.sex ?? '',
      absent: gone === '' ? [] : gone.split(' ').sort(),
    }),
    [
      dog.build,
      dog.muzzle,
      dog.ear_type,
      dog.ear_set,
      dog.tail_type,
      dog.tail_carriage,
      dog.coat,
      size,
      dog.sex,
      gone,
    ],
  )
}
