// The name by which the salon knows this tab.
import { writeKey } from '../app/client'

/** Names this tab: two of them are two devices, which may disagree. */
export function deviceName(): string {
  const known = sessionStorage.getItem('kt-device')
  if (known) return known
  const name = `device-${writeKey().slice(0, 12)}`
  sessionStorage.setItem('kt-device', name)
  return name
}
