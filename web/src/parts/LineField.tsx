// A recipe on one line: typed or pasted, read while it is typed, completed from closed lists; faults point
// at their word, what was heard waits for a nod.
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useId, useRef, useState, type ReactNode } from 'react'
import { api, take, type Schemas } from '../app/client'
import { Button } from '../ui/Button'

export type LineData = Schemas['LineView']

export interface Said {
  text: string
  answer: LineData
  /** nothing is wrong, nothing waits for a nod, and it has been read to its end */
  ready: boolean
  confirmed: boolean
  setText: (text: string) => void
}

interface Props {
  dogId: string
  label: string
  from: LineData
  start: string
  readOnly?: boolean
  rows?: number
  /** what the line would make of the zones; null: as they are */
  onShown: (zones: LineData['zones'] | null, gone: string[]) => void
  onEnter: (said: Said) => void
  onClose: () => void
  /** said of a line that is well */
  summary: (answer: LineData) => ReactNode
  children: (said: Said) => ReactNode
}

export function LineField({
  dogId,
  label,
  from,
  start,
  readOnly = false,
  rows = 9,
  onShown,
  onEnter,
  onClose,
  summary,
  children,
}: Props) {
  const id = useId()
  const field = useRef<HTMLTextAreaElement>(null)
  const [text, setText] = useState(start)
  const [caret, setCaret] = useState(start.length)
  const [confirmed, setConfirmed] = useState(false)
  const read = useQuery({
    queryKey: ['line-answer', dogId, text],
    queryFn: () =>
      take(
        api.POST('/api/dogs/{id}/line/answer', {
          params: { path: { id: dogId } },
          body: { line: text },
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const answer = read.data ?? from
  useEffect(() => {
    if (read.data) onShown(read.data.zones, read.data.gone)
  }, [read.data, onShown])
  useEffect(() => () => onShown(null, []), [onShown])
  const words = suggestions(text.slice(0, caret), from.words)
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
    put(
      [...text.slice(0, caret - typed.length)].length,
      [...typed].length,
      word + (word.length > 1 ? ' ' : ''),
    )
  }
  const open = answer.spoken.length > 0 && !confirmed
  const said: Said = {
    text,
    answer,
    ready: !open && answer.faults.length === 0 && !read.isFetching && !read.isError,
    confirmed,
    setText: (next) => {
      setText(next)
      setCaret(next.length)
      setConfirmed(false)
    },
  }
  return (
    <section aria-label="One line" className="min-h-0 space-y-2 overflow-y-auto p-4">
      <label htmlFor={id} className="label">
        {label}
      </label>
      <textarea
        ref={field}
        id={id}
        rows={rows}
        spellCheck={false}
        autoCapitalize="none"
        className="field font-mono text-sm"
        aria-describedby={`${id}-says`}
        aria-invalid={answer.faults.length > 0}
        readOnly={readOnly}
        value={text}
        maxLength={60_000}
        placeholder="back ribs: 16/10; throat: 7F >breastbone_dip"
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
            if (said.ready || !read.isFetching) onEnter(said)
          }
        }}
      />
      {!readOnly && (
        <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="Goes on with">
          {words.map((w) => (
            <button
              key={w}
              type="button"
              className={`min-h-11 rounded-md border border-line bg-well px-2.5 font-mono text-sm
                hover:bg-paper`}
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
            {excerpt(text, f.at - 1)}
            <mark className="rounded bg-haw-soft px-0.5 text-haw underline decoration-wavy">
              {[...text].slice(f.at - 1, f.at - 1 + f.length).join('') || '…'}
            </mark>{' '}
            expected {f.expected}{' '}
            {f.nearest && !readOnly && (
              <button
                type="button"
                className="min-h-8 rounded border border-haw px-2"
                onClick={() => put(f.at - 1, f.length, f.nearest ?? '')}
              >
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
        {read.isError && <p className="font-bold text-haw">{read.error.message}</p>}
        {answer.faults.length === 0 && !open && !read.isError && (
          <p className="text-ink-2">{summary(answer)}</p>
        )}
      </div>
      {children(said)}
    </section>
  )
}

/** What may come next, from the closed lists: by what is typed of the word, and by the sign before it. */
export function suggestions(before: string, words: Record<string, string[]>): string[] {
  const part = before.slice(before.lastIndexOf(';') + 1)
  const typed = /[^\s:;>=@]*$/.exec(part)?.[0] ?? ''
  const sign = /([>@:=])\s*[^\s:;>=@]*$/.exec(part)?.[1]
  const kind = !part.includes(':')
    ? 'zone'
    : sign === '>'
      ? 'stop'
      : sign === '@'
        ? 'reason'
        : sign === ':'
          ? 'tool'
          : sign === '='
            ? ''
            : 'mark'
  const said = new Set(kind === 'zone' ? before.split(/[\s:;]+/).filter((w) => w !== typed) : [])
  return (words[kind] ?? [])
    .filter((w) => w.startsWith(typed) && w !== typed && !said.has(w) && (typed !== '' || !w.includes('.')))
    .slice(0, 8)
}

function excerpt(text: string, at: number): string {
  const before = [...text].slice(Math.max(0, at - 18), at).join('')
  return at > 18 ? `…${before}` : before
}

export function named(what: string, zones: string[], labels: Record<string, string>): string {
  if (zones.length === 0) return ''
  const list = zones.slice(0, 4).map((z) => labels[z] ?? z)
  return `${what}: ${list.join(', ')}${zones.length > 4 ? ` and ${zones.length - 4} more` : ''}`
}
