// One's own: how the screens look, where one is signed in, password and PIN, other salons.
import { useState, type ReactNode } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Calendars } from '../../parts/Calendars'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { OtherSalons } from './OtherSalons'
import { Screens } from './Screens'
import { SignedInAt } from './SignedInAt'

export function Me() {
  const { session } = useSession()
  return (
    <div className="mx-auto w-full max-w-3xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">{session.name}</h1>
      <p className="text-ink-2">
        {session.role_label} at {session.salon}
      </p>
      <Screens />
      <SignedInAt />
      <Calendars own />
      <OwnPassword key={`password.${session.id}`} />
      <OwnPin key={`pin.${session.id}`} />
      <OtherSalons key={`salons.${session.id}`} />
    </div>
  )
}

function Part({
  title,
  error,
  busy,
  send,
  onSend,
  children,
}: {
  title: string
  error: string
  busy: boolean
  send: string
  onSend: () => void
  children: ReactNode
}) {
  return (
    <form
      aria-label={title}
      noValidate
      onSubmit={(e) => (e.preventDefault(), onSend())}
      className="panel space-y-3 p-5"
    >
      <h2 className="text-xl">{title}</h2>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">{children}</div>
      <p role="alert" className="font-bold text-haw">
        {error}
      </p>
      <Button type="submit" kind="main" disabled={busy}>
        {busy ? 'One moment …' : send}
      </Button>
    </form>
  )
}

function OwnPassword() {
  const { signedIn } = useSession()
  const toast = useToast()
  const [v, setV] = useState({ old: '', new: '' })
  const write = useWrite({
    send: () => take(api.PUT('/api/me/password', { body: v })),
    onSuccess: (session) => {
      setV({ old: '', new: '' })
      signedIn(session)
      toast({ text: 'The new password holds. Your other devices are signed out.' })
    },
  })
  const unnamed = write.error && Object.keys(write.fields).length === 0 ? write.error.message : ''
  return (
    <Part
      title="Password"
      error={unnamed}
      busy={write.isPending}
      send="Change the password"
      onSend={() => write.mutate()}
    >
      <TextField
        label="Password as it is"
        type="password"
        autoComplete="current-password"
        maxLength={200}
        value={v.old}
        onChange={(e) => setV({ ...v, old: e.target.value })}
        error={write.fields.old}
      />
      <TextField
        label="New password"
        hint="12 letters or more"
        type="password"
        autoComplete="new-password"
        maxLength={200}
        value={v.new}
        onChange={(e) => setV({ ...v, new: e.target.value })}
        error={write.fields.new}
      />
    </Part>
  )
}

function OwnPin() {
  const toast = useToast()
  const [v, setV] = useState({ password: '', pin: '' })
  const write = useWrite({
    send: () => take(api.PUT('/api/me/pin', { body: v })),
    onSuccess: () => {
      setV({ password: '', pin: '' })
      toast({ text: 'The new PIN holds' })
    },
  })
  const unnamed = write.error && Object.keys(write.fields).length === 0 ? write.error.message : ''
  return (
    <Part
      title="PIN"
      error={unnamed}
      busy={write.isPending}
      send="Change the PIN"
      onSend={() => write.mutate()}
    >
      <TextField
        label="Password"
        type="password"
        autoComplete="current-password"
        maxLength={200}
        value={v.password}
        onChange={(e) => setV({ ...v, password: e.target.value })}
        error={write.fields.password}
      />
      <TextField
        label="New PIN"
        hint="four to eight digits"
        type="password"
        inputMode="numeric"
        autoComplete="off"
        maxLength={8}
        value={v.pin}
        onChange={(e) => setV({ ...v, pin: e.target.value.replace(/\D/g, '') })}
        error={write.fields.pin}
      />
    </Part>
  )
}
