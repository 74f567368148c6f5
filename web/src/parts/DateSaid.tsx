// What is known of a date before it: the owner's answer, what has changed at home, what proof is missing.
import { CircleCheck, House, PhoneCall, TriangleAlert } from 'lucide-react'

interface Props {
  date: { answer: string; told: string; proof: string; asked?: string | null }
}

export function DateSaid({ date }: Props) {
  return (
    <>
      {date.answer === 'yes' && (
        <span className="inline-flex items-center gap-1 text-sm text-moss">
          <CircleCheck aria-hidden className="size-4 shrink-0" /> owner says it suits
        </span>
      )}
      {date.answer === 'ring' && (
        <b className="inline-flex items-center gap-1 text-sm text-haw">
          <PhoneCall aria-hidden className="size-4 shrink-0" /> owner asks to be rung about another day
        </b>
      )}
      {date.answer === '' && date.asked && (
        <span className="text-sm text-ink-2">written to the owner, no answer yet</span>
      )}
      {date.told && (
        <span className="inline-flex items-start gap-1 text-sm text-bracken">
          <House aria-hidden className="mt-0.5 size-4 shrink-0" />
          <span>
            <b>From home:</b> {date.told}
          </span>
        </span>
      )}
      {date.proof && (
        <span className="inline-flex items-start gap-1 text-sm text-bracken">
          <TriangleAlert aria-hidden className="mt-0.5 size-4 shrink-0" />
          {date.proof}
        </span>
      )}
    </>
  )
}
