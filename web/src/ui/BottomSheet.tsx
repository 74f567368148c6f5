// A sheet from below, on a phone: what stands over it stays in sight and can be touched.
import { X } from 'lucide-react'
import { useEffect, useRef, type ReactNode } from 'react'

export function BottomSheet({
  label,
  onClose,
  children,
}: {
  label: string
  onClose: () => void
  children: ReactNode
}) {
  const box = useRef<HTMLElement>(null)
  const close = useRef(onClose)
  useEffect(() => {
    close.current = onClose
  })
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      // A dialog over the sheet closes first.
      if (e.key === 'Escape' && !document.querySelector('[role=dialog]')) close.current()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
  return (
    <section
      ref={box}
      aria-label={label}
      className="arrive fixed inset-x-0 bottom-0 z-30 max-h-[56dvh] overflow-y-auto overscroll-contain
        rounded-t-2xl border border-line bg-sheet shadow-2xl"
    >
      <button
        type="button"
        aria-label="Close"
        onClick={onClose}
        className="absolute right-1 top-1 z-10 grid size-11 place-items-center rounded-md hover:bg-well"
      >
        <X aria-hidden className="size-5" />
      </button>
      {children}
    </section>
  )
}
