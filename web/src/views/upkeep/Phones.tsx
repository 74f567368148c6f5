// Phones and tablets of the salon's own network: where they reach the salon, and how they come to trust it.
import { create } from 'qrcode'
import { useMemo } from 'react'

/** address: https, empty where it was started for this machine alone. print: of the salon's own root. */
export function Phones({ address, print }: { address: string; print: string }) {
  if (address === '')
    return (
      <section aria-labelledby="phones" className="panel space-y-2 p-4">
        <h2 id="phones" className="text-xl">
          Phones and tablets
        </h2>
        <p>
          Keen Thistle was started for this machine alone. To reach it from the salon&rsquo;s network, start
          it with <code>bin/start --lan NAME</code>: the name, or the number, that this machine has there.
          Cameras, a screen that stays on and days without a signal need it so.
        </p>
      </section>
    )
  const first = address.replace(/^https:/, 'http:')
  return (
    <section aria-labelledby="phones" className="panel grid gap-4 p-4 sm:grid-cols-[auto_1fr]">
      <Code text={first} />
      <div className="space-y-2">
        <h2 id="phones" className="text-xl">
          Phones and tablets
        </h2>
        <ol className="list-decimal space-y-1 pl-5">
          <li>On the salon&rsquo;s network, point the camera at the square, or open {first}.</li>
          <li>Fetch the salon&rsquo;s root there and install it as the page says.</li>
          <li>
            Compare its print:
            <code className="block break-all text-sm">{print}</code>
          </li>
          <li>
            Then open <b>{address}</b>. A lock and no warning: sign in, add it to the home screen.
          </li>
        </ol>
      </div>
    </section>
  )
}

/** Drawn here, so that the address goes nowhere. */
function Code({ text }: { text: string }) {
  const { path, size } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' })
    let path = ''
    for (let y = 0; y < modules.size; y++)
      for (let x = 0; x < modules.size; x++) if (modules.get(y, x)) path += `M${x} ${y}h1v1h-1z`
    return { path, size: modules.size }
  }, [text])
  return (
    <svg
      role="img"
      aria-label={`Square code of ${text}`}
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      className="size-48 rounded-md bg-white"
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  )
}
