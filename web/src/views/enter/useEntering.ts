// Sending what was typed on a page that a one-time link has opened; a link used meanwhile is said so.
import { useState } from 'react'
import { ApiError } from '../../app/client'

export function useEntering(send: () => Promise<unknown>, inside: () => void) {
  const [error, setError] = useState<ApiError | null>(null)
  const [busy, setBusy] = useState(false)
  const enter = () => {
    if (busy) return
    setBusy(true)
    setError(null)
    send()
      .then(inside)
      .catch((e: unknown) => {
        if (!(e instanceof ApiError)) throw e
        setError(e)
        setBusy(false)
      })
  }
  const fields = error?.fields ?? {}
  return { enter, busy, fields, problem: error && Object.keys(fields).length === 0 ? error.message : '' }
}
