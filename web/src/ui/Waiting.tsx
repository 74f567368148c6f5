// Shown while a view is on its way.
export function Waiting({ what = 'Loading' }: { what?: string }) {
  return (
    <p role="status" className="grid min-h-40 place-items-center p-8 text-ink-2">
      {what} …
    </p>
  )
}
