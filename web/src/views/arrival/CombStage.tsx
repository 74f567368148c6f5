// The comb test on the drawn dog: choose what the comb finds, then tap or draw across zones.
import { FlipHorizontal2, Undo2 } from 'lucide-react'
import { useMemo, useState } from 'react'
import type { Schemas } from '../../app/client'
import { CloseUpDrawing } from '../../dog/close/CloseUpDrawing'
import { isCloseUp, zonesOfView } from '../../dog/close/views'
import { zonesSeen } from '../../dog/field'
import { MatPatterns } from '../../dog/Patterns'
import type { DogLook } from '../../dog/build'
import { DogDrawing } from '../../dog/DogDrawing'
import type { DrawnZone } from '../../dog/zone'
import { withMat, type ArrivalData, type CombDraft, type MatDraft } from '../../parts/comb'
import type { LineData } from '../../parts/LineField'
import { fromSide } from '../../parts/sides'
import { VIEWS } from '../../parts/views'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import type { useAutosave } from './useAutosave'

const PLAIN = 'border-line bg-sheet hover:bg-well'

interface Props {
  arrival: ArrivalData
  words: Schemas['VocabularyView']
  labels: Record<string, string>
  comb: ReturnType<typeof useAutosave<CombDraft>>
  look: DogLook
  canWork: boolean
  /** zones as a line says them, drawn instead; null: the comb test */
  said: LineData['zones'] | null
  zone: string | null
  onZone: (zone: string) => void
  /** a zone that is looked at: its sheet opens, the dog turns */
  onChoose: (zone: string) => void
  view: string
  onView: (view: string) => void
  side: 'left' | 'right'
  onSide: (side: 'left' | 'right') => void
}

