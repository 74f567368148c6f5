// The wash: today's dogs each with their mix, what to mix beyond what stands there, bottles with labels, the
// shelf.
import { useQuery } from '@tanstack/react-query'
import { FlaskConical, Pencil, Plus, Printer, TriangleAlert } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Away } from '../../ui/Away'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Why } from '../../ui/Why'
import { day, money, shortDay } from '../../ui/words'
import { Labels } from './Labels'
import { Mix } from './Mix'
import { ProductForm } from './ProductForm'
import { Reaction } from './Reaction'
import { Bottles } from './Bottles'
import { weight } from '../../ui/units'

type WashData = Schemas['WashView']
type Product = Schemas['ProductView']
type Bottle = Schemas['BottleView']

export function Wash() {
  const { may } = useSession()
  const wash = useQuery(queries.wash())
  const [mixing, setMixing] = useState<Product | null>(null)
  const [editing, setEditing] = useState<Product | 'new' | null>(null)
  const [reacting, setReacting] = useState<string | null>(null)
  const [labels, setLabels] = useState<Bottle[] | null>(null)
  const data = wash.data
  if (!data)
    return wash.error ? <Resting error={wash.error} retry={() => void wash.refetch()} /> : <Waiting />
  const dog = data.dogs.find((d) => d.dog === reacting)
  if (labels) return <Labels bottles={labels} onClose={() => setLabels(null)} />
  return (
    <div className="mx-auto w-full max-w-[90rem] space-y-3 p-3 sm:p-4">
      <header className="flex flex-wrap items-end gap-x-4 gap-y-2 px-1">
        <h1 className="text-3xl leading-none">Wash</h1>
        <p className="flex-1 text-ink-2">{day(data.day)}</p>
        {data.bottles.length > 0 && (
          <Button onClick={() => setLabels(data.bottles.filter((b) => !b.over))}>
            <Printer aria-hidden className="size-4" /> Print labels
          </Button>
        )}
      </header>
      {wash.isError && <Away>The salon is not answering. You see what was loaded last.</Away>}
      <ul className="grid gap-2 md:grid-cols-3" aria-label="Cautions">
        {data.cautions.map((c) => (
          <li
            key={c.code}
            className={`flex items-center gap-2 rounded-md bg-bracken-soft px-3 py-1.5 text-sm font-bold
              text-bracken`}
          >
            <TriangleAlert aria-hidden className="size-4 shrink-0" /> {c.message}
          </li>
        ))}
      </ul>
      <div className="grid gap-3 xl:grid-cols-[1fr_26rem]">
        <div className="min-w-0 space-y-3">
          <section aria-labelledby="today" className="panel">
            <h2 id="today" className="p-4 pb-1 text-lg">
              Today’s dogs
            </h2>
            {data.dogs.length === 0 && (
              <p className="p-4 text-ink-2">Nobody is booked, has arrived or stands at the table today.</p>
            )}
            <ul className="divide-y divide-line">
              {data.dogs.map((d) => (
                <li
                  key={d.dog}
                  className={`grid gap-x-4 gap-y-1 px-4 py-2.5 sm:grid-cols-[4.5rem_9rem_1fr_auto]
                    sm:items-center`}
                >
                  <span className="font-head text-lg font-bold">
                    {d.time ?? <span className="text-sm text-ink-2">{d.why}</span>}
                  </span>
                  <span className="leading-tight">
                    <Link
                      to={`/dogs/${d.dog}`}
                      className="text-lg font-bold text-thistle underline underline-offset-2"
                    >
                      {d.name}
                    </Link>
                    <span className="block text-sm text-ink-2">
                      {d.coat}
                      {d.kg && `, ${weight(d.kg)}`}
                    </span>
                  </span>
                  <span className="min-w-0">
                    {d.litres === null ? (
                      <b className="text-bracken">
                        {d.kg === null
                          ? 'Weigh the dog: without it nobody knows how much.'
                          : 'No product on the shelf that this dog may have.'}
                      </b>
                    ) : (
                      <>
                        <b>
                          {d.litres} l {d.product_name}
                        </b>{' '}
                        <span className="text-ink-2">from {d.concentrate_ml} ml</span>{' '}
                        <Why of={`${d.litres} l for ${d.name}`} reasons={d.reasons} />
                        <span className="block text-sm">
                          {d.passes === 1
                            ? `one pass, ${d.dwell_min} min on the coat`
                            : `${d.passes} passes, ${d.dwell_min} min on the coat each`}
                          {d.cost_minor !== null && ` · ${money(d.cost_minor, data.currency)} of concentrate`}
                        </span>
                      </>
                    )}
                    {d.differs.map((t) => (
                      <span key={t} className="block text-sm font-bold text-slate">
                        This card differs: {t}
                      </span>
                    ))}
                    {d.reactions.map((r) => (
                      <span key={r.product + r.on} className="block text-sm font-bold text-haw">
                        Not {r.name}: {r.what} ({shortDay(r.on)})
                      </span>
                    ))}
                  </span>
                  {may('visit') && (
                    <Button
                      kind="quiet"
                      className="text-sm"
                      onClick={() => setReacting(d.dog)}
                      aria-label={`${d.name}: skin reacted`}
                    >
                      Skin reacted
                    </Button>
                  )}
                </li>
              ))}
            </ul>
          </section>
          <Bottles data={data} onLabel={(b) => setLabels([b])} />
        </div>
        <div className="space-y-3">
          <Shelf data={data} onMix={setMixing} onEdit={setEditing} />
          <section aria-labelledby="schools" className="panel p-4">
            <h2 id="schools" className="text-lg">
              How we wash and dry
            </h2>
            <dl className="mt-1 space-y-1.5 text-sm">
              {data.schools.map((s) => (
                <div key={s.point}>
                  <dt className="inline font-bold">{s.label}: </dt>
                  <dd className="inline">
                    {s.what} <span className="text-ink-2">– {s.why}</span>
                  </dd>
                </div>
              ))}
            </dl>
            <Link
              to="/house"
              className={`mt-2 inline-flex min-h-11 items-center font-bold text-thistle underline
                underline-offset-2`}
            >
              The house decides; a card may differ
            </Link>
          </section>
        </div>
      </div>
      {mixing && (
        <Mix
          product={mixing}
          day={data.day}
          currency={data.currency}
          onClose={() => setMixing(null)}
          onMixed={(b) => b.length > 0 && setLabels(b)}
        />
      )}
      {editing && (
        <ProductForm
          product={editing === 'new' ? null : editing}
          currency={data.currency}
          onClose={() => setEditing(null)}
        />
      )}
      {dog && <Reaction dog={dog} products={data.products} onClose={() => setReacting(null)} />}
    </div>
  )
}

