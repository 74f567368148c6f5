// The whole plan on one line: typed or pasted, read while it is typed, the drawn dog follows; faults point at their word.
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useId, useRef, useState } from 'react'
import { api, ApiError, take, writeKey, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/Toasts'

type LineData = Schemas['LineView']

interface Props {
  dogId: string
  labels: Record<string, string>
  /** what the line would make of the zones; null: as the card has them */
  onShown: (zones: LineData['zones'] | null, gone: string[]) => void
  onClose: () => void
}

export function Line(props: Props) {
  const line = useQuery({ ...queries.line(props.dogId), staleTime: 0 })
  if (!line.data) return <p className="px-5 py-2 text-ink-2">{line.error ? line.error.message : 'Writing the plan on one line …'}</p>
  return <Editor key={props.dogId} {...props} saved={line.data} />
}

function Editor({ dogId, labels, onShown, onClose, saved }: Props & { saved: LineData }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const id = useId()
  const field = useRef<HTMLTextAreaElement>(null)
  const [text, setText] = useState(saved.line)
  const [from, setFrom] = useState(saved)
  const [caret, setCaret] = useState(saved.line.length)
  const [confirmed, setConfirmed] = useState(false)
  const read = useQuery({
    queryKey: ['line-answer', dogId, text],
    queryFn: () => take(api.POST('/api/dogs/{id}/line/answer', { params: { path: { id: dogId } }, body: { line: text } as never })),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const answer = read.data ?? from
  useEffect(() => {
    if (read.data) onShown(read.data.zones, read.data.gone)
  }, [read.data, onShown])
  useEffect(() => () => onShown(null, []), [onShown])
  const save = useMutation({
    mutationFn: () =>
      take(
        api.PUT('/api/dogs/{id}/line', {
          params: { path: { id: dogId }, header: { 'If-Match': `"${from.revision}"`, 'Idempotency-Key': writeKey() } },
          body: { line: text, confirmed } as never,
        }),
      ),
    onSuccess: (next) => {
      setFrom(next)
      setText(next.line)
      cache.setQueryData(queries.line(dogId).queryKey, next)
      void cache.invalidateQueries({ queryKey: ['card', dogId] })
      toast({ text: 'The plan is what the line says' })
    },
  })
  const stale = save.error instanceof ApiError && save.error.status === 412
  const words = suggestions(text.slice(0, caret), from.words as Record<string, string[]>)
  const put = (at: number, length: number, word: string) => {
    const before = [...text].slice(0, at).join('')
    const next = before + word + [...text].slice(at + length).join('')
    setText(next)
    setCaret(before.length + word.length)
    requestAnimationFrame(() => {
      field.current?.focus()
      field.current?.setSelectionRange(before.length + word.length, before.length + word.length)
    })
  }
  const complete = (word: string) => {
    const typed = /[^\s:;>=@]*$/.exec(text.slice(0, caret))?.[0] ?? ''
    put([...text.slice(0, caret - typed.length)].length, [...typed].length, word + (word.length > 1 ? ' ' : ''))
  }
  const open = answer.spoken.length > 0 && !confirmed
  const same = answer.changed.length + answer.gone.length === 0
  return (
    <section aria-label="One line" className="min-h-0 space-y-2 overflow-y-auto p-4">
      <label htmlFor={id} className="label">
        The plan on one line
      </label>
      <textarea
        ref={field}
        id={id}
        rows={9}
        spellCheck={false}
        autoCapitalize="none"
        className="field font-mono text-sm"
        aria-describedby={`${id}-says`}
        aria-invalid={answer.faults.length > 0}
        readOnly={!may('plan')}
        value={text}
        maxLength={10_000}
        onChange={(e) => {
          setText(e.target.value.replace(/[\r\n]+/g, ' '))
          setCaret(e.target.selectionStart)
          setConfirmed(false)
        }}
        onSelect={(e) => setCaret(e.currentTarget.selectionStart)}
        onKeyDown={(e) => {
          if (e.key === 'Escape') onClose()
          if (e.key === 'Enter') {
            e.preventDefault()
            if (!same && !open && answer.faults.length === 0) save.mutate()
          }
        }}
      />
      {may('plan') && (
        <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="Goes on with">
          {words.map((w) => (
            <button
              key={w}
              type="button"
              className="min-h-11 rounded-md border border-line bg-well px-2.5 font-mono text-sm hover:bg-paper"
              onClick={() => complete(w)}
            >
              {w}
            </button>
          ))}
        </div>
      )}
      <div id={`${id}-says`} role="status" className="space-y-1 text-sm">
        {answer.faults.map((f) => (
          <p key={`${f.at}-${f.expected}`} className="font-bold text-haw">
            {excerpt(text, f.at)}
            <mark className="rounded bg-haw-soft px-0.5 text-haw underline decoration-wavy">{[...text].slice(f.at, f.at + f.length).join('') || '…'}</mark>{' '}
            expected {f.expected}{' '}
            {f.nearest && may('plan') && (
              <button type="button" className="min-h-8 rounded border border-haw px-2" onClick={() => put(f.at, f.length, f.nearest ?? '')}>
                {f.nearest}
              </button>
            )}
          </p>
        ))}
        {open && (
          <p className="flex flex-wrap items-center gap-2 font-bold text-bracken">
            Heard: {answer.spoken.map((s) => `“${s.said}” is ${s.means}`).join(', ')}
            <Button className="min-h-11" onClick={() => setConfirmed(true)}>
              Yes, that is it
            </Button>
          </p>
        )}
        {answer.faults.length === 0 && !open && (
          <p className="text-ink-2">
            {same
              ? 'This is the plan as it is.'
              : [list('otherwise', answer.changed, labels), list('taken out', answer.gone, labels)].filter(Boolean).join(' · ')}
          </p>
        )}
      </div>
      {save.error && (
        <p role="alert" className="font-bold text-haw">
          {save.error.message}{' '}
          {stale && (
            <Button
              className="min-h-11"
              onClick={() => {
                save.reset()
                void take(api.GET('/api/dogs/{id}/line', { params: { path: { id: dogId } } })).then(setFrom)
              }}
            >
              Mine stands: read it against theirs
            </Button>
          )}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        {may('plan') && (
          <Button kind="main" disabled={same || open || answer.faults.length > 0 || read.isFetching || save.isPending} onClick={() => save.mutate()}>
            {save.isPending ? 'Keeping …' : 'Keep this plan'}
          </Button>
        )}
        {!same && <Button onClick={() => setText(from.line)}>As it was</Button>}
        <Button kind="quiet" onClick={onClose}>
          Close the line
        </Button>
      </div>
    </section>
  )
}

/** What may come next, from the closed lists: by what is typed of the word, and by the sign before it. */
export function suggestions(before: string, words: Record<string, string[]>): string[] {
  const part = before.slice(before.lastIndexOf(';') + 1)
  const typed = /[^\s:;>=@]*$/.exec(part)?.[0] ?? ''
  const sign = /([>@:=])\s*[^\s:;>=@]*$/.exec(part)?.[1]
  const kind = !part.includes(':') ? 'zone' : sign === '>' ? 'stop' : sign === '@' ? 'reason' : sign === ':' ? 'tool' : sign === '=' ? '' : 'mark'
  const said = new Set(kind === 'zone' ? before.split(/[\s:;]+/).filter((w) => w !== typed) : [])
  return (words[kind] ?? []).filter((w) => w.startsWith(typed) && w !== typed && !said.has(w) && (typed !== '' || !w.includes('.'))).slice(0, 8)
}

function excerpt(text: string, at: number): string {
  const before = [...text].slice(Math.max(0, at - 18), at).join('')
  return at > 18 ? `…${before}` : before
}

function list(what: string, zones: string[], labels: Record<string, string>): string {
  if (zones.length === 0) return ''
  const named = zones.slice(0, 4).map((z) => labels[z] ?? z)
  return `${what}: ${named.join(', ')}${zones.length > 4 ? ` and ${zones.length - 4} more` : ''}`
}
