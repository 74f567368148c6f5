// The card of one dog: the drawn dog in the middle, cautions in one fixed strip, the sheet beside it.
import { useQuery } from '@tanstack/react-query'
import {
  ArrowLeftRight,
  CalendarPlus,
  ClipboardCheck,
  DoorOpen,
  PencilLine,
  Scissors,
  WholeWord,
} from 'lucide-react'
import { Tabs } from 'radix-ui'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { queries } from '../../app/queries'
import type { Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Away } from '../../ui/Away'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { age } from '../../ui/words'
import { Cautions } from './Cautions'
import { DogInfo } from './DogInfo'
import { DogStage } from './DogStage'
import { Line } from '../line/Line'
import { Order } from './Order'
import { useFresh } from './useFresh'
import { Visits } from './Visits'
import { WhenBack } from './WhenBack'
import { ZoneSheet } from './ZoneSheet'

export type CardData = Schemas['CardView']

export function Card() {
  const { id = '' } = useParams()
  const { session, may } = useSession()
  const [search, setSearch] = useSearchParams()
  const [place, setPlace] = useState<string | null>(
    () => sessionStorage.getItem('thistle.place') ?? session.place,
  )
  const [wish, setWish] = useState<number | null>(null)
  const [tab, setTab] = useState(search.get('zone') ? 'zone' : 'back')
  const [openVisit, setOpenVisit] = useState<string | null>(null)
  const [line, setLine] = useState(false)
  const [drawn, setDrawn] = useState<{ zones: Schemas['LineView']['zones']; gone: string[] } | null>(null)
  const show = useCallback(
    (zones: Schemas['LineView']['zones'] | null, gone: string[]) => setDrawn(zones && { zones, gone }),
    [],
  )
  const known = session.places.some((p) => p.id === place) ? place : session.place
  const card = useQuery(queries.card(id, known, wish))
  const words = useQuery(queries.words())
  const fresh = useFresh(card.data)
  const sheet = useRef<HTMLElement>(null)
  const zone = search.get('zone')
  const title = card.data?.dog.name
  useEffect(() => {
    document.title = title ? `${title} · Keen Thistle` : 'Keen Thistle'
  }, [title])
  const labels = useMemo(
    () => Object.fromEntries((words.data?.zones ?? []).map((z) => [z.id, z])),
    [words.data],
  )
  const names = useMemo(
    () => Object.fromEntries((words.data?.zones ?? []).map((z) => [z.id, z.label])),
    [words.data],
  )
  const staged = useMemo(() => card.data && follow(card.data, drawn), [card.data, drawn])
  if (!card.data || !staged || !words.data) {
    const failed = card.error ?? words.error
    return failed ? (
      <Resting error={failed} retry={() => (void card.refetch(), void words.refetch())} />
    ) : (
      <Waiting what="Fetching the card" />
    )
  }
  const data = card.data
  const { dog } = data
  const choose = (z: string) => {
    setSearch(z ? { zone: z } : {}, { replace: true })
    setTab('zone')
  }
  const seeVisit = (visit: string) => {
    setOpenVisit(visit)
    setTab('visits')
  }
  const tabClass =
    'min-h-12 flex-auto whitespace-nowrap border-b-4 border-transparent px-1.5 font-bold ' +
    'text-ink-2 data-[state=active]:border-thistle data-[state=active]:text-thistle'
  const action =
    'inline-flex min-h-11 items-center gap-2 rounded-md border border-line bg-sheet px-3 ' +
    'font-bold hover:bg-well max-sm:[&_svg]:hidden'
  return (
    <div className="flex flex-1 flex-col lg:h-[calc(100dvh-3.1rem)] lg:flex-none lg:overflow-hidden">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pb-2 pt-3 sm:px-5">
        <div className="min-w-0 flex-1 basis-64">
          <h1 className="text-3xl leading-none">{dog.name}</h1>
          <p className="mt-1 text-sm text-ink-2">
            {[
              dog.breed,
              dog.coat.replaceAll('_', ' ') + ' coat',
              dog.stage,
              dog.kg && `${dog.kg} kg`,
              dog.born_on && `${dog.born_estimated ? 'about ' : ''}${age(dog.born_on, data.today)}`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <div className="no-print flex flex-wrap gap-2">
          {may('visit') && (
            <Link
              to={`/dogs/${id}/arrival`}
              className={`${action} border-thistle bg-thistle text-thistle-ink hover:bg-thistle hover:brightness-110`}
            >
              <DoorOpen aria-hidden className="size-5" /> Arrival
            </Link>
          )}
          {may('visit') && (
            <Link to={`/dogs/${id}/table`} className={action}>
              <Scissors aria-hidden className="size-5" /> Table
            </Link>
          )}
          {may('visit') && (
            <Link to={`/dogs/${id}/visit`} className={action}>
              <ClipboardCheck aria-hidden className="size-5" /> Record visit
            </Link>
          )}
          {may('book') && (
            <button type="button" className={action} onClick={() => setTab('back')}>
              <CalendarPlus aria-hidden className="size-5" /> Next date
            </button>
          )}
          <Link to={`/dogs/${id}/then`} className={action}>
            <ArrowLeftRight aria-hidden className="size-5" /> Then and now
          </Link>
          <button type="button" className={action} aria-expanded={line} onClick={() => setLine(!line)}>
            <WholeWord aria-hidden className="size-5" /> One line
          </button>
          {may('dog') && (
            <Link to={`/dogs/${id}/edit`} className={action}>
              <PencilLine aria-hidden className="size-5" /> Edit dog
            </Link>
          )}
        </div>
      </div>
      <Cautions cautions={data.cautions} />
      {card.isError && navigator.onLine && (
        <Away>The salon is not answering. You see what was loaded last.</Away>
      )}
      <div className="flex min-h-0 flex-1 flex-col gap-3 p-3 sm:p-4 lg:flex-row">
        <DogStage
          card={staged}
          zones={words.data.zones}
          fresh={fresh.zones}
          selected={zone}
          onSelect={choose}
          onOpen={() => {
            const panel = sheet.current?.querySelector('[role=tabpanel][data-state=active]')
            panel?.querySelector<HTMLElement>('select')?.focus()
            if (!panel?.contains(document.activeElement)) panel?.querySelector<HTMLElement>('button')?.focus()
          }}
          place={data.place}
          places={session.places}
          onPlace={(p) => {
            sessionStorage.setItem('thistle.place', p)
            setPlace(p)
          }}
          news={fresh.news}
        />
        <section
          ref={sheet}
          aria-label="Sheet"
          className="panel flex min-h-0 flex-col lg:w-[25.5rem] lg:shrink-0"
        >
          {line && <Line dogId={id} labels={names} onShown={show} onClose={() => setLine(false)} />}
          <Tabs.Root
            value={tab}
            onValueChange={setTab}
            className={line ? 'hidden' : 'flex min-h-0 flex-1 flex-col'}
          >
            <Tabs.List aria-label="Card" className="no-print flex border-b border-line">
              <Tabs.Trigger value="zone" className={tabClass}>
                Zone
              </Tabs.Trigger>
              <Tabs.Trigger value="back" className={tabClass}>
                When back
              </Tabs.Trigger>
              <Tabs.Trigger value="order" className={tabClass}>
                Order
              </Tabs.Trigger>
              <Tabs.Trigger value="visits" className={tabClass}>
                Visits
              </Tabs.Trigger>
              <Tabs.Trigger value="dog" className={tabClass}>
                Dog
              </Tabs.Trigger>
            </Tabs.List>
            <div className="min-h-0 flex-1 overflow-y-auto">
              <Tabs.Content value="zone" tabIndex={-1}>
                {zone && labels[zone] ? (
                  <ZoneSheet
                    key={`${session.id}.${zone}`}
                    dogId={id}
                    card={data}
                    zone={labels[zone]}
                    zones={labels}
                    words={words.data}
                    canChange={may('plan')}
                    onZone={choose}
                    onVisit={seeVisit}
                  />
                ) : (
                  <p className="p-5 text-ink-2">
                    Choose a zone on the dog: tap it, or press Tab to reach the dog and walk with the arrow
                    keys.
                  </p>
                )}
              </Tabs.Content>
              <Tabs.Content value="back" tabIndex={-1}>
                <WhenBack card={data} wish={wish ?? dog.wish_weeks} onWish={setWish} onVisit={seeVisit} />
              </Tabs.Content>
              <Tabs.Content value="order" tabIndex={-1}>
                <Order dogId={id} revision={data.revision} labels={labels} onZone={choose} />
              </Tabs.Content>
              <Tabs.Content value="visits" tabIndex={-1}>
                <Visits visits={data.visits} labels={labels} open={openVisit} dogId={id} />
              </Tabs.Content>
              <Tabs.Content value="dog" tabIndex={-1}>
                <DogInfo card={data} label={(z) => names[z] ?? z} />
              </Tabs.Content>
            </div>
          </Tabs.Root>
        </section>
      </div>
    </div>
  )
}

/** The card as the line being typed would have it: what it says is drawn, what it leaves out is not planned. */
function follow(
  card: CardData,
  drawn: { zones: Schemas['LineView']['zones']; gone: string[] } | null,
): CardData {
  if (!drawn) return card
  const said = Object.fromEntries(drawn.zones.map((z) => [z.zone, z]))
  return {
    ...card,
    zones: card.zones.map((z) =>
      said[z.zone]
        ? { ...z, recipe: said[z.zone].recipe, finished_mm: said[z.zone].finished_mm, here: null }
        : drawn.gone.includes(z.zone)
          ? { ...z, recipe: null, finished_mm: null, here: null }
          : z,
    ),
  }
}
