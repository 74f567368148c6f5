// Before the first cut: where last time differs from the card, kept or not, zone by zone; then the dog
// comes to the table.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day, mm } from '../../ui/words'
import { Cautions } from '../../parts/Cautions'
import { useElsewhere } from '../../parts/useElsewhere'
import { useWrite } from '../../app/useWrite'

export function OpenTable() {
  const { id = '' } = useParams()
  const card = useQuery({ ...queries.card(id, null, null), refetchInterval: false })
  const repeat = useQuery(queries.repeat(id))
  const words = useQuery(queries.words())
  const failed = card.error ?? repeat.error ?? words.error
  if (!card.data || !repeat.data || !words.data)
    return failed ? (
      <Resting
        error={failed}
        retry={() => (void card.refetch(), void repeat.refetch(), void words.refetch())}
      />
    ) : (
      <Waiting what="Looking at last time" />
    )
  return <Start card={card.data} repeat={repeat.data} words={words.data} />
}

function Start({
  card,
  repeat,
  words,
}: {
  card: Schemas['CardView']
  repeat: Schemas['RepeatView']
  words: Schemas['VocabularyView']
}) {
  const { session, may } = useSession()
  const elsewhere = useElsewhere(card.dog.id)
  const go = useNavigate()
  const cache = useQueryClient()
  const [keep, setKeep] = useState<Record<string, boolean>>({})
  const [place, setPlace] = useState(card.place)
  const label = (zone: string) => words.zones.find((z) => z.id === zone)?.label ?? zone
  const open = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/grooms', {
          params: { path: { id: card.dog.id }, header: write },
          body: { place, keep: Object.keys(keep).filter((z) => keep[z]) },
        }),
      ),
    onSuccess: (groom) => {
      cache.setQueryData(['groom', groom.id], groom)
      void go(`/grooms/${groom.id}`)
    },
    onError: () => {},
  })
  const planned = card.zones.filter((z) => z.recipe).length
  return (
    <div className="mx-auto w-full max-w-5xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">
        {card.dog.name} <span className="text-xl font-bold text-ink-2">comes to the table</span>
      </h1>
      <Cautions cautions={[...card.cautions, ...elsewhere]} />
      {repeat.open ? (
        <p className="panel flex flex-wrap items-center gap-3 p-4">
          <span className="min-w-0 flex-1 text-lg">{card.dog.name} is at the table already.</span>
          <Button
            kind="main"
            className="min-h-14 px-6 text-lg"
            onClick={() => void go(`/grooms/${repeat.open}`)}
          >
            Go on
          </Button>
        </p>
      ) : (
        <>
          <section className="panel" aria-label="Before the first cut">
            <div className="p-4 pb-2">
              <h2 className="text-xl">Before the first cut</h2>
              <p className="text-ink-2">
                {repeat.last_on === null
                  ? 'First time here: the card is what there is.'
                  : repeat.zones.length === 0
                    ? `Last time, ${day(repeat.last_on)}, everything was done as the card has it.`
                    : `Last time, ${day(repeat.last_on)}, these were done otherwise than ` +
                      'the card has them. ' +
                      'What is not kept is done by the card.'}
              </p>
            </div>
            <ul className="divide-y divide-line">
              {repeat.zones.map((z) => (
                <li key={z.zone} className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2">
                  <div className="min-w-0 flex-1 basis-72">
                    <b>{label(z.zone)}</b>
                    <p className="text-sm">
                      card: {z.card ?? 'not planned'}
                      {z.card_mm !== null && `, ${mm(z.card_mm)}`} <span aria-hidden>→</span> last time:{' '}
                      <b>{z.last}</b>
                      {z.last_mm !== null && `, ${mm(z.last_mm)}`}
                    </p>
                    <p className="text-sm text-ink-2">
                      {z.who}, {day(z.day)}
                      {z.why && `: ${z.why}`}
                    </p>
                  </div>
                  {z.refused ? (
                    <p className="text-sm font-bold text-bracken">{z.refused}</p>
                  ) : (
                    <Choice
                      label={`${label(z.zone)}: by`}
                      value={keep[z.zone] ? 'last' : 'card'}
                      onChange={(by) => setKeep({ ...keep, [z.zone]: by === 'last' })}
                      options={[
                        { id: 'card', label: 'by the card' },
                        { id: 'last', label: 'as last time' },
                      ]}
                    />
                  )}
                </li>
              ))}
            </ul>
            {repeat.zones.some((z) => !z.refused) && (
              <p className="flex flex-wrap gap-2 p-4 pt-2">
                <Button
                  onClick={() =>
                    setKeep(
                      Object.fromEntries(repeat.zones.filter((z) => !z.refused).map((z) => [z.zone, true])),
                    )
                  }
                >
                  All as last time
                </Button>
                <Button onClick={() => setKeep({})}>All by the card</Button>
              </p>
            )}
          </section>
          <div className="flex flex-wrap items-center gap-3">
            <Choice
              label="At"
              value={place}
              onChange={setPlace}
              options={session.places.map((p) => ({ id: p.id, label: p.name }))}
            />
            {may('visit') ? (
              <Button
                kind="main"
                className="min-h-14 px-8 text-lg"
                disabled={open.isPending}
                onClick={() => open.mutate()}
              >
                {open.isPending ? 'Putting the steps in order …' : 'Begin'}
              </Button>
            ) : (
              <p>Your role does not take dogs to the table.</p>
            )}
            <Link to={`/dogs/${card.dog.id}`} className="text-slate underline">
              back to the card
            </Link>
          </div>
          {planned === 0 && (
            <p className="text-bracken">
              No zone is planned on the card: the steps are there, the zones are tapped as they are done.
            </p>
          )}
          {open.error && (
            <p role="alert" className="font-bold text-haw">
              {open.error.message}
            </p>
          )}
        </>
      )}
    </div>
  )
}
