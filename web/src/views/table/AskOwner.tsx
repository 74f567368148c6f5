// What goes past the agreement: the question to the owner, ready to send, and the answer as it comes; the
// rest of the groom goes on meanwhile.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { format, parseISO } from 'date-fns'
import { useState } from 'react'
import { api, take } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import type { Shown } from '../../parts/taps'

export function AskOwner({ groom, canWork }: { groom: Shown; canWork: boolean }) {
  const [open, setOpen] = useState(false)
  const ask = groom.ask
  if (!ask) return null
  const waits = groom.zones.filter((z) => z.waits === 'owner').length
  return (
    <div
      role="alert"
      className={`flex flex-wrap items-center gap-2 border-b border-haw bg-haw-soft px-4 py-1.5 text-haw
        sm:px-5`}
    >
      <p className="min-w-0 flex-1 basis-64 font-bold">
        {waits === 1 ? '1 place waits' : `${waits} places wait`} for the owner&rsquo;s word
        {ask.asked_at
          ? `: asked at ${format(parseISO(ask.asked_at), 'HH:mm')} by ${ask.who}. Go on with the rest.`
          : '. Ask now and go on with the rest.'}
      </p>
      {canWork && (
        <Button className="min-h-12 text-ink" onClick={() => setOpen(true)}>
          {ask.asked_at ? 'The owner has answered' : 'Ask the owner'}
        </Button>
      )}
      {open && <Question groom={groom} onClose={() => setOpen(false)} />}
    </div>
  )
}

function Question({ groom, onClose }: { groom: Shown; onClose: () => void }) {
  const cache = useQueryClient()
  const toast = useToast()
  const arrival = useQuery(queries.arrival(groom.arrival))
  const [text, setText] = useState(groom.ask?.text ?? '')
  const [name, setName] = useState<string | null>(null)
  const owner = name ?? arrival.data?.dog.people[0]?.name ?? ''
  const fresh = () => {
    void cache.invalidateQueries({ queryKey: ['groom', groom.id] })
    void cache.invalidateQueries({ queryKey: ['arrival', groom.arrival] })
  }
  const send = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/grooms/{id}/ask', {
          params: { path: { id: groom.id }, header: write },
          body: { text },
        }),
      ),
    onSuccess: () => {
      toast({ text: 'The question is on its way. Go on with the rest.' })
      fresh()
      onClose()
    },
  })
  const answer = useWrite({
    send: (agreed: boolean, write) =>
      take(
        api.POST('/api/arrivals/{id}/agreement', {
          params: { path: { id: groom.arrival }, header: write },
          body: {
            agreed,
            by: 'phone',
            signed_by: owner,
            signature: '',
            comb_version: arrival.data?.comb.version ?? 0,
            check_version: arrival.data?.check_version ?? 0,
            choice: arrival.data?.comb.choice ?? 'as_reckoned',
            kind: arrival.data?.kind,
          },
        }),
      ),
    onSuccess: (_, agreed) => {
      toast({ text: agreed ? 'Agreed by phone: it goes on as shown' : 'Refused: those places are left' })
      fresh()
      onClose()
    },
    onError: fresh,
  })
  const failed = send.error ?? answer.error
  const ready = arrival.data !== undefined && owner.trim() !== ''
  return (
    <Modal open wide onClose={onClose} title="The owner’s word">
      <div className="space-y-5 text-ink">
        <section aria-label="The question" className="space-y-2">
          <label className="block">
            <span className="label">What the owner reads</span>
            <textarea
              className="field min-h-36 w-full"
              value={text}
              maxLength={1000}
              onChange={(e) => setText(e.target.value)}
            />
          </label>
          <Button
            kind={groom.ask?.asked_at ? undefined : 'main'}
            className="min-h-12"
            disabled={send.isPending || text.trim() === ''}
            onClick={() => send.mutate()}
          >
            {send.isPending ? 'Sending …' : groom.ask?.asked_at ? 'Send it again' : 'Send it'}
          </Button>
        </section>
        <section aria-label="The answer" className="space-y-2 border-t border-line pt-3">
          <h3 className="text-lg">What the owner said, by phone or message</h3>
          <TextField
            label="Who answered"
            value={owner}
            maxLength={80}
            onChange={(e) => setName(e.target.value)}
            error={answer.fields.signed_by}
          />
          <div className="flex flex-wrap gap-2">
            <Button
              kind="main"
              className="min-h-14 flex-1"
              disabled={!ready || answer.isPending}
              onClick={() => answer.mutate(true)}
            >
              Yes, do it
            </Button>
            <Button
              className="min-h-14 flex-1"
              disabled={!ready || answer.isPending}
              onClick={() => answer.mutate(false)}
            >
              No, leave it
            </Button>
          </div>
          <p className="text-sm text-ink-2">
            No answer: those places are left for today, and the visit says so.
          </p>
        </section>
        {failed && Object.keys(answer.fields).every((f) => f !== 'signed_by') && (
          <p role="alert" className="font-bold text-haw">
            {failed.message}
          </p>
        )}
      </div>
    </Modal>
  )
}
