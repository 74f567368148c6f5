// Closes a link that an owner was given; the same wherever one is shown.
import { Link2Off } from 'lucide-react'
import { Button } from './Button'
import { useToast } from './Toasts'

/** close: asks the salon to; after: looks again, whatever came of it. */
export function TakeLinkBack({
  close,
  after,
  large = false,
}: {
  close: () => Promise<unknown>
  after: () => void
  large?: boolean
}) {
  const toast = useToast()
  const takeBack = async () => {
    try {
      await close()
      toast({ text: 'The link opens nothing any more' })
    } catch (e) {
      toast({ text: e instanceof Error ? e.message : 'That did not work.', bad: true })
    }
    after()
  }
  return (
    <Button
      kind={large ? undefined : 'quiet'}
      className={large ? 'min-h-12' : 'text-sm'}
      onClick={() => void takeBack()}
    >
      <Link2Off aria-hidden className="size-5" /> Close the owner&rsquo;s link
    </Button>
  )
}
