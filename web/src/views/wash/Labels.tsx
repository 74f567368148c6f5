// Labels for the bottles, to print and stick on: content, ratio, mixed on, discard by.
import { Printer } from 'lucide-react'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { day } from '../../ui/words'
import type { Schemas } from '../../app/client'

type Bottle = Schemas['BottleView']
export function Labels({ bottles, onClose }: { bottles: Bottle[]; onClose: () => void }) {
  const { session } = useSession()
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4">
      <div className="no-print flex flex-wrap items-center gap-3">
        <h1 className="flex-1 text-3xl">Labels</h1>
        <Button kind="main" onClick={() => print()}>
          <Printer aria-hidden className="size-4" /> Print
        </Button>
        <Button onClick={onClose}>Back to the wash</Button>
      </div>
      {bottles.length === 0 && <p className="text-ink-2">No good bottle stands there: mix one first.</p>}
      <ul className="grid gap-3 sm:grid-cols-2">
        {bottles.map((b) => (
          <li
            key={b.id}
            className="break-inside-avoid rounded-md border-2 border-ink bg-white p-4 text-black"
          >
            <p className="font-head text-2xl font-bold leading-tight">{b.name}</p>
            <p className="text-xl font-bold">
              {b.ratio_words}{' '}
              <span className="text-base font-normal">
                one part to {b.ratio_words.slice(2)} parts water · {b.ml} ml
              </span>
            </p>
            <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3">
              <dt>Mixed on</dt>
              <dd className="font-bold">
                {day(b.mixed_on)}, {b.who}
              </dd>
              <dt>Discard by</dt>
              <dd className="font-bold">{day(b.discard_by)}</dd>
            </dl>
            <p className="mt-2 text-sm">
              Not near the eyes. Rinse until the water runs clear. Wash and dry the bottle before it is filled
              again. {session.salon}
            </p>
          </li>
        ))}
      </ul>
    </div>
  )
}