function Shelf({
  data,
  onMix,
  onEdit,
}: {
  data: WashData
  onMix: (p: Product) => void
  onEdit: (p: Product | 'new') => void
}) {
  const { may } = useSession()
  return (
    <section aria-labelledby="shelf" className="panel">
      <header className="flex items-center justify-between p-4 pb-1">
        <h2 id="shelf" className="text-lg">
          The shelf
        </h2>
        {may('kit') && (
          <Button className="min-h-10" onClick={() => onEdit('new')}>
            <Plus aria-hidden className="size-4" /> New
          </Button>
        )}
      </header>
      {data.products.length === 0 && (
        <p className="p-4 text-ink-2">No product yet. With the first one the day’s litres are known.</p>
      )}
      <ul className="divide-y divide-line">
        {data.products.map((p) => (
          <li key={p.id} className="flex items-center gap-3 px-4 py-2">
            <Jug share={p.stock_ml / Math.max(p.stock_ml, 2000)} low={p.today.stock_left_ml < 0} />
            <span className="min-w-0 flex-1">
              <b>{p.name}</b> <span className="text-ink-2">{p.ratio_words}</span>
              <span className="block text-sm">
                {Math.round(p.stock_ml)} ml left
                {p.today.dogs > 0 &&
                  ` · today ${p.today.litres} l for ` +
                    (p.today.dogs === 1 ? 'one dog' : `${p.today.dogs} dogs`)}
              </span>
              {p.today.to_mix_l > 0 && (
                <span className="block text-sm font-bold text-slate">
                  mix {p.today.to_mix_l} l: {p.today.concentrate_ml} ml + {p.today.water_ml} ml water,{' '}
                  {p.today.bottles === 1 ? 'one bottle' : `${p.today.bottles} bottles`}
                </span>
              )}
              {p.today.short && <span className="block text-sm font-bold text-haw">{p.today.short}</span>}
            </span>
            <span className="flex shrink-0 flex-col gap-1">
              {may('visit') && (
                <Button
                  kind={p.today.to_mix_l > 0 ? 'main' : 'plain'}
                  className="min-h-11 px-3"
                  onClick={() => onMix(p)}
                  aria-label={`Mix ${p.name}`}
                >
                  <FlaskConical aria-hidden className="size-4" /> Mix
                </Button>
              )}
              {may('kit') && (
                <Button
                  kind="quiet"
                  className="min-h-10 px-3"
                  onClick={() => onEdit(p)}
                  aria-label={`Change ${p.name}`}
                >
                  <Pencil aria-hidden className="size-4" />
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Jug({ share, low }: { share: number; low: boolean }) {
  const tall = 26 * Math.min(1, share)
  return (
    <svg viewBox="0 0 24 34" className="h-10 w-7 shrink-0" aria-hidden>
      <rect
        x="3"
        y={31 - tall}
        width="18"
        height={tall}
        style={{ fill: low ? 'var(--haw)' : 'var(--slate)' }}
        fillOpacity="0.55"
      />
      <path
        d="M8 1h8v4l5 4v22q0 2-2 2H5q-2 0-2-2V9l5-4z"
        fill="none"
        style={{ stroke: 'var(--ink-2)' }}
        strokeWidth="1.4"
      />
    </svg>
  )
}
