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
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import { queries } from '../../app/queries'
import type { Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Away } from '../../ui/Away'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { age } from '../../ui/words'
import { Cautions } from '../../parts/Cautions'
import { DogInfo } from './DogInfo'
import { DogStage } from './DogStage'
import { Line } from '../../parts/Line'
import { Order } from './Order'
import { useFresh } from './useFresh'
import { Visits } from './Visits'
import { WhenBack } from './WhenBack'
import { ZoneSheet } from './ZoneSheet'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'

/** On a small screen the words stand alone. */
const SMALL = 'max-sm:[&_svg]:hidden'

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
            <LinkButton kind="main" to={`/dogs/${id}/arrival`} className={SMALL}>
              <DoorOpen aria-hidden className="size-5" /> Arrival
            </LinkButton>
          )}
          {may('visit') && (
            <LinkButton to={`/dogs/${id}/table`} className={SMALL}>
              <Scissors aria-hidden className="size-5" /> Table
            </LinkButton>
          )}
          {may('visit') && (
            <LinkButton to={`/dogs/${id}/visit`} className={SMALL}>
              <ClipboardCheck aria-hidden className="size-5" /> Record visit
            </LinkButton>
          )}
          {may('book') && (
            <Button className={`px-3 ${SMALL}`} onClick={() => setTab('back')}>
              <CalendarPlus aria-hidden className="size-5" /> Next date
            </Button>
          )}
          <LinkButton to={`/dogs/${id}/then`} className={SMALL}>
            <ArrowLeftRight aria-hidden className="size-5" /> Then and now
          </LinkButton>
          <Button className={`px-3 ${SMALL}`} aria-expanded={line} onClick={() => setLine(!line)}>
            <WholeWord aria-hidden className="size-5" /> One line
          </Button>
          {may('dog') && (
            <LinkButton to={`/dogs/${id}/edit`} className={SMALL}>
              <PencilLine aria-hidden className="size-5" /> Edit dog
            </LinkButton>
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
          <Tabs
            value={tab}
            onValueChange={setTab}
            className={line ? 'hidden' : 'flex min-h-0 flex-1 flex-col'}
          >
            <TabBar
              label="Card"
              tabs={[
                { id: 'zone', label: 'Zone' },
                { id: 'back', label: 'When back' },
                { id: 'order', label: 'Order' },
                { id: 'visits', label: 'Visits' },
                { id: 'dog', label: 'Dog' },
              ]}
            />
            <div className="min-h-0 flex-1 overflow-y-auto">
              <TabPage value="zone">
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
              </TabPage>
              <TabPage value="back">
                <WhenBack
                  card={data}
                  labels={names}
                  wish={wish ?? dog.wish_weeks}
                  onWish={setWish}
                  onVisit={seeVisit}
                />
              </TabPage>
              <TabPage value="order">
                <Order dogId={id} revision={data.revision} labels={labels} onZone={choose} />
              </TabPage>
              <TabPage value="visits">
                <Visits visits={data.visits} labels={labels} open={openVisit} dogId={id} />
              </TabPage>
              <TabPage value="dog">
                <DogInfo card={data} label={(z) => names[z] ?? z} />
              </TabPage>
            </div>
          </Tabs>
        </section>
      </div>
    </div>
  )
}

/**
 * The card as the line being typed would have it: what it says is drawn, what it leaves out is not planned.
 */
function follow(
  card: CardData,
  drawn: { zones: Schemas['LineView']['zones']; gone: string[] } | null,
): CardData {
  if (!drawn) return card
  const said = Object.fromEntries(drawn.zones.map((z) => [z.zone, z]))
  return {
    ...card,
    zones: card.zones.map((z) => {
      const one = said[z.zone]
      if (one) return { ...z, recipe: one.recipe, finished_mm: one.finished_mm, here: null }
      return drawn.gone.includes(z.zone) ? { ...z, recipe: null, finished_mm: null, here: null } : z
    }),
  }
}
