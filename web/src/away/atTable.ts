// What stands at the table without a signal: begun with what arrival found and the owner agreed, and made
// anew where either changes afterwards. What was tapped stays.
import type { ArrivalData } from '../parts/comb'
import { groomPath } from './asked'
import { groomAway, type Groom, type Prepared } from './lookup'
import type { Safe } from './safe'

/** Steps for mats are only known of a groom that was not begun when the day was prepared. */
const LATER =
  'A mat was found without a signal after this dog had come to the table: its zone waits for the owner, ' +
  'and the steps for it come when the salon can be asked.'

/** As it was prepared, with what was found; what is clipped for a mat waits until the owner has signed. */
export function groomOf(day: Prepared, arrival: ArrivalData): Groom {
  const groom = groomAway(day, day.groom, arrival.comb.zones)
  const signed = arrival.agreements.at(-1)
  const waits = !signed?.current ? 'owner' : signed.agreed ? '' : 'refused'
  return {
    ...groom,
    zones: groom.zones.map((z) => (waits && z.planned?.reason === 'forced_by_mat' ? { ...z, waits } : z)),
  }
}

/** The open groom of this arrival, where there is one, made anew with what the arrival says now. */
export async function goOn(safe: Safe, day: Prepared, arrival: ArrivalData): Promise<void> {
  const path = groomPath(day.groom.id)
  const there = await safe.read<Groom>(path)
  if (there?.state !== 'open') return
  await safe.write(path, again(day, there, groomOf(day, arrival)))
}

function again(day: Prepared, there: Groom, made: Groom): Groom {
  const tapped = new Map(there.zones.map((z) => [z.zone, z]))
  const marked = new Map(there.steps.map((s) => [s.key, s]))
  const kept = new Set(made.steps.map((s) => s.key))
  const steps = [
    // What was done is done, also where it would not be done any more.
    ...there.steps.filter((s) => !kept.has(s.key) && s.state !== 'open'),
    ...made.steps.map((s) => {
      const { state, why, who } = marked.get(s.key) ?? s
      return { ...s, state, why, who }
    }),
  ]
  const open = steps.filter((s) => s.state !== 'done' && s.state !== 'skipped')
  const clips = made.zones.some((z) => z.waits !== '' && tapped.get(z.zone)?.waits === '')
  return {
    ...there,
    steps,
    next: open[0]?.key ?? null,
    after: open[1]?.key ?? null,
    zones: made.zones.map((z) => {
      const old = tapped.get(z.zone)
      return old && old.state !== 'planned'
        ? { ...old, waits: z.waits }
        : { ...z, seq: old?.seq ?? z.seq, carry: old?.carry ?? z.carry }
    }),
    notices: day.begun && clips ? [...new Set([LATER, ...there.notices])] : there.notices,
  }
}
