// A day is typed or chosen from a month, and shown as every other day is.
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it } from 'vitest'
import { DateField } from './DateField'

function Day({ first = '2026-11-28' }: { first?: string }) {
  const [day, setDay] = useState(first)
  return (
    <>
      <DateField label="Day" value={day} onDay={setDay} min="2026-11-10" max="2026-12-24" />
      <output>{day}</output>
    </>
  )
}
const kept = () => screen.getByRole('status').textContent

describe('a day', () => {
  it('is typed, and reads as every other day once it is left', async () => {
    render(<Day />)
    const field = screen.getByLabelText('Day')
    expect(field).toHaveProperty('value', 'Sat 28 Nov 2026')
    await userEvent.clear(field)
    expect(kept()).toBe('')
    await userEvent.type(field, '1.12.2026')
    expect(kept()).toBe('2026-12-01')
    expect(field).toHaveProperty('value', '1.12.2026')
    await userEvent.tab()
    expect(field).toHaveProperty('value', 'Tue 1 Dec 2026')
  })

  it('says what is none, and keeps what was typed', async () => {
    render(<Day />)
    const field = screen.getByLabelText('Day')
    await userEvent.clear(field)
    await userEvent.type(field, '31.11.2026')
    await userEvent.tab()
    expect(screen.getByText('Day is not a day: like 28 Nov 2026 or 28.11.2026')).toBeTruthy()
    expect(field).toHaveProperty('value', '31.11.2026')
    expect(kept()).toBe('31.11.2026')
  })

  it('is chosen from a month, within what may be', async () => {
    render(<Day />)
    await userEvent.click(screen.getByRole('button', { name: 'Day: choose from a month' }))
    const month = await screen.findByRole('grid', { name: 'November 2026' })
    const button = (n: string) =>
      [...month.querySelectorAll('button')].find((b) => b.textContent === n && !b.closest('.rdp-outside'))
    expect(button('9')?.disabled).toBe(true)
    expect(month.querySelector('[aria-selected=true]')?.textContent).toBe('28')
    await userEvent.click(button('12') as HTMLElement)
    expect(kept()).toBe('2026-11-12')
    expect(screen.queryByRole('grid')).toBeNull()
    expect(screen.getByLabelText('Day')).toHaveProperty('value', 'Thu 12 Nov 2026')
  })
})
