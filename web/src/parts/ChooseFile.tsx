// A button that chooses a file and sends it; what was wrong with it is said below, field by field.
import { FileUp } from 'lucide-react'
import { useRef, useState } from 'react'
import { ApiError, send, writeKey } from '../app/client'
import { Button } from '../ui/Button'

interface Props {
  /** where it is sent, as multipart with `file` */
  path: string
  accept: string
  label: string
  busyLabel: string
  main?: boolean
  /** what the server answers */
  onSent: (answer: unknown) => void
}

export function ChooseFile({ path, accept, label, busyLabel, main = false, onSent }: Props) {
  const input = useRef<HTMLInputElement>(null)
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string[]>([])
  const give = async (file: File | undefined) => {
    if (!file) return
    setBusy(true)
    setWrong([])
    const body = new FormData()
    body.set('file', file)
    try {
      onSent(await send(path, body, writeKey()))
    } catch (e) {
      const named =
        e instanceof ApiError
          ? (e.problem.errors ?? []).map((f) => `${f.field === 'file' ? 'The file' : f.field} ${f.message}`)
          : []
      setWrong(named.length > 0 ? named : [e instanceof ApiError ? e.message : 'It did not come through.'])
    }
    setBusy(false)
    if (input.current) input.current.value = ''
  }
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-hidden
        onChange={(e) => void give(e.target.files?.[0])}
      />
      <Button kind={main ? 'main' : 'plain'} disabled={busy} onClick={() => input.current?.click()}>
        <FileUp aria-hidden className="size-5" /> {busy ? busyLabel : label}
      </Button>
      {wrong.length > 0 && (
        <ul role="alert" className="font-bold text-haw">
          {wrong.map((w) => (
            <li key={w}>{w}</li>
          ))}
        </ul>
      )}
    </>
  )
}
