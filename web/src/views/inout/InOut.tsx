// In and out: everything of the salon to take along, in open formats; calendars for elsewhere.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Download } from 'lucide-react'
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Calendars } from '../../parts/Calendars'
import { Button } from '../../ui/Button'
import { CheckField } from '../../ui/Field'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { FromElsewhere } from './FromElsewhere'
import { TakeIn } from './TakeIn'
import { useJob } from './useJob'
import { WholeSalon } from './WholeSalon'
import { ago, clock, day } from '../../ui/words'

const KEY = ['exports']

export function InOut() {
  const exports = useQuery({ queryKey: KEY, queryFn: () => take(api.GET('/api/exports')) })
  const [job, setJob] = useState<string | null>(null)
  if (!exports.data)
    return exports.error ? (
      <Resting error={exports.error} retry={() => void exports.refetch()} />
    ) : (
      <Waiting />
    )
  return (
    <div className="mx-auto w-full max-w-3xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">In and out</h1>
      <section className="panel space-y-3 p-5" aria-label="Everything, to take along">
        <h2 className="text-xl">Everything, to take along</h2>
        <p>
          One file with all dogs, plans, visits, homes, prices and bills of this salon: as JSON with its
          published schema, as a table each for a spreadsheet, owners as contacts, photos as files. Passwords,
          PINs and links are not in it. It is kept here for a week; whoever has it can read what the salon
          knows.
        </p>
        <Begin onBegun={setJob} />
        {job && <OnItsWay key={job} job={job} />}
        <ul className="divide-y divide-line">
          {exports.data.exports.map((e) => (
            <li key={e.id} className="flex flex-wrap items-center justify-between gap-2 py-2">
              <span>
                {day(e.at)}, {clock(e.at)} <span className="text-ink-2">{ago(e.at)}</span>
              </span>
              <a
                className="inline-flex min-h-11 items-center gap-2 font-bold text-slate underline"
                href={`/api/exports/${e.id}`}
                download
              >
                <Download aria-hidden className="size-5" /> Fetch it ({size(e.bytes)})
              </a>
            </li>
          ))}
        </ul>
      </section>
      <TakeIn />
      <FromElsewhere />
      <WholeSalon />
      <Calendars own={false} />
      <section className="panel space-y-3 p-5" aria-label="Programmes that are let in">
        <h2 className="text-xl">Programmes that are let in</h2>
        <p>Book-keeping, a till or a page to book by, with a token that may what you say and no more.</p>
        <LinkButton to="/programmes">Programmes that are let in</LinkButton>
      </section>
    </div>
  )
}

function Begin({ onBegun }: { onBegun: (job: string) => void }) {
  const [papers, setPapers] = useState(false)
  const begin = useWrite({
    send: (_: void, write) => take(api.POST('/api/exports', { params: { header: write }, body: { papers } })),
    onSuccess: (now) => now.job && onBegun(now.job.id),
  })
  return (
    <>
      <CheckField
        label="Cards, agreements, home-care sheets and receipts as PDF too: up to a second for each"
        checked={papers}
        onChange={(e) => setPapers(e.target.checked)}
      />
      <Button kind="main" disabled={begin.isPending} onClick={() => begin.mutate()}>
        Write it
      </Button>
      {begin.error && (
        <p role="alert" className="font-bold text-haw">
          {begin.error.message}
        </p>
      )}
    </>
  )
}

function OnItsWay({ job }: { job: string }) {
  const cache = useQueryClient()
  const now = useJob(job, () => void cache.invalidateQueries({ queryKey: KEY }))
  if (!now || now.state === 'done') return null
  const { done, total, state, why } = now
  return state === 'failed' ? (
    <p role="alert" className="font-bold text-haw">
      It could not be written: {why}
    </p>
  ) : (
    <label className="block">
      {done} of {total} done; you can leave, it goes on.
      <progress className="block w-full" value={done} max={Math.max(1, total)} />
    </label>
  )
}

function size(bytes: number): string {
  return bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1e6).toFixed(1)} MB`
}
