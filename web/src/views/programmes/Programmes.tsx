// Programmes that are let in: each with what it may, until when, when it last asked, what it was told.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { ago, clock, day } from '../../ui/words'
import { LetIn } from './LetIn'
import { Told } from './Told'
import { WhereTold } from './WhereTold'

export const PROGRAMMES = ['programmes']
type Programme = Schemas['IntegrationView']
const STATES: Record<Programme['state'], string> = {
  open: 'let in',
  ended: 'ended',
  'run out': 'has run out',
  nobody: 'closed: in whose name it was works here no more',
}

export function Programmes() {
  const list = useQuery({ queryKey: PROGRAMMES, queryFn: () => take(api.GET('/api/integrations')) })
  const cache = useQueryClient()
  const [letting, setLetting] = useState(false)
  const [telling, setTelling] = useState<Programme | null>(null)
  if (!list.data)
    return list.error ? <Resting error={list.error} retry={() => void list.refetch()} /> : <Waiting />
  const { integrations, rights, told, a_minute } = list.data
  const now = (fresh: Schemas['IntegrationsView']) => cache.setQueryData(PROGRAMMES, fresh)
  return (
    <div className="mx-auto w-full max-w-3xl space-y-4 p-4 sm:p-6">
      <LinkButton to="/in-and-out">In and out</LinkButton>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">Programmes that are let in</h1>
        <Button kind="main" onClick={() => setLetting(true)}>
          <Plus aria-hidden className="size-5" /> Let one in
        </Button>
      </div>
      <p>
        Book-keeping, a till, a page to book by: each has a token of its own, may what you say and no more,
        and works in your name; the log says through which. At most {a_minute} requests a minute.{' '}
        <Link to="/reference" className="font-bold text-slate underline">
          What it can ask, for who writes it
        </Link>
      </p>
      {integrations.length === 0 && <p className="panel p-5">No programme is let in.</p>}
      {integrations.map((p) => (
        <section key={p.id} aria-label={p.name} className="panel space-y-2 p-5">
          <div className="flex flex-wrap items-start justify-between gap-3">
            <div>
              <h2 className="text-xl">{p.name}</h2>
              <p className="text-sm text-ink-2">
                {p.state === 'open' ? `until ${day(p.until)}` : STATES[p.state]} · for {p.who} ·{' '}
                {p.used_at ? `last asked ${ago(p.used_at)}, ${clock(p.used_at)}` : 'never asked yet'}
              </p>
            </div>
            {p.state === 'open' && <End programme={p} after={now} />}
          </div>
          <p>
            May{' '}
            {rights
              .filter((r) => p.may.includes(r.id))
              .map((r) => r.label)
              .join('; ')}
            .
          </p>
          {p.state === 'open' && (
            <p className="flex flex-wrap items-center gap-3">
              <span className="min-w-0 break-all">
                {p.tell ? `Told of changes at ${p.tell}` : 'Not told of changes: it asks by itself'}
              </span>
              <Button onClick={() => setTelling(p)} aria-label={`Change where ${p.name} is told`}>
                Change
              </Button>
            </p>
          )}
        </section>
      ))}
      <Told told={told} names={Object.fromEntries(integrations.map((p) => [p.id, p.name]))} after={now} />
      {letting && <LetIn rights={rights} after={now} onClose={() => setLetting(false)} />}
      {telling && <WhereTold programme={telling} after={now} onClose={() => setTelling(null)} />}
    </div>
  )
}

function End({
  programme,
  after,
}: {
  programme: Programme
  after: (now: Schemas['IntegrationsView']) => void
}) {
  const [sure, setSure] = useState(false)
  const end = useWrite({
    send: (_: void, write) =>
      take(api.DELETE('/api/integrations/{id}', { params: { path: { id: programme.id }, header: write } })),
    onSuccess: after,
  })
  if (!sure)
    return (
      <Button onClick={() => setSure(true)} aria-label={`End ${programme.name}`}>
        End it
      </Button>
    )
  return (
    <div className="space-y-1 text-right">
      <p className="font-bold">Its token opens nothing from then on.</p>
      <div className="flex justify-end gap-2">
        <Button kind="quiet" onClick={() => setSure(false)}>
          Keep it
        </Button>
        <Button kind="main" disabled={end.isPending} onClick={() => end.mutate()}>
          End it now
        </Button>
      </div>
      {end.error && (
        <p role="alert" className="font-bold text-haw">
          {end.error.message}
        </p>
      )}
    </div>
  )
}
