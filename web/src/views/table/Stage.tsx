// The dog at the table, lighting up zone by zone, and the other ways to look at its groom.
import { FlipHorizontal2 } from 'lucide-react'
import { useMemo, type KeyboardEvent } from 'react'
import type { Schemas } from '../../app/client'
import type { DogLook } from '../../dog/build'
import { DogDrawing } from '../../dog/DogDrawing'
import type { DrawnZone } from '../../dog/zone'
import { CloseUpDrawing } from '../../dog/close/CloseUpDrawing'
import { isCloseUp, seenClose, zonesOfView } from '../../dog/close/views'
import { zonesSeen } from '../../dog/field'
import type { LineData } from '../../parts/LineField'
import { drawnAs, fromSide, viewFor } from '../../parts/sides'
import { VIEWS } from '../../parts/views'
import { TodayList } from '../../parts/TodayList'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { shortDay } from '../../ui/words'
import { Notes } from './Notes'
import { Parts } from './Parts'
import { RearView } from './RearView'
import { Steps } from './Steps'
import { type Shown, type TapData } from '../../parts/taps'

interface Props {
  groom: Shown
  words: Schemas['VocabularyView']
  labels: Record<string, string>
  look: DogLook
  /** zones as a line says them, drawn instead; null: as they stand */
  said: Partial<Record<string, LineData['zones'][number]>> | null
  /** zones of the step in hand */
  inHand: Set<string>
  stepKey: string | null
  zone: string | null
  onZone: (zone: string) => void
  view: string
  onView: (view: string) => void
  side: 'left' | 'right'
  onSide: (side: 'left' | 'right') => void
  canWork: boolean
  onTap: (data: TapData) => void
  onPick: (step: string) => void
  onKeys: (e: KeyboardEvent) => void
}

