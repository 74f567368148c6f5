// How one's own screens look, on whatever device: light or dark, for which hand, in which language.
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { LANGUAGES } from '../../parts/speech'
import { Choice } from '../../ui/Choice'

type Screen = Pick<Schemas['SessionView'], 'theme' | 'left_handed'> & {
  language: Schemas['SessionView']['own_language']
}
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
  const now: Screen = {
    theme: session.theme,
    left_handed: session.left_handed,
    language: session.own_language,
  }
  const set = (change: Partial<Screen>) => write.mutate({ ...now, ...change })
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
        value={now.theme}
        options={THEMES}
        onChange={(id) => set({ theme: THEMES.find((t) => t.id === id)?.id ?? now.theme })}
      />
      <p aria-hidden className="label">
        Hand that taps
      </p>
      <Choice
        label="Hand that taps"
        value={now.left_handed ? 'left' : 'right'}
        options={[
          { id: 'right', label: 'Right: the dog on the left' },
          { id: 'left', label: 'Left: the dog on the right' },
        ]}
        onChange={(id) => set({ left_handed: id === 'left' })}
      />
      <p aria-hidden className="label">
        Language
      </p>
      <Choice
        label="Language"
        value={now.language ?? ''}
        options={[{ id: '', label: 'As the salon' }, ...LANGUAGES]}
        onChange={(id) => set({ language: LANGUAGES.find((l) => l.id === id)?.id ?? null })}
      />
      <p role="alert" className="font-bold text-haw">
        {write.error?.message}
      </p>
    </section>
  )
}
