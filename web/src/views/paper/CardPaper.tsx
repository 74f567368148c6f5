// The card of a dog on one page: both sides and the head drawn, what every zone gets, cautions, clocks.
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { useParams } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { CloseUpDrawing } from '../../dog/close/CloseUpDrawing'
import { useCloseUp } from '../../dog/close/useCloseUp'
import { zonesOfView } from '../../dog/close/views'
import { DogDrawing } from '../../dog/DogDrawing'
import { zonesSeen } from '../../dog/field'
import { useLook } from '../../dog/useLook'
import { drawnOf } from '../../parts/cardDrawn'
import { clockName } from '../../parts/clocks'
import { kindSaid } from '../../parts/kinds'
import { notYet } from '../../parts/notYet'
import { drawnAs, isRight } from '../../parts/sides'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { age, day, shortDay, trim } from '../../ui/words'
import { Paper } from './Paper'
import { weight } from '../../ui/units'

type Card = Schemas['CardView']
const NONE = new Set<string>()
const nothing = () => undefined

export function CardPaper() {
  const { id = '' } = useParams()
  const { session } = useSession()
  const card = useQuery({ ...queries.card(id, session.place, null), refetchInterval: false })
  const words = useQuery(queries.words())
  if (!card.data || !words.data) {
    const failed = card.error ?? words.error
    return failed ? (
      <Resting error={failed} retry={() => (void card.refetch(), void words.refetch())} />
    ) : (
      <Waiting what="Fetching the card" />
    )
  }
  return <Page card={card.data} zones={words.data.zones} salon={session.salon} />
}

function Page({
  card,
  zones,
  salon,
}: {
  card: Card
  zones: Schemas['VocabularyView']['zones']
  salon: string
}) {
  const { dog } = card
  const look = useLook(dog)
  const drawn = useMemo(() => {
    const seen = { side: zonesSeen(look), closeUp: zonesOfView('head', look) }
    const of = (side: 'left' | 'right') => drawnOf(card, zones, seen, side, false, NONE)
    return { left: of('left').side, right: of('right').side, head: of('left').closeUp }
  }, [look, card, zones])
  const { kept } = useCloseUp('head', look)
  const common = { look, selected: null, onSelect: nothing, name: dog.name }
  return (
    <Paper
      title={`Card of ${dog.name}, ${card.today}`}
      back={{ to: `/dogs/${dog.id}`, label: 'Card' }}
      ready={kept !== null}
    >
      <header className="flex items-baseline justify-between gap-4 border-b-2 border-ink pb-1">
        <h1 className="text-2xl">
          {dog.name} <span className="text-base font-normal">{about(card)}</span>
        </h1>
        <p className="text-right text-sm">
          {dog.people.map((p) => [p.name, p.phone].filter(Boolean).join(' ')).join(' · ')}
        </p>
      </header>
      {card.cautions.length > 0 && (
        <ul aria-label="Cautions" className="my-1 border-2 border-ink px-2 py-0.5 text-sm font-bold">
          {card.cautions.map((c) => (
            <li key={c.code}>! {c.message}</li>
          ))}
        </ul>
      )}
      <div className="grid grid-cols-[1fr_1fr_0.62fr] gap-1" inert>
        {(['left', 'right'] as const).map((side) => (
          <figure key={side}>
            <div className="h-52">
              <DogDrawing {...common} zones={drawn[side]} side={side} tag={side} idle />
            </div>
            <figcaption className="text-center text-xs">{side} side</figcaption>
          </figure>
        ))}
        <figure>
          <div className="h-52">
            <CloseUpDrawing {...common} view="head" zones={drawn.head} tag="paper" />
          </div>
          <figcaption className="text-center text-xs">head, from the front; mm</figcaption>
        </figure>
      </div>
      <Recipes card={card} zones={zones} />
      <Dates card={card} />
      <footer className="mt-1 border-t border-ink pt-0.5 text-xs">
        {salon} · printed {day(card.today)}
      </footer>
    </Paper>
  )
}

