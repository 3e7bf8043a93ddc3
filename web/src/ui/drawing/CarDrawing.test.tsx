import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { UnrolledCar, type Body } from './CarDrawing'

const zone = (id: string, view: string) => ({ id, view, outline: 'M0 0h10v10z', markX: 5, markY: 5 })
const body = {
  zones: [zone('bonnet', 'top'), zone('sill-left', 'left')],
  views: [
    { id: 'top', name: 'From above', width: 100, height: 50, row: 0, column: 0, mirrored: false, details: [] },
    { id: 'left', name: 'Left side', width: 100, height: 50, row: 1, column: 0, mirrored: false, details: [] },
  ],
} as unknown as Body

function draw(onPress = vi.fn()) {
  render(
    <UnrolledCar
      body={body}
      marks={[{ zone: 'sill-left', safety: 'A', count: 2, closed: false }]}
      nameOf={(z) => (z === 'bonnet' ? 'Bonnet' : 'Sill, left')}
      selected="bonnet"
      onPress={onPress}
    />,
  )
  return onPress
}

it('lets every zone be pressed by finger and by key', async () => {
  const onPress = draw()
  await userEvent.click(screen.getByRole('button', { name: 'Bonnet' }))
  await userEvent.tab() // the bonnet has the focus from being pressed
  await userEvent.keyboard('{Enter}')
  await userEvent.keyboard(' ')
  expect(onPress.mock.calls.map(([z]) => z as string)).toEqual(['bonnet', 'sill-left', 'sill-left'])
})

it('says in words what a mark says by its shape', () => {
  draw()
  expect(screen.getByRole('button', { name: /Sill, left.*2.*A/ })).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Bonnet' })).toHaveAttribute('aria-pressed', 'true')
})

it('says which place the pointer or the focus is at', async () => {
  const onPoint = vi.fn()
  render(<UnrolledCar body={body} marks={[]} nameOf={(z) => z} onPress={vi.fn()} onPoint={onPoint} />)
  await userEvent.hover(screen.getByRole('button', { name: 'bonnet' }))
  expect(onPoint).toHaveBeenLastCalledWith('bonnet')
  await userEvent.unhover(screen.getByRole('button', { name: 'bonnet' }))
  expect(onPoint).toHaveBeenLastCalledWith(undefined)
  await userEvent.tab()
  expect(onPoint).toHaveBeenLastCalledWith('bonnet')
})
