// In and out: an export is begun, seen on its way and fetched; a calendar's link is made and taken back.
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { page, server, signedIn } from '../../testing'
import { InOut } from './InOut'

const JOB = {
  id: 'j1',
  about: 'Everything of the salon, to take along',
  state: 'open',
  done: 1200,
  total: 23499,
  why: '',
  who: 'Maren Oakhollow',
  at: '2026-11-28T10:00:00Z',
}
const MILL = { kind: 'place', subject: 'p1', name: 'Mill room', path: null as string | null }

describe('in and out', () => {
  it('writes everything and says how far it is; one that is there is fetched', async () => {
    server({
      'GET /api/exports': {
        exports: [{ id: 'e1', at: '2026-11-28T09:00:00Z', bytes: 2_400_000 }],
        job: null,
      },
      'POST /api/exports': { exports: [], job: JOB },
      'GET /api/jobs/j1': JOB,
      'GET /api/calendars': { calendars: [] },
    })
    page(signedIn(<InOut />))
    const link = await screen.findByRole('link', { name: /Fetch it/ })
    expect(link.getAttribute('href')).toBe('/api/exports/e1')
    expect(link.textContent).toContain('2.4 MB')
    await userEvent.click(screen.getByRole('button', { name: 'Write it' }))
    expect(await screen.findByText(/1200 of 23499 done/)).toBeTruthy()
  })

  it('gives a place a calendar link and takes it back', async () => {
    const asked = server({
      'GET /api/exports': { exports: [], job: null },
      'GET /api/calendars': { calendars: [MILL] },
      'PUT /api/calendars/p1': { calendars: [{ ...MILL, path: '/calendar/abc.ics' }] },
      'DELETE /api/calendars/p1': { calendars: [MILL] },
    })
    page(signedIn(<InOut />))
    const calendars = within(await screen.findByRole('region', { name: 'Calendars to subscribe to' }))
    await userEvent.click(await calendars.findByRole('button', { name: /Make a link/ }))
    expect(await calendars.findByText(/calendar\/abc\.ics/)).toBeTruthy()
    await userEvent.click(calendars.getByRole('button', { name: /Take it back/ }))
    expect(await calendars.findByRole('button', { name: /Make a link/ })).toBeTruthy()
    expect(asked.filter((a) => a.method !== 'GET').map((a) => a.method)).toEqual(['PUT', 'DELETE'])
  })
})
