// What is late today, and what is best moved for it.
import { Link } from 'react-router'
import { grouped } from '../../ui/words'
import { PARTS } from '../../parts/visitParts'
import type { FloorData } from './floor'

export function Moves({ floor }: { floor: FloorData }) {
  const { moves, crowded, apart, unfit, late, unheard } = floor
  const calm =
    unheard.length === 0 &&
    moves.length === 0 &&
    crowded.length === 0 &&
    apart.length === 0 &&
    unfit.length === 0 &&
    late === 0
  return (
    <section aria-label="What to move" className="panel space-y-2 p-4">
      <h2 className="text-lg">What to move</h2>
      {calm && <p className="text-moss">Nothing: the day runs as it was laid out.</p>}
      {unheard.map((u) => (
        <p key={u} role="alert" className="rounded-md bg-haw-soft px-3 py-2 font-bold text-haw">
          {u}
        </p>
      ))}
      {late > 0 && <p className="font-bold text-haw">{late} min past promises as things stand.</p>}
      {apart.map((a) => (
        <p key={a} className="text-sm font-bold text-haw">
          {a}
        </p>
      ))}
      {crowded.map((c) => (
        <p key={c} className="text-sm font-bold text-bracken">
          {c}
        </p>
      ))}
      {grouped(unfit, (u) => `${u.begun ? '' : 'not '}${u.why}`)
        .map(([key, all]) => ({ ...all[0], key, names: all.flatMap((u) => u.names) }))
        .map((u) => (
          <p key={u.key} className="text-sm text-haw">
            <b>{u.names.join(', ')}</b>{' '}
            {u.begun
              ? 'cannot be finished within anybody’s hours: call the owner, or stay on.'
              : `cannot be done today any more: ${u.why}. Call, and give another date.`}
          </p>
        ))}
      <ul className="divide-y divide-line text-sm">
        {moves.map((m) => (
          <li key={`${m.dog} ${m.part}`} className="py-1.5">
            <Link className="font-bold text-slate underline" to={`/dogs/${m.dog}`}>
              {m.name}
            </Link>
            , {PARTS[m.part] ?? m.part}: <b>{m.now}</b>
            {m.was !== m.now && <span className="text-ink-2"> in place of {m.was}</span>}
            {m.with !== m.was_with && (
              <>
                , with <b>{m.with?.split(' ')[0] ?? 'nobody'}</b>
                {m.was_with && <span className="text-ink-2"> in place of {m.was_with.split(' ')[0]}</span>}
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
