// Who works today: with which dog now, and which comes next.
import { PARTS } from '../../parts/visitParts'
import type { FloorData } from './floor'

export function People({ people }: { people: FloorData['people'] }) {
  if (people.length === 0) return null
  return (
    <section aria-label="Who works today" className="panel p-4">
      <h2 className="mb-1 text-lg">Who works today</h2>
      <ul className="divide-y divide-line text-sm">
        {people.map((p) => (
          <li key={p.id} className="py-2">
            <p className="flex justify-between gap-2">
              <b>{p.name}</b>
              <span className="text-ink-2">{p.place}</span>
            </p>
            <p>{p.dog ? `${p.dog}, ${PARTS[p.part ?? ''] ?? 'at the table'}` : 'free'}</p>
            {p.next && (
              <p className="text-ink-2">
                next: {p.next}, {p.next_at}
              </p>
            )}
            {p.over > 0 && <p className="font-bold text-bracken">{p.over} min over the hours</p>}
          </li>
        ))}
      </ul>
    </section>
  )
}
