// Recording a visit: sent once, kept until it is saved, said on the dog, with what the arrival has found.
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes, useLocation } from 'react-router'
import { describe, expect, it } from 'vitest'
import { json, lists, page, problem, server, signedIn, RECIPE, type Asked } from '../../testing'
import { card } from '../card/testing'
import { VisitForm } from './VisitForm'
import { sure } from '../../sure'

describe('recording a visit', () => {
  const list = (...ids: string[]) => ids.map((id) => ({ id, label: id }))
  const WORDS = {
    zones: [
      { id: 'back', label: 'back' },
      { id: 'belly', label: 'belly' },
    ],
    lists: lists({
      visit_kind: list('full'),
      upkeep: list('weekly', 'daily'),
      method: list('clip', 'shave_out'),
      blade: list('7F', '10'),
      base: list('10'),
      lay: list('with'),
      stop_line: [],
      reason: [],
      carry: list('repeat'),
    }),
  }
  function Here() {
    return <output data-testid="here">{useLocation().pathname}</output>
  }
  function open(state: unknown, answers: Parameters<typeof server>[0]) {
    const asked = server({
      'GET /api/words': WORDS,
      'GET /api/dogs/d1/card': card(),
      'GET /api/kit': { items: [] },
      ...answers,
    })
    page(
      signedIn(
        <>
          <Routes>
            <Route path="/dogs/:id/visit" element={<VisitForm />} />
            <Route path="*" element={null} />
          </Routes>
          <Here />
        </>,
      ),
      { pathname: '/dogs/d1/visit', state },
    )
    return asked
  }
  it('sends everything as planned unless said otherwise, once however often it is pressed', async () => {
    let answer: (r: Response) => void = () => {}
    const asked = open(null, {
      'POST /api/dogs/d1/visits': () => new Promise<Response>((done) => (answer = done)),
    })
    await userEvent.type(await screen.findByLabelText('Minutes'), '95')
    await userEvent.dblClick(screen.getByRole('button', { name: 'Record visit' }))
    const posts = () => asked.filter((a) => a.method === 'POST')
    expect(posts()).toHaveLength(1)
    expect(sure(posts()[0]).body).toMatchObject({
      minutes: 95,
      zones: [
        { zone: 'back', state: 'done', actual: null },
        { zone: 'belly', state: 'done', actual: null },
      ],
    })
    answer(json({ id: 'v', day: '2026-11-25' }, 201))
    await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/dogs/d1'))
  })
  it('keeps what was typed when it is refused, and is the same visit when it is sent again', async () => {
    const answers = [
      problem(503, 'resting'),
      problem(422, 'x', { errors: [{ field: 'minutes', message: 'must be a whole number from 1 to 1440' }] }),
      json({ id: 'v', day: '2026-11-25' }, 201),
    ]
    const asked = open(null, { 'POST /api/dogs/d1/visits': () => answers.shift() as Response })
    await userEvent.type(await screen.findByLabelText('Note for the next person'), 'kept')
    const record = screen.getByRole('button', { name: 'Record visit' })
    await userEvent.click(record)
    await screen.findByText('Minutes must be a whole number from 1 to 1440')
    expect(screen.getByLabelText('Note for the next person')).toHaveProperty('value', 'kept')
    await userEvent.click(record)
    await waitFor(() => expect(screen.getByTestId('here').textContent).toBe('/dogs/d1'))
    const keys = asked.filter((a: Asked) => a.method === 'POST').map((a) => a.headers.get('Idempotency-Key'))
    expect([keys.length, new Set(keys).size]).toEqual([3, 1])
  })
  it('is said on the dog: a tap on what was different, which is listed and can be taken back', async () => {
    const asked = open(null, { 'POST /api/dogs/d1/visits': () => json({ id: 'v', day: '2026-11-25' }, 201) })
    fireEvent.click(await screen.findByRole('option', { name: /^belly/ }))
    await userEvent.click(screen.getByRole('radio', { name: 'deferred' }))
    await userEvent.type(screen.getByLabelText('Why'), 'tired')
    expect(screen.getByRole('option', { name: /^belly, .*deferred/ })).toBeTruthy()
    const list = screen.getByRole('list', { name: 'Done differently' })
    expect(list.textContent).toContain('deferred: tired')
    await userEvent.click(screen.getByRole('button', { name: 'Record visit' }))
    await waitFor(() => expect(asked.some((a) => a.method === 'POST')).toBe(true))
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      zones: [
        { zone: 'back', state: 'done' },
        { zone: 'belly', state: 'deferred', why: 'tired' },
      ],
    })
  })
  it('is there again after Back, until it is saved or begun anew', async () => {
    open(null, {})
    await userEvent.type(await screen.findByLabelText('Note for the next person'), 'half a note')
    fireEvent.click(screen.getByRole('option', { name: /^back/ }))
    await userEvent.click(screen.getByRole('radio', { name: 'partly' }))
    cleanup()
    open(null, {})
    expect(await screen.findByText('Taken up where you left it.')).toBeTruthy()
    expect(screen.getByLabelText('Note for the next person')).toHaveProperty('value', 'half a note')
    expect(screen.getByText('1 of 2 zones done differently')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Begin anew' }))
    expect(screen.getByText('Everything as planned')).toBeTruthy()
  })
  it('lets what the arrival has found go before what was begun without it', async () => {
    open(null, {})
    await userEvent.type(await screen.findByLabelText('Note for the next person'), 'begun before')
    cleanup()
    open({ clipped: { belly: '10' } }, {})
    expect(await screen.findByText('1 of 2 zones done differently')).toBeTruthy()
    expect(screen.queryByText('Taken up where you left it.')).toBeNull()
  })
  it('takes over what the arrival has found: lengths, load, and patches that are not style', async () => {
    const asked = open(
      { load: 7.9, tender: 3, kg: 11.4, upkeep: 'daily', lengths: { back: 31 }, clipped: { belly: '10' } },
      { 'POST /api/dogs/d1/visits': () => json({ id: 'v', day: '2026-11-25' }, 201) },
    )
    expect(await screen.findByLabelText('back (mm)')).toHaveProperty('value', '31')
    expect(screen.getByText('1 of 2 zones done differently')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Record visit' }))
    await waitFor(() =>
      expect(asked.at(-1)?.method === 'POST' || asked.some((a) => a.method === 'POST')).toBe(true),
    )
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({
      arrival_load: 7.9,
      tender_severity: 3,
      kg: 11.4,
      upkeep: 'daily',
      zones: [
        { zone: 'back', arrival_mm: 31 },
        {
          zone: 'belly',
          why: 'clipped out under a mat',
          actual: {
            method: 'shave_out',
            tool: { kind: 'blade', label: '10' },
            exception: true,
            carry: 'do_not_repeat',
          },
        },
      ],
    })
    expect(RECIPE.carry).toBe('repeat')
  })
})
