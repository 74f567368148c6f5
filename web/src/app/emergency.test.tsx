// In an emergency: the dog of the page, whom to call, first steps, without a network too.
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { json, server } from '../testing'
import { Emergency } from './Emergency'

const DOG = {
  id: 'd1',
  name: 'Tansy',
  breed: 'curly cross',
  kg: 11,
  people: [
    { name: 'Aveline Marchpane', phone: '0555 014 0101' },
    { name: 'Ned Marchpane', phone: '0555 014 0102' },
  ],
  vet: 'Reedmace practice, 0555 019 9000',
  cautions: [{ code: 'heart', message: 'Heart: short sessions.', level: 'danger' }],
  groom: 'g1',
  here: true,
}
const AID = (id: string, label: string) => ({
  id,
  label,
  now: [`${label}: stop.`],
  vet: 'A vet now.',
  acts: [],
  again: 1,
})
const WORDS = { incidents: [AID('nick', 'Nick'), AID('collapse', 'Collapse or seizure')] }

function open(path: string, answers: Record<string, unknown>) {
  const asked = server({ 'GET /api/words': WORDS, ...answers })
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[path]}>
        <Emergency />
      </MemoryRouter>
    </QueryClientProvider>,
  )
  return { asked, client }
}

beforeEach(() => localStorage.clear())

describe('in an emergency', () => {
  it('opens on the dog of the page, with whom to call and what to do', async () => {
    open('/dogs/d1', { 'GET /api/emergency': { dogs: [DOG] } })
    await userEvent.click(screen.getByRole('button', { name: 'Emergency' }))
    const sheet = within(await screen.findByRole('dialog', { name: 'Emergency: Tansy' }))
    expect(sheet.getByText('11 kg')).toBeTruthy()
    expect(sheet.getByRole('link', { name: '0555 019 9000' }).getAttribute('href')).toBe('tel:05550199000')
    expect(sheet.getByText('Reedmace practice')).toBeTruthy()
    expect(sheet.getByText('Second contact')).toBeTruthy()
    expect(sheet.getByText('Heart: short sessions.')).toBeTruthy()
    expect(sheet.getByText('Collapse or seizure: stop.')).toBeTruthy()
    await userEvent.click(sheet.getByRole('radio', { name: 'Nick' }))
    expect(sheet.getByText('Nick: stop.')).toBeTruthy()
    expect(sheet.getByRole('link', { name: /note what happened/ }).getAttribute('href')).toBe('/grooms/g1')
  })
  it('asks which dog where no page says so, and opens by key', async () => {
    open('/kit', { 'GET /api/emergency': { dogs: [DOG, { ...DOG, id: 'd2', name: 'Wick', groom: null }] } })
    await userEvent.keyboard('!')
    const sheet = within(await screen.findByRole('dialog', { name: 'Emergency' }))
    await userEvent.selectOptions(await sheet.findByLabelText('Which dog'), 'Wick')
    expect(sheet.getByText(/Wick is at no table/)).toBeTruthy()
  })
  it('says what it had when there is no network any more', async () => {
    let away = false
    const { client } = open('/dogs/d1', {
      'GET /api/emergency': () => {
        if (away) throw new TypeError('no network')
        return json({ dogs: [DOG] })
      },
    })
    await vi.waitFor(() => expect(client.getQueryData(['emergency', 'd1'])).toBeTruthy())
    away = true
    await client.invalidateQueries({ queryKey: ['emergency'] })
    await userEvent.click(screen.getByRole('button', { name: 'Emergency' }))
    expect(await screen.findByRole('link', { name: '0555 014 0101' })).toBeTruthy()
  })
})
