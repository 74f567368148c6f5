// Whether one more dog fits: when the van would be there and home, whom it makes late; and booking it.
import { useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take, type Body } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { FindDog } from '../../parts/FindDog'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { useToast } from '../../ui/Toasts'
import type { RoundProps } from './asked'

type Kind = NonNullable<Body<'/api/dogs/{id}/bookings', 'post'>['kind']>
const KINDS: { id: Kind; label: string }[] = [
  { id: 'full', label: 'Full' },
  { id: 'bath', label: 'Bath' },
  { id: 'tidy', label: 'Tidy' },
  { id: 'nails', label: 'Nails' },
]

export function FitOneMore({ round, asked, ask }: RoundProps) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const { fit, van } = round
  const kind = KINDS.find((k) => k.id === asked.kind)?.id ?? 'full'
  const book = useWrite({
    send: (what: { dog: string; time: string }, write) =>
      take(
        api.POST('/api/dogs/{id}/bookings', {
          params: { path: { id: what.dog }, header: write },
          body: { day: round.day, time: what.time, kind, staff: van?.staff ?? null, write: true },
        }),
      ),
    onSuccess: async () => {
      toast({ text: `${fit?.name} is booked with the van.` })
      ask({ dog: null, kind: null })
      await cache.invalidateQueries({ queryKey: ['round'] })
    },
  })
  return (
    <div className="panel space-y-3 p-4">
      <Choice label="Kind of visit" value={kind} options={KINDS} onChange={(k) => ask({ kind: k })} />
      <FindDog label="Which dog" onDog={(d) => ask({ dog: d.id })} />
      {fit && (
        <div role="status" className="space-y-2">
          {fit.unknown && <p className="font-bold text-bracken">{fit.unknown}</p>}
          {fit.begins === '' ? (
            <p className="font-bold text-haw">
              {fit.name} does not fit: {fit.why}.{' '}
              <Link className="underline" to={`/dogs/${fit.dog}`}>
                Its card
              </Link>
            </p>
          ) : (
            <>
              <p>
                <b>{fit.name}</b>, {fit.minutes} min, at about <b>{fit.begins}</b>. The van is home at{' '}
                <b>{fit.back}</b>.{' '}
                {fit.breaks.length === 0 && !fit.why && <b className="text-moss">Nothing breaks.</b>}
              </p>
              {(fit.breaks.length > 0 || fit.why) && (
                <p className="font-bold text-haw">
                  {[fit.why && `${fit.name} ${fit.why}`, ...fit.breaks.map((b) => `${b} would be late`)]
                    .filter(Boolean)
                    .join('; ')}
                </p>
              )}
              {may('book') && (
                <Button
                  kind="main"
                  disabled={book.isPending}
                  onClick={() => book.mutate({ dog: fit.dog, time: fit.begins })}
                >
                  {book.isPending ? 'Booking …' : `Book ${fit.name} at ${fit.begins}`}
                </Button>
              )}
              {book.error && (
                <p role="alert" className="font-bold text-haw">
                  {Object.values(book.fields)[0] ?? book.error.message}
                </p>
              )}
            </>
          )}
        </div>
      )}
    </div>
  )
}
