// In place of dates, of a dog that does not come: what its state stops.
import type { Schemas } from '../../app/client'

const SAID: Record<string, string> = {
  paused: 'Paused for a while',
  moved: 'Moved away',
  passed_away: 'Passed away',
}

export function Gone({ dog }: { dog: Schemas['CardView']['dog'] }) {
  return (
    <section>
      <h2 className="text-2xl">{SAID[dog.state] ?? dog.state}</h2>
      <ul className="mt-2 list-disc space-y-1 pl-5">
        {dog.stops.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ul>
    </section>
  )
}

/** Whether a dog may be taken in and put on a table. */
export function comes(state: string): boolean {
  return state === 'active' || state === 'paused'
}
