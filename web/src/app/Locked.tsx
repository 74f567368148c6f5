// Without a signal: whoever keeps their days on this device opens them with their PIN.
import { useEffect, useState, type FormEvent } from 'react'
import { Button } from '../ui/Button'
import { keptHere, useKeptHere } from './keptHere'

const SHORTEST = 4

/** again: the salon is asked once more. */
export function Locked({ opened, again }: { opened: () => void; again: () => void }) {
  const { keepers } = useKeptHere()
  const [who, setWho] = useState(keepers[0]?.id ?? '')
  const [pin, setPin] = useState('')
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const keeper = keepers.find((k) => k.id === who)
  useEffect(() => {
    // Fetched while somebody types: what the day begins with.
    void Promise.all([import('./KeptStrip'), import('./PersonMenu'), import('../views/kept/Kept')])
  }, [])
  const type = (pin: string) => {
    setPin(pin)
    if (pin.length >= SHORTEST) keptHere.device?.typed(who, pin)
  }
  const unlock = async (e: FormEvent) => {
    e.preventDefault()
    setBusy(true)
    const answer = await keptHere.device?.unlock(who, pin)
    setBusy(false)
    setPin('')
    if (answer && 'safe' in answer) return opened()
    setError(
      answer && 'wrong' in answer
        ? `That is not your PIN. ${answer.wrong} more ${answer.wrong === 1 ? 'try' : 'tries'}.`
        : 'Locked until there is a signal and you sign in. What waits to be sent is still here.',
    )
  }
  return (
    <main className="grid min-h-dvh place-items-center p-5">
      <form onSubmit={(e) => void unlock(e)} className="panel w-full max-w-sm space-y-4 p-6">
        <h1 className="text-2xl">No connection to the salon</h1>
        <p>Your days are kept on this device. Your PIN opens them.</p>
        {keepers.length > 1 && (
          <label className="block">
            <span className="label">Who</span>
            <select className="field" value={who} onChange={(e) => (setWho(e.target.value), setError(''))}>
              {keepers.map((k) => (
                <option key={k.id} value={k.id}>
                  {k.name}, {k.salon}
                </option>
              ))}
            </select>
          </label>
        )}
        <label className="block">
          <span className="label">{keeper ? `PIN of ${keeper.name}` : 'PIN'}</span>
          <input
            className="field text-center text-2xl tracking-[0.4em]"
            inputMode="numeric"
            autoComplete="off"
            type="password"
            maxLength={8}
            autoFocus
            value={pin}
            disabled={keeper?.locked}
            onChange={(e) => type(e.target.value.replace(/\D/g, ''))}
            aria-invalid={error !== ''}
            aria-describedby="locked-error"
          />
        </label>
        <p id="locked-error" role="alert" className="min-h-6 text-sm font-bold text-haw">
          {error ||
            (keeper?.locked
              ? 'Locked until there is a signal and you sign in. What waits to be sent is still here.'
              : '')}
        </p>
        <div className="flex flex-wrap gap-2">
          <Button type="submit" kind="main" disabled={busy || pin.length < SHORTEST || keeper?.locked}>
            {busy ? 'Opening …' : 'Open my days'}
          </Button>
          <Button onClick={again}>Try the salon again</Button>
        </div>
      </form>
    </main>
  )
}
