// What another salon knows of a dog, as far as its owner lets it be seen, or as a sealed copy has it.
import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'

type Seen = Schemas['HistoryView']
type Zone = NonNullable<Seen['zones']>[number]

const SEALS: Record<Seen['seal'], string> = {
  live: 'as it is there now; its owner can take it back',
  own: 'a sealed copy; the seal fits and was made on this Keen Thistle',
  other:
    'a sealed copy; the seal fits what is in it. Whether it is theirs, that salon can tell by its key, ' +
    'which begins with',
}

export function History() {
  const { id = '' } = useParams()
  const [query] = useSearchParams()
  const dog = query.get('dog')
  const seen = useQuery({
    queryKey: ['history', id],
    queryFn: () => take(api.GET('/api/histories/{id}', { params: { path: { id } } })),
    staleTime: 0,
  })
  const words = useQuery(queries.words())
  if (!seen.data)
    return seen.error ? <Resting error={seen.error} retry={() => void seen.refetch()} /> : <Waiting />
  const h = seen.data
  const label = (zone: string) => words.data?.zones.find((z) => z.id === zone)?.label ?? zone
  return (
    <div className="mx-auto w-full max-w-3xl space-y-4 p-4 sm:p-6">
      {dog && <LinkButton to={`/dogs/${dog}`}>{h.dog}&apos;s card</LinkButton>}
      <h1 className="text-3xl">
        {h.dog} at {h.salon}
      </h1>
      <p className="text-ink-2">
        {SEALS[h.seal]} {h.key && <code>{h.key}</code>} · {day(h.made_at)}
      </p>
      {h.cautions && (
        <section className="panel space-y-1 p-5" aria-label="Cautions">
          <h2 className="text-xl">Cautions</h2>
          {h.cautions.length === 0 && <p>None are known there.</p>}
          <ul className="list-disc space-y-1 pl-5 font-bold text-bracken">
            {h.cautions.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        </section>
      )}
      {h.card && (
        <section className="panel space-y-3 p-5" aria-label="Card">
          <h2 className="text-xl">Card</h2>
          <dl className="grid grid-cols-[8rem_1fr] gap-x-3 gap-y-1">
            {h.card.map((f) => (
              <div key={f.what} className="contents">
                <dt className="text-ink-2">{f.what}</dt>
                <dd>{f.says}</dd>
              </div>
            ))}
          </dl>
          <Zones zones={h.zones ?? []} label={label} />
        </section>
      )}
      {h.visits && (
        <section className="panel space-y-2 p-5" aria-label="Visits">
          <h2 className="text-xl">Visits</h2>
          {h.visits.length === 0 && <p>None yet.</p>}
          {h.visits.map((v, n) => (
            <details key={n} className="border-t border-line">
              <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
                <b>{day(v.day)}</b> {v.kind}
                <span className="text-ink-2">
                  {[v.minutes && `${v.minutes} min`, v.load !== null && `matting load ${Math.round(v.load)}`]
                    .filter(Boolean)
                    .join(', ')}
                </span>
                {v.note && <span className="basis-full">{v.note}</span>}
              </summary>
              <Zones zones={v.zones} label={label} />
            </details>
          ))}
        </section>
      )}
      {!h.card && !h.visits && !h.cautions && <p className="panel p-5">Nothing of it may be seen.</p>}
    </div>
  )
}

function Zones({ zones, label }: { zones: Zone[]; label: (zone: string) => string }) {
  return (
    <ul className="pb-2">
      {zones.map((z) => (
        <li
          key={z.zone}
          className="grid grid-cols-[10rem_1fr_auto] gap-x-3 border-b border-line py-1 text-sm"
        >
          <span className="font-bold">{label(z.zone)}</span>
          <span>{z.words}</span>
          <span>{z.mm !== null && `${z.mm} mm`}</span>
        </li>
      ))}
    </ul>
  )
}
