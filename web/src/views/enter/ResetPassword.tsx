// A new password, by a link that a manager has handed over.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Page, Until } from './Page'
import { useEntering } from './useEntering'
import { Password } from './You'

interface Props {
  token: string
  opened: Schemas['EnterView']
  inside: () => void
}

export function ResetPassword({ token, opened, inside }: Props) {
  const [password, setPassword] = useState('')
  const { enter, busy, fields, problem } = useEntering(
    () => take(api.POST('/api/enter/{token}/password', { params: { path: { token } }, body: { password } })),
    inside,
  )
  return (
    <Page title={`A new password for ${opened.name}`}>
      <p>
        You sign in as <b>{opened.login}</b>. With the new password every other device is signed out; your PIN
        stays.
      </p>
      <form onSubmit={(e) => (e.preventDefault(), enter())} noValidate className="space-y-3">
        <Password
          label="New password"
          value={password}
          onType={setPassword}
          errors={fields}
          least={opened.password_least}
        />
        <p role="alert" className="font-bold text-haw">
          {problem}
        </p>
        <Button type="submit" kind="main" disabled={busy}>
          {busy ? 'One moment …' : 'Keep it and go in'}
        </Button>
      </form>
      <Until opened={opened} />
    </Page>
  )
}
