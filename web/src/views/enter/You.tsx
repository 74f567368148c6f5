// Who you are to Keen Thistle: name, sign-in name, password and PIN.
import { TextField } from '../../ui/Field'

export interface Person {
  name: string
  login: string
  password: string
  pin: string
}
export const NOBODY: Person = { name: '', login: '', password: '', pin: '' }

interface Props {
  person: Person
  set: (change: Partial<Person>) => void
  errors: Record<string, string>
  least: number
}

export function You({ person, set, errors, least }: Props) {
  return (
    <>
      <TextField
        label="Your name"
        hint="as your colleagues know it"
        autoComplete="name"
        maxLength={80}
        value={person.name}
        onChange={(e) => set({ name: e.target.value })}
        error={errors.name}
      />
      <TextField
        label="Sign-in name"
        hint="short, without spaces"
        autoComplete="username"
        autoCapitalize="none"
        maxLength={80}
        value={person.login}
        onChange={(e) => set({ login: e.target.value })}
        error={errors.login}
      />
      <Password value={person.password} onType={(password) => set({ password })} {...{ errors, least }} />
      <TextField
        label="PIN"
        hint="four to eight digits, for a change of person on a shared tablet"
        type="password"
        inputMode="numeric"
        autoComplete="off"
        maxLength={8}
        value={person.pin}
        onChange={(e) => set({ pin: e.target.value.replace(/\D/g, '') })}
        error={errors.pin}
      />
    </>
  )
}

export function Password({
  value,
  onType,
  errors,
  least,
  label = 'Password',
  field = 'password',
}: {
  value: string
  onType: (text: string) => void
  errors: Record<string, string>
  least: number
  label?: string
  field?: string
}) {
  return (
    <TextField
      label={label}
      hint={`${least} letters or more; four words that do not belong together are easy to keep`}
      type="password"
      autoComplete="new-password"
      maxLength={200}
      value={value}
      onChange={(e) => onType(e.target.value)}
      error={errors[field]}
    />
  )
}
