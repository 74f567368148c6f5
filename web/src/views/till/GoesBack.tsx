// How money goes back: one tap for the way.
import { Button } from '../../ui/Button'
import { BACK } from './bill'

interface Props {
  waiting: boolean
  error: string | undefined
  onWay: (way: 'cash' | 'card' | 'transfer') => void
}

export function GoesBack({ waiting, error, onWay }: Props) {
  return (
    <div className="space-y-2">
      <p className="font-bold">It goes back</p>
      <div className="flex flex-wrap gap-2">
        {BACK.map((w) => (
          <Button key={w.id} disabled={waiting} onClick={() => w.id !== 'voucher' && onWay(w.id)}>
            {w.id === 'cash' ? 'in cash' : w.id === 'card' ? 'to the card' : 'by transfer'}
          </Button>
        ))}
      </div>
      {error && (
        <p role="alert" className="text-sm font-bold text-haw">
          {error}
        </p>
      )}
    </div>
  )
}
