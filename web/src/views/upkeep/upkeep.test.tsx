// What a manager is told of the house: troubles in words, a clock that is wrong, what is new once.
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import { HouseStrip } from '../../app/HouseStrip'
import { page, server, signedIn } from '../../testing'
import { Upkeep } from './Upkeep'

const WELL = {
  now: new Date().toISOString(),
  warnings: [] as string[],
  worker_seen: new Date().toISOString(),
  copied_at: '2026-11-28T02:00:00Z',
  copy_size: 12_500_000,
  disk_free: 40e9,
  disk_size: 100e9,
  news: ['A page for the house.'],
  news_id: 'n1',
}

beforeEach(() => localStorage.clear())

describe('care of the house', () => {
  it('says that all is well, with the last copy and the room that is left', async () => {
    server({ 'GET /api/upkeep': WELL })
    page(signedIn(<Upkeep />))
    expect(await screen.findByText('All is well.')).toBeTruthy()
    expect(screen.getByText(/12.5 MB/)).toBeTruthy()
    expect(screen.getByText('40 GB of 100 GB')).toBeTruthy()
  })
  it('names what is wrong, and a clock that is', async () => {
    server({
      'GET /api/upkeep': { ...WELL, now: '2020-01-01T00:00:00Z', warnings: ['The disk is nearly full.'] },
    })
    page(signedIn(<Upkeep />))
    expect(await screen.findByText('The disk is nearly full.')).toBeTruthy()
    expect(screen.getByText(/clocks \d+ minutes apart/)).toBeTruthy()
  })
  it('tells what is new once, and what is wrong always', async () => {
    server({ 'GET /api/upkeep': WELL })
    const { unmount } = page(signedIn(<HouseStrip demo={false} />))
    await userEvent.click(await screen.findByRole('button', { name: 'Not now' }))
    expect(screen.queryByRole('status')).toBeNull()
    unmount()
    server({ 'GET /api/upkeep': { ...WELL, warnings: ['The worker has not run yet.'] } })
    page(signedIn(<HouseStrip demo />))
    expect(await screen.findByText(/worker has not run/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Not now' })).toBeNull()
  })
})
