// A day, typed as people say it or chosen from a month; shown as every other day is.
import { CalendarDays } from 'lucide-react'
import { Popover } from 'radix-ui'
import { lazy, Suspense, useId, useState } from 'react'
import { dayTyped, isDay } from './dates'
import { Frame, type Around } from './Field'
import { day } from './words'

const Calendar = lazy(() => import('./Calendar'))

interface Props extends Around {
  /** as the API writes it, or what was typed where that is no day */
  value: string
  onDay: (day: string) => void
  min?: string | undefined
  max?: string | undefined
  /** the label is only read out */
  bare?: boolean
  className?: string
}

const NO_DAY = 'is not a day: like 28 Nov 2026 or 28.11.2026'

export function DateField({ label, error, hint, value, onDay, min, max, bare, className = '' }: Props) {
  const id = useId()
  // As typed, until the field is left.
  const [typed, setTyped] = useState<string | null>(null)
  const [open, setOpen] = useState(false)
  const wrong = typed === null && value !== '' && !isDay(value) ? NO_DAY : undefined
  const type = (text: string) => {
    setTyped(text)
    onDay(dayTyped(text, new Date()) ?? text)
  }
  return (
    <Frame id={id} label={label} error={error ?? wrong} hint={hint} bare={bare}>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Anchor className={`relative ${className}`}>
          <input
            id={id}
            className="field pr-10"
            aria-invalid={!!(error ?? wrong)}
            aria-describedby={`${id}-error`}
            autoComplete="off"
            value={typed ?? (isDay(value) ? day(value) : value)}
            onFocus={(e) => e.target.select()}
            onChange={(e) => type(e.target.value)}
            onBlur={() => setTyped(null)}
          />
          <Popover.Trigger
            type="button"
            aria-label={`${label}: choose from a month`}
            className="absolute inset-y-0 right-0 grid w-10 place-items-center rounded-r text-ink-2"
          >
            <CalendarDays aria-hidden className="size-5" />
          </Popover.Trigger>
        </Popover.Anchor>
        <Popover.Portal>
          <Popover.Content
            aria-label={`${label}: a month`}
            align="end"
            sideOffset={4}
            collisionPadding={8}
            className="panel z-50 p-2 shadow-lg"
          >
            <Suspense fallback={<p className="p-4 text-ink-2">One moment …</p>}>
              <Calendar
                value={value}
                min={min}
                max={max}
                onDay={(chosen) => {
                  setTyped(null)
                  setOpen(false)
                  onDay(chosen)
                }}
              />
            </Suspense>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </Frame>
  )
}
