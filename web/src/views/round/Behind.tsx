// How far behind the van is, and what it really has left: the rest of the day is answered anew.
import { useState } from 'react'
import { Button } from '../../ui/Button'
import { NumberField } from '../../ui/NumberField'
import type { RoundProps } from './asked'

const STEPS = [10, 20, 30, 45, 60]

export function Behind({ asked, ask }: RoundProps) {
  const [water, setWater] = useState<number | null>(asked.water ? Number(asked.water) : null)
  const [power, setPower] = useState<number | null>(asked.power ? Number(asked.power) : null)
  const left = (value: number | null) => (value === null ? null : String(Math.max(0, value)))
  return (
    <div className="panel space-y-3 p-4">
      <p id="behind">The van is free later than it should be, by</p>
      <div className="flex flex-wrap gap-2" role="group" aria-labelledby="behind">
        {STEPS.map((m) => (
          <Button
            key={m}
            aria-pressed={asked.behind === String(m)}
            className="min-h-12 aria-pressed:border-thistle aria-pressed:bg-thistle-soft"
            onClick={() => ask({ behind: String(m), order: null })}
          >
            {m} min
          </Button>
        ))}
        {asked.behind && (
          <Button onClick={() => ask({ behind: null, water: null, power: null })}>Not late after all</Button>
        )}
      </div>
      <div className="grid gap-3 sm:grid-cols-3">
        <NumberField label="Litres left, if you looked" value={water} onChange={setWater} />
        <NumberField label="Minutes of power left" value={power} onChange={setPower} />
        <div className="self-center">
          <Button
            onClick={() => ask({ water: left(water), power: left(power), behind: asked.behind ?? '1' })}
          >
            Reckon with these
          </Button>
        </div>
      </div>
    </div>
  )
}
