// An address book and a calendar: looked at first, taken in on a second tap, what is wrong said.
import { fireEvent, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { page, problem, server, signedIn } from '../../testing'
import { FromElsewhere } from './FromElsewhere'

const contact = (name: string, state: string, why = '') => ({ name, phone: '0555', email: '', state, why })
const CONTACTS = [contact('Nell', 'new'), contact('Rafe', 'known'), contact('', 'fault', 'has no name')]

function give(title: string) {
  const input = document.querySelector(`input[data-for="${title}"]`)
  if (!input) throw new Error('no input')
  fireEvent.change(input, { target: { files: [new File(['x'], 'x.vcf')] } })
}

describe('from elsewhere', () => {
  it('shows who is new, known or faulty, and takes in only when told to', async () => {
    const asked = server({
      'POST /api/contacts/answer': { contacts: CONTACTS, made: null },
      'POST /api/contacts': { contacts: CONTACTS, made: 1 },
    })
    page(signedIn(<FromElsewhere />))
    give('People (vCard)')
    expect(await screen.findByText(/has no name/)).toBeTruthy()
    expect(screen.getByText(/in the book already/)).toBeTruthy()
    expect(asked.some((a) => a.path === '/api/contacts')).toBe(false)
    await userEvent.click(screen.getByRole('button', { name: 'Take 1 home in' }))
    expect(await screen.findByText('1 home was taken in.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^Take/ })).toBeNull()
  })
  it('says what is wrong with the file', async () => {
    server({
      'POST /api/appointments/answer': () =>
        problem(422, 'No.', { errors: [{ field: 'file', message: 'is no calendar (iCalendar)' }] }),
    })
    page(signedIn(<FromElsewhere />))
    give('Appointments (iCalendar)')
    expect(await screen.findByText('The file is no calendar (iCalendar)')).toBeTruthy()
  })
})