export function CombStage({
  arrival,
  words,
  labels,
  comb,
  look,
  canWork,
  said,
  zone,
  onZone,
  onChoose,
  view,
  onView,
  side,
  onSide,
}: Props) {
  const [brush, setBrush] = useState(-1)
  const mats = useMemo(() => Object.fromEntries(comb.value.zones.map((z) => [z.zone, z])), [comb.value])
  const seen = zonesSeen(look)
  const drawn = (ids: string[], of: (id: string) => string) =>
    Object.fromEntries(
      ids.map((base): [string, DrawnZone] => {
        const z = of(base)
        const mat = mats[z]
        const last = arrival.last_found[z as keyof typeof arrival.last_found]
        const text = mat ? (mat.severity > 0 ? String(mat.severity) : '✓') : last ? '?' : ''
        return [
          base,
          {
            id: z,
            label: labels[z] ?? z,
            mm: null,
            drawnMm: 24,
            planned: true,
            mat: {
              severity: mat?.severity ?? 0,
              text,
              said: mat ? undefined : last ? `not combed yet, was ${last} last time` : 'not combed yet',
            },
          },
        ]
      }),
    )
  // What each finding replaced, so that a slip of the thumb is one tap to take back.
  const [before, setBefore] = useState<{ zone: string; was: MatDraft | null }[]>([])
  const set = (z: string, severity: number) => {
    if (!canWork || mats[z]?.severity === severity) return
    setBefore((all) => [...all.slice(-30), { zone: z, was: mats[z] ?? null }])
    comb.change((c) => withMat(c, z, { severity }, words.severities))
  }
  const undo = () => {
    const last = before.at(-1)
    if (!last) return
    setBefore((all) => all.slice(0, -1))
    comb.change((c) => ({
      ...c,
      zones: [...c.zones.filter((z) => z.zone !== last.zone), ...(last.was ? [last.was] : [])],
    }))
    onZone(last.zone)
  }
  const paint = (z: string) => {
    if (brush >= 0) set(z, brush)
    onZone(z)
  }
  const mirrored = (base: string) => fromSide(side, base)
  const common = {
    selected: zone,
    onSelect: onChoose,
    onDigit: (n: number) => zone && set(zone, n),
    name: arrival.dog.name,
    onPaint: brush >= 0 && canWork ? paint : undefined,
  }
  const chosen =
    arrival.comb.options.find((o) => o.choice === (comb.value.choice ?? arrival.comb.choice)) ??
    arrival.comb.options[0]
  const left: Record<string, number> = chosen?.left ?? {}
  const whenDone = Object.fromEntries(
    seen.map((base): [string, DrawnZone] => {
      const z = mirrored(base)
      return [
        base,
        {
          id: z,
          label: labels[z] ?? z,
          mm: left[z] ?? null,
          drawnMm: left[z] ?? 12,
          planned: left[z] !== undefined,
          exception: chosen?.patches.includes(z),
        },
      ]
    }),
  )
  const bySaid = Object.fromEntries((said ?? []).map((z) => [z.zone, z]))
  const asSaid = Object.fromEntries(
    seen.map((base): [string, DrawnZone] => {
      const z = bySaid[mirrored(base)]
      return [
        base,
        {
          id: mirrored(base),
          label: labels[mirrored(base)] ?? base,
          mm: z?.finished_mm ?? null,
          drawnMm: z?.finished_mm ?? 12,
          planned: z !== undefined,
          exception: z?.recipe?.exception,
          stopLine: z?.recipe?.stop_line,
        },
      ]
    }),
  )
  const unasked = arrival.asked_first.filter((z) => !mats[z])
  return (
    <section
      aria-label="Comb test"
      className={`panel flex min-h-0 flex-1 flex-col overflow-hidden short:grid
        short:grid-cols-[minmax(0,1fr)_9.5rem] short:grid-rows-[3.25rem_minmax(0,1fr)]`}
    >
      <div className="stage-bar">
        <Choice
          small
          label="View"
          value={view}
          onChange={onView}
          options={[...VIEWS, { id: 'after', label: 'When done' }]}
        />
        {(view === 'side' || view === 'after') && (
          <Button className="min-h-10" onClick={() => onSide(side === 'left' ? 'right' : 'left')}>
            <FlipHorizontal2 aria-hidden className="size-4" /> Turn
            <span className="-ml-2 max-sm:sr-only">: {side} side</span>
          </Button>
        )}
        <p className="min-w-0 flex-1 basis-72 text-sm text-ink-2 max-md:hidden">
          {view === 'after'
            ? `${chosen?.title ?? ''}: mm it leaves. ` +
              (chosen?.back_message
                ? `Back to the usual: ${chosen.back_message}`
                : 'Hatched patches fill back.')
            : 'Choose what the comb finds, then tap or draw across zones. ? was matted last time.'}
        </p>
      </div>
      <div className="stage">
        <div className="absolute inset-2">
          {said ? (
            <DogDrawing
              look={look}
              zones={asSaid}
              side={side}
              selected={zone}
              onSelect={onZone}
              name={`${arrival.dog.name} as the line says`}
            />
          ) : view === 'side' ? (
            <DogDrawing look={look} zones={drawn(seen, mirrored)} side={side} cells {...common} />
          ) : isCloseUp(view) ? (
            <CloseUpDrawing
              view={view}
              look={look}
              zones={drawn(zonesOfView(view, look), (z) => z)}
              cells
              {...common}
            />
          ) : view === 'after' ? (
            <DogDrawing
              look={look}
              zones={whenDone}
              side={side}
              selected={zone}
              onSelect={onChoose}
              name={`${arrival.dog.name} when done`}
            />
          ) : null}
        </div>
      </div>
      {canWork && !said && (
        <div
          className={`space-y-2 border-t border-line p-2 short:col-start-2 short:row-span-2
          short:row-start-1 short:overflow-y-auto short:border-l short:border-t-0`}
        >
          <div
            role="radiogroup"
            aria-label="The comb finds"
            className={`relative flex flex-wrap gap-1.5 phone:grid phone:grid-cols-4 short:grid
              short:grid-cols-2`}
          >
            {/* for the swatches, whichever view of the dog is open */}
            <svg aria-hidden className="absolute size-0">
              <defs>
                <MatPatterns />
              </defs>
            </svg>
            {[-1, 0, 1, 2, 3, 4].map((n) => (
              <button
                key={n}
                type="button"
                role="radio"
                aria-checked={brush === n}
                onClick={() => setBrush(n)}
                className={`flex min-h-12 min-w-20 flex-1 items-center justify-center gap-2 rounded-md
                  phone:min-w-0 phone:flex-col phone:gap-0 phone:text-xs
                  short:min-w-0 short:flex-col short:gap-0 short:px-1 short:text-xs
                  border px-2 text-sm font-bold
                  ${brush === n ? 'border-thistle bg-thistle-soft text-thistle' : PLAIN}`}
              >
                {n > 0 && (
                  <svg viewBox="0 0 8 8" className="size-6 shrink-0 rounded bg-well" aria-hidden>
                    <rect width="8" height="8" style={{ fill: `url(#kt-mat-${n})` }} />
                  </svg>
                )}
                {n < 0 ? 'just look' : `${n} ${words.severities.find((s) => s.id === n)?.label}`}
              </button>
            ))}
            <Button
              className="min-h-12 min-w-20 flex-1 text-sm phone:col-span-2 short:col-span-2"
              disabled={before.length === 0}
              onClick={undo}
            >
              <Undo2 aria-hidden className="size-5" /> Undo
            </Button>
          </div>
          {unasked.length > 0 && (
            <div
              className="flex items-center gap-1.5 overflow-x-auto pb-0.5 short:flex-wrap"
              role="group"
              aria-label="Usual places, not combed yet"
              tabIndex={0}
            >
              <span className="shrink-0 text-sm text-ink-2">Not combed yet:</span>
              {unasked.map((z) => (
                <button
                  key={z}
                  type="button"
                  onClick={() => {
                    onChoose(z)
                    if (brush >= 0) set(z, brush)
                  }}
                  className={`min-h-11 shrink-0 rounded-md border border-dashed border-line
                    bg-sheet px-2.5
                    text-sm hover:bg-well`}
                >
                  {labels[z]}
                  {!!arrival.last_found[z as keyof typeof arrival.last_found] && (
                    <b className="ml-1 text-haw">
                      was {String(arrival.last_found[z as keyof typeof arrival.last_found])}
                    </b>
                  )}
                </button>
              ))}
            </div>
          )}
        </div>
      )}
    </section>
  )
}
