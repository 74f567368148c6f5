// The table without a signal: begun, tapped and closed as it was prepared, and put into the outbox.
import type { ArrivalData } from '../parts/comb'
import { overlay, type Tap } from '../parts/taps'
import { arrive } from './arrivalActs'
import { groomOf } from './atTable'
import { entry, groomPath, localDay, myName, need, prepared, type Act } from './asked'
import type { Groom } from './lookup'
import { put } from './outbox'

export const toTable: Act = async (here) => {
  const { safe, ids, asked } = here
  const arrived = (await arrive({
    ...here,
    asked: { ...asked, path: `/api/dogs/${ids[0]}/arrivals`, key: crypto.randomUUID() },
  })) as ArrivalData
  const day = await need(prepared(safe, { id: arrived.id }))
  const path = groomPath(day.groom.id)
  const there = await safe.read<Groom>(path)
  if (there) return there
  const now = new Date().toISOString()
  const groom = groomOf(day, arrived)
  await put(
    safe,
    entry(here, {
      id: crypto.randomUUID(),
      body: { ...asked.body, id: day.groom.id },
      dog: day.groom.dog.name,
      what: 'at the table',
      shown: { groom: day.groom.id },
    }),
  )
  const next: Groom = { ...groom, opened_at: now, now, who: await myName(safe) }
  await safe.write(path, next)
  await safe.write(`${path}/finish`, day.finish)
  return next
}

export const tap: Act = async (here) => {
  const { safe, ids, asked } = here
  const path = groomPath(ids[0] ?? '')
  const groom = await need(safe.read<Groom>(path))
  const taps = asked.body.taps as Tap[]
  await put(safe, entry(here, { dog: groom.dog.name, what: 'at the table' }))
  const now = new Date()
  const next: Groom = withoutPending(overlay(goneOn(groom, now), taps, await myName(safe)))
  await safe.write(path, next)
  return {
    results: taps.map((t) => ({
      id: t.id,
      outcome: 'counted',
      message: null,
      zone: null,
      theirs: null,
      theirs_who: null,
    })),
    clock_ahead_s: 0,
    groom: next,
  }
}

function withoutPending({ pending, ...groom }: ReturnType<typeof overlay>): Groom {
  void pending
  return groom
}

/** The same a while later: clocks that run have run on. */
function goneOn(groom: Groom, now: Date): Groom {
  const s = Math.max(0, (now.getTime() - Date.parse(groom.now)) / 1000)
  return {
    ...groom,
    now: now.toISOString(),
    minutes: groom.state === 'open' ? Math.round(10 * (groom.minutes + s / 60)) / 10 : groom.minutes,
    timers: groom.timers.map((t) =>
      t.running
        ? {
            ...t,
            ran_s: Math.round(t.ran_s + s),
            left_s: t.left_s === null ? null : Math.round(t.left_s - s),
          }
        : t,
    ),
  }
}

export const close: Act = async (here) => {
  const { safe, ids, asked } = here
  const path = groomPath(ids[0] ?? '')
  const groom = await need(safe.read<Groom>(path))
  await put(
    safe,
    entry(here, {
      dog: groom.dog.name,
      what: (asked.body.next as unknown[]).length ? 'visit closed, next date wished for' : 'visit closed',
    }),
  )
  const now = new Date().toISOString()
  const next: Groom = {
    ...groom,
    state: 'closed',
    closed_by: await myName(safe),
    closed_at: now,
    now,
    timers: groom.timers.map((t) => ({ ...t, running: false, level: 'off' })),
  }
  await safe.write(path, next)
  return next
}

export const visit: Act = async (here) => {
  const { safe, ids } = here
  const day = await prepared(safe, { dog: ids[0] })
  await put(safe, entry(here, { dog: day?.arrival.dog.name ?? '', what: 'visit recorded' }))
  return { id: here.asked.key, day: localDay() }
}
