// What can be done without the salon: which request is answered here, and by what.
import { agree, arrive, check, comb, photo } from './arrivalActs'
import type { Act, Asked } from './asked'
import type { Safe } from './safe'
import { close, tap, toTable, visit } from './tableActs'

const ID = '([0-9a-f-]{36})'
const ACTS: [string, RegExp, Act, number][] = [
  ['POST', new RegExp(`^/api/dogs/${ID}/arrivals$`), arrive, 200],
  ['PUT', new RegExp(`^/api/arrivals/${ID}/comb$`), comb, 200],
  ['PUT', new RegExp(`^/api/arrivals/${ID}/check$`), check, 200],
  ['POST', new RegExp(`^/api/arrivals/${ID}/agreement$`), agree, 201],
  ['POST', new RegExp(`^/api/arrivals/${ID}/photos$`), photo, 201],
  ['POST', new RegExp(`^/api/dogs/${ID}/grooms$`), toTable, 200],
  ['POST', new RegExp(`^/api/grooms/${ID}/taps$`), tap, 200],
  ['POST', new RegExp(`^/api/grooms/${ID}/close$`), close, 200],
  ['POST', new RegExp(`^/api/dogs/${ID}/visits$`), visit, 201],
]

/** What can be done here without the salon: answered, and put into the outbox. Null: it cannot. */
export function actFor(method: string, path: string) {
  for (const [verb, form, act, status] of ACTS) {
    const ids = verb === method ? form.exec(path)?.slice(1) : undefined
    if (ids) return async (safe: Safe, asked: Asked) => ({ status, body: await act({ safe, asked, ids }) })
  }
  return null
}
