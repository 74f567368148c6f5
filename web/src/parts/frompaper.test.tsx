// A paper note reaches the line only as far as it is ticked: what is certain is, what is not waits.
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { FromPaper } from './FromPaper'

const PARTS = [
  { said: 'back 16 over 10', line: 'back: 16/10', sure: true, doubts: [] },
  { said: 'legs scissored', line: 'foreleg thigh: scissor', sure: false, doubts: ['"legs" is taken for …'] },
  { said: 'lovely', line: '', sure: false, doubts: ['no place on the dog is named in it'] },
]

describe('from the paper card', () => {
  it('puts what is certain on the line, and what is ticked besides', async () => {
    const put = vi.fn()
    render(<FromPaper parts={PARTS} onPut={put} />)
    await userEvent.click(screen.getByRole('button', { name: /ticked/ }))
    expect(put).toHaveBeenLastCalledWith('back: 16/10')
    await userEvent.click(screen.getByRole('checkbox', { name: /legs/ }))
    await userEvent.click(screen.getByRole('button', { name: /ticked/ }))
    expect(put).toHaveBeenLastCalledWith('back: 16/10; foreleg thigh: scissor')
    expect(screen.getAllByRole('checkbox')).toHaveLength(2)
    expect(screen.getByText(/no place on the dog/)).toBeTruthy()
  })

  it('is not there where nothing was noted', () => {
    const { container } = render(<FromPaper parts={[]} onPut={() => {}} />)
    expect(container.textContent).toBe('')
  })
})
