// The head of every view of one dog: its name, a line about it, and what can be done. On a phone one row:
// the first action, and the others behind one button.
import { Ellipsis } from 'lucide-react'
import { Popover } from 'radix-ui'
import { Children, useState, type ReactNode } from 'react'
import { useSmall } from '../ui/useSmall'
import { useDogKeys } from './useDogKeys'

interface Props {
  /** its id, for the keys that lead to its views */
  dog: string
  name: string
  /** which view this is */
  view?: string
  about: ReactNode
  /** stays in sight beside the actions: whether something is saved */
  saved?: ReactNode
  /** how many actions stay in sight on a phone */
  first?: number
  /** the actions, the most used first */
  children: ReactNode
}

export function DogHead({ dog, name, view, about, saved, first = 1, children }: Props) {
  const { small } = useSmall()
  useDogKeys(dog)
  const [open, setOpen] = useState(false)
  const actions = Children.toArray(children)
  const title = (
    <h1 className="truncate text-2xl leading-tight wide:text-3xl wide:leading-none short:text-xl">
      {name}
      {view && ' '}
      {view && <span className="text-base font-bold text-ink-2 md:text-xl short:text-base">{view}</span>}
    </h1>
  )
  if (!small)
    return (
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pb-2 pt-3 sm:px-5">
        <div className="min-w-0 flex-1 basis-64">
          {title}
          <p className="mt-1 text-sm text-ink-2">{about}</p>
        </div>
        {saved}
        <div className="no-print flex flex-wrap gap-2">{children}</div>
      </div>
    )
  return (
    <div className="flex flex-wrap items-center gap-x-2 px-3 py-1">
      <div className="min-w-0 flex-1">
        {title}
        {!saved && <p className="truncate text-xs text-ink-2 short:sr-only">{about}</p>}
      </div>
      {saved && <div className="order-last flex basis-full flex-wrap gap-x-2 empty:hidden">{saved}</div>}
      {actions.slice(0, first)}
      {actions.length > first && (
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger
            aria-label={`More for ${name}`}
            className="grid size-11 shrink-0 place-items-center rounded-md border border-line bg-sheet"
          >
            <Ellipsis aria-hidden className="size-5" />
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="end"
              sideOffset={6}
              collisionPadding={8}
              aria-label={`What can be done with ${name}`}
              onClick={(e) => e.target instanceof Element && e.target.closest('a, button') && setOpen(false)}
              className="panel z-40 grid max-h-(--radix-popover-content-available-height) w-64 gap-2
                overflow-y-auto p-3 shadow-xl"
            >
              {about && <p className="text-sm text-ink-2">{about}</p>}
              {actions.slice(first)}
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </div>
  )
}
