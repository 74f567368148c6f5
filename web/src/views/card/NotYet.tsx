// In place of dates nobody can know yet: what is unknown of a new dog, and the ways to plan it.
import { ListPlus, MapPin, WholeWord } from 'lucide-react'
import type { Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'

interface Props {
  card: Schemas['CardView']
  /** to the first zone of the dog */
  onZone: () => void
  onLine: () => void
}

export function NotYet({ card, onZone, onLine }: Props) {
  const { may } = useSession()
  const planned = !card.unknown.some((u) => u.what === 'plan')
  const weeks = card.interval.full_weeks
  return (
    <section>
      <h2 className="text-2xl">{planned ? 'Not here yet' : 'Not known yet'}</h2>
      {planned && weeks !== null && (
        <p className="text-lg">
          Then back every {weeks} {weeks === 1 ? 'week' : 'weeks'}.
        </p>
      )}
      <ul className="mt-2 space-y-1.5">
        {card.unknown.map((u) => (
          <li key={u.what} className="rounded-md bg-bracken-soft px-3 py-2 text-bracken">
            {u.words}
          </li>
        ))}
      </ul>
      {!planned && may('plan') && (
        <>
          <h3 className="mb-1 mt-4 text-lg">Plan it</h3>
          <div className="flex flex-wrap gap-2">
            <Button kind="main" onClick={onZone}>
              <MapPin aria-hidden className="size-5" /> Zone by zone
            </Button>
            <Button onClick={onLine}>
              <WholeWord aria-hidden className="size-5" /> In one line
            </Button>
            <LinkButton to={`/patterns?dog=${card.dog.id}`}>
              <ListPlus aria-hidden className="size-5" /> From a pattern
            </LinkButton>
          </div>
        </>
      )}
    </section>
  )
}
