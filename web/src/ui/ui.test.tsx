// Our primitives: what a screen reader, a keyboard and a wet thumb get.
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { describe, expect, it, vi } from 'vitest'
import { Choice } from './Choice'
import { CheckField, SelectField, TextField } from './Field'
import { Modal } from './Modal'
import { Resting } from './Resting'
import { Toasts, useToast } from './Toasts'
import { Why } from './Why'

describe('fields', () => {
  it('tie label and error to the control', () => {
    render(<TextField label="Weight (kg)" error="must be between 0.3 and 120 kg" defaultValue="9000" />)
    const field = screen.getByLabelText('Weight (kg)')
    expect(field.getAttribute('aria-invalid')).toBe('true')
    expect(document.getElementById(field.getAttribute('aria-describedby') ?? '')?.textContent).toBe(
      'Weight (kg) must be between 0.3 and 120 kg',
    )
    expect(screen.getByRole('alert').textContent).toContain('0.3')
  })
  it('are silent without an error', () => {
    render(<SelectField label="Lay" options={[{ id: 'with', label: 'with' }]} hint="with the lay" />)
    expect(screen.queryByRole('alert')).toBeNull()
    expect(screen.getByText('with the lay')).toBeTruthy()
  })
  it('have a label as large as the box', async () => {
    const change = vi.fn()
    render(<CheckField label="Both sides alike" onChange={change} />)
    await userEvent.click(screen.getByText('Both sides alike'))
    expect(change).toHaveBeenCalledOnce()
  })
})

describe('a choice', () => {
  function Kit({ change }: { change: (id: string) => void }) {
    const [value, setValue] = useState('mill')
    return (
      <Choice
        label="Whose kit"
        value={value}
        onChange={(id) => (setValue(id), change(id))}
        options={[
          { id: 'mill', label: 'Mill room' },
          { id: 'van', label: 'Van' },
        ]}
      />
    )
  }
  it('always has one that holds', async () => {
    const change = vi.fn()
    render(<Kit change={change} />)
    await userEvent.click(screen.getByRole('radio', { name: 'Mill room' }))
    expect(change).not.toHaveBeenCalled()
    await userEvent.click(screen.getByRole('radio', { name: 'Van' }))
    expect(change).toHaveBeenCalledWith('van')
    expect(screen.getByRole('radio', { name: 'Van' }).getAttribute('aria-checked')).toBe('true')
  })
  it('is walked with arrow keys', async () => {
    render(<Kit change={() => {}} />)
    await userEvent.tab()
    await userEvent.keyboard('{ArrowRight} ')
    expect(screen.getByRole('radio', { name: 'Van' }).getAttribute('aria-checked')).toBe('true')
  })
})

describe('why', () => {
  const reasons = [
    { term: 'due_length', value: 29.8, unit: 'mm', source: 'neat finish' },
    { term: 'growth', value: 2.98, unit: 'mm/week', source: 'learned from 6 visits', visit: 'v1' },
  ]
  it('opens the terms, leads to the visit, and closes with Esc', async () => {
    const visit = vi.fn()
    render(<Why of="the shape clock" reasons={reasons} onVisit={visit} />)
    await userEvent.click(screen.getByRole('button', { name: 'Why: the shape clock' }))
    expect(screen.getByText('due length: 29.8 mm')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'see that visit' }))
    expect(visit).toHaveBeenCalledWith('v1')
    await userEvent.keyboard('{Escape}')
    expect(screen.queryByText('due length: 29.8 mm')).toBeNull()
  })
  it('is not there where there is nothing to say', () => {
    const { container } = render(<Why of="nothing" reasons={[]} />)
    expect(container.textContent).toBe('')
  })
})

describe('messages', () => {
  function Show({ run }: { run: () => void }) {
    const toast = useToast()
    return (
      <button type="button" onClick={() => toast({ text: 'back: saved', action: { label: 'Undo', run } })}>
        save
      </button>
    )
  }
  it('offer the way back once', async () => {
    const run = vi.fn()
    render(
      <Toasts>
        <Show run={run} />
      </Toasts>,
    )
    await userEvent.click(screen.getByText('save'))
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
    expect(run).toHaveBeenCalledOnce()
    expect(screen.queryByText('back: saved')).toBeNull()
  })
  it('leave by themselves, and never pile up past three', () => {
    vi.useFakeTimers()
    render(
      <Toasts>
        <Show run={() => {}} />
      </Toasts>,
    )
    act(() => {
      for (let i = 0; i < 5; i++) screen.getByText('save').click()
    })
    expect(screen.getAllByText('back: saved')).toHaveLength(3)
    act(() => void vi.advanceTimersByTime(9001))
    expect(screen.queryByText('back: saved')).toBeNull()
    vi.useRealTimers()
  })
})

it('a dialog is named, closes with Esc and gives the focus back', async () => {
  function Page() {
    const [open, setOpen] = useState(false)
    return (
      <>
        <button type="button" onClick={() => setOpen(true)}>
          help
        </button>
        <Modal open={open} onClose={() => setOpen(false)} title="Keyboard">
          <a href="#x">inside</a>
        </Modal>
      </>
    )
  }
  render(<Page />)
  await userEvent.click(screen.getByText('help'))
  expect(screen.getByRole('dialog', { name: 'Keyboard' }).contains(document.activeElement)).toBe(true)
  await userEvent.keyboard('{Escape}')
  expect(screen.queryByRole('dialog')).toBeNull()
})

it('a server that rests is said plainly, with a way to try again', async () => {
  const retry = vi.fn()
  render(<Resting error={new Error("The salon's server is not answering.")} retry={retry} />)
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  expect(retry).toHaveBeenCalledOnce()
})
