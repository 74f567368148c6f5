// What was with a home: visits of its dogs, what was agreed, what went to its people.
import { Link } from 'react-router'
import type { Schemas } from '../../app/client'
import { clock, day } from '../../ui/words'

type HomeData = Schemas['HomeView']

export function Past({ home }: { home: HomeData }) {
  return (
    <div className="grid gap-4 md:grid-cols-2">
      <Events title="Visits" events={home.visits} />
      <Events title="Agreed" events={home.agreements} />
      <Messages messages={home.messages} />
      <Said consents={home.consents} />
    </div>
  )
}

function Events({ title, events }: { title: string; events: HomeData['visits'] }) {
  if (events.length === 0) return null
  return (
    <section aria-label={title}>
      <h2 className="mb-2 text-xl">{title}</h2>
      <ul className="panel divide-y divide-line">
        {events.map((e, i) => (
          <li key={i} className="flex flex-wrap gap-x-3 px-4 py-2">
            <b>{day(e.on)}</b>
            <Link to={`/dogs/${e.dog_id}?tab=visits`} className="min-h-6 text-thistle underline">
              {e.dog}
            </Link>
            <span className="text-ink-2">{e.what}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Messages({ messages }: { messages: HomeData['messages'] }) {
  if (messages.length === 0) return null
  return (
    <section aria-label="What went to them">
      <h2 className="mb-2 text-xl">What went to them</h2>
      <ul className="panel divide-y divide-line">
        {messages.map((m) => (
          <li key={m.at + m.text} className="px-4 py-3">
            <p>{m.text || 'Its text is not kept any more.'}</p>
            <p className="text-sm text-ink-2">
              {m.dog} · {day(m.at)}, {clock(m.at)} · {m.state === 'stopped' ? 'not sent' : m.state}
            </p>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Said({ consents }: { consents: HomeData['consents'] }) {
  if (consents.length === 0) return null
  return (
    <section aria-label="What they said yes or no to">
      <h2 className="mb-2 text-xl">What they said yes or no to</h2>
      <ul className="panel divide-y divide-line">
        {consents.map((c) => (
          <li key={c.at + c.of + c.text} className="px-4 py-3">
            <p>{c.text}</p>
            <p className="text-sm text-ink-2">
              {[c.of, `${day(c.at)}, ${clock(c.at)}`, `noted by ${c.by}`].filter(Boolean).join(' · ')}
            </p>
          </li>
        ))}
      </ul>
    </section>
  )
}
