// The tabs of Arrival on an answer as PHP gives it: what is shown, what is sent, what happens when it is
// refused.
import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { json, page, problem, server, signedIn, type Asked } from '../../testing'
import { Agree } from './Agree'
import { Check } from './Check'
import { combOf, type ArrivalData, type CombDraft } from '../../parts/comb'
import { arrival, MAT, OPTION, WORDS } from './testing'
import { Mats } from './Mats'
import { sure } from '../../sure'

type Save = Parameters<typeof Mats>[0]['comb']
function saver(value: CombDraft, change: (next: CombDraft) => void, status: Save['status'] = 'saved'): Save {
  return {
    value,
    change: (next) => change(typeof next === 'function' ? next(value) : next),
    status,
    error: null,
    receive: () => {},
    keepMine: () => {},
    takeTheirs: () => {},
    flush: () => Promise.resolve(),
  }
}

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

describe('agreeing', () => {
  beforeEach(() =>
    vi.stubGlobal('crypto', { randomUUID: () => 'key-000000001', getRandomValues: (b: Uint8Array) => b }),
  )
  const even = {
    ...OPTION,
    choice: 'even_out',
    title: 'One even length, 3.2 mm',
    leaves_mm: 3.2,
    back_message: 'About 9 weeks.',
    slot_minutes: 100,
  }
  const save = {
    ...OPTION,
    choice: 'save_the_coat',
    later: [{ on: '2026-06-08', zones: ['chest'], minutes: 50, price_minor: 3000 }],
    price_all_minor: 9000,
    title: 'Save the coat',
    today: false,
    visits: 3,
    slot_minutes: 185,
  }
  it('shows the ways side by side with what each takes', async () => {
    const a = arrival({}, { options: [OPTION, save, even] })
    const change = vi.fn()
    page(
      signedIn(
        <Agree arrival={a} comb={saver(combOf(a.comb), change)} labels={{}} canWork onSaved={() => {}} />,
      ),
    )
    expect(await screen.findByText('3 h 05')).toBeTruthy()
    expect(screen.getByText(/Not today alone: 3 visits/)).toBeTruthy()
    expect(screen.getByText(/Mon 8 Jun.*: 50 min, .?30/)).toBeTruthy()
    expect(screen.getByText(/90.* in all/)).toBeTruthy()
    expect(screen.getByText(/Back to the usual length: About 9 weeks/)).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: /One even length/ }))
    expect(change).toHaveBeenCalledWith(expect.objectContaining({ choice: 'even_out' }))
  })
  it('sends what was shown and the signature, and names what is missing', async () => {
    const a = arrival()
    const post = vi.fn((asked: Asked) =>
      (asked.body as { signature: string }).signature === ''
        ? problem(422, 'x', {
            errors: [{ field: 'signature', message: 'is required: the owner signs on the tablet' }],
          })
        : json(arrival({ state: 'agreed' }), 201),
    )
    const asked = server({ 'POST /api/arrivals/a1/agreement': post })
    const saved = vi.fn()
    page(
      signedIn(
        <Agree arrival={a} comb={saver(combOf(a.comb), () => {})} labels={{}} canWork onSaved={saved} />,
      ),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Show it to the owner' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Agree and sign' }))
    await screen.findByText('Signature is required: the owner signs on the tablet')
    await userEvent.click(screen.getByRole('button', { name: 'Sign with a cross' }))
    await userEvent.click(screen.getByRole('button', { name: 'Agree and sign' }))
    await waitFor(() => expect(saved).toHaveBeenCalledOnce())
    expect(asked.at(-1)?.body).toMatchObject({
      agreed: true,
      signed_by: 'Aveline Marchpane',
      comb_version: 3,
      check_version: 1,
      choice: 'as_reckoned',
      kind: 'full',
    })
  })
  it('asks first for the usual places that nobody has combed', () => {
    const a = arrival({ asked_first: ['armpit_left', 'chest'] })
    const labels = { armpit_left: 'left armpit', chest: 'chest' }
    page(
      signedIn(
        <Agree
          arrival={a}
          comb={saver(combOf(a.comb), () => {})}
          labels={labels}
          canWork
          onSaved={() => {}}
        />,
      ),
    )
    expect(screen.getByText('Not combed yet: left armpit.')).toBeTruthy()
  })
  it('waits until what is shown has been saved', async () => {
    const a = arrival()
    page(
      signedIn(
        <Agree
          arrival={a}
          comb={saver(combOf(a.comb), () => {}, 'saving')}
          labels={{}}
          canWork
          onSaved={() => {}}
        />,
      ),
    )
    await userEvent.click(await screen.findByRole('button', { name: 'Show it to the owner' }))
    expect(await screen.findByRole('button', { name: 'Agree and sign' })).toHaveProperty('disabled', true)
    expect(screen.getByText(/on its way to the salon/)).toBeTruthy()
  })
  it('records a refusal without a signature, and shows what no longer holds', async () => {
    const a = arrival({
      agreements: [
        {
          id: 'g',
          number: 1,
          agreed: true,
          signed_by: 'A',
          at: '2026-11-28T10:05:00Z',
          who: 'Tove',
          choice: '',
          link: '/agreement/x',
          intact: false,
          current: false,
        },
      ],
    })
    const asked = server({ 'POST /api/arrivals/a1/agreement': () => json(a, 201) })
    page(
      signedIn(
        <Agree arrival={a} comb={saver(combOf(a.comb), () => {})} labels={{}} canWork onSaved={() => {}} />,
      ),
    )
    expect((await screen.findByText(/agree anew/)).textContent).toContain('something was changed since')
    expect(screen.getByText(/the seal does not fit/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Show it to the owner' }))
    await userEvent.click(screen.getByText('I do not want it done so'))
    await userEvent.click(screen.getByRole('button', { name: 'The owner refuses' }))
    await screen.findByText('Refusal recorded')
    expect(screen.getByText(/Nothing in it can be changed/)).toBeTruthy()
    expect(asked.at(-1)?.body).toMatchObject({ agreed: false, signature: '' })
  })
})
