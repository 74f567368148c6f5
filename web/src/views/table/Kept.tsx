// How many taps wait on this tablet, mine and other people's: said beside the dog's name.
import type { useGroom } from './useGroom'

export function Kept({ at }: { at: Pick<ReturnType<typeof useGroom>, 'waiting' | 'away' | 'others'> }) {
  return (
    <>
      <p
        role="status"
        className={`text-sm font-bold ${at.waiting > 0 && at.away ? 'text-haw' : 'text-ink-2'}`}
        data-testid="kept"
      >
        {at.waiting > 0
          ? at.away
            ? `${at.waiting} ${at.waiting === 1 ? 'tap' : 'taps'} kept here, sent when it can be`
            : 'sending …'
          : ''}
      </p>
      {at.others > 0 && (
        <p role="status" className="text-sm font-bold text-bracken">
          {at.others} {at.others === 1 ? 'tap' : 'taps'} of somebody else kept here until they sign in
        </p>
      )}
    </>
  )
}
