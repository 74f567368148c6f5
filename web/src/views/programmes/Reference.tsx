// What a programme can ask of the salon, as the OpenAPI document says it; the document itself to take along.
import { useQuery } from '@tanstack/react-query'
import { Download } from 'lucide-react'
import { useState } from 'react'
import address from '../../../../docs/api/openapi.json?url'
import { asset } from '../../app/client'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { groups, type Document, type Operation } from './document'
import { Shape } from './Shape'

export function Reference() {
  const { data, error, refetch } = useQuery({
    queryKey: ['reference'],
    queryFn: async () => (await asset(address)) as Document,
    staleTime: Infinity,
  })
  const [find, setFind] = useState('')
  if (!data) return error ? <Resting error={error} retry={() => void refetch()} /> : <Waiting />
  const found = groups(data, find)
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <LinkButton to="/programmes">Programmes that are let in</LinkButton>
      <h1 className="text-3xl">What a programme can ask</h1>
      <div className="space-y-2">
        <p>
          Each request carries <code>Authorization: Bearer TOKEN</code>. A write carries an{' '}
          <code>Idempotency-Key</code> besides, made anew for each thing that is done: sent again with the
          same key it is done once. What is refused comes as <code>application/problem+json</code> and names
          the field. More than is allowed in a minute: 429, with <code>Retry-After</code>.
        </p>
        <p>
          To keep up with the salon, ask <code>GET /api/changes</code> with the cursor of the answer before,
          or be told at an address of yours, signed: <code>Thistle-Signature: t=SECONDS,v1=HEX</code>, where
          HEX is the HMAC-SHA-256 of <code>SECONDS.BODY</code> under your secret.
        </p>
        <a
          className="inline-flex min-h-11 items-center gap-2 font-bold text-slate underline"
          href={address}
          download="keen-thistle-openapi.json"
        >
          <Download aria-hidden className="size-5" /> The document (OpenAPI 3)
        </a>
      </div>
      <label className="block">
        <span className="label">Find</span>
        <input
          className="field"
          type="search"
          value={find}
          onChange={(e) => setFind(e.target.value)}
          placeholder="such as: bookings"
        />
      </label>
      <p role="status" className="text-sm text-ink-2">
        {found.reduce((sum, g) => sum + g.operations.length, 0)} requests
      </p>
      {found.map((g) => (
        <section key={g.name} className="panel p-5" aria-label={g.name}>
          <h2 className="mb-1 text-xl">{g.name}</h2>
          {g.operations.map((o) => (
            <One key={`${o.method} ${o.path}`} operation={o} document={data} />
          ))}
        </section>
      ))}
    </div>
  )
}

function One({ operation: o, document }: { operation: Operation; document: Document }) {
  const [open, setOpen] = useState(false)
  const body = o.requestBody?.content['application/json']?.schema
  const [status, answer] = Object.entries(o.responses).find(([code]) => code.startsWith('2')) ?? []
  const gives = answer?.content?.['application/json']?.schema
  return (
    <details className="border-t border-line" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3 py-1">
        <b className="w-16 shrink-0">{o.method}</b>
        <code className="break-all">{o.path}</code>
        <span className="basis-full text-ink-2 sm:basis-auto">{o.summary}</span>
      </summary>
      {open && (
        <div className="space-y-2 pb-3">
          {o.description && <p>{o.description}</p>}
          {o.parameters.length > 0 && (
            <ul className="list-disc pl-5">
              {o.parameters.map((p) => (
                <li key={p.in + p.name}>
                  <code>{p.name}</code> in {p.in === 'path' ? 'the address' : p.in}
                  {p.required ? '' : ', may be left out'}
                  {p.description && `: ${p.description}`}
                </li>
              ))}
            </ul>
          )}
          {body && <Shape title="Takes" schema={body} document={document} />}
          {gives && <Shape title={`Gives ${status}`} schema={gives} document={document} />}
        </div>
      )}
    </details>
  )
}
