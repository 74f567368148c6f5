// Reading: of the salon while it answers, of the device where it does not, or where the device has gone on
// with something that the salon does not have yet.
import { answer, AWAY, inTime, keptAs } from './requests'
import type { Safe } from './safe'

/** Of the house and its own words; of a dog, an arrival, a groom. */
const OF_HOUSE = /^\/api\/(session|words|house|kit|round|away|emergency)$/
const OF_DOGS =
  /^\/api\/(dogs\/[^/]+\/(card|repeat|away|histories\/warnings)|arrivals\/[^/]+|grooms\/[^/]+(\/finish)?)$/
const READ_MS = 5000
/** Where it did not answer last time. */
const AWAY_MS = 1000

/** device: it is as the device has it, for want of a salon; here: the device is ahead of the salon. */
export async function readThrough(
  safe: Safe | null,
  request: Request,
  away: boolean,
): Promise<{ response: Response; from: 'salon' | 'device' | 'here' }> {
  const url = new URL(request.url)
  const path = keptAs(url)
  const holder = OF_HOUSE.test(url.pathname) || OF_DOGS.test(url.pathname) ? safe : null
  const kept = holder ? await holder.read(path) : null
  const ahead = async () => kept !== null && (await holder?.read<string[]>('changed'))?.includes(path)
  if (await ahead()) return { response: answer(kept), from: 'here' }
  try {
    // Who is signed in is asked before anything is open here: nobody waits for that longer either.
    const response = await (kept === null && path !== '/api/session'
      ? globalThis.fetch(request.clone())
      : inTime(request.clone(), away ? AWAY_MS : READ_MS))
    if (AWAY.includes(response.status) && kept !== null) throw new TypeError('The salon does not answer.')
    // Only what belongs to the house, or to a dog of the week: what is here already.
    if (response.ok && holder && path !== '/api/session' && (kept !== null || OF_HOUSE.test(path))) {
      // Something was done here while the salon was answering: it answers of before.
      if (await ahead()) return { response: answer(await holder.read(path)), from: 'here' }
      await holder.write(path, await response.clone().json()).catch(() => {})
    }
    return { response, from: 'salon' }
  } catch (e) {
    if (request.signal.aborted || kept === null) throw e
    return { response: answer(kept), from: 'device' }
  }
}
