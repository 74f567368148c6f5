// Where somebody keeps their days on this device, what that needs is on its way before the rest is read: the
// device stands between from the first request on.
import { startKeptHere } from './keptHere'

export const kept = startKeptHere(async () => (await import('../away/device')).startDevice())
