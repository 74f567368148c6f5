// Shown when the salon's server or database does not answer: a plain page and a way to try again.
import { Button } from './Button'

export function Resting({ error, retry }: { error: Error | null; retry: () => void }) {
  return (
    <div role="alert" className="panel mx-auto my-10 max-w-lg space-y-3 p-6">
      <h2 className="text-xl">This did not come through</h2>
      <p>{error?.message ?? 'Something went wrong.'}</p>
      <Button kind="main" onClick={retry}>
        Try again
      </Button>
    </div>
  )
}
