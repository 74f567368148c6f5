// Tabs: one look, one way to be reached, a page each.
import { Tabs as Radix } from 'radix-ui'
import type { ComponentProps } from 'react'

export const Tabs = Radix.Root

/** label: whose tabs these are, for those who hear them. */
export function TabBar({ label, tabs }: { label: string; tabs: { id: string; label: string }[] }) {
  return (
    <Radix.List
      aria-label={label}
      className="no-print flex shrink-0 overflow-x-auto border-b border-line short:text-sm"
    >
      {tabs.map((t) => (
        <Radix.Trigger
          key={t.id}
          value={t.id}
          className={`min-h-12 flex-auto whitespace-nowrap border-b-4 border-transparent px-1.5 font-bold
            text-ink-2 data-[state=active]:border-thistle data-[state=active]:text-thistle`}
        >
          {t.label}
        </Radix.Trigger>
      ))}
    </Radix.List>
  )
}

/** keeps: stays in the page while another tab is open, so that nothing typed is lost. */
export function TabPage({
  keeps,
  ...rest
}: ComponentProps<typeof Radix.Content> & { keeps?: { open: boolean } }) {
  return (
    <Radix.Content
      tabIndex={-1}
      {...(keeps ? { forceMount: true as const, hidden: !keeps.open } : {})}
      {...rest}
    />
  )
}
