// A page over everything, without the tools: for whoever the tablet is handed to.
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { Button } from './Button'

export function FullPage({
  open,
  onClose,
  title,
  back,
  children,
}: {
  open: boolean
  onClose: () => void
  title: string
  /** what leads back */
  back: string
  children: ReactNode
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 overflow-auto bg-paper outline-none"
        >
          <div className="mx-auto flex min-h-full max-w-3xl flex-col gap-5 p-5 text-lg sm:p-8">
            <div className="flex flex-wrap items-start justify-between gap-3">
              <Dialog.Title className="text-3xl">{title}</Dialog.Title>
              <Button kind="quiet" className="text-base" onClick={onClose}>
                {back}
              </Button>
            </div>
            {children}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
