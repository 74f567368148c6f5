// A school on an example dog: what differs is said, for everybody who may look.
import { screen, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { page, problem, server } from '../../testing'
import { Example } from './Example'

const line = (title: string, differs = false) => ({
  title,
  tool: null,
  minutes: differs ? 8 : null,
  notes: differs ? ['Dust mask.', 'done when smooth'] : [],
  differs,
})
const SIDES = [
  { id: 'clip', what: 'clip only', why: '' },
  { id: 'grind', what: 'grind only', why: '' },
]

describe('a school on an example dog', () => {
  it('sets the sides side by side, with what differs and how', async () => {
    const asked = server({
      'POST /api/house/example/answer': {
        dog: 'a curly cross',
        sides: [
          { side: 'clip', lines: [line('check'), line('nails', true)], begins: 'A', breaks: null },
          { side: 'grind', lines: [], begins: 'A', breaks: 'nails before pads is a must' },
        ],
      },
    })
    page(<Example point="nails" schools={{ nails: 'clip' }} sides={SIDES} />)
    const clip = within(await screen.findByRole('region', { name: 'clip only' }))
    expect(clip.getAllByRole('listitem').map((i) => i.textContent)).toEqual([
      'check',
      'nails8 min · Dust mask. · done when smooth',
    ])
    expect(screen.getByText('nails before pads is a must')).toBeTruthy()
    expect(screen.queryByText('A')).toBeNull()
    expect(asked[0]?.body).toEqual({ point: 'nails', schools: { nails: 'clip' } })
  })
  it('says why it cannot be shown', async () => {
    server({ 'POST /api/house/example/answer': () => problem(422, 'point is not known.') })
    page(<Example point="x" schools={{}} sides={SIDES} />)
    expect(await screen.findByText('point is not known.')).toBeTruthy()
  })
})
