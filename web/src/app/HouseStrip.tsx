// Said to the manager on every page: what the house needs, and once, that there is something new.
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation } from 'react-router'
import { Button } from '../ui/Button'
import type { Schemas } from './client'
import { queries } from './queries'

const KEY = 'thistle.news'

/** demo: nobody works with it, and nobody is told what it has learned. */
export function HouseStrip({ demo }: { demo: boolean }) {
  const { pathname } = useLocation()
  const { data } = useQuery({ ...queries.upkeep(), staleTime: 300_000 })
  return <Strip key={pathname} demo={demo} latest={data} />
}

/** What comes once a page is drawn waits for the next one: it would push the page away under a finger. */
function Strip({ demo, latest }: { demo: boolean; latest: Schemas['UpkeepView'] | undefined }) {
  const [data] = useState(latest)
  const [read, setRead] = useState(() => localStorage.getItem(KEY))
  if (!data) return null
  const [first] = data.warnings
  const isNew = !demo && read !== data.news_id && data.news.length > 0
  if (!first && !isNew) return null
  const done = () => {
    localStorage.setItem(KEY, data.news_id)
    setRead(data.news_id)
  }
  return (
    <div
      role="status"
      className={`no-print flex flex-wrap items-center gap-x-4 gap-y-1 px-5 py-1.5 text-sm font-bold
        short:hidden ${first ? 'bg-bracken-soft text-bracken' : 'bg-slate-soft text-slate'}`}
    >
      <p className="min-w-0 flex-1 basis-72">
        {first ?? 'Keen Thistle has learned something.'}{' '}
        <Link to="/upkeep" className="inline-block min-h-6 underline underline-offset-2" onClick={done}>
          {first ? 'Care of the house' : 'What is new'}
        </Link>
      </p>
      {!first && (
        <Button kind="quiet" className="min-h-9" onClick={done}>
          Not now
        </Button>
      )}
    </div>
  )
}
