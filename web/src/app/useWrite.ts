// The one way a screen writes: sent once however often it is sent, tried again while others are writing,
// and what was wrong said by field.
import { useMutation, type UseMutationOptions, type UseMutationResult } from '@tanstack/react-query'
import { useRef } from 'react'
import { ApiError, ONCE, writeKey } from './client'

/** Header of a write: hand it on as it is, with If-Match beside it where there is a version. */
export interface Write {
  'Idempotency-Key': string
}
type Options<Answer, What> = Omit<UseMutationOptions<Answer, Error, What>, 'mutationFn'> & {
  send: (what: What, write: Write) => Promise<Answer>
}
export type Writing<Answer, What> = UseMutationResult<Answer, Error, What> & {
  /** what was wrong, by field */
  fields: Record<string, string>
  /** somebody has saved something else meanwhile: what it was */
  stale: ApiError | null
}

const BUSY = 503
const TRIES = 3

/** The header that names the version a change was begun from. */
export function ifMatch(version: number): { 'If-Match': string } {
  return { 'If-Match': `"${version}"` }
}

/**
 * The same thing sent again has the same key, so that it is done once: a second click, a second try after the
 * network was gone. Something else, or the same once more after it was done, has another.
 */
export function useWrite<Answer, What = void>({
  send,
  onSuccess,
  ...rest
}: Options<Answer, What>): Writing<Answer, What> {
  const key = useRef<string | null>(null)
  const mutation = useMutation<Answer, Error, What>({
    ...rest,
    mutationFn: (what) => send(what, { 'Idempotency-Key': (key.current ??= ONCE + writeKey()) }),
    onSuccess: (...done) => {
      key.current = null
      return onSuccess?.(...done)
    },
    retry: (failures, e) => failures < TRIES && e instanceof ApiError && e.status === BUSY,
    retryDelay: (failures) => 400 * failures,
  })
  const error = mutation.error instanceof ApiError ? mutation.error : null
  return { ...mutation, fields: error?.fields ?? {}, stale: error?.status === 412 ? error : null }
}
