// At the table: what was done, on one line. Zones as planned are done; zones otherwise ask for their
// reason, one tap for all.
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../../app/queries'
import { Button } from '../../ui/Button'
import { LineField, named, type LineData, type Said } from '../../parts/LineField'
import { WHY_OTHERWISE } from '../../parts/reasons'
import type { Shown, TapData } from '../../parts/taps'

interface Props {
  groom: Shown
  labels: Record<string, string>
  onShown: (zones: LineData['zones'] | null) => void
  onTap: (data: TapData) => void
  onClose: () => void
}

export function LineDone({ groom, labels, onShown, onTap, onClose }: Props) {
  const line = useQuery(queries.line(groom.dog.id))
  const [show] = useState(() => (zones: LineData['zones'] | null) => onShown(zones))
  if (!line.data)
    return <p className="px-5 py-2 text-ink-2">{line.error ? line.error.message : 'Fetching the words …'}</p>
  const keep = (said: Said, why: string) => {
    const { as, otherwise } = sorted(said.answer, groom)
    if (as.length > 0) onTap({ kind: 'zone', zones: as, state: 'done' })
    for (const [zones, recipe] of otherwise)
      onTap({ kind: 'zone', zones, state: 'done', actual: recipe, why })
    onClose()
  }
  return (
    <LineField
      dogId={groom.dog.id}
      label="What was done, on one line"
      from={line.data}
      start=""
      rows={5}
      onShown={show}
      onClose={onClose}
      onEnter={(said) =>
        said.ready &&
        said.answer.zones.length > 0 &&
        sorted(said.answer, groom).otherwise.length === 0 &&
        keep(said, '')
      }
      summary={(answer) => {
        if (answer.zones.length === 0) return 'Type or paste the zones and what was used; the dog follows.'
        const { as, otherwise } = sorted(answer, groom)
        return [
          named('as planned', as, labels),
          named(
            'differently',
            otherwise.flatMap(([zones]) => zones),
            labels,
          ),
        ]
          .filter(Boolean)
          .join(' · ')
      }}
    >
      {(said) => {
        const { otherwise } = sorted(said.answer, groom)
        const nothing = said.answer.zones.length === 0
        return (
          <div className="flex flex-wrap gap-2">
            {otherwise.length > 0 && said.ready ? (
              <div role="group" aria-label="Why differently" className="flex w-full flex-wrap gap-2">
                <p className="w-full text-sm font-bold">Why differently? One tap keeps it.</p>
                {WHY_OTHERWISE.map((why) => (
                  <Button key={why} className="min-h-14 flex-1 basis-36" onClick={() => keep(said, why)}>
                    {why}
                  </Button>
                ))}
              </div>
            ) : (
              <Button
                kind="main"
                className="min-h-14"
                disabled={!said.ready || nothing}
                onClick={() => keep(said, '')}
              >
                Done so
              </Button>
            )}
            <Button kind="quiet" className="min-h-14" onClick={onClose}>
              Close the line
            </Button>
          </div>
        )
      }}
    </LineField>
  )
}

type Recipe = NonNullable<LineData['zones'][number]['recipe']>

/** Zones as the groom has them planned, and the others by what was used. */
function sorted(
  answer: LineData,
  groom: Shown,
): { as: string[]; otherwise: [string[], Omit<Recipe, 'words'>][] } {
  const planned = Object.fromEntries(groom.zones.map((z) => [z.zone, z.planned?.words ?? null]))
  const as: string[] = []
  const by = new Map<string, [string[], Omit<Recipe, 'words'>]>()
  for (const z of answer.zones) {
    if (!z.recipe) continue
    const { words, ...recipe } = z.recipe
    if (planned[z.zone] === words) as.push(z.zone)
    else {
      const key = JSON.stringify(recipe)
      by.set(key, [[...(by.get(key)?.[0] ?? []), z.zone], { ...recipe, lay: recipe.lay ?? 'with' }])
    }
  }
  return { as, otherwise: [...by.values()] }
}
