// Links that are open: handed over by hand or sent, each opened once; taken back here.
import { Copy, Link2Off } from 'lucide-react'
import { api, take, type Schemas } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { day } from '../../ui/words'

type Open = Schemas['InvitationView']

export function Links({ links, after }: { links: Open[]; after: () => void }) {
  const toast = useToast()
  const back = useWrite({
    send: (id: string, write) =>
      take(api.DELETE('/api/people/invitations/{id}', { params: { path: { id }, header: write } })),
    onSuccess: () => toast({ text: 'The link opens nothing any more' }),
    onError: (e) => toast({ text: e.message, bad: true }),
    onSettled: after,
  })
  if (links.length === 0) return null
  return (
    <section aria-label="Open links" className="panel divide-y divide-line">
      {links.map((l) => (
        <div key={l.id} className="space-y-2 px-4 py-3">
          <p>
            <b>{l.name}</b>{' '}
            {l.kind === 'join' ? `is invited as ${l.role_label}` : 'may choose a new password'}, until{' '}
            {day(l.until)}. {l.to ? `Sent to ${l.to}.` : 'Nothing was sent: hand the link over yourself.'}
          </p>
          <OneLink path={l.path} />
          <Button
            kind="quiet"
            className="text-sm"
            aria-label={`Take back the link of ${l.name}`}
            disabled={back.isPending}
            onClick={() => back.mutate(l.id)}
          >
            <Link2Off aria-hidden className="size-5" /> Take back
          </Button>
        </div>
      ))}
    </section>
  )
}

export function OneLink({ path }: { path: string }) {
  const toast = useToast()
  const address = location.origin + path
  const copy = () =>
    navigator.clipboard
      .writeText(address)
      .then(() => toast({ text: 'Copied' }))
      .catch(() => toast({ text: 'It could not be copied: mark it and copy it yourself', bad: true }))
  return (
    <div className="flex flex-wrap items-center gap-2">
      <code className="min-w-0 flex-1 basis-64 break-all rounded bg-well px-2 py-1 text-sm">{address}</code>
      <Button onClick={() => void copy()}>
        <Copy aria-hidden className="size-5" /> Copy
      </Button>
    </div>
  )
}
