import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { show } from '@/test/page'
import { PartsMap } from './PartsMap'

const need = (id: string) => ({ id, title: id, state: 'NEEDED', sameAs: id }) as Schemas['Need']
const body = {
  others: [],
  zones: [{ id: 'bonnet', name: 'Bonnet', side: 'NONE', view: 'top', outline: 'M0 0h10v10z', markX: 5, markY: 5 }],
  views: [{ id: 'top', name: 'From above', width: 100, height: 50, row: 0, column: 0, mirrored: false, details: [] }],
} as unknown as Schemas['Drawing']

it('counts what is still to go to a place; a press shows it, a second one all again', async () => {
  const onPlace = vi.fn()
  const at = new Map([
    ['bonnet', [need('hinge'), need('catch')]],
    ['', [need('tape')]],
  ])
  show(<PartsMap placed={{ body, at }} place="bonnet" onPlace={onPlace} />)
  const [zone] = await screen.findAllByRole('button', { name: 'Bonnet: 2 parts still to fit' })
  expect(zone).toHaveAttribute('aria-pressed', 'true')
  await userEvent.click(zone!)
  await userEvent.click(screen.getByRole('button', { name: 'One part for no place in particular' }))
  expect(onPlace.mock.calls).toEqual([[undefined], ['']])
})
