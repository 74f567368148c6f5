// Shown when the salon's server or database does not answer: a plain page and a way to try again. Where one
// may not look, trying again leads nowhere: the way back does.
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { Button } from './Button'

interface Props {
  error: Error | null
  retry: () => void
  /** what is to be known besides */
  children?: ReactNode
}

export function Resting({ error, retry, children }: Props) {
  const closed = error !== null && 'status' in error && error.status === 403
  return (
    <div role="alert" className="panel mx-auto my-10 max-w-lg space-y-3 p-6">
      <h2 className="text-xl">{closed ? 'Not yours to see' : 'This did not come through'}</h2>
      <p>{error?.message ?? 'Something went wrong.'}</p>
      {children}
      {closed ? (
        <Link
          to="/book"
          className="inline-block min-h-11 font-bold text-thistle underline underline-offset-2"
        >
          To the book
        </Link>
      ) : (
        <Button kind="main" onClick={retry}>
          Try again
        </Button>
      )}
    </div>
  )
}
