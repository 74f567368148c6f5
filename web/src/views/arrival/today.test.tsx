// Today's list at arrival, and what one look says of the clocks.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { json, lists, page, server, signedIn, type Asked } from '../../testing'
import { Check } from './Check'
import { arrival, NO_CHANGE, OPTION, WORDS } from './testing'
import { Today } from './Today'

beforeEach(() => localStorage.clear())

describe('today', () => {
  const row = (zone: string, change = {}) => ({
    zone,
    tool: null,
    words: '7F blade',
    lay: 'with',
    from: 'mat',
    state: 'planned',
    exception: true,
    carry: 'do_not_repeat',
    next: 'only today',
    fill_back_on: '2027-01-04',
    why: 'tight',
    finished_mm: 3.2,
    refer: null,
    date: null,
    card: '16 mm guard over 10',
    differs: true,
    ...change,
  })
  it('says what is other than on the card, what waits, and what another visit holds', async () => {
    const onZone = vi.fn()
    const onAgree = vi.fn()
    const a = arrival(
      {
        today: {
          ...NO_CHANGE,
          zones: [
            row('chest'),
            row('tail_flag'),
            row('back', { state: 'waits_for_agreement', why: 'waits for the word' }),
            row('loin', { differs: false }),
          ],
          differs: 3,
          waits: true,
          asks_share: 0.09,
          stays_dry: ['chest'],
        },
      },
      {
        options: [
          { ...OPTION, later: [{ on: '2026-12-09', zones: ['chest'], minutes: 65, price_minor: 3900 }] },
        ],
      },
    )
    page(
      signedIn(
        <Today
          arrival={a}
          labels={{ chest: 'chest', tail_flag: 'flag' }}
          onZone={onZone}
          onAgree={onAgree}
        />,
      ),
    )
    expect(await screen.findByText(/1 place waits for a signature: 9 % of the body/)).toBeTruthy()
    const list = within(screen.getByRole('list', { name: 'Other than on the card' }))
    const items = list.getAllByRole('listitem').map((i) => i.textContent)
    expect(items).toHaveLength(2)
    expect(items[0]).toContain('waits for the owner')
    expect(items[1]).toContain('chestflag')
    expect(items[1]).toContain('Only today (about Mon 4 Jan 2027).')
    expect(screen.getByText(/No water and no dryer near: chest/)).toBeTruthy()
    expect(screen.getByText(/1 h 05/)).toBeTruthy()
    await userEvent.click(list.getByRole('button', { name: 'flag' }))
    expect(onZone).toHaveBeenCalledWith('tail_flag')
    await userEvent.click(screen.getByRole('button', { name: 'To the agreement' }))
    expect(onAgree).toHaveBeenCalled()
  })
  it('says so where all is as on the card', async () => {
    page(signedIn(<Today arrival={arrival()} labels={{}} onZone={() => {}} onAgree={() => {}} />))
    expect(await screen.findByText('Everything is done as on the card.')).toBeTruthy()
  })
})

describe('at a look', () => {
  const LOOKED = {
    ...WORDS,
    lists: lists({
      rear_soil: [
        { id: 'none', label: 'none' },
        { id: 'stuck', label: 'stuck' },
      ],
      rear_where: [{ id: 'downward', label: 'down between the thighs' }],
      found: [{ id: 'sore', label: 'sore or wound' }],
    }),
  }
  it('takes pads, eyes, nails and rear with a tap each, and what stops a place', async () => {
    const put = vi.fn((a: Asked) =>
      json(arrival({ check_version: 2, hands_on: a.body, rear: 'a ring and a strip' })),
    )
    server({ 'PUT /api/arrivals/a1/check': put })
    page(signedIn(<Check arrival={arrival()} words={LOOKED} canWork onSaved={() => {}} />))
    await userEvent.click(
      within(await screen.findByRole('radiogroup', { name: 'Bare pads of 5' })).getByRole('radio', {
        name: '2',
      }),
    )
    await userEvent.click(screen.getByRole('radio', { name: 'touches it' }))
    await userEvent.click(screen.getByRole('radio', { name: 'on the floor' }))
    await userEvent.click(screen.getByRole('radio', { name: 'stuck' }))
    await userEvent.click(screen.getByRole('radio', { name: 'down between the thighs' }))
    await userEvent.selectOptions(screen.getByLabelText('What'), 'sore')
    expect(screen.getByRole('button', { name: 'Add it' })).toHaveProperty('disabled', true)
    await userEvent.selectOptions(screen.getByLabelText('Where'), 'chest')
    await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
    await waitFor(() =>
      expect(put.mock.lastCall?.[0].body).toEqual({
        pads: { front_left: 2, front_right: 2, hind_left: 2, hind_right: 2 },
        hair_at_eye: true,
        nails_on_floor: true,
        rear_soil: 'stuck',
        rear_where: 'downward',
        found: [{ kind: 'sore', zone: 'chest' }],
      }),
    )
  })
})
