// "why?": opens the terms of a figure.
import { Popover } from 'radix-ui'

/** One term of a figure, as the salon gives it. */
interface Reason {
  term: string
  value: string | number
  unit: string
  source: string
  visit?: string | null
}

export function Why({
  of,
  reasons,
  onVisit,
}: {
  of: string
  reasons: Reason[]
  onVisit?: (visit: string) => void
}) {
  if (reasons.length === 0) return null
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`inline-flex min-h-8 items-center rounded px-1.5 text-sm text-slate underline
          decoration-dotted underline-offset-4 hover:bg-slate-soft`}
        aria-label={`Why: ${of}`}
      >
        why?
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          collisionPadding={12}
          sideOffset={4}
          className="panel z-50 max-h-80 w-80 max-w-[calc(100vw-2rem)] overflow-auto p-4 shadow-xl"
          aria-label={`Reasons: ${of}`}
        >
          <h3 className="mb-2 font-bold">{of}</h3>
          <Reasons reasons={reasons} onVisit={onVisit} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

export function Reasons({ reasons, onVisit }: { reasons: Reason[]; onVisit?: (visit: string) => void }) {
  return (
    <ul className="space-y-2 text-sm">
      {reasons.map((r, i) => (
        <li key={i} className="border-l-2 border-line pl-3">
          <span className="font-bold">
            {r.term.replaceAll('_', ' ')}: {r.value} {r.unit}
          </span>
          <span className="block text-ink-2">
            {r.source}
            {r.visit && onVisit && (
              <>
                {' · '}
                <button type="button" className="text-slate underline" onClick={() => onVisit(r.visit ?? '')}>
                  see that visit
                </button>
              </>
            )}
          </span>
        </li>
      ))}
    </ul>
  )
}
