// What programmes were told lately, and what they said; what was not taken can be told again.
import type { Schemas } from '../../app/client'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { clock, day } from '../../ui/words'

const STATES: Record<Schemas['DeliveryView']['state'], string> = {
  waiting: 'waiting',
  sending: 'on its way',
  taken: 'taken',
  failed: 'not taken',
}

interface Props {
  told: Schemas['DeliveryView'][]
  names: Record<string, string>
  after: (now: Schemas['IntegrationsView']) => void
}

export function Told({ told, names, after }: Props) {
  if (told.length === 0) return null
  return (
    <section className="panel p-5" aria-label="Told lately">
      <h2 className="mb-2 text-xl">Told lately</h2>
      <ul className="divide-y divide-line">
        {told.map((t) => (
          <li key={t.id} className="flex flex-wrap items-center justify-between gap-2 py-2">
            <span>
              <b>{names[t.integration] ?? 'a programme'}</b>, {day(t.at)}, {clock(t.at)}: {t.changes}{' '}
              {t.changes === 1 ? 'change' : 'changes'},{' '}
              <span className={t.state === 'failed' ? 'font-bold text-haw' : ''}>{STATES[t.state]}</span>
              {t.answer && <span className="text-ink-2"> · {t.answer}</span>}
            </span>
            {t.state === 'failed' && names[t.integration] && <Again delivery={t.id} after={after} />}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Again({ delivery, after }: { delivery: string; after: Props['after'] }) {
  const again = useWrite({
    send: (_: void, write) =>
      take(api.POST('/api/deliveries/{id}/again', { params: { path: { id: delivery }, header: write } })),
    onSuccess: after,
  })
  return (
    <span>
      <Button disabled={again.isPending} onClick={() => again.mutate()}>
        Tell again
      </Button>
      {again.error && <b className="block text-haw">{again.error.message}</b>}
    </span>
  )
}
