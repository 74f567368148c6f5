// The end of a form in a dialog: what went wrong that no field says, the button that sends it, the one
// that leaves it.
import type { ReactNode } from 'react'
import { Button } from './Button'

interface Props {
  /** with what it says of single fields, which is said there */
  error: (Error & { fields?: Record<string, string> }) | null
  busy: boolean
  /** said on the button, and while it is on its way */
  send: string
  sending: string
  disabled?: boolean
  onLeave: () => void
  children?: ReactNode
}

export function FormEnd({ error, busy, send, sending, disabled = false, onLeave, children }: Props) {
  const named = error?.fields !== undefined && Object.keys(error.fields).length > 0
  return (
    <>
      {error && !named && (
        <p role="alert" className="mb-2 font-bold text-haw">
          {error.message}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button type="submit" kind="main" disabled={busy || disabled}>
          {busy ? sending : send}
        </Button>
        {children}
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </>
  )
}
