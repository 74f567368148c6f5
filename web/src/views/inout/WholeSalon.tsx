// A whole salon as it was taken along from elsewhere, into one that has no dogs yet.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ChooseFile } from '../../parts/ChooseFile'
import { useJob } from './useJob'
import type { Schemas } from '../../app/client'

export function WholeSalon() {
  const [job, setJob] = useState<string | null>(null)
  return (
    <section className="panel space-y-3 p-5" aria-label="A whole salon">
      <h2 className="text-xl">A whole salon</h2>
      <p>
        The file in which a salon was taken along, from here or elsewhere: all of it comes in, or nothing, and
        only where no dog is yet. Its people choose a password by a link then. Larger files than 12 MB are
        taken in on the server, by <code>bin/console thistle:take-in</code>.
      </p>
      <ChooseFile
        path="/api/imports/salon"
        accept=".zip,.json,application/zip,application/json"
        label="Choose its file"
        busyLabel="Looking it through …"
        onSent={(job) => setJob((job as Schemas['JobView']).id)}
      />
      {job && <OnItsWay key={job} job={job} />}
    </section>
  )
}

function OnItsWay({ job }: { job: string }) {
  const cache = useQueryClient()
  const now = useJob(job, () => void cache.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'job' }))
  if (!now) return null
  return now.state === 'failed' ? (
    <p role="alert" className="font-bold text-haw">
      Nothing was taken in: {now.why}
    </p>
  ) : (
    <p role="status">
      {now.state === 'done'
        ? 'The salon is in: dogs, plans, visits, homes, prices and bills.'
        : 'It is taken in; you can leave, it goes on.'}
    </p>
  )
}
