// Care of the house: what a manager should see to, the last copy, the worker, the disk, and what is new.
import { useQuery } from '@tanstack/react-query'
import { differenceInSeconds, parseISO } from 'date-fns'
import { queries } from '../../app/queries'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Phones } from './Phones'
import { ago, clock, day, trim } from '../../ui/words'

/** How far this device's clock may be from the house's. */
const CLOCK_S = 120

export function Upkeep() {
  const upkeep = useQuery(queries.upkeep())
  if (!upkeep.data)
    return upkeep.error ? <Resting error={upkeep.error} retry={() => void upkeep.refetch()} /> : <Waiting />
  const { data } = upkeep
  const off = Math.abs(differenceInSeconds(upkeep.dataUpdatedAt, parseISO(data.now)))
  const warnings = [
    ...data.warnings,
    ...(off > CLOCK_S
      ? [`This device and the house have clocks ${Math.round(off / 60)} minutes apart.`]
      : []),
  ]
  const rows: [string, string][] = [
    ['Worker', data.worker_seen ? `seen ${ago(data.worker_seen)}` : 'not seen yet'],
    [
      'Last copy',
      data.copied_at
        ? `${day(data.copied_at)}, ${clock(data.copied_at)}, ${size(data.copy_size ?? 0)}`
        : 'none yet',
    ],
    ['Room on the disk', `${size(data.disk_free)} of ${size(data.disk_size)}`],
    ['Clock of the house', `${day(data.now)}, ${clock(data.now)}`],
  ]
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">Care of the house</h1>
      {warnings.length === 0 ? (
        <p className="rounded-md bg-moss-soft p-4 font-bold text-moss">All is well.</p>
      ) : (
        <ul aria-label="To see to" className="space-y-2">
          {warnings.map((w) => (
            <li key={w} className="rounded-md bg-bracken-soft p-4 font-bold text-bracken">
              {w}
            </li>
          ))}
        </ul>
      )}
      <dl className="panel grid grid-cols-[10rem_1fr] gap-x-3 gap-y-2 p-4">
        {rows.map(([what, is]) => (
          <div key={what} className="contents">
            <dt className="text-ink-2">{what}</dt>
            <dd>{is}</dd>
          </div>
        ))}
      </dl>
      <p className="text-sm text-ink-2">
        A copy is made every night and kept for seven days, one of each week for four; in the shell by{' '}
        <code>bin/backup FILE</code>, put back by <code>bin/restore FILE</code>. Keep one elsewhere too.
      </p>
      <Phones address={data.lan_address} print={data.root_print} />
      <section aria-labelledby="news" className="panel p-4">
        <h2 id="news" className="mb-2 text-xl">
          What is new
        </h2>
        <ul className="list-disc space-y-2 pl-5">
          {data.news.map((n) => (
            <li key={n}>{n}</li>
          ))}
        </ul>
      </section>
    </div>
  )
}

function size(bytes: number): string {
  return bytes >= 1e9
    ? `${trim(Math.round(bytes / 1e8) / 10)} GB`
    : `${trim(Math.round(bytes / 1e5) / 10)} MB`
}
