// Closes a link that an owner was given; the same wherever one is shown.
import { Link2Off } from 'lucide-react'
import { Button } from './Button'

export function TakeLinkBack({ onClick, large = false }: { onClick: () => void; large?: boolean }) {
  return (
    <Button kind={large ? undefined : 'quiet'} className={large ? 'min-h-12' : 'text-sm'} onClick={onClick}>
      <Link2Off aria-hidden className="size-5" /> Close the owner&rsquo;s link
    </Button>
  )
}
