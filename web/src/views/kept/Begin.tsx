// Nothing of whoever is signed in is kept here yet: what keeping means, and the PIN that seals it.
import { useState, type FormEvent } from 'react'
import { api, ApiError, take } from '../../app/client'
import { keptHere } from '../../app/keptHere'
import { useSession } from '../../app/session'
import { SealedBefore } from '../../away/keys'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'

export function Begin() {
  const { session, may } = useSession()
  const [pin, setPin] = useState('')
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const possible = 'indexedDB' in globalThis && 'subtle' in crypto
  const begin = async (e: FormEvent) => {
    e.preventDefault()
    setBusy(true)
    setError('')
    try {
      await take(api.POST('/api/me/pin/answer', { body: { pin } }))
      await (await keptHere.load()).keep(session, pin)
    } catch (e) {
      setError(
        e instanceof ApiError
          ? e.fields.pin
            ? `That ${e.fields.pin}.`
            : e.message
          : e instanceof SealedBefore
            ? 'Something of yours waits here under an earlier PIN. Change your PIN back, and it opens.'
            : e instanceof TypeError
              ? 'The salon does not answer just now: try again in a moment.'
              : 'This browser gives no room for it: it may be in private mode, or full.',
      )
    }
    setBusy(false)
    setPin('')
  }
  if (!may('visit')) return <p>Your role takes no dogs to the table: there is nothing to keep for you.</p>
  if (!possible)
    return (
      <p className="panel p-4">
        A browser keeps nothing for a page that came without a lock in its address line. Open the salon at its
        https address: your manager starts it so.
      </p>
    )
  return (
    <form onSubmit={(e) => void begin(e)} className="panel space-y-3 p-4" aria-label="Keep my days here">
      <h2 className="text-xl">For days without a signal</h2>
      <p>
        This device can hold the dogs that are booked with you today and in the next six days: card, arrival
        with signature, table, finish and photos then work without a connection, also after a restart. What
        you do is sent when the salon can be reached again.
      </p>
      <p className="text-ink-2">
        All of it is sealed, and your PIN opens it. Five wrong PINs lock it until you sign in with a signal.
        Keep it on a device of your own: a short PIN does not stop somebody who has taken the device apart.
      </p>
      <div className="max-w-60">
        <TextField
          label="Your PIN"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          maxLength={8}
          value={pin}
          onChange={(e) => setPin(e.target.value.replace(/\D/g, ''))}
          error={error}
        />
      </div>
      <Button type="submit" kind="main" disabled={busy || pin.length < 4}>
        {busy ? 'Fetching your days …' : 'Keep my days here'}
      </Button>
    </form>
  )
}
