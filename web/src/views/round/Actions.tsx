// What can be asked of a round, and done with it: each opens by itself, one at a time.
import { Clock, Construction, Plus, Send, Settings2, Shuffle } from 'lucide-react'
import { useState } from 'react'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Behind } from './Behind'
import { FitOneMore } from './FitOneMore'
import { RoadsShut } from './RoadsShut'
import type { RoundProps } from './asked'
import { TellTimes } from './TellTimes'
import { VanSetUp } from './VanSetUp'

type Open = 'behind' | 'fit' | 'roads' | null

export function Actions({ round, asked, ask }: RoundProps) {
  const { may } = useSession()
  const [open, setOpen] = useState<Open>(asked.behind ? 'behind' : asked.dog ? 'fit' : null)
  // Over the page: what was open before stays so.
  const [over, setOver] = useState<'tell' | 'van' | null>(null)
  const toggle = (what: Open) => setOpen(open === what ? null : what)
  const isSet = round.van?.base !== ''
  const another = round.stops.filter((s) => s.says !== '').length
  const isToday = round.day === round.today
  const props = { round, asked, ask }
  return (
    <section aria-label="Ask and do" className="space-y-2">
      <div className="flex flex-wrap gap-2">
        {isSet && isToday && (
          <Button aria-expanded={open === 'behind'} onClick={() => toggle('behind')}>
            <Clock aria-hidden className="size-5" /> Running late
          </Button>
        )}
        {isSet && (
          <>
            <Button aria-expanded={open === 'fit'} onClick={() => toggle('fit')}>
              <Plus aria-hidden className="size-5" /> Fit one more in?
            </Button>
            <Button aria-expanded={open === 'roads'} onClick={() => toggle('roads')}>
              <Construction aria-hidden className="size-5" /> Roads
              {round.shut.length > 0 && ` (${round.shut.length} shut)`}
            </Button>
            {!asked.afresh && (
              <Button onClick={() => ask({ afresh: '1', order: null })}>
                <Shuffle aria-hidden className="size-5" /> Plan afresh
              </Button>
            )}
          </>
        )}
        {isSet && may('book') && another > 0 && (
          <Button kind="main" onClick={() => setOver('tell')}>
            <Send aria-hidden className="size-5" /> Tell {another} {another === 1 ? 'home' : 'homes'} …
          </Button>
        )}
        {may('people') && (
          <Button kind={isSet ? 'plain' : 'main'} onClick={() => setOver('van')}>
            <Settings2 aria-hidden className="size-5" /> {isSet ? 'The van' : 'Set the van up'}
          </Button>
        )}
      </div>
      {!isSet && !may('people') && (
        <p className="panel p-4">
          Nobody has said yet where the van’s day begins and what it holds: a manager can.
        </p>
      )}
      {open === 'behind' && <Behind {...props} />}
      {open === 'fit' && <FitOneMore {...props} />}
      {open === 'roads' && <RoadsShut {...props} />}
      {over === 'tell' && <TellTimes {...props} onClose={() => setOver(null)} />}
      {over === 'van' && round.van && (
        <VanSetUp van={round.van} map={round.map} onClose={() => setOver(null)} />
      )}
    </section>
  )
}
