// The tabs of Arrival on an answer as PHP gives it: what is shown, what is sent, what happens when it is
// refused.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { json, page, problem, server, signedIn, type Asked } from '../../testing'
import { Check } from './Check'
import { combOf, type ArrivalData, type CombDraft } from '../../parts/comb'
import { arrival, MAT, saver, WORDS } from './testing'
import { Mats } from './Mats'
import { sure } from '../../sure'

beforeEach(() => localStorage.clear())

describe('mats', () => {
  function View({
    a,
    seen = () => {},
    zone = null,
    canWork = true,
  }: {
    a: ArrivalData
    seen?: (c: CombDraft) => void
    zone?: string | null
    canWork?: boolean
  }) {
    const [value, setValue] = useState(combOf(a.comb))
    return (
      <Mats
        arrival={a}
        comb={saver(value, (c) => (setValue(c), seen(c)))}
        zone={zone}
        labels={{ chest: 'chest', tail_flag: 'tail flag' }}
        words={WORDS}
        canWork={canWork}
        onZone={() => {}}
      />
    )
  }
  it('shows load, limit and every decision', () => {
    page(<View a={arrival({ trend: [{ day: '2026-10-01', load: 9 }] })} />)
    expect(screen.getByTestId('load').textContent).toBe('1.3')
    expect(screen.getByText(/1.9 of 20 min that Tansy can be worked on/)).toBeTruthy()
    expect(screen.getByText(/loosen by hand/)).toBeTruthy()
    expect(screen.getByRole('img', { name: /Matting score over visits: 1 Oct 9, 25 Nov 1.3/ })).toBeTruthy()
  })
  it('says when the limit is passed, not by colour alone', () => {
    page(<View a={arrival({}, { worked_out_minutes: 25 })} />)
    expect(screen.getByRole('img', { name: '125 % of the limit used' })).toBeTruthy()
  })
  it('changes one zone and leaves the others', async () => {
    const seen = vi.fn()
    page(<View a={arrival({}, { zones: [MAT, { ...MAT, zone: 'tail_flag' }] })} zone="chest" seen={seen} />)
    await userEvent.click(screen.getByRole('radio', { name: '3' }))
    const sent = seen.mock.lastCall?.[0] as CombDraft
    expect(sent.zones.map((z) => [z.zone, z.severity])).toEqual([
      ['tail_flag', 2],
      ['chest', 3],
    ])
    await userEvent.selectOptions(screen.getByLabelText('Skin there'), 'sore')
    expect((seen.mock.lastCall?.[0] as CombDraft).zones.at(-1)?.skin).toBe('sore')
  })
  it('asks for the reason of an overrule, and offers felt nothing but clipping', async () => {
    page(<View a={arrival({}, { zones: [{ ...MAT, severity: 4, decision: 'clip' }] })} zone="chest" />)
    await userEvent.click(screen.getByText('Decide differently'))
    const decision = screen.getByLabelText('Your decision')
    expect(
      within(decision)
        .getAllByRole('option')
        .map((o) => o.textContent),
    ).toEqual(['as reckoned', 'clip'])
    await userEvent.selectOptions(decision, 'clip')
    expect(screen.getByText('Because is needed: the next person has to know')).toBeTruthy()
  })
  it('shows the tail rule where the rear is worked', () => {
    page(<View a={arrival()} zone="tail_flag" />)
    expect(screen.getByText('Tail: hand at the root.')).toBeTruthy()
  })
  it('asks what does not fit together, of comb and check', () => {
    page(
      <View
        a={arrival(
          { questions: [{ field: 'kg', message: '16 kg now, 8 last time?' }] },
          { questions: [{ field: 'x', message: 'chest: clear, but spread?' }] },
        )}
      />,
    )
    expect(screen.getByText('16 kg now, 8 last time?')).toBeTruthy()
    expect(screen.getByText('chest: clear, but spread?')).toBeTruthy()
  })
  it('only shows, to those who do not work on it', () => {
    page(<View a={arrival()} zone="chest" canWork={false} />)
    expect(screen.queryByRole('radio')).toBeNull()
    expect(screen.getByText('separate mats', { selector: 'section p' })).toBeTruthy()
  })
})

describe('the check', () => {
  it('saves what is tapped, and says at the field what cannot be', async () => {
    const put = vi.fn((a: Asked) =>
      JSON.stringify(a.body).includes('900')
        ? problem(422, 'x', { errors: [{ field: 'kg', message: 'must be at most 120 kg' }] })
        : json(arrival({ check_version: 2, hands_on: a.body })),
    )
    server({ 'PUT /api/arrivals/a1/check': put })
    page(signedIn(<Check arrival={arrival()} words={WORDS} canWork onSaved={() => {}} />))
    await userEvent.click(screen.getByRole('button', { name: 'red' }))
    await waitFor(() => expect(put.mock.lastCall?.[0].body).toEqual({ skin: ['red'] }))
    await userEvent.click(
      within(screen.getByRole('group', { name: 'Ear, left' })).getByRole('button', { name: 'smell' }),
    )
    await waitFor(() =>
      expect(put.mock.lastCall?.[0].body).toEqual({ skin: ['red'], ears: { left: ['smell'] } }),
    )
    await userEvent.type(screen.getByLabelText('Weight (kg)'), '900')
    await screen.findByText('Weight (kg) must be at most 120 kg')
    expect(screen.getByLabelText('Weight (kg)')).toHaveProperty('value', '900')
    // What is no figure is said at once, stays where it was typed, and is not sent.
    await userEvent.clear(screen.getByLabelText('Weight (kg)'))
    await userEvent.type(screen.getByLabelText('Weight (kg)'), 'ninety')
    await screen.findByText('Weight (kg) must be a number, such as 12 or 12.5')
    expect(screen.getByLabelText('Weight (kg)')).toHaveProperty('value', 'ninety')
    expect(JSON.stringify(put.mock.calls)).not.toContain('ninety')
    await userEvent.click(screen.getByRole('button', { name: 'red' }))
    await userEvent.clear(screen.getByLabelText('Weight (kg)'))
    await waitFor(() => expect(put.mock.lastCall?.[0].body).toEqual({ ears: { left: ['smell'] } }))
  })
  it('notes nails from outside in, and takes one out again', async () => {
    const put = vi.fn((a: Asked) => json(arrival({ check_version: 2, hands_on: a.body })))
    server({ 'PUT /api/arrivals/a1/check': put })
    page(signedIn(<Check arrival={arrival()} words={WORDS} canWork onSaved={() => {}} />))
    await userEvent.click(sure(screen.getAllByRole('button', { name: 'nails' })[0]))
    await userEvent.selectOptions(screen.getByLabelText('front left, nail 2'), 'long')
    await userEvent.selectOptions(screen.getByLabelText('front left, nail 4'), 'take out')
    await waitFor(() =>
      expect(put.mock.lastCall?.[0].body).toEqual({
        claws: { front_left: ['not_seen', 'long', 'not_seen'] },
      }),
    )
  })
  it('says what stops the groom', () => {
    page(
      signedIn(
        <Check
          arrival={arrival({
            stop: true,
            findings: [{ code: 'x', message: 'Stop: breathing is laboured.', level: 'danger' }],
          })}
          words={WORDS}
          canWork
          onSaved={() => {}}
        />,
      ),
    )
    expect(screen.getByText(/stops the groom until somebody has decided/)).toBeTruthy()
    expect(screen.getByText('Stop: breathing is laboured.')).toBeTruthy()
  })
})
