// Closes a link that an owner was given; the same wherever one is shown.
import { Link2Off } from 'lucide-react'
import { useWrite, type Write } from '../app/useWrite'
import { Button } from '../ui/Button'
import { useToast } from '../ui/Toasts'

/** close: asks the salon to; after: looks again, whatever came of it. */
export function TakeLinkBack({
  close,
  after,
  large = false,
}: {
  close: (write: Write) => Promise<unknown>
  after: () => void
  large?: boolean
}) {
  const toast = useToast()
  const back = useWrite({
    send: (_: void, write) => close(write),
    onSuccess: () => toast({ text: 'The link opens nothing any more' }),
    onError: (e) => toast({ text: e.message, bad: true }),
    onSettled: after,
  })
  return (
    <Button
      kind={large ? undefined : 'quiet'}
      className={large ? 'min-h-12' : 'text-sm'}
      disabled={back.isPending}
      onClick={() => back.mutate()}
    >
      <Link2Off aria-hidden className="size-5" /> Close the owner&rsquo;s link
    </Button>
  )
}
