// What other salons warn of in a dog: stands with its own cautions wherever it is worked with.
import { useQuery } from '@tanstack/react-query'
import { queries } from '../app/queries'
import type { Schemas } from '../app/client'

const NONE: Schemas['CautionView'][] = []

export function useElsewhere(dogId: string): Schemas['CautionView'][] {
  return useQuery(queries.elsewhere(dogId)).data?.cautions ?? NONE
}
