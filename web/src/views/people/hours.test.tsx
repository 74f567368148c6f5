// The hours of a place: said in a few words, ticked day by day, typed as people type.
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it } from 'vitest'
import { HoursFields, hoursSaid, type Closed, type Hours } from './Hours'

const nine = (day: Hours[number]['day']) => ({ day, from: '09:00', to: '17:30' })

describe('hours', () => {
  it('are said in a few words, days alike together', () => {
    expect(hoursSaid([])).toBe('')
    expect(
      hoursSaid([nine('mon'), nine('tue'), nine('wed'), { day: 'sat', from: '9:00', to: '13:00' }]),
    ).toBe('Mon–Wed 09:00–17:30, Sat 9:00–13:00')
  })
  it('are ticked and typed, and closed days have a first and a last', async () => {
    let now: { hours: Hours; closed: Closed } = { hours: [], closed: [] }
    function View() {
      const [v, setV] = useState(now)
      now = v
      return (
        <HoursFields
          title="Open"
          closedTitle="Closed days"
          hours={v.hours}
          closed={v.closed}
          errors={{ 'hours[0].to': 'must be after 09:30' }}
          closedName="closed"
          onHours={(hours) => setV({ ...v, hours })}
          onClosed={(closed) => setV({ ...v, closed })}
        />
      )
    }
    render(<View />)
    await userEvent.click(screen.getByRole('checkbox', { name: 'Tuesday' }))
    const from = screen.getByLabelText('Tuesday from')
    await userEvent.clear(from)
    await userEvent.type(from, '930')
    await userEvent.tab()
    expect(now.hours).toEqual([{ day: 'tue', from: '09:30', to: '17:30' }])
    expect(screen.getByText('Tuesday must be after 09:30')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Some days' }))
    await userEvent.type(screen.getByLabelText('First day'), '24 Dec 2026')
    await userEvent.tab()
    expect(now.closed[0]).toMatchObject({ from: '2026-12-24', to: '2026-12-24' })
    await userEvent.click(screen.getByRole('checkbox', { name: 'Tuesday' }))
    expect(now.hours).toEqual([])
  })
})
