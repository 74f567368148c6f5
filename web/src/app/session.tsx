// Who is signed in, and what happens when the session ends in the middle of something.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { createContext, Fragment, useContext, useEffect, useState, type ReactNode } from 'react'
import { ApiError, csrfToken, whenSignedOut, type Schemas } from './client'
import { queries } from './queries'
import { speak } from '../ui/units'
import { applyScreen } from './theme'

export type Session = Schemas['SessionView']
interface SessionState {
  session: Session
  may: (what: Session['may'][number]) => boolean
  /** Takes over an answer of the server about who is signed in. */
  signedIn: (session: Session) => void
  signedOut: () => void
}
const Context = createContext<SessionState | null>(null)

export function useSession(): SessionState {
  const state = useContext(Context)
  if (!state) throw new Error('useSession needs a SessionProvider')
  return state
}

interface Props {
  children: ReactNode
  /** Drawn instead of everything when nobody is signed in, and over everything when the session has ended. */
  signIn: (again: Session | null, done: (session: Session) => void) => ReactNode
  loading: ReactNode
  failed: (error: ApiError, retry: () => void) => ReactNode
}

export function SessionProvider({ children, signIn, loading, failed }: Props) {
  const cache = useQueryClient()
  const { data, error, isPending, refetch } = useQuery(queries.session())
  const [ended, setEnded] = useState(false)
  useEffect(() => whenSignedOut(() => setEnded(true)), [])
  if (data) {
    csrfToken(data.csrf)
    // Before anything below is written.
    speak(data)
  }
  useEffect(() => {
    if (data) {
      applyScreen(data)
      document.documentElement.lang = data.language
    }
  }, [data])
  const signedIn = (session: Session) => {
    const other = data && data.salon !== session.salon
    csrfToken(session.csrf)
    cache.setQueryData(queries.session().queryKey, session)
    setEnded(false)
    if (other) cache.clear()
    void cache.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'session' })
  }
  const signedOut = () => {
    cache.clear()
    void refetch()
  }
  if (isPending) return loading
  if (!data)
    return error instanceof ApiError && error.status !== 401
      ? failed(error, () => void refetch())
      : signIn(null, signedIn)
  const may: SessionState['may'] = (what) => data.may.includes(what)
  return (
    <Context.Provider value={{ session: data, may, signedIn, signedOut }}>
      {/* Written anew where language or units change: what is written stays as long as its figures do. */}
      <Fragment key={`${data.language} ${data.units}`}>{children}</Fragment>
      {ended && signIn(data, signedIn)}
    </Context.Provider>
  )
}
