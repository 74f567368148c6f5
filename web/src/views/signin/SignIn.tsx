// Sign in; also laid over a view whose session has ended, so that nothing typed is lost.
import { useState, type FormEvent } from 'react'
import { api, ApiError, take } from '../../app/client'
import type { Session } from '../../app/session'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'

export function SignIn({ again, done }: { again: Session | null; done: (session: Session) => void }) {
  if (again) {
    return (
      <Modal open onClose={() => {}} title="Sign in again">
        <p className="mb-4">The session has ended. What you typed is still behind this.</p>
        <Form done={done} />
      </Modal>
    )
  }
  return (
    <main className="grid min-h-dvh place-items-center p-5">
      <div className="grid w-full max-w-4xl items-center gap-10 md:grid-cols-[1fr_22rem]">
        <div className="max-md:text-center">
          <img src="/thistle.svg" alt="" className="mb-4 size-20 max-md:mx-auto" />
          <h1 className="text-5xl leading-none">Keen Thistle</h1>
          <p className="mt-4 max-w-md text-lg text-ink-2 max-md:mx-auto">
            Every dog's trim, in millimetres and reasons, the same for whoever stands at the table.
          </p>
        </div>
        <div className="panel p-6">
          <h2 className="mb-4 text-2xl">Sign in</h2>
          <Form done={done} />
        </div>
      </div>
    </main>
  )
}

function Form({ done }: { done: (session: Session) => void }) {
  const [login, setLogin] = useState('')
  const [password, setPassword] = useState('')
  const [error, setError] = useState<ApiError | null>(null)
  const [busy, setBusy] = useState(false)
  const send = async (e: FormEvent) => {
    e.preventDefault()
    setBusy(true)
    setError(null)
    try {
      done(await take(api.POST('/api/session', { body: { login, password } })))
    } catch (e) {
      setError(e instanceof ApiError ? e : null)
      setBusy(false)
    }
  }
  return (
    <form onSubmit={(e) => void send(e)} className="space-y-3" noValidate>
      <TextField
        label="Sign-in name"
        name="login"
        autoComplete="username"
        autoCapitalize="none"
        autoFocus
        value={login}
        onChange={(e) => setLogin(e.target.value)}
        error={error?.fields.login}
      />
      <TextField
        label="Password"
        name="password"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        error={error?.fields.password}
      />
      <p role="alert" className="min-h-6 text-sm font-bold text-haw">
        {error && error.status !== 422 ? error.message : ''}
      </p>
      <Button type="submit" kind="main" className="w-full" disabled={busy}>
        {busy ? 'One moment …' : 'Sign in'}
      </Button>
    </form>
  )
}
