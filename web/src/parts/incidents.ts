// What can go wrong, by the salon's words.
import { useQuery } from '@tanstack/react-query'
import { queries } from '../app/queries'

/** The name of an incident; its id until the words have come. */
export function useIncidentNames(): (what: string) => string {
  const words = useQuery(queries.words())
  return (what) => words.data?.incidents.find((i) => i.id === what)?.label ?? what.replaceAll('_', ' ')
}
