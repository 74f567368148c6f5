// A visit that takes two days: the dog is washed and dried on one, and the rest is done on the other.
import { addDays, format, parseISO } from 'date-fns'
import { DateField } from '../../ui/DateField'
import { isDay, timeTyped } from '../../ui/dates'
import { CheckField, TextField } from '../../ui/Field'

export interface Wash {
  day: string
  time: string
}

interface Props {
  /** so long that two days are offered */
  long: boolean
  /** the day of the rest */
  rest: string
  wash: Wash | null
  /** by the server's name of the field */
  errors: Record<string, string>
  onWash: (wash: Wash | null) => void
}

export function TwoDays({ long, rest, wash, errors, onWash }: Props) {
  const before = isDay(rest) ? format(addDays(parseISO(rest), -1), 'yyyy-MM-dd') : ''
  return (
    <div className="space-y-1">
      <CheckField
        label="Over two days: washed and dried before, the rest on this one"
        checked={wash !== null}
        onChange={(e) => onWash(e.target.checked ? { day: before, time: '09:00' } : null)}
      />
      {long && wash === null && (
        <p className="text-sm font-bold text-bracken">
          It takes more than a day’s work: two days are better for the dog.
        </p>
      )}
      {wash && (
        <div className="grid grid-cols-[7fr_5fr] gap-2">
          <DateField
            label="Washed on"
            value={wash.day}
            onDay={(on) => onWash({ ...wash, day: on })}
            error={errors['wash.day'] ?? errors.wash}
          />
          <TextField
            label="Washed at"
            inputMode="numeric"
            placeholder="09:00"
            value={wash.time}
            onChange={(e) => onWash({ ...wash, time: e.target.value })}
            onBlur={(e) => onWash({ ...wash, time: timeTyped(e.target.value) })}
            error={errors['wash.time'] ?? errors['wash.staff']}
          />
        </div>
      )}
    </div>
  )
}
