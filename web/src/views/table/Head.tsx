// The head of the table: what the owner agreed to, and how much of today is other than on the card.
import { FileSignature } from 'lucide-react'
import { format, parseISO } from 'date-fns'
import { useSession } from '../../app/session'
import { hours, mm, money } from '../../ui/words'
import type { Shown } from '../../parts/taps'

export function Head({ groom, onList }: { groom: Shown; onList: () => void }) {
  const { session } = useSession()
  const { agreed, today } = groom
  const differs = today?.differs ?? 0
  if (!agreed && differs === 0) return null
  return (
    <div
      role="group"
      aria-label="Agreed for today"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line bg-well px-4 py-1.5 sm:px-5"
    >
      <FileSignature aria-hidden className="size-5 shrink-0 text-ink-2" />
      <p className="min-w-0 flex-1 basis-64">
        {agreed ? (
          agreed.agreed ? (
            <>
              <b>{agreed.title}</b>
              {agreed.leaves_mm !== null &&
                !agreed.title.includes('mm') &&
                `, leaves ${mm(agreed.leaves_mm)}`}
              {agreed.minutes !== null && ` · about ${hours(agreed.minutes)}`}
              {agreed.price_minor !== null && ` · ${money(agreed.price_minor, session.currency)}`}
              <span className="text-sm text-ink-2">
                {' '}
                · agreed by {agreed.signed_by}, {agreed.by === 'phone' ? 'by phone' : 'signed'} at{' '}
                {format(parseISO(agreed.at), 'HH:mm')}
              </span>
            </>
          ) : (
            <b className="text-haw">{agreed.signed_by} refused: nothing is cut that was not on the card</b>
          )
        ) : (
          <span className="text-ink-2">Nothing was signed today.</span>
        )}
      </p>
      {differs > 0 && (
        <button
          type="button"
          className="min-h-10 font-bold text-thistle underline underline-offset-2"
          onClick={onList}
        >
          {differs === 1 ? '1 place' : `${differs} places`} other than on the card
        </button>
      )}
    </div>
  )
}
