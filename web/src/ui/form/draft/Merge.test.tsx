import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import '../../../app/i18n'
import { Merge } from './Merge'

const fields = [
  { key: 'title' as const, label: 'Title', show: String },
  { key: 'note' as const, label: 'Note', show: String, text: true },
]

it('shows only what differs, and keeps, takes or joins it', async () => {
  const onChange = vi.fn()
  const mine = { title: 'Weld', note: 'mine' }
  render(<Merge mine={mine} stored={{ title: 'Weld', note: 'theirs' }} fields={fields} onChange={onChange} />)
  expect(screen.queryByText('Title')).not.toBeInTheDocument()
  expect(screen.getByText('theirs')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Join both' }))
  expect(onChange).toHaveBeenCalledWith({ title: 'Weld', note: 'theirs\nmine' })
  await userEvent.click(screen.getByRole('button', { name: 'Use the saved one' }))
  expect(onChange).toHaveBeenCalledWith({ title: 'Weld', note: 'theirs' })
})
