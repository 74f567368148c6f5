// Bottles that stand there, with their labels, and emptying one.
import { useQueryClient } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'
import { shortDay } from '../../ui/words'
import { ifMatch, useWrite } from '../../app/useWrite'

type WashData = Schemas['WashView']
type Bottle = Schemas['BottleView']

export function Bottles({ data, onLabel }: { data: WashData; onLabel: (b: Bottle) => void }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const pour = useWrite({
    send: ({ bottle, version, poured }: { bottle: Bottle; version: number; poured: boolean }, write) =>
      take(
        api.PUT('/api/wash/bottles/{id}', {
          params: {
            path: { id: bottle.id },
            header: { ...ifMatch(version), ...write },
          },
          body: { poured },
        }),
      ),
    onSuccess: (next, { bottle, version, poured }) => {
      cache.setQueryData(queries.wash().queryKey, next)
      if (poured)
        toast({
          text: `${bottle.name}: bottle emptied`,
          action: {
            label: 'Take back',
            run: () => pour.mutate({ bottle, version: version + 1, poured: false }),
          },
        })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  return (
    <section aria-labelledby="bottles" className="panel">
      <h2 id="bottles" className="p-4 pb-1 text-lg">
        Bottles that stand there
      </h2>
      {data.bottles.length === 0 && (
        <p className="px-4 pb-4 text-ink-2">None. Bottles are washed and dried between fills.</p>
      )}
      <ul className="divide-y divide-line">
        {data.bottles.map((b) => (
          <li key={b.id} className={`flex items-center gap-3 px-4 py-2 ${b.over ? 'bg-haw-soft' : ''}`}>
            <span className="min-w-0 flex-1">
              <b>{b.name}</b> {b.ratio_words} · {b.ml} ml
              <span className={`block text-sm ${b.over ? 'font-bold text-haw' : 'text-ink-2'}`}>
                {b.over
                  ? `Pour away: past ${shortDay(b.discard_by)}`
                  : `mixed ${shortDay(b.mixed_on)}, by ${shortDay(b.discard_by)}`}{' '}
                · {b.who}
              </span>
            </span>
            {!b.over && (
              <Button
                kind="quiet"
                className="px-2"
                aria-label={`Label of ${b.name}, ${b.ml} ml`}
                onClick={() => onLabel(b)}
              >
                <Printer aria-hidden className="size-4" />
              </Button>
            )}
            {may('visit') && (
              <Button
                className="px-3"
                disabled={pour.isPending}
                aria-label={`${b.name}, ${b.ml} ml is empty`}
                onClick={() => pour.mutate({ bottle: b, version: b.version, poured: true })}
              >
                Empty
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
