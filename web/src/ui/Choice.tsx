// A row of alternatives of which one holds, large enough for a wet thumb.
import { ToggleGroup } from 'radix-ui'

export function Choice<Id extends string>({
  label,
  value,
  options,
  onChange,
  small = false,
  disabled = false,
}: {
  label: string
  value: Id | ''
  options: { id: Id; label: string }[]
  onChange: (id: Id) => void
  small?: boolean
  disabled?: boolean
}) {
  return (
    <ToggleGroup.Root
      type="single"
      value={value}
      disabled={disabled}
      onValueChange={(v) => {
        const chosen = options.find((o) => o.id === v)
        if (chosen) onChange(chosen.id)
      }}
      aria-label={label}
      className="inline-flex flex-wrap rounded-md border border-line bg-well p-0.5"
    >
      {options.map((o) => (
        <ToggleGroup.Item
          key={o.id}
          value={o.id}
          className={`rounded font-bold text-ink-2 data-[state=on]:bg-sheet data-[state=on]:text-thistle
            data-[state=on]:shadow-sm ${small ? 'min-h-10 px-2.5 text-sm' : 'min-h-11 px-3'}`}
        >
          {o.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
