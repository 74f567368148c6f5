// Somebody who was invited says who they are, and is in.
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Page, Until } from './Page'
import { useEntering } from './useEntering'
import { NOBODY, You } from './You'

interface Props {
  token: string
  opened: Schemas['EnterView']
  inside: () => void
}

export function JoinSalon({ token, opened, inside }: Props) {
  const [you, setYou] = useState({ ...NOBODY, name: opened.name })
  const { enter, busy, fields, problem } = useEntering(
    () => take(api.POST('/api/enter/{token}/person', { params: { path: { token } }, body: you })),
    inside,
  )
  return (
    <Page title={`Welcome to ${opened.salon ?? 'the salon'}`}>
      <p>
        You are invited as <b>{opened.role_label}</b>. Say who you are, and you are in.
      </p>
      <form onSubmit={(e) => (e.preventDefault(), enter())} noValidate className="space-y-3">
        <You
          person={you}
          set={(change) => setYou({ ...you, ...change })}
          errors={fields}
          least={opened.password_least}
        />
        <p role="alert" className="font-bold text-haw">
          {problem}
        </p>
        <Button type="submit" kind="main" disabled={busy}>
          {busy ? 'One moment …' : 'Join'}
        </Button>
      </form>
      <Until opened={opened} />
    </Page>
  )
}
