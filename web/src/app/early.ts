// Where somebody keeps their days on this device, what that needs is on its way before the rest is read. The
// first request waits for it, since the device stands between from then on.
import { reach, takeRoad, theNetwork } from './client'
import { startKeptHere } from './keptHere'

const kept = startKeptHere(async () => (await import('../away/device')).startDevice())
takeRoad(async (request) => {
  if (!(await kept)) takeRoad(theNetwork)
  return reach(request)
})
