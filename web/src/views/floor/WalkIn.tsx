// Somebody comes without a date: which dog, what it would wait, whose promise would go past; then it is
// added.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { FindDog } from '../../parts/FindDog'
import { VISIT_KINDS } from '../../parts/kinds'
import { Button } from '../../ui/Button'
import { SelectField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'

export function WalkIn({ today, onClose }: { today: string; onClose: () => void }) {
  const cache = useQueryClient()
  const toast = useToast()
  const [dog, setDog] = useState<{ id: string; name: string } | null>(null)
  const [kind, setKind] = useState('nails')
  const answer = useQuery({
    queryKey: ['walk-in', dog?.id, kind],
    queryFn: () =>
      take(api.GET('/api/dogs/{id}/walk-in', { params: { path: { id: dog?.id ?? '' }, query: { kind } } })),
    enabled: dog !== null,
    staleTime: 20_000,
  })
  const w = answer.data
  const add = useWrite({
    send: ({ time, ready }: { time: string; ready: string | null }, write) =>
      take(
        api.POST('/api/dogs/{id}/bookings', {
          params: { path: { id: dog?.id ?? '' }, header: write },
          body: {
            day: today,
            time,
            kind,
            staff: null,
            note: 'came without a date',
            promised: ready ?? '',
          },
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['floor'] })
      toast({ text: `${dog?.name} is on today’s list${w?.begins ? `: about ${w.begins}` : ''}` })
      onClose()
    },
  })
  return (
    <Modal open onClose={onClose} title="Somebody without a date">
      {!dog ? (
        <div className="space-y-3">
          <FindDog label="Which dog?" autoFocus onDog={setDog}>
            {(typed) => (
              <Link className="inline-block py-2 text-slate underline" to="/dogs/new" state={{ name: typed }}>
                It is not in the book yet
              </Link>
            )}
          </FindDog>
        </div>
      ) : (
        <div className="space-y-3">
          <p className="flex items-center justify-between">
            <b className="text-lg">{dog.name}</b>
            <Button kind="quiet" onClick={() => setDog(null)}>
              Another dog
            </Button>
          </p>
          <SelectField
            label="For"
            value={kind}
            options={[...VISIT_KINDS]}
            onChange={(e) => setKind(e.target.value)}
          />
          <div role="status" className="min-h-16">
            {answer.isPending ? (
              <p className="text-ink-2">Looking for room …</p>
            ) : !w ? (
              <p className="text-haw">{answer.error?.message}</p>
            ) : w.minutes === null ? (
              <p className="text-bracken">Nobody has weighed {w.name}: weigh it first.</p>
            ) : w.begins === null ? (
              <p className="text-haw">There is no room for {w.minutes} min any more today.</p>
            ) : (
              <>
                <p>
                  {w.wait === 0 ? (
                    <b>Can begin at once.</b>
                  ) : (
                    <b>
                      Waits about {w.wait} min, until {w.begins}.
                    </b>
                  )}{' '}
                  Ready at {w.ready}.
                </p>
                <p className={w.late.length > 0 ? 'font-bold text-haw' : 'text-moss'}>
                  {w.late.length > 0
                    ? `Past their promise: ${w.late.map((l) => `${l.name} by ${l.minutes} min`).join(', ')}.`
                    : 'Nobody’s promise goes past for it.'}
                </p>
              </>
            )}
          </div>
          {add.error && (
            <p role="alert" className="text-sm font-bold text-haw">
              {add.error.message}
            </p>
          )}
          <Button
            kind="main"
            disabled={!w || w.minutes === null || add.isPending}
            onClick={() => w && add.mutate(w)}
          >
            Put it on today’s list
          </Button>
        </div>
      )}
    </Modal>
  )
}
