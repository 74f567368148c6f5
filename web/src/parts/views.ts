// The views of a drawn dog that every stage offers, by name.
import type { View } from '../dog/close/views'

export const VIEWS: { id: 'side' | View; label: string }[] = [
  { id: 'side', label: 'Side' },
  { id: 'head', label: 'Head' },
  { id: 'below', label: 'Below' },
  { id: 'feet', label: 'Feet' },
  { id: 'rear', label: 'Rear' },
]
