// Where a one-time link leads: begin a salon, join one, choose a new password. Nobody is signed in yet.
import { useQuery } from '@tanstack/react-query'
import { api, ApiError, take } from '../../app/client'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { Page } from './Page'
import { BeginSalon } from './BeginSalon'
import { JoinSalon } from './JoinSalon'
import { ResetPassword } from './ResetPassword'

export function Enter({
  token,
  // A salon that begins has nobody on its floor yet: its book says what comes first.
  inside = (at) => location.assign(at),
}: {
  token: string
  inside?: (at: string) => void
}) {
  const opened = useQuery({
    queryKey: ['enter', token],
    queryFn: () => take(api.GET('/api/enter/{token}', { params: { path: { token } } })),
    // What is being typed here must not be taken away by another look.
    staleTime: Infinity,
    refetchOnWindowFocus: false,
  })
  if (!opened.data) return opened.error ? <Shut error={opened.error} retry={opened.refetch} /> : <Waiting />
  const at = opened.data.kind === 'begin' ? '/book' : '/'
  const props = { token, opened: opened.data, inside: () => inside(at) }
  switch (opened.data.kind) {
    case 'begin':
      return <BeginSalon {...props} />
    case 'join':
      return <JoinSalon {...props} />
    case 'reset':
      return <ResetPassword {...props} />
  }
}

function Shut({ error, retry }: { error: Error; retry: () => unknown }) {
  if (!(error instanceof ApiError) || error.status !== 404)
    return <Resting error={error} retry={() => void retry()} />
  return (
    <Page title="This link opens nothing any more">
      <p>{error.message}</p>
      <p>
        <a className="font-bold text-thistle underline underline-offset-2" href="/">
          Sign in instead
        </a>
      </p>
    </Page>
  )
}
