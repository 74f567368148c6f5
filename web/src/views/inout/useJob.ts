// Work of the worker, looked at until it has come to an end.
import { useQuery } from '@tanstack/react-query'
import { api, take } from '../../app/client'

const LOOK_MS = 1000

export function useJob(job: string, whenDone: () => void) {
  return useQuery({
    queryKey: ['job', job],
    queryFn: async () => {
      const now = await take(api.GET('/api/jobs/{id}', { params: { path: { id: job } } }))
      if (now.state === 'done') whenDone()
      return now
    },
    refetchInterval: (q) => (q.state.data && q.state.data.state !== 'open' ? false : LOOK_MS),
  }).data
}
