// Arrival without a signal: opened, combed, checked, signed and photographed as the tables have it, and put
// into the outbox.
import type { Schemas } from '../app/client'
import { combOf, type ArrivalData, type CombDraft } from '../parts/comb'
import { goOn } from './atTable'
import { arrivalPath, entry, myName, need, NO_SIGNAL, NotHere, prepared, type Act } from './asked'
import { combed } from './heard'
import { combAway, todayAway } from './lookup'
import { put } from './outbox'
import { smaller } from './smaller'

export const arrive: Act = async (here) => {
  const { safe, ids } = here
  const day = await need(prepared(safe, { dog: ids[0] }))
  const path = arrivalPath(day.arrival.id)
  const there = await safe.read<ArrivalData>(path)
  if (there) return there
  const arrival: ArrivalData = { ...day.arrival, who: await myName(safe) }
  if (!day.arrived)
    await put(
      safe,
      entry(here, {
        id: crypto.randomUUID(),
        path: `${here.asked.path}?id=${day.arrival.id}`,
        body: undefined,
        dog: day.arrival.dog.name,
        what: 'arrived',
        shown: { arrival: day.arrival.id },
      }),
    )
  await safe.write(path, arrival)
  return arrival
}

export const comb: Act = async (here) => {
  const { safe, ids, asked } = here
  const path = arrivalPath(ids[0] ?? '')
  const arrival = await need(safe.read<ArrivalData>(path))
  const day = await need(prepared(safe, { id: ids[0] }))
  const draft = asked.body as unknown as CombDraft
  const words = await safe.read<Schemas['VocabularyView']>('/api/words')
  const label = (zone: string) => words?.zones.find((z) => z.id === zone)?.label ?? zone
  const next = (version: number) => combAway(day, arrival.comb, draft, version, label)
  const joined = await put(
    safe,
    entry(here, {
      dog: arrival.dog.name,
      what: 'comb test',
      version: arrival.comb.version,
      shown: {
        decisions: Object.fromEntries(next(0).zones.map((z) => [z.zone, z.decision])),
        base: combOf(arrival.comb).zones,
      },
    }),
  )
  const view = next(arrival.comb.version + (joined ? 0 : 1))
  const now: ArrivalData = { ...combed(arrival, view), today: todayAway(day, draft) }
  await safe.write(path, now)
  await goOn(safe, day, now)
  return view
}

export const check: Act = async (here) => {
  const { safe, ids, asked } = here
  const path = arrivalPath(ids[0] ?? '')
  const arrival = await need(safe.read<ArrivalData>(path))
  const joined = await put(
    safe,
    entry(here, { dog: arrival.dog.name, what: 'hands-on check', version: arrival.check_version }),
  )
  const next: ArrivalData = {
    ...arrival,
    hands_on: asked.body,
    check_version: arrival.check_version + (joined ? 0 : 1),
    findings: [NO_SIGNAL, ...arrival.findings.filter((f) => f.code !== NO_SIGNAL.code)],
  }
  await safe.write(path, next)
  return next
}

export const agree: Act = async (here) => {
  const { safe, ids, asked } = here
  const path = arrivalPath(ids[0] ?? '')
  const arrival = await need(safe.read<ArrivalData>(path))
  const option = arrival.comb.options.find((o) => o.choice === 'as_reckoned')
  const agreed = asked.body.agreed === true
  await put(
    safe,
    entry(here, {
      body: {
        ...asked.body,
        choice: 'as_reckoned',
        away: {
          zones: arrival.comb.zones.map(({ zone, severity, spread, clearance, overrule, why }) => ({
            zone,
            severity,
            spread,
            clearance,
            overrule,
            why,
          })),
          minutes: option?.slot_minutes ?? 0,
          price_minor: option?.price_minor ?? null,
        },
      },
      dog: arrival.dog.name,
      what: agreed ? 'signed by the owner' : 'refused by the owner',
      shown: {
        minutes: option?.slot_minutes ?? null,
        price_minor: option?.price_minor ?? null,
        decisions: Object.fromEntries(arrival.comb.zones.map((z) => [z.zone, z.decision])),
      },
    }),
  )
  const next: ArrivalData = {
    ...arrival,
    state: agreed ? 'agreed' : 'refused',
    agreements: [
      ...arrival.agreements,
      {
        id: asked.key,
        number: arrival.agreements.length + 1,
        agreed,
        signed_by: typeof asked.body.signed_by === 'string' ? asked.body.signed_by : '',
        at: new Date().toISOString(),
        who: await myName(safe),
        choice: 'as_reckoned',
        link: null,
        link_until: null,
        intact: true,
        current: true,
      },
    ],
  }
  await safe.write(path, next)
  await goOn(safe, await need(prepared(safe, { id: ids[0] })), next)
  return next
}

export const photo: Act = async (here) => {
  const { safe, ids, asked } = here
  const path = arrivalPath(ids[0] ?? '')
  const arrival = await need(safe.read<ArrivalData>(path))
  if (!asked.photo) throw new NotHere('No photo.')
  const fields = { zone: String(asked.body.zone), moment: String(asked.body.moment) }
  await safe.keepFile(asked.key, await smaller(asked.photo))
  await put(
    safe,
    entry(here, {
      body: undefined,
      file: { key: asked.key, fields },
      dog: arrival.dog.name,
      what: `photo ${fields.moment}`,
    }),
  )
  const taken: ArrivalData['photos'][number] = {
    id: asked.key,
    ...fields,
    width: 0,
    height: 0,
    who: await myName(safe),
    removable: false,
  }
  await safe.write(path, { ...arrival, photos: [...arrival.photos, taken] })
  return taken
}
