// A photo: as the salon has it, or as it is kept on this device where the salon cannot be asked.
import { useEffect, useState } from 'react'
import { keptHere } from '../app/keptHere'

interface Props {
  id: string
  size: 'small' | 'large'
  alt: string
  className: string
}

export function Picture({ id, size, ...rest }: Props) {
  const [here, setHere] = useState<string | null>(null)
  useEffect(
    () => () => {
      if (here) URL.revokeObjectURL(here)
    },
    [here],
  )
  const look = () => {
    if (!here) void keptHere.device?.picture(id).then((file) => file && setHere(URL.createObjectURL(file)))
  }
  return <img src={here ?? `/api/photos/${id}/${size}`} onError={look} {...rest} />
}
