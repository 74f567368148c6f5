// Two people changed the same zone: both recipes side by side, the second one chooses.
import { useEffect, useRef } from 'react'
import type { Problem } from '../../app/client'
import { Button } from '../../ui/Button'

export function Conflict({
  problem,
  busy,
  onMine,
  onTheirs,
}: {
  problem: Problem
  busy: boolean
  onMine: () => void
  onTheirs: () => void
}) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    box.current?.focus()
    box.current?.scrollIntoView?.({ block: 'nearest' })
  }, [])
  return (
    <div
      ref={box}
      tabIndex={-1}
      role="alert"
      className="w-full space-y-3 rounded-lg border-2 border-bracken bg-bracken-soft p-3"
    >
      <p className="font-bold text-bracken">{problem.title}</p>
      <div className="grid grid-cols-2 gap-2">
        <div className="space-y-2 rounded-md bg-sheet p-3">
          <h3 className="text-sm text-ink-2">{problem.changed_by ?? 'Theirs'}</h3>
          <p className="font-bold" data-testid="theirs">
            {problem.theirs?.words ?? 'taken out of the plan'}
          </p>
          <Button onClick={onTheirs} className="w-full">
            Keep theirs
          </Button>
        </div>
        <div className="space-y-2 rounded-md bg-sheet p-3">
          <h3 className="text-sm text-ink-2">You</h3>
          <p className="font-bold" data-testid="yours">
            {problem.yours?.words ?? 'taken out of the plan'}
          </p>
          <Button onClick={onMine} disabled={busy} className="w-full">
            Use mine
          </Button>
        </div>
      </div>
    </div>
  )
}
