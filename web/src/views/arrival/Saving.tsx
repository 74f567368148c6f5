// Says in a word whether what was entered has reached the salon, and what to do when somebody else was
// faster.
import type { ApiError } from '../../app/client'
import { Button } from '../../ui/Button'
import type { Status } from './useAutosave'

interface Props {
  save: { status: Status; error: ApiError | null; keepMine: () => void; flush: () => Promise<void> }
  what: string
  onTheirs: () => void
}

export function Saving({ save, what, onTheirs }: Props) {
  if (save.status === 'conflict' || save.status === 'unheard')
    return (
      <div
        role="alert"
        className={`flex flex-wrap items-center gap-2 rounded-md border-2 border-bracken bg-bracken-soft px-3
          py-1.5 text-sm font-bold text-bracken`}
      >
        {save.status === 'unheard'
          ? `The salon never had what this ${what} goes on from: it was lost on a device.`
          : `Somebody else changed this ${what}.`}
        <Button className="min-h-10" onClick={onTheirs}>
          Take theirs
        </Button>
        <Button className="min-h-10" onClick={save.keepMine}>
          Keep mine
        </Button>
      </div>
    )
  const words = {
    saved: `${what} saved`,
    saving: 'saving …',
    waiting: 'not sent yet: kept here, trying again',
    refused:
      save.error && Object.keys(save.error.fields).length === 0
        ? save.error.message
        : 'not saved: some of it needs another look',
    conflict: '',
    unheard: '',
  }[save.status]
  return (
    <p
      role="status"
      className={`text-sm font-bold
        ${save.status === 'saved' ? 'text-moss' : save.status === 'saving' ? 'text-ink-2' : 'text-haw'}`}
    >
      {words}
    </p>
  )
}
