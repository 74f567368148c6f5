// What the salon did not take: why, and what to do about it. A comb test that two have changed is chosen zone
// by zone.
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { keptHere } from '../../app/keptHere'
import { queries } from '../../app/queries'
import { clashesOf } from '../../away/mend'
import type { Post } from '../../away/outbox'
import type { CombDraft, MatDraft } from '../../parts/comb'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { clock } from '../../ui/words'

export function Refused({ posts }: { posts: Post[] }) {
  if (posts.length === 0) return null
  return (
    <section className="panel space-y-3 p-4" aria-label="Not taken">
      <h2 className="text-xl">Not taken by the salon</h2>
      <ul className="divide-y divide-line">
        {posts.map((p) => (
          <li key={p.n} className="space-y-2 py-2">
            <p>
              <b>{p.dog}</b>, {p.what}, {clock(p.at)}
            </p>
            <p className="font-bold text-haw">
              {clashesOf(p) ? 'Found otherwise in two places: choose what holds.' : p.refused?.message}
            </p>
            {clashesOf(p) ? (
              <Both post={p} />
            ) : (
              <p className="flex flex-wrap gap-2">
                <Button onClick={() => void keptHere.device?.settle(p, 'again')}>Send again</Button>
                <Button onClick={() => void keptHere.device?.settle(p, 'drop')}>Let it go</Button>
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Both({ post }: { post: Post }) {
  const words = useQuery(queries.words())
  const [mine, setMine] = useState<Record<string, boolean>>({})
  const found = clashesOf(post)
  if (!found) return null
  const label = (zone: string) => words.data?.zones.find((z) => z.id === zone)?.label ?? zone
  const said = (m: MatDraft | null) =>
    m === null
      ? 'not combed'
      : `${m.severity} ${words.data?.severities.find((s) => s.id === m.severity)?.label ?? ''}`
  const send = () => {
    const chosen = found.clashes.flatMap((c) => (mine[c.zone] ? c.mine : c.theirs) ?? [])
    const rest = found.zones.filter((z) => !found.clashes.some((c) => c.zone === z.zone))
    void keptHere.device?.settle(post, 'again', {
      body: { ...(post.body as CombDraft), zones: [...rest, ...chosen] },
      version: found.version,
    })
  }
  return (
    <div className="space-y-2">
      {found.clashes.map((c) => (
        <div key={c.zone} className="flex flex-wrap items-center gap-3">
          <b className="min-w-32">{label(c.zone)}</b>
          <Choice
            label={label(c.zone)}
            value={mine[c.zone] ? 'mine' : 'theirs'}
            onChange={(v) => setMine({ ...mine, [c.zone]: v === 'mine' })}
            options={[
              { id: 'theirs', label: `salon: ${said(c.theirs)}` },
              { id: 'mine', label: `here: ${said(c.mine)}` },
            ]}
          />
        </div>
      ))}
      <Button kind="main" onClick={send}>
        Send it so
      </Button>
    </div>
  )
}
