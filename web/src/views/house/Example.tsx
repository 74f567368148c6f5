// One school on an example dog: the order of work of each side beside the other, what differs in bold.
import { useQuery } from '@tanstack/react-query'
import { api, take, type Schemas } from '../../app/client'
import { Waiting } from '../../ui/Waiting'

interface Props {
  point: string
  schools: Record<string, string>
  sides: Schemas['HouseStyleView']['schools'][number]['sides']
}

export function Example({ point, schools, sides }: Props) {
  const example = useQuery({
    queryKey: ['example', point, schools],
    queryFn: () => take(api.POST('/api/house/example/answer', { body: { point, schools } })),
    placeholderData: (before) => before,
  })
  if (!example.data)
    return example.error ? (
      <p role="alert" className="font-bold text-haw">
        {example.error.message}
      </p>
    ) : (
      <Waiting what="Working it out" />
    )
  const begins = new Set(example.data.sides.map((s) => s.begins))
  return (
    <div className="mt-2 rounded-md bg-well p-3">
      <p className="text-sm text-ink-2">
        On {example.data.dog}. Bold is what differs; the rest is the same, in the same order.
      </p>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {example.data.sides.map((side) => (
          <section key={side.side} aria-label={sides.find((s) => s.id === side.side)?.what ?? side.side}>
            <h4 className="font-bold text-thistle">
              {sides.find((s) => s.id === side.side)?.what ?? side.side}
            </h4>
            {side.breaks && <p className="text-sm font-bold text-haw">{side.breaks}</p>}
            {begins.size > 1 && <p className="text-sm font-bold">{side.begins}</p>}
            <ol className="list-decimal pl-6 text-sm">
              {side.lines.map((line, i) => (
                <li key={i} className={line.differs ? 'font-bold' : 'text-ink-2'}>
                  {line.title}
                  {line.tool && `, ${line.tool}`}
                  {line.differs && (
                    <span className="block font-normal">
                      {line.minutes !== null && `${line.minutes} min · `}
                      {line.notes.join(' · ')}
                    </span>
                  )}
                </li>
              ))}
            </ol>
          </section>
        ))}
      </div>
    </div>
  )
}
