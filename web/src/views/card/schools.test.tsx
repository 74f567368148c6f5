// A card that differs from the house: chosen point by point, refused with the must it would break, only
// read by those who may not.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { json, page, problem, server, SESSION, signedIn, type Asked } from '../../testing'
import { Order } from './Order'

const points = (own: string | null) => ({
  points: [
    {
      point: 'close_work',
      label: 'Close work',
      house: 'before_bath',
      own,
      sides: [
        { id: 'before_bath', what: 'before the bath', why: 'less dirt carried' },
        { id: 'after_dry', what: 'after drying', why: 'a cleaner line' },
      ],
    },
  ],
})
const step = {
  step: 'body',
  title: 'body',
  tool: '7F blade',
  zones: ['back'],
  minutes: 12.4,
  cautions: ['Mind the flank.'],
  done_when: 'no line is seen',
}
const order = { steps: [step], tool_changes: 0, moved: [{ step: 'bath', why: 'dirty today: washed first' }] }

function open(put: (a: Asked) => Response) {
  const asked = server({
    'GET /api/dogs/d1/order': order,
    'GET /api/dogs/d1/schools': points(null),
    'PUT /api/dogs/d1/schools': put,
  })
  const opened = page(
    signedIn(<Order dogId="d1" revision={3} labels={{ back: { label: 'back' } }} onZone={() => {}} />),
  )
  return { asked, ...opened }
}

describe('the order of work', () => {
  it('says step, tool, minutes, caution, when it is done, and what is not as usual', async () => {
    open(() => json(points(null)))
    expect(await screen.findByText('Mind the flank.')).toBeTruthy()
    expect(screen.getByText('12 min')).toBeTruthy()
    expect(screen.getByText('Done when no line is seen.')).toBeTruthy()
    expect(screen.getByText('dirty today: washed first')).toBeTruthy()
  })
  it('lets this dog differ on a point, and asks for the order anew', async () => {
    const { asked } = open(() => json(points('after_dry')))
    await userEvent.selectOptions(await screen.findByLabelText('Close work'), 'after_dry')
    expect(await screen.findByText('Differs from our usual way: close work')).toBeTruthy()
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ point: 'close_work', side: 'after_dry' })
    await waitFor(() => expect(asked.filter((a) => a.path.endsWith('/order')).length).toBeGreaterThan(1))
    await userEvent.selectOptions(screen.getByLabelText('Close work'), '')
    await waitFor(() =>
      expect(asked.filter((a) => a.method === 'PUT')[1]?.body).toEqual({ point: 'close_work', side: null }),
    )
  })
  it('names the must that a point would break', async () => {
    open(() =>
      problem(422, 'x', { errors: [{ field: 'schools.close_work', message: 'contradicts the must' }] }),
    )
    await userEvent.selectOptions(await screen.findByLabelText('Close work'), 'after_dry')
    expect(await screen.findByText('Close work cannot be: contradicts the must')).toBeTruthy()
    expect(screen.getByText('Our way of doing it: as in the whole house')).toBeTruthy()
  })
  it('is only read by those who may not plan', async () => {
    const { cache } = open(() => json(points(null)))
    cache.setQueryData(['session'], { ...SESSION, may: ['read'] })
    await waitFor(() => expect(screen.getByLabelText('Close work')).toHaveProperty('disabled', true))
  })
})
