// What stands in place of a view that broke or did not come, and when it loads itself anew.
import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { problem, server, SESSION } from '../testing'
import { Broken, BrokenRoute, ViewMissing } from './Broken'

describe('a view whose script is gone', () => {
  beforeEach(() => sessionStorage.clear())

  it('loads the page anew where the salon answers, once', async () => {
    server({ 'GET /api/session': SESSION })
    const reload = vi.fn()
    const first = render(<Broken error={new ViewMissing()} reload={reload} />)
    await waitFor(() => expect(reload).toHaveBeenCalledOnce())
    await screen.findByText(/There is a newer Keen Thistle/)
    first.unmount()

    render(<Broken error={new ViewMissing()} reload={reload} />)
    await screen.findByText(/There is a newer Keen Thistle. What you entered/)
    expect(reload).toHaveBeenCalledOnce()
    await userEvent.click(screen.getByRole('button', { name: 'Load again' }))
    await waitFor(() => expect(reload).toHaveBeenCalledTimes(2))
  })

  it('waits where nobody answers, or the database rests, and comes with the network', async () => {
    const reload = vi.fn()
    for (const answer of [() => Promise.reject(new TypeError('away')), () => problem(503, 'Resting.')]) {
      const asked = server({ 'GET /api/session': answer })
      const { unmount } = render(<Broken error={new ViewMissing()} reload={reload} />)
      await screen.findByText(/The salon cannot be reached. What you entered is still here/)
      await userEvent.click(screen.getByRole('button', { name: 'Load again' }))
      await waitFor(() => expect(asked).toHaveLength(2))
      await screen.findByText(/The salon cannot be reached/)
      expect(reload).not.toHaveBeenCalled()
      server({ 'GET /api/session': SESSION })
      dispatchEvent(new Event('online'))
      await waitFor(() => expect(reload).toHaveBeenCalledOnce())
      unmount()
      reload.mockClear()
      sessionStorage.clear()
    }
  })
})

describe('a view that breaks', () => {
  it('leaves the frame around it, says so and asks nobody to reload by itself', async () => {
    const asked = server({})
    vi.spyOn(console, 'error').mockImplementation(() => {})
    const Breaks = () => {
      throw new Error('<b>no such zone</b>')
    }
    const router = createMemoryRouter([{ path: '/', errorElement: <BrokenRoute />, element: <Breaks /> }])
    render(<RouterProvider router={router} />)

    expect((await screen.findByRole('alert')).textContent).toContain('What was saved is safe')
    expect(screen.queryByText(/no such zone/)).toBeNull()
    expect(asked).toHaveLength(0)
    server({ 'GET /api/session': () => Promise.reject(new TypeError('away')) })
    await userEvent.click(screen.getByRole('button', { name: 'Load again' }))
    await screen.findByText(/try again when the connection is back/)
    vi.restoreAllMocks()
  })
})
