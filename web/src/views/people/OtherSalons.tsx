// Who works in another salon here as well says so once, by the sign-in of there; then it is a tap and a PIN.
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'

export function OtherSalons() {
  const { session, signedIn } = useSession()
  const toast = useToast()
  const [v, setV] = useState({ login: '', password: '' })
  const add = useWrite({
    send: () => take(api.POST('/api/me/salons', { body: v })),
    onSuccess: (next) => {
      setV({ login: '', password: '' })
      signedIn(next)
      toast({ text: 'You can change over now, from the menu under your name' })
    },
  })
  const leave = useWrite({
    send: (id: string) => take(api.DELETE('/api/me/salons/{id}', { params: { path: { id } } })),
    onSuccess: signedIn,
  })
  const unnamed = add.error && Object.keys(add.fields).length === 0 ? add.error.message : leave.error?.message
  return (
    <form
      aria-label="Another salon"
      noValidate
      onSubmit={(e) => (e.preventDefault(), add.mutate())}
      className="panel space-y-3 p-5"
    >
      <h2 className="text-xl">I work in another salon as well</h2>
      <p className="text-ink-2">
        Each salon keeps its own dogs, and its own name, password and PIN for you. Whoever has shown both can
        change over with the PIN of the other salon; the sign-in in this one ends then.
      </p>
      <ul>
        {session.salons.map((s) => (
          <li key={s.id} className="flex flex-wrap items-center justify-between gap-2">
            <b>{s.salon}</b>
            <Button
              disabled={leave.isPending}
              aria-label={`Not from here any more: ${s.salon}`}
              onClick={() => leave.mutate(s.id)}
            >
              Not from here any more
            </Button>
          </li>
        ))}
      </ul>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        <TextField
          label="Name you sign in with there"
          autoComplete="off"
          autoCapitalize="none"
          maxLength={80}
          value={v.login}
          onChange={(e) => setV({ ...v, login: e.target.value })}
          error={add.fields.login}
        />
        <TextField
          label="Password there"
          type="password"
          autoComplete="off"
          maxLength={200}
          value={v.password}
          onChange={(e) => setV({ ...v, password: e.target.value })}
          error={add.fields.password}
        />
      </div>
      <p role="alert" className="font-bold text-haw">
        {unnamed}
      </p>
      <Button type="submit" kind="main" disabled={add.isPending}>
        {add.isPending ? 'One moment …' : 'Add that salon'}
      </Button>
    </form>
  )
}
