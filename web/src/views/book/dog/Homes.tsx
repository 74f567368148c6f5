// Homes in the book with a person of that name: a second dog of a home shares its people.
import type { Schemas } from '../../../app/client'
import { Button } from '../../../ui/Button'

type Home = Schemas['NewDogHintsView']['homes'][number]

interface Props {
  homes: Home[]
  chosen: string
  onChoose: (home: Home | null) => void
}

export function Homes({ homes, chosen, onChoose }: Props) {
  const home = homes.find((h) => h.id === chosen)
  if (chosen !== '')
    return (
      <div
        className={`flex flex-wrap items-center gap-3 rounded-md bg-moss-soft px-3 py-2 sm:col-span-2
          xl:col-span-3`}
      >
        <p role="status" className="flex-1 text-moss">
          <b>
            {home ? `Lives with ${home.people.map((p) => p.name).join(' and ')}` : 'Of a home in the book'}
          </b>
          {home && home.dogs.length > 0 && `, as ${home.dogs.join(', ')}`}: their phone stands on this card
          too.
        </p>
        <Button onClick={() => onChoose(null)}>Another home</Button>
      </div>
    )
  if (homes.length === 0) return null
  return (
    <div className="sm:col-span-2 xl:col-span-3">
      <p className="label">In the book already: the same home?</p>
      <ul aria-label="Homes in the book" className="flex flex-wrap gap-2">
        {homes.map((h) => (
          <li key={h.id}>
            <Button onClick={() => onChoose(h)} className="h-auto! flex-col items-start! py-1.5 text-left">
              <span>
                {h.people.map((p) => [p.name, p.phone].filter(Boolean).join(' · ')).join('; ') || h.name}
              </span>
              {h.dogs.length > 0 && <span className="text-sm font-normal">{h.dogs.join(', ')}</span>}
            </Button>
          </li>
        ))}
      </ul>
    </div>
  )
}
