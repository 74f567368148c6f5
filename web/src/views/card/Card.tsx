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
import { BottomSheet } from '../../ui/BottomSheet'
import { Resting } from '../../ui/Resting'
import { useSmall } from '../../ui/useSmall'
import { useUnhurried } from '../../ui/useUnhurried'
import { Waiting } from '../../ui/Waiting'
import { age } from '../../ui/words'
import { Cautions } from '../../parts/Cautions'
import { DogHead } from '../../parts/DogHead'
import { DogInfo } from './DogInfo'
import { DogStage } from './DogStage'
import { comes } from './Gone'
import { Line } from '../../parts/Line'
import { Order } from './Order'
import { useFresh } from './useFresh'
import { Visits } from './Visits'
import { WhenBack } from './WhenBack'
import { ZoneSheet } from './ZoneSheet'
import { TabBar, TabPage, Tabs } from '../../ui/Tabs'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { weight } from '../../ui/units'

export type CardData = Schemas['CardView']

export function Card() {
  const { id = '' } = useParams()
  const { session, may } = useSession()
  const [search, setSearch] = useSearchParams()
  const { phone } = useSmall()
  const [place, setPlace] = useState<string | null>(
    () => sessionStorage.getItem('thistle.place') ?? session.place,
  )
  const [wish, setWish] = useState<number | null>(null)
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
  const tab = search.get('tab') ?? (zone ? 'zone' : 'back')
  // In the address, so that a reload, a bookmark and Back show the same.
  const put = (change: Record<string, string | null>) =>
    setSearch(
      (old) => {
        for (const [name, value] of Object.entries(change))
          if (value) old.set(name, value)
          else old.delete(name)
        return old
      },
      { replace: true },
    )
  const setTab = (id: string) => put({ tab: id })
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
  const unhurried = useUnhurried(!!card.data && !!words.data)
  if (!card.data || !staged || !words.data || !unhurried) {
    const failed = card.error ?? words.error
    return failed ? (
      <Resting error={failed} retry={() => (void card.refetch(), void words.refetch())} />
    ) : (
      <Waiting what="Fetching the card" />
    )
  }
  const data = card.data
  const { dog } = data
  const here = may('visit') && comes(dog.state)
  const choose = (z: string) => {
    // On a phone the zone comes from below, whichever page of the sheet is open.
    put({ zone: z || null, ...(phone ? {} : { tab: 'zone' }) })
  }
  const seeVisit = (visit: string) => {
    setOpenVisit(visit)
    put({ tab: 'visits', ...(phone ? { zone: null } : {}) })
  }
  const zoneSheet = zone && labels[zone] && (
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
  )
  return (
    <div className="screen">
      <DogHead
        dog={id}
        name={dog.name}
        about={[
          dog.breed,
          dog.coat.replaceAll('_', ' ') + ' coat',
          dog.stage,
          dog.kg && weight(dog.kg),
          dog.born_on && `${dog.born_estimated ? 'about ' : ''}${age(dog.born_on, data.today)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      >
        {here && (
          <LinkButton kind="main" to={`/dogs/${id}/arrival`}>
            <DoorOpen aria-hidden className="size-5" /> Arrival
          </LinkButton>
        )}
        {here && (
          <LinkButton to={`/dogs/${id}/table`}>
            <Scissors aria-hidden className="size-5" /> Table
          </LinkButton>
        )}
        {may('visit') && (
          <LinkButton to={`/dogs/${id}/visit`}>
            <ClipboardCheck aria-hidden className="size-5" /> Record visit
          </LinkButton>
        )}
        {may('book') && dog.stops.length === 0 && (
          <Button className="px-3" onClick={() => setTab('back')}>
            <CalendarPlus aria-hidden className="size-5" /> Next date
          </Button>
        )}
        <LinkButton to={`/dogs/${id}/then`}>
          <ArrowLeftRight aria-hidden className="size-5" /> Then and now
        </LinkButton>
        <Button className="px-3" aria-expanded={line} onClick={() => setLine(!line)}>
          <WholeWord aria-hidden className="size-5" /> One line
        </Button>
        {may('dog') && (
          <LinkButton to={`/dogs/${id}/edit`}>
            <PencilLine aria-hidden className="size-5" /> Edit dog
          </LinkButton>
        )}
      </DogHead>
      <Cautions cautions={data.cautions} />
      {card.isError && navigator.onLine && (
        <Away>The salon is not answering. You see what was loaded last.</Away>
      )}
      <div
        className={`flex min-h-0 flex-1 flex-col gap-3 p-3 sm:p-4 wide:flex-row wide:lefty:flex-row-reverse
        short:gap-2 short:p-2`}
      >
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
          className="panel flex min-h-0 flex-col wide:w-[25.5rem] wide:max-w-[46vw] wide:shrink-0"
        >
          {line && <Line dogId={id} labels={names} onShown={show} onClose={() => setLine(false)} />}
          <Tabs
            value={phone && tab === 'zone' ? 'back' : tab}
            onValueChange={setTab}
            className={line ? 'hidden' : 'flex min-h-0 flex-1 flex-col'}
          >
            <TabBar
              label="Card"
              tabs={[
                ...(phone ? [] : [{ id: 'zone', label: 'Zone' }]),
                { id: 'back', label: 'When back' },
                { id: 'order', label: 'Order' },
                { id: 'visits', label: 'Visits' },
                { id: 'dog', label: 'Dog' },
              ]}
            />
            <div className="min-h-0 flex-1 overflow-y-auto">
              <TabPage value="zone">
                {phone
                  ? null
                  : (zoneSheet ?? (
                      <p className="p-5 text-ink-2">
                        Choose a zone on the dog: tap it, or press Tab to reach the dog and walk with the
                        arrow keys.
                      </p>
                    ))}
              </TabPage>
              <TabPage value="back">
                <WhenBack
                  card={data}
                  labels={names}
                  wish={wish ?? dog.wish_weeks}
                  onWish={setWish}
                  onVisit={seeVisit}
                  onPlan={() => choose('back')}
                  onLine={() => setLine(true)}
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
      {phone && zoneSheet && (
        <BottomSheet label="Zone" onClose={() => put({ zone: null })}>
          {zoneSheet}
        </BottomSheet>
      )}
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
