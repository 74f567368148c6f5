// How one's own screens look, on whatever device: light or dark, and for which hand.
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import type { Screen } from '../../app/theme'
import { useWrite } from '../../app/useWrite'
import { Choice } from '../../ui/Choice'

const THEMES: { id: Screen['theme']; label: string }[] = [
  { id: 'device', label: 'As the device' },
  { id: 'light', label: 'Light' },
  { id: 'dark', label: 'Dark' },
]

export function Screens() {
  const { session, signedIn } = useSession()
  const write = useWrite({
    send: (body: Screen) => take(api.PUT('/api/me/screen', { body })),
    onSuccess: signedIn,
  })
  const { theme, left_handed } = session
  return (
    <section aria-labelledby="screens" className="panel space-y-3 p-5">
      <h2 id="screens" className="text-xl">
        Screens
      </h2>
      <p aria-hidden className="label">
        Look
      </p>
      <Choice
        label="Look"
        value={theme}
        options={THEMES}
        onChange={(id) => write.mutate({ theme: THEMES.find((t) => t.id === id)?.id ?? theme, left_handed })}
      />
      <p aria-hidden className="label">
        Hand that taps
      </p>
      <Choice
        label="Hand that taps"
        value={left_handed ? 'left' : 'right'}
        options={[
          { id: 'right', label: 'Right: the dog on the left' },
          { id: 'left', label: 'Left: the dog on the right' },
        ]}
        onChange={(id) => write.mutate({ theme, left_handed: id === 'left' })}
      />
      <p role="alert" className="font-bold text-haw">
        {write.error?.message}
      </p>
    </section>
  )
}
