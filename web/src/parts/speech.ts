// The languages and units there are, as they are chosen from.
import type { Speech } from '../ui/units'

export const LANGUAGES: { id: Speech['language']; label: string }[] = [
  { id: 'en', label: 'English (28 Nov)' },
  { id: 'en-US', label: 'English, US (Nov 28)' },
]
export const UNITS: { id: Speech['units']; label: string }[] = [
  { id: 'metric', label: 'kg and mm' },
  { id: 'us', label: 'lb, and inches before mm' },
]
