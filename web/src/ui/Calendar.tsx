// A month to choose a day from; loaded when somebody opens it.
import { format, parseISO } from 'date-fns'
import { DayPicker } from 'react-day-picker'
import 'react-day-picker/style.css'
import { isDay } from './dates'
import { monthFirst } from './units'

interface Props {
  value: string
  min?: string | undefined
  max?: string | undefined
  onDay: (day: string) => void
}

export default function Calendar({ value, min, max, onDay }: Props) {
  const chosen = isDay(value) ? parseISO(value) : undefined
  const outside = [
    ...(min && isDay(min) ? [{ before: parseISO(min) }] : []),
    ...(max && isDay(max) ? [{ after: parseISO(max) }] : []),
  ]
  return (
    <DayPicker
      className="calendar"
      mode="single"
      autoFocus
      showOutsideDays
      weekStartsOn={monthFirst() ? 0 : 1}
      selected={chosen}
      defaultMonth={chosen}
      disabled={outside}
      // The figure that is seen is in what is read out.
      labels={{
        labelDayButton: (day) => format(day, monthFirst() ? 'EEEE, MMMM d, yyyy' : 'EEEE d MMMM yyyy'),
      }}
      onSelect={(day) => day && onDay(format(day, 'yyyy-MM-dd'))}
    />
  )
}