function about({ dog, today }: Card): string {
  return [
    dog.breed,
    `${dog.coat.replaceAll('_', ' ')} coat`,
    dog.sex.replace('_', ', '),
    dog.kg === null ? 'not weighed' : weight(dog.kg),
    dog.born_on && `${dog.born_estimated ? 'about ' : ''}${age(dog.born_on, today)}`,
  ]
    .filter(Boolean)
    .join(' · ')
}

/** What every zone gets: zones of one recipe in one row, both sides of a zone as one. */
function Recipes({ card, zones }: { card: Card; zones: Schemas['VocabularyView']['zones'] }) {
  const label = new Map(zones.map((z) => [z.id, z.label]))
  const rows = new Map<string, { zones: string[]; recipe: string; mm: number | null; extra: string }>()
  const both = new Map(card.zones.map((z) => [z.zone, JSON.stringify([z.recipe, z.finished_mm])]))
  for (const z of card.zones) {
    if (z.recipe === null) continue
    const twin = isRight(z.zone) && both.get(drawnAs(z.zone)) === both.get(z.zone)
    if (twin) continue
    const alone =
      z.zone.endsWith('_left') && both.get(z.zone.replace(/_left$/, '_right')) !== both.get(z.zone)
    const name = label.get(z.zone) ?? z.zone
    const said = alone || isRight(z.zone) ? name : name.replace(/\bleft /, '')
    const extra = [z.recipe.shape, z.recipe.reason, z.recipe.note].filter(Boolean).join(' · ')
    const key = [z.recipe.words, z.finished_mm, extra].join('|')
    const row = rows.get(key) ?? { zones: [], recipe: z.recipe.words, mm: z.finished_mm, extra }
    row.zones.push(said)
    rows.set(key, row)
  }
  if (rows.size === 0) return <p className="my-2">Nothing is planned yet.</p>
  return (
    <table className="my-1 w-full text-[0.78rem] leading-tight">
      <thead>
        <tr className="border-b border-ink text-left">
          <th scope="col">zone</th>
          <th scope="col">with</th>
          <th scope="col" className="text-right">
            leaves mm
          </th>
          <th scope="col" className="pl-3">
            shape, reason
          </th>
        </tr>
      </thead>
      <tbody>
        {[...rows.values()].map((r) => (
          <tr key={r.zones.join()} className="border-b border-line align-top">
            <th scope="row" className="py-px pr-3 text-left font-bold">
              {r.zones.join(', ')}
            </th>
            <td className="pr-3">{r.recipe}</td>
            <td className="text-right">{r.mm === null ? '–' : trim(r.mm)}</td>
            <td className="pl-3">{r.extra}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Dates({ card }: { card: Card }) {
  const { interval, dog } = card
  const last = card.visits[0]
  const booked = card.bookings.map((b) => `${day(b.day)} ${b.time} ${kindSaid(b.kind).toLowerCase()}`)
  return (
    <dl className="grid grid-cols-[7rem_1fr] gap-x-3 text-sm leading-snug">
      {(
        [
          [
            'Back',
            notYet(card) ? 'not known yet' : `${day(interval.full_on)} (${clockName(interval.binding)})`,
          ],
          ['Next', notYet(card) ? '' : interval.next && `${interval.next.words} ${day(interval.next.on)}`],
          [
            'Clocks',
            notYet(card)
              ? ''
              : interval.clocks
                  .map((c) => `${clockName(c.clock)} ${c.weeks} wk from ${shortDay(c.since)}`)
                  .join(' · '),
          ],
          ['Booked', booked.join('; ') || 'nothing yet'],
          ['Last here', last && `${day(last.day)}, ${last.staff}`],
          ['Handling', [dog.handling.replace('_', ' '), dog.handling_note].filter(Boolean).join('. ')],
          ['Health', dog.health_note],
          ['Vet', dog.reach.vet],
          ['Emergency', dog.reach.emergency],
          ['May collect', dog.reach.may_collect],
        ] as [string, string | null | undefined][]
      )
        .filter(([, v]) => v)
        .map(([k, v]) => (
          <div key={k} className="contents">
            <dt className="font-bold">{k}</dt>
            <dd>{v}</dd>
          </div>
        ))}
    </dl>
  )
}
