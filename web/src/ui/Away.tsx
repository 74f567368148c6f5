// Says that the salon cannot be reached, over the page and not in it: nothing moves under a finger that is
// about to tap.
export function Away({ children }: { children: string }) {
  return (
    <p
      role="status"
      className={`no-print pointer-events-none fixed left-1/2 top-[3.4rem] z-40 w-max max-w-[calc(100vw-1rem)]
        -translate-x-1/2 rounded-full border border-bracken bg-bracken-soft px-4 py-1 text-center
        text-sm font-bold text-bracken shadow-lg`}
    >
      {children}
    </p>
  )
}
