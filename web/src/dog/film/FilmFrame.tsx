// The frame of a week over the drawing it stands for, while a finger moves.
import { useLayoutEffect, useRef } from 'react'

interface Props {
  picture: ImageBitmap
  week: number
}

export function FilmFrame({ picture, week }: Props) {
  const box = useRef<HTMLCanvasElement>(null)
  useLayoutEffect(() => {
    const ctx = box.current?.getContext('2d')
    ctx?.clearRect(0, 0, picture.width, picture.height)
    ctx?.drawImage(picture, 0, 0)
  }, [picture])
  return (
    <canvas
      ref={box}
      aria-hidden
      data-film={week}
      width={picture.width}
      height={picture.height}
      className="pointer-events-none absolute inset-0 size-full object-contain"
    />
  )
}
