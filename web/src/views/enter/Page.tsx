// The page around what a one-time link opens, and how long it does.
import type { ReactNode } from 'react'
import type { Schemas } from '../../app/client'
import { day } from '../../ui/words'

export function Page({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="mx-auto w-full max-w-xl p-4 sm:py-10">
      <img src="/thistle.svg" alt="" className="mb-3 size-14" />
      <div className="panel space-y-4 p-5 sm:p-6">
        <h1 className="text-3xl">{title}</h1>
        {children}
      </div>
    </main>
  )
}

export function Until({ opened }: { opened: Schemas['EnterView'] }) {
  return <p className="text-sm text-ink-2">This link can be used once, until {day(opened.until)}.</p>
}
