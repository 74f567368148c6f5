// What went on behind the scenes and came to no end: said to whoever manages the salon, and tried again.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { ago } from '../../ui/words'
import { useWrite } from '../../app/useWrite'

export function Failed() {
  const cache = useQueryClient()
  const toast = useToast()
  const failed = useQuery(queries.failedJobs())
  const again = useWrite({
    send: (id: string, write) =>
      take(
        api.POST('/api/jobs/{id}/again', {
          params: { path: { id }, header: write },
        }),
      ),
    onSuccess: () => toast({ text: 'It goes on from where it stopped' }),
    onError: (e) => toast({ text: e.message, bad: true }),
    onSettled: () => cache.invalidateQueries({ queryKey: queries.failedJobs().queryKey }),
  })
  const jobs = failed.data?.failed ?? []
  if (jobs.length === 0) return null
  return (
    <section aria-label="What did not come to an end" className="space-y-2">
      <h2 className="text-xl">What did not come to an end</h2>
      <ul className="panel divide-y divide-line">
        {jobs.map((j) => (
          <li key={j.id} className="flex flex-wrap items-center gap-3 px-4 py-3">
            <div className="min-w-60 flex-1">
              <p className="text-lg">{j.about}</p>
              <p className="text-sm text-ink-2">
                begun by {j.who}, {ago(j.at)}; {j.done} of {j.total} done ·{' '}
                <b className="text-haw">{j.why}</b>
              </p>
            </div>
            <Button disabled={again.isPending} onClick={() => again.mutate(j.id)}>
              Try again
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
