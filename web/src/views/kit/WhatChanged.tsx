// What a measurement changes, card by card, while it is counted.
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../app/queries'
import { mm, trim } from '../../ui/words'
import type { Schemas } from '../../app/client'

type Derivation = Schemas['DerivationView']

/** The list of what a measurement changed: counted behind the scenes, shown as it grows. */
export function WhatChanged({ id }: { id: string }) {
  const derivation = useQuery(queries.derivation(id))
  const d = derivation.data
  if (!d)
    return (
      <p className="text-ink-2">{derivation.error ? derivation.error.message : 'Looking what changed …'}</p>
    )
  return (
    <section aria-label="What changed" className="space-y-2 border-t border-line pt-3">
      <h3 className="text-lg">
        {d.before_mm === null ? 'As labelled' : mm(d.before_mm)} →{' '}
        {d.after_mm === null ? 'by the table' : mm(d.after_mm)}
      </h3>
      {!d.finished && (
        <>
          <progress
            className="h-3 w-full accent-thistle"
            max={Math.max(1, d.total)}
            value={d.done}
            aria-label="Cards looked at"
          />
          <p className="text-sm text-ink-2" role="status">
            {d.done} of {d.total} cards looked at. You may leave: the lengths are right already, and this goes
            on by itself.
          </p>
          {d.why !== '' && (
            <p className="font-bold text-haw" role="alert">
              It stopped: {d.why} Who manages the salon can try it again, in the outbox.
            </p>
          )}
        </>
      )}
      <p className="font-bold">
        {d.changed > 0
          ? `For ${d.changed === 1 ? 'one dog' : `${d.changed} dogs`} ${d.means}.`
          : d.finished && 'No dog comes out differently.'}
      </p>
      <ul className="divide-y divide-line text-sm">
        {d.dogs.map((dog) => (
          <li key={dog.dog} className="py-1.5">
            <Link to={`/dogs/${dog.dog}`} className="font-bold text-thistle underline underline-offset-2">
              {dog.name}
            </Link>
            {bySame(dog.zones).map(([text, zones]) => (
              <span key={text} className="block">
                <b>{text}</b>{' '}
                <span className="text-ink-2">
                  {zones.length > 4
                    ? `${zones.slice(0, 3).join(', ')} and ${zones.length - 3} more`
                    : zones.join(', ')}
                </span>
              </span>
            ))}
          </li>
        ))}
      </ul>
      {d.changed > d.dogs.length && (
        <p className="text-sm text-ink-2">and {d.changed - d.dogs.length} more with smaller differences</p>
      )}
    </section>
  )
}

function bySame(zones: Derivation['dogs'][number]['zones']): [string, string[]][] {
  const out = new Map<string, string[]>()
  for (const z of zones) {
    const sign = z.difference_mm > 0 ? '+' : '−'
    const text = `${trim(z.before_mm)} → ${mm(z.after_mm)} (${sign}${trim(Math.abs(z.difference_mm))})`
    out.set(text, [...(out.get(text) ?? []), z.label])
  }
  return [...out]
}
