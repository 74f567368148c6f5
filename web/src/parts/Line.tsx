// A dog's plan on one line, kept with the revision it was made from; on the card and at an arrival.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take } from '../app/client'
import { queries } from '../app/queries'
import { useSession } from '../app/session'
import { Button } from '../ui/Button'
import { useToast } from '../ui/Toasts'
import { FromPaper } from './FromPaper'
import { LineField, named, type LineData, type Said } from './LineField'
import { ifMatch, useWrite } from '../app/useWrite'

interface Props {
  dogId: string
  labels: Record<string, string>
  onShown: (zones: LineData['zones'] | null, gone: string[]) => void
  onClose: () => void
}

export function Line(props: Props) {
  const line = useQuery({ ...queries.line(props.dogId), staleTime: 0 })
  if (!line.data)
    return (
      <p className="px-5 py-2 text-ink-2">
        {line.error ? line.error.message : 'Writing the plan on one line …'}
      </p>
    )
  return <Editor key={props.dogId} {...props} saved={line.data} />
}

function Editor({ dogId, labels, onShown, onClose, saved }: Props & { saved: LineData }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [from, setFrom] = useState(saved)
  const save = useWrite({
    send: ({ text, confirmed }: Said, write) =>
      take(
        api.PUT('/api/dogs/{id}/line', {
          params: {
            path: { id: dogId },
            header: { ...ifMatch(from.revision), ...write },
          },
          body: { line: text, confirmed },
        }),
      ),
    onSuccess: (next, said) => {
      setFrom(next)
      said.setText(next.line)
      cache.setQueryData(queries.line(dogId).queryKey, next)
      void cache.invalidateQueries({ queryKey: ['card', dogId] })
      toast({ text: 'The plan is what the line says' })
    },
  })
  const stale = save.stale !== null
  const same = (answer: LineData) => answer.changed.length + answer.gone.length === 0
  return (
    <LineField
      dogId={dogId}
      label="The plan on one line"
      from={from}
      start={saved.line}
      readOnly={!may('plan')}
      onShown={onShown}
      onClose={onClose}
      onEnter={(said) => !same(said.answer) && said.ready && save.mutate(said)}
      summary={(answer) =>
        same(answer)
          ? 'This is the plan as it is.'
          : [named('changed', answer.changed, labels), named('taken out', answer.gone, labels)]
              .filter(Boolean)
              .join(' · ')
      }
    >
      {(said) => (
        <>
          {save.error && (
            <p role="alert" className="font-bold text-haw">
              {save.error.message}{' '}
              {stale && (
                <Button
                  className="min-h-11"
                  onClick={() => {
                    save.reset()
                    void take(api.GET('/api/dogs/{id}/line', { params: { path: { id: dogId } } })).then(
                      setFrom,
                    )
                  }}
                >
                  Mine stands: read it against theirs
                </Button>
              )}
            </p>
          )}
          {may('plan') && (
            <FromPaper
              parts={from.from_paper}
              onPut={(line) => said.setText([said.text.trim(), line].filter(Boolean).join('; '))}
            />
          )}
          <div className="flex flex-wrap gap-2">
            {may('plan') && (
              <Button
                kind="main"
                disabled={same(said.answer) || !said.ready || save.isPending}
                onClick={() => save.mutate(said)}
              >
                {save.isPending ? 'Keeping …' : 'Keep this plan'}
              </Button>
            )}
            {!same(said.answer) && <Button onClick={() => said.setText(from.line)}>As it was</Button>}
            <Button kind="quiet" onClick={onClose}>
              Close the line
            </Button>
          </div>
        </>
      )}
    </LineField>
  )
}
