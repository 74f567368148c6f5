// A value that follows once nobody has changed it for a moment.
import { useEffect, useState } from 'react'

export function useDebounced<T>(value: T, ms: number): T {
  const [late, setLate] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setLate(value), ms)
    return () => clearTimeout(timer)
  }, [value, ms])
  return late
}
