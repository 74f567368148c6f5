// How sure somebody is of each task: what they do not do, and with which dogs they do the rest.
const TASKS = [
  ['bath', 'Bathing'],
  ['dry', 'Drying'],
  ['mats', 'Mats'],
  ['clip', 'Clipping'],
  ['scissor', 'Scissors'],
  ['strip', 'Stripping by hand'],
  ['nails', 'Nails'],
] as const
const SURE = ['does not do it', '1: calm dogs, with help', '2', '3', '4', '5: any dog']

export type SkillsOf = Record<string, number>

export function Skills({ skills, onChange }: { skills: SkillsOf; onChange: (skills: SkillsOf) => void }) {
  return (
    <fieldset className="rounded-md border border-line p-3">
      <legend className="px-1 font-bold">How sure of each task</legend>
      <div className="grid gap-x-3 gap-y-1 sm:grid-cols-3">
        {TASKS.map(([task, label]) => (
          <label key={task} className="block">
            <span className="label">{label}</span>
            <select
              className="field"
              value={skills[task] ?? ''}
              onChange={(e) => {
                const others = Object.entries(skills).filter(([other]) => other !== task)
                const mine = e.target.value === '' ? [] : [[task, Number(e.target.value)] as const]
                onChange(Object.fromEntries([...others, ...mine]))
              }}
            >
              <option value="">not said</option>
              {SURE.map((said, n) => (
                <option key={said} value={n}>
                  {said}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
    </fieldset>
  )
}