export function Stage(props: Props) {
  const { groom, labels, look, said, inHand, stepKey, zone, onZone, view, onView } = props
  const { side, onSide, canWork, onTap, onPick, onKeys } = props
  const seen = zonesSeen(look)
  const byId = useMemo(() => Object.fromEntries(groom.zones.map((z) => [z.zone, z])), [groom.zones])
  const mats: Record<string, number> = groom.today?.mats ?? {}
  const noted = groom.notes.length + groom.incidents.length
  const { dog } = groom
  const drawn = (ids: string[], of: (id: string) => string) =>
    Object.fromEntries(
      ids.flatMap((base): [string, DrawnZone][] => {
        const id = of(base)
        const z = byId[id]
        // Of what it has not.
        if (!z) return []
        const one = said?.[id]
        const mm = z.actual_mm ?? z.planned_mm
        const done = z.state === 'done'
        return [
          [
            base,
            {
              id,
              label: labels[id] ?? id,
              mm: one ? one.finished_mm : z.planned_mm,
              drawnMm: one
                ? (one.finished_mm ?? z.natural_mm)
                : done
                  ? (mm ?? z.natural_mm)
                  : (z.now_mm ?? mm ?? z.natural_mm),
              planned: z.planned !== null || z.state !== 'planned',
              state: one ? undefined : z.state,
              now: said ? one !== undefined : inHand.has(id),
              stopLine: z.planned?.stop_line,
              hatch: mats[id],
              waits: z.state === 'planned' || z.state === 'partly' ? z.waits : '',
              hardWith: groom.hard_lines.flatMap(({ zone, other }) =>
                zone === id && of(drawnAs(other)) === other ? [drawnAs(other)] : [],
              ),
            },
          ],
        ]
      }),
    )
  // The rear is the drawing of how far the clip reaches: a zone that is looked for is brought to below.
  const { head, feet, below } = seenClose(look)
  const seenHere = { head, feet, below }
  return (
    <section
      aria-label="The dog"
      className="panel flex min-h-0 flex-1 flex-col overflow-hidden narrow:order-2"
      onKeyDown={onKeys}
    >
      <div className="stage-bar">
        <Choice
          small
          label="View"
          value={view}
          onChange={onView}
          options={[
            { id: 'side', label: 'Side' },
            ...(groom.strip_map.length > 0 ? [{ id: 'strip', label: 'Stripped' }] : []),
            ...VIEWS.filter((v) => v.id !== 'side'),
            { id: 'parts', label: 'Nails, ears' },
            { id: 'steps', label: 'Steps' },
            ...(groom.today ? [{ id: 'today', label: 'Today' }] : []),
            {
              id: 'notes',
              label: noted > 0 ? `Notes (${noted})` : 'Notes',
            },
          ]}
        />
        {(view === 'side' || view === 'strip') && (
          <Button className="min-h-10" onClick={() => onSide(side === 'left' ? 'right' : 'left')}>
            <FlipHorizontal2 aria-hidden className="size-4" />
            <span>
              <span className="sr-only">Turn, now the </span>
              {side}
              <span className="sr-only"> side</span>
            </span>
          </Button>
        )}
      </div>
      {view === 'steps' ? (
        <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} role="group" aria-label="Steps">
          <Steps
            groom={groom}
            labels={labels}
            inHand={stepKey}
            canWork={canWork}
            onTap={onTap}
            onPick={onPick}
          />
        </div>
      ) : view === 'parts' ? (
        <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} role="group" aria-label="Nails and ears">
          <Parts groom={groom} canWork={canWork} onTap={onTap} />
        </div>
      ) : view === 'today' && groom.today ? (
        <div className="min-h-0 flex-1 overflow-y-auto p-4" tabIndex={0} role="group" aria-label="Today">
          <TodayList
            today={groom.today}
            labels={labels}
            onZone={(id) => {
              onView(
                viewFor(id, 'side', {
                  side: seen,
                  ...seenHere,
                }),
              )
              onZone(id)
            }}
          />
        </div>
      ) : view === 'notes' ? (
        <div className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} role="group" aria-label="Notes">
          <Notes groom={groom} labels={labels} canWork={canWork} onTap={onTap} />
        </div>
      ) : (
        <div className="stage">
          <div className="absolute inset-2">
            {view === 'side' ? (
              <DogDrawing
                look={look}
                zones={drawn(seen, (base) => fromSide(side, base))}
                side={side}
                selected={zone}
                onSelect={onZone}
                name={dog.name}
              />
            ) : view === 'strip' ? (
              <DogDrawing
                look={look}
                zones={stripped(
                  groom,
                  drawn(seen, (base) => fromSide(side, base)),
                )}
                side={side}
                selected={zone}
                onSelect={onZone}
                name={`${dog.name}, when stripped`}
              />
            ) : isCloseUp(view) && view !== 'rear' ? (
              <CloseUpDrawing
                view={view}
                look={look}
                zones={drawn(zonesOfView(view, look), (z) => z)}
                selected={zone}
                onSelect={onZone}
                name={dog.name}
              />
            ) : (
              <RearView
                groom={groom}
                look={look}
                zones={drawn(zonesOfView('rear', look), (z) => z)}
                selected={zone}
                canWork={canWork}
                onSelect={onZone}
                onTap={onTap}
              />
            )}
          </div>
        </div>
      )}
      {(view === 'side' || isCloseUp(view)) && (
        <p
          className={`flex flex-wrap gap-x-4 border-t border-line px-3 py-1.5 text-sm text-ink-2
            short:hidden`}
        >
          <span>✓ done</span> <span>½ partly</span> <span>→ later</span> <span>– not needed</span>{' '}
          <span>numbers: mm to leave</span>{' '}
          {groom.zones.some((z) => z.waits === 'owner') && <span>? waits for the owner</span>}{' '}
          {groom.zones.some((z) => z.waits === 'dry') && <span>~ waits until dry</span>}{' '}
          {groom.zones.some((z) => z.waits === 'refused') && <span>× the owner said no</span>}
          <b className="ml-auto text-ink">{progress(groom.zones)}</b>
        </p>
      )}
    </section>
  )
}

/** The strip map: by date, the longest ago the densest; what is not stripped carries nothing. */
function stripped(groom: Schemas['GroomView'], zones: Record<string, DrawnZone>): Record<string, DrawnZone> {
  const days = Object.fromEntries(groom.strip_map.map((s) => [s.zone, s.day]))
  const ages = [...new Set(groom.strip_map.map((s) => s.day ?? ''))].sort().reverse()
  return Object.fromEntries(
    Object.entries(zones).map(([base, z]) => {
      const day = days[z.id]
      const words = day === undefined ? 'not stripped' : day === null ? 'not yet' : shortDay(day)
      const mat = {
        severity: day === undefined ? 0 : day === null ? 4 : Math.min(4, ages.indexOf(day)),
        text: day === undefined ? '' : words,
        said: words,
      }
      return [base, { ...z, mat, state: undefined }]
    }),
  )
}

function progress(zones: Schemas['TableZoneView'][]): string {
  const mine = zones.filter((z) => z.planned !== null || z.state !== 'planned')
  return `${mine.filter((z) => z.state !== 'planned' && z.state !== 'partly').length} of ${mine.length} zones`
}
