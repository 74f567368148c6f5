// A page to print: shown as it will be, A4, with its button; the frame around it stays on the screen.
import { Printer } from 'lucide-react'
import { useEffect, type ReactNode } from 'react'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'

interface Props {
  /** what the window and a saved file are called */
  title: string
  back: { to: string; label: string }
  /** nothing of it is being fetched or drawn any more */
  ready: boolean
  tools?: ReactNode
  children: ReactNode
}

export function Paper({ title, back, ready, tools, children }: Props) {
  useEffect(() => {
    const before = document.title
    document.title = title
    return () => {
      document.title = before
    }
  }, [title])
  return (
    <div className="mx-auto w-full max-w-[56rem] p-4 print:max-w-none print:p-0">
      <div className="no-print mb-4 flex flex-wrap items-center gap-3">
        <Button kind="main" disabled={!ready} onClick={() => print()}>
          <Printer aria-hidden className="size-5" /> {ready ? 'Print' : 'Drawing …'}
        </Button>
        <LinkButton to={back.to}>{back.label}</LinkButton>
        {tools}
      </div>
      <article className="paper">{children}</article>
    </div>
  )
}
