// Short messages with an optional way back: undo instead of "are you sure".
import { createContext, useCallback, useContext, useRef, useState, type ReactNode } from 'react'
import { Button } from './Button'

interface Toast {
  id: number
  text: string
  bad?: boolean
  action?: { label: string; run: () => void }
}
const Context = createContext<(toast: Omit<Toast, 'id'>) => void>(() => {})

export function useToast() {
  return useContext(Context)
}

export function Toasts({ children }: { children: ReactNode }) {
  const [toasts, setToasts] = useState<Toast[]>([])
  const next = useRef(1)
  const drop = useCallback((id: number) => setToasts((all) => all.filter((t) => t.id !== id)), [])
  const show = useCallback(
    (toast: Omit<Toast, 'id'>) => {
      const id = next.current++
      setToasts((all) => [...all.slice(-2), { ...toast, id }])
      setTimeout(() => drop(id), 9000)
    },
    [drop],
  )
  return (
    <Context.Provider value={show}>
      {children}
      <div
        aria-live="polite"
        className={`no-print pointer-events-none fixed left-3 top-[calc(var(--top)+0.4rem)] z-50 flex
          max-w-[min(30rem,calc(100vw-1.5rem))] flex-col items-start gap-2 short:left-[4.25rem]`}
      >
        {toasts.map((t) => (
          <div
            key={t.id}
            className={`arrive pointer-events-auto flex items-center gap-3 rounded-lg px-4 py-2 shadow-lg
              ${t.bad ? 'bg-haw-soft text-haw' : 'bg-ink text-paper'}`}
          >
            <span>{t.text}</span>
            {t.action && (
              <Button
                className="min-h-10 bg-paper text-ink"
                onClick={() => {
                  t.action?.run()
                  drop(t.id)
                }}
              >
                {t.action.label}
              </Button>
            )}
          </div>
        ))}
      </div>
    </Context.Provider>
  )
}
