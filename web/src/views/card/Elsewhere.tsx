// A dog's history in other salons: asked for, brought along in a file; and who else may see what is here.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { FileDown } from 'lucide-react'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { ChooseFile } from '../../parts/ChooseFile'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { useToast } from '../../ui/Toasts'
import { day } from '../../ui/words'
import { AskElsewhere } from './AskElsewhere'

type Ask = Schemas['AskView']
const PARTS: Record<Ask['parts'][number], string> = { card: 'card', cautions: 'cautions', visits: 'visits' }

function state(a: Ask): string {
  const parts = a.parts.map((p) => PARTS[p]).join(', ')
  const said: Record<Ask['state'], string> = {
    asked: `asked on ${day(a.asked_at)}; its owner has not answered yet`,
    allowed: `${parts}, since ${day(a.since)}`,
    refused: 'its owner lets nothing be seen',
    revoked: `taken back on ${day(a.ended_at)}`,
    file: `a sealed copy, taken in on ${day(a.asked_at)}`,
  }
  return said[a.state]
}

export function Elsewhere({ dogId, name }: { dogId: string; name: string }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const [asking, setAsking] = useState(false)
  const key = ['histories', dogId]
  const list = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/dogs/{id}/histories', { params: { path: { id: dogId } } })),
  })
  const now = (fresh: unknown) => cache.setQueryData(key, fresh)
  if (!list.data || (!may('dog') && list.data.from.length + list.data.to.length === 0)) return null
  const { from, to } = list.data
  return (
    <section aria-label="In other salons" className="space-y-2 rounded-lg bg-well p-3">
      <h3 className="font-bold">In other salons</h3>
      <ul className="space-y-2">
        {from.map((a) => (
          <li key={a.id}>
            <p>
              <b>{a.salon}</b>, <span className="text-ink-2">{state(a)}</span>
            </p>
            {['allowed', 'file'].includes(a.state) && (
              <LinkButton to={`/histories/${a.id}?dog=${dogId}`} aria-label={`Look at what ${a.salon} knows`}>
                Look at it
              </LinkButton>
            )}
          </li>
        ))}
        {to.map((a) => (
          <Seen key={a.id} ask={a} after={() => void cache.invalidateQueries({ queryKey: key })} />
        ))}
      </ul>
      {may('dog') && (
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setAsking(true)}>Ask another salon</Button>
          <ChooseFile
            path={`/api/dogs/${dogId}/histories/file`}
            accept=".json,application/json"
            label="Take a copy in"
            busyLabel="Reading it …"
            onSent={now}
          />
          <Copy dogId={dogId} name={name} />
          {may('people') && (
            <a
              href={`/api/dogs/${dogId}/everything`}
              download
              className="inline-flex min-h-11 items-center font-bold text-slate underline"
            >
              Everything of {name}, as a file
            </a>
          )}
        </div>
      )}
      {asking && <AskElsewhere dogId={dogId} name={name} after={now} onClose={() => setAsking(false)} />}
    </section>
  )
}

/** Another salon that asks for what is known here. */
function Seen({ ask: a, after }: { ask: Ask; after: () => void }) {
  const { may } = useSession()
  const back = useWrite({
    send: (_: void, write) =>
      take(api.DELETE('/api/histories/{id}', { params: { path: { id: a.id }, header: write } })),
    onSuccess: after,
  })
  const isOpen = a.state === 'asked' || a.state === 'allowed'
  return (
    <li>
      <p>
        <b>{a.salon}</b> {a.state === 'allowed' ? 'may see' : 'asks to see'} what is known here:{' '}
        <span className="text-ink-2">
          {state(a)}
          {a.seen_on && `, last looked at on ${day(a.seen_on)}`}
        </span>
      </p>
      <div className="flex flex-wrap items-center gap-3">
        {a.path && isOpen && (
          <a
            href={a.path}
            target="_blank"
            rel="noreferrer"
            className="inline-flex min-h-11 items-center font-bold text-slate underline"
          >
            Its owner&apos;s page, to hand over
          </a>
        )}
        {may('dog') && isOpen && (
          <Button disabled={back.isPending} onClick={() => back.mutate()}>
            {a.state === 'allowed' ? 'Take it back for its owner' : 'Its owner says no'}
          </Button>
        )}
      </div>
      {back.error && (
        <p role="alert" className="font-bold text-haw">
          {back.error.message}
        </p>
      )}
    </li>
  )
}

/** For a dog that moves for good. */
function Copy({ dogId, name }: { dogId: string; name: string }) {
  const toast = useToast()
  const copy = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/copy', {
          params: { path: { id: dogId }, header: write },
          parseAs: 'text',
        }),
      ),
    onSuccess: (text) => {
      const link = document.createElement('a')
      link.href = URL.createObjectURL(new Blob([String(text)], { type: 'application/json' }))
      link.download = `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-history.json`
      link.click()
      URL.revokeObjectURL(link.href)
      toast({ text: 'Give the file to its owner: the next salon takes it in on its card' })
    },
  })
  return (
    <span>
      <Button disabled={copy.isPending} onClick={() => copy.mutate()}>
        <FileDown aria-hidden className="size-5" /> Sealed copy to take along
      </Button>
      {copy.error && <b className="block text-haw">{copy.error.message}</b>}
    </span>
  )
}
