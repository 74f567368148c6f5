// Where one is signed in, each ended by itself.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { clock, day } from '../../ui/words'

export function SignedInAt() {
  const cache = useQueryClient()
  const toast = useToast()
  const open = useQuery(queries.mySignIns())
  const write = useWrite({
    send: (id: string) => take(api.DELETE('/api/me/sign-ins/{id}', { params: { path: { id } } })),
    onSuccess: () => toast({ text: 'Signed out there' }),
    onSettled: () => void cache.invalidateQueries({ queryKey: ['my-sign-ins'] }),
  })
  return (
    <section aria-labelledby="signed-in" className="panel p-5">
      <h2 id="signed-in" className="mb-2 text-xl">
        Signed in at
      </h2>
      {open.isError && <p className="text-haw">{open.error.message}</p>}
      <ul className="divide-y divide-line">
        {open.data?.sign_ins.map((s) => (
          <li key={s.id} className="flex flex-wrap items-center justify-between gap-2 py-2">
            <p>
              {s.device}
              {s.here && <b> (here)</b>}
              <span className="block text-sm text-ink-2">
                since {day(s.at)}, {clock(s.at)}, by {s.how === 'pin' ? 'PIN' : 'password'}
              </span>
            </p>
            {!s.here && (
              <Button
                disabled={write.isPending}
                aria-label={`Sign out there: ${s.device}, since ${clock(s.at)}`}
                onClick={() => write.mutate(s.id)}
              >
                Sign out there
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
