// What a device keeps is sealed: AES-GCM under a key that is itself kept only wrapped, once under a slow key
// from the PIN and once under a key that the salon hands out to whoever is signed in.
export interface Sealed {
  iv: Uint8Array<ArrayBuffer>
  data: ArrayBuffer
}

/** Rounds of the slow key: half a second on a phone, for every PIN that is tried. */
const ROUNDS = 310_000
const GCM = 'AES-GCM'

export const random = (bytes: number) => crypto.getRandomValues(new Uint8Array(bytes))

export async function sealBytes(key: CryptoKey, bytes: BufferSource): Promise<Sealed> {
  const iv = random(12)
  return { iv, data: await crypto.subtle.encrypt({ name: GCM, iv }, key, bytes) }
}

/** @throws where the key is not the one it was sealed with, or a bit was changed */
export function openBytes(key: CryptoKey, { iv, data }: Sealed): Promise<ArrayBuffer> {
  return crypto.subtle.decrypt({ name: GCM, iv }, key, data)
}

export async function seal(key: CryptoKey, value: unknown): Promise<Sealed> {
  return sealBytes(key, new TextEncoder().encode(JSON.stringify(value)))
}

export async function open<T>(key: CryptoKey, sealed: Sealed): Promise<T> {
  return JSON.parse(new TextDecoder().decode(await openBytes(key, sealed))) as T
}

export function keyOf(bytes: BufferSource): Promise<CryptoKey> {
  return crypto.subtle.importKey('raw', bytes, GCM, false, ['encrypt', 'decrypt'])
}

export async function slowKey(pin: string, salt: BufferSource): Promise<CryptoKey> {
  const typed = await crypto.subtle.importKey('raw', new TextEncoder().encode(pin), 'PBKDF2', false, [
    'deriveKey',
  ])
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS },
    typed,
    { name: GCM, length: 256 },
    false,
    ['encrypt', 'decrypt'],
  )
}

/** The key that the salon hands out, as it comes: base64. */
export function handedKey(text: string): Promise<CryptoKey> {
  return keyOf(Uint8Array.from(atob(text), (c) => c.charCodeAt(0)))
}
