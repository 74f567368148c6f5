// What a paper card said of the trim, part by part as shorthand; what is not certain is marked and put on the
// line only when it is ticked.
import { useState } from 'react'
import type { Schemas } from '../app/client'
import { Button } from '../ui/Button'
import { CheckField } from '../ui/Field'

type Part = Schemas['LineView']['from_paper'][number]

export function FromPaper({ parts, onPut }: { parts: Part[]; onPut: (line: string) => void }) {
  const [ticked, setTicked] = useState(() => parts.map((p) => p.sure))
  if (parts.length === 0) return null
  const line = parts
    .filter((p, i) => ticked[i] && p.line)
    .map((p) => p.line)
    .join('; ')
  return (
    <fieldset className="rounded-md border border-line p-3">
      <legend className="px-1 font-bold">From the paper card</legend>
      <ul>
        {parts.map((p, i) => (
          <li key={i} className={p.sure ? '' : 'text-bracken'}>
            {p.line ? (
              <CheckField
                label={`“${p.said}” is ${p.line}`}
                checked={ticked[i] ?? false}
                onChange={(e) => setTicked(ticked.map((t, n) => (n === i ? e.target.checked : t)))}
              />
            ) : (
              <p className="font-bold">“{p.said}”</p>
            )}
            {p.doubts.length > 0 && <p className="pl-8 text-sm">Not certain: {p.doubts.join('; ')}</p>}
          </li>
        ))}
      </ul>
      <Button disabled={line === ''} onClick={() => onPut(line)}>
        Put on the line what is ticked
      </Button>
    </fieldset>
  )
}
