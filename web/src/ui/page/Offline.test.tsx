import { onlineManager } from '@tanstack/react-query'
import { act, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { Offline } from './Offline'

it('says when there is no connection, and when it is back says nothing', () => {
  render(<Offline />)
  expect(screen.queryByRole('alert')).not.toBeInTheDocument()
  act(() => onlineManager.setOnline(false))
  expect(screen.getByRole('alert')).toHaveTextContent('is sent when it comes back')
  act(() => onlineManager.setOnline(true))
  expect(screen.queryByRole('alert')).not.toBeInTheDocument()
})
