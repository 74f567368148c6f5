// The words that go to owners whose time is another one, before they go; all of them or none.
import { useQueryClient } from '@tanstack/react-query'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import type { RoundProps } from './asked'

export function TellTimes({ round, ask, onClose }: RoundProps & { onClose: () => void }) {
  const cache = useQueryClient()
  const toast = useToast()
  const told = round.stops.filter((s) => s.says !== '')
  const tell = useWrite({
    send: (_: void, write) =>
      take(
        api.PUT('/api/round/times', {
          params: { header: write },
          body: {
            write: true,
            times: told.flatMap((s) =>
              s.dogs.map((d) => ({ booking: d.booking, version: d.version, time: d.tell })),
            ),
          },
        }),
      ),
    onSuccess: async ({ written }) => {
      toast({
        text:
          written === told.length
            ? 'Their times are changed, and all of them are written to.'
            : `Their times are changed; ${told.length - written} could not be written to: ring them.`,
      })
      onClose()
      ask({ afresh: null, behind: null, order: null })
      await cache.invalidateQueries()
    },
  })
  return (
    <Modal open onClose={onClose} title="What their owners will read" wide>
      <form
        className="space-y-3"
        onSubmit={(e) => {
          e.preventDefault()
          tell.mutate()
        }}
      >
        <ul className="space-y-2">
          {told.map((s) => (
            <li key={s.id} className="rounded-md bg-well p-3">
              <b>{s.home}</b>
              <p>{s.says}</p>
            </li>
          ))}
        </ul>
        <p className="text-ink-2">
          {round.day !== round.today &&
            'Each gets the link with it by which they say whether that suits, or choose another day. '}
          The diary has the new times with it.
        </p>
        <FormEnd
          error={tell.error}
          busy={tell.isPending}
          send="Change the times and write"
          sending="Writing …"
          onLeave={onClose}
        />
      </form>
    </Modal>
  )
}
