// The fields of a recipe, and what others have changed while a card is open.
import { renderHook, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../../app/client'
import { draftOf, type RecipeDraft } from '../../app/queries'
import { page, RECIPE, server, signedIn } from '../../testing'
import { RecipeEditor } from '../../parts/RecipeEditor'
import { KIT, WORDS } from './testing'
import { useFresh } from './useFresh'

function Editor({ start, seen }: { start: RecipeDraft; seen: (d: RecipeDraft) => void }) {
  const [draft, setDraft] = useState(start)
  return (
    <RecipeEditor
      draft={draft}
      onChange={(d) => (setDraft(d), seen(d))}
      errors={{ 'tool.base': 'must be a base' }}
      words={WORDS}
      place="mill"
      shapes={['round foot']}
    />
  )
}

describe('the recipe fields', () => {
  it('offer what the method needs, and carry nothing over that does not fit', async () => {
    server({ 'GET /api/kit': KIT })
    const seen = vi.fn()
    page(signedIn(<Editor start={draftOf(RECIPE)} seen={seen} />))
    expect(screen.queryByLabelText('Guard')).toBeNull()
    await userEvent.selectOptions(screen.getByLabelText('Method'), 'scissor')
    expect(seen).toHaveBeenLastCalledWith(expect.objectContaining({ method: 'scissor', tool: null }))
    await userEvent.type(screen.getByLabelText('Left at about (mm)'), '24.5')
    expect(seen).toHaveBeenLastCalledWith(expect.objectContaining({ entered_mm: 24.5 }))
    await screen.findByLabelText('Method')
    await userEvent.selectOptions(screen.getByLabelText('Method'), 'guard')
    expect(seen).toHaveBeenLastCalledWith(
      expect.objectContaining({
        entered_mm: null,
        tool: expect.objectContaining({ kind: 'guard', base: '10' }) as unknown,
      }),
    )
    expect(screen.getByRole('alert').textContent).toBe('Over base must be a base')
  })
  it('say which tools are not in this kit', async () => {
    server({ 'GET /api/kit': KIT })
    page(signedIn(<Editor start={draftOf(RECIPE)} seen={() => {}} />))
    await screen.findByRole('option', { name: '7F · not in this kit' })
  })
  it('never carry an exception patch to the next dog', async () => {
    server({ 'GET /api/kit': KIT })
    const seen = vi.fn()
    page(signedIn(<Editor start={draftOf(RECIPE)} seen={seen} />))
    await userEvent.click(screen.getByLabelText('Exception patch: never copied, fills back'))
    expect(seen).toHaveBeenLastCalledWith(
      expect.objectContaining({ exception: true, carry: 'do_not_repeat' }),
    )
  })
})

describe('what is new', () => {
  const change = (id: string, more = {}) =>
    ({
      id,
      kind: 'plan_zone',
      subject: 'back',
      who: 'Tove',
      summary: 'back',
      at: '2026-11-25T10:00:00Z',
      mine: false,
      ...more,
    }) as Schemas['RecentChangeView']
  const card = (dog: string, changes: Schemas['RecentChangeView'][]) =>
    ({ dog: { id: dog }, changes }) as unknown as Schemas['CardView']
  it('is what others did while this card was open, not what was there before nor what I did', async () => {
    const { result, rerender } = renderHook(({ c }) => useFresh(c), {
      initialProps: { c: card('d1', [change('01')]) },
    })
    expect(result.current.zones.size).toBe(0)
    rerender({
      c: card('d1', [
        change('03', { subject: 'belly' }),
        change('02', { mine: true, subject: 'loin' }),
        change('01'),
      ]),
    })
    await waitFor(() => expect([...result.current.zones]).toEqual(['belly']))
    expect(result.current.news?.id).toBe('03')
  })
  it('is forgotten on another dog', async () => {
    const { result, rerender } = renderHook(({ c }) => useFresh(c), { initialProps: { c: card('d1', []) } })
    rerender({ c: card('d1', [change('02')]) })
    await waitFor(() => expect(result.current.zones.size).toBe(1))
    rerender({ c: card('d2', [change('09')]) })
    await waitFor(() => expect(result.current.zones.size).toBe(0))
  })
})
