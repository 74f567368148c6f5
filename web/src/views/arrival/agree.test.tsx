// Agreeing: the ways side by side, what nobody combed, the owner's page, a signature or a refusal.
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { json, page, problem, server, signedIn, type Asked } from '../../testing'
import { Agree } from './Agree'
import { combOf } from '../../parts/comb'
import { arrival, OPTION, saver } from './testing'

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

describe('what is asked for on top', () => {
  it('shows each at its price, and sends all that is asked for', async () => {
    const teeth = { name: 'Teeth brushed', minor: 700, minutes: 10 }
    const mask = { name: 'Coat mask', minor: 900, minutes: 0 }
    const a = arrival({ extras: [teeth], extras_offered: [mask, { ...teeth, minor: 999 }] })
    const asked = server({ 'PUT /api/arrivals/a1/kind': () => json({ ...a, extras: [teeth, mask] }) })
    page(
      signedIn(
        <Agree arrival={a} comb={saver(combOf(a.comb), () => {})} labels={{}} canWork onSaved={() => {}} />,
      ),
    )
    expect(
      (await screen.findByRole('button', { name: /Teeth brushed .?7\.00, 10 min/ })).getAttribute(
        'aria-pressed',
      ),
    ).toBe('true')
    await userEvent.click(screen.getByRole('button', { name: /Coat mask/ }))
    await waitFor(() =>
      expect(asked.find((one) => one.method === 'PUT')?.body).toEqual({
        kind: 'full',
        extras: ['Teeth brushed', 'Coat mask'],
      }),
    )
  })
  it('is not there where the salon asks for nothing on top', () => {
    const a = arrival()
    page(
      signedIn(
        <Agree arrival={a} comb={saver(combOf(a.comb), () => {})} labels={{}} canWork onSaved={() => {}} />,
      ),
    )
    expect(screen.queryByText('Asked for on top')).toBeNull()
  })
})
