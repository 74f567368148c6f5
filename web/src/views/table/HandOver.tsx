// A pause in one tap; a hand-over with what is done, what is next, and who takes the dog.
import { useState } from 'react'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { PAUSES } from '../../parts/reasons'
import type { Shown, TapData } from '../../parts/taps'

const TABLE = ['manager', 'groomer', 'mobile_groomer', 'bather']

export function HandOver({
  groom,
  onClose,
  onTap,
}: {
  groom: Shown
  onClose: () => void
  onTap: (data: TapData) => void
}) {
  const { session } = useSession()
  const step = groom.steps.find((s) => s.key === groom.next)
  const [side, setSide] = useState('left')
  const [next, setNext] = useState(step ? [step.tool, step.title].filter(Boolean).join(', ') : '')
  const [note, setNote] = useState('')
  const pause = (why: string) => {
    onTap({ kind: 'pause', why })
    onClose()
  }
  const give = (to: string) => {
    onTap({ kind: 'hand_over', to, side, next: next.slice(0, 120), note })
    onClose()
  }
  return (
    <Modal open wide onClose={onClose} title="Pause or hand over">
      <div className="space-y-5">
        <section aria-label="Pause" className="space-y-2">
          <h3 className="font-bold">Pause: the clock stops, and whatever runs with it</h3>
          <div className="flex flex-wrap gap-2">
            {PAUSES.map((why) => (
              <Button key={why} className="min-h-14 flex-1 basis-36" onClick={() => pause(why)}>
                {why}
              </Button>
            ))}
          </div>
        </section>
        <section aria-label="Tiring" className="space-y-2">
          <h3 className="font-bold">
            It tires: what health hangs on comes first, with a rest every twenty minutes
          </h3>
          <Button
            className="min-h-14"
            aria-pressed={groom.tires}
            onClick={() => (onTap({ kind: 'tires', ok: !groom.tires }), onClose())}
          >
            {groom.tires ? 'It is fit again' : 'It tires today'}
          </Button>
        </section>
        <section aria-label="Hand over" className="space-y-2">
          <h3 className="font-bold">Hand over</h3>
          <div className="flex flex-wrap items-center gap-2">
            <span className="text-sm font-bold">Side that is done</span>
            <Choice
              label="Side that is done"
              value={side}
              onChange={setSide}
              options={[
                { id: 'left', label: 'left' },
                { id: 'right', label: 'right' },
                { id: 'both', label: 'both' },
              ]}
            />
          </div>
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField label="Next" value={next} maxLength={120} onChange={(e) => setNext(e.target.value)} />
            <TextField label="Mind" value={note} maxLength={300} onChange={(e) => setNote(e.target.value)} />
          </div>
          <div role="group" aria-label="To whom" className="flex flex-wrap gap-2">
            {session.colleagues
              .filter((c) => TABLE.includes(c.role.replace(' ', '_')) && c.name !== groom.who)
              .map((c) => (
                <Button key={c.id} className="min-h-14 flex-1 basis-40" onClick={() => give(c.id)}>
                  {c.name}
                </Button>
              ))}
          </div>
        </section>
      </div>
    </Modal>
  )
}
