// What a manager is told of the house: troubles in words, a clock that is wrong, what is new once.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Link } from 'react-router'
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
  lan_address: '',
  root_print: '',
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
  it('leads phones to the salon, or says how it is started for them', async () => {
    server({ 'GET /api/upkeep': WELL })
    const { unmount } = page(signedIn(<Upkeep />))
    expect(await screen.findByText('bin/start --lan NAME')).toBeTruthy()
    unmount()
    server({
      'GET /api/upkeep': { ...WELL, lan_address: 'https://salon.home.arpa:8461', root_print: 'AB:CD:EF' },
    })
    page(signedIn(<Upkeep />))
    const code = await screen.findByRole('img', { name: 'Square code of http://salon.home.arpa:8461' })
    expect(code.querySelector('path')?.getAttribute('d')?.length).toBeGreaterThan(1000)
    expect(screen.getByText('AB:CD:EF')).toBeTruthy()
  })
  it('tells what is new once, and what is wrong always, with the next page', async () => {
    server({ 'GET /api/upkeep': WELL })
    const { cache, unmount } = page(signedIn(<Strip demo={false} />))
    await waitFor(() => expect(cache.getQueryData(['upkeep'])).toBeTruthy())
    expect(screen.queryByRole('status')).toBeNull()
    await userEvent.click(screen.getByRole('link', { name: 'to the diary' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Not now' }))
    expect(screen.queryByRole('status')).toBeNull()
    unmount()
    server({ 'GET /api/upkeep': { ...WELL, warnings: ['The worker has not run yet.'] } })
    const again = page(signedIn(<Strip demo />))
    await waitFor(() => expect(again.cache.getQueryData(['upkeep'])).toBeTruthy())
    await userEvent.click(screen.getByRole('link', { name: 'to the diary' }))
    expect(await screen.findByText(/worker has not run/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Not now' })).toBeNull()
  })
})

function Strip({ demo }: { demo: boolean }) {
  return (
    <>
      <Link to="/diary">to the diary</Link>
      <HouseStrip demo={demo} />
    </>
  )
}
