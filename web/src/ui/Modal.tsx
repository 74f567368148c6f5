// A dialog over the page. Without the library's overlay, whose scroll lock writes styles that our policy
// forbids.
import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

export function Modal({
  open,
  onClose,
  title,
  children,
  wide = false,
}: {
  open: boolean
  onClose: () => void
  title: string
  children: ReactNode
  wide?: boolean
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-black/45" aria-hidden onClick={onClose} />
        <Dialog.Content
          aria-describedby={undefined}
          className={`panel fixed left-1/2 top-1/2 z-50 max-h-[90dvh] w-[calc(100vw-2rem)] -translate-x-1/2
            -translate-y-1/2 overflow-auto p-5 shadow-2xl ${wide ? 'max-w-2xl' : 'max-w-md'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-3">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close
              className="-m-2 grid size-11 place-items-center rounded-md hover:bg-well"
              aria-label="Close"
            >
              <X aria-hidden className="size-5" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
