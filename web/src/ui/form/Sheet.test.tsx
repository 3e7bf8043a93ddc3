import { useQuery } from '@tanstack/react-query'
import { act, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { Sheet } from './Sheet'

/** Something that comes late and pushes the button down. */
function Late({ comes }: { comes: Promise<string> }) {
  return <p>{useQuery({ queryKey: ['late'], queryFn: () => comes }).data}</p>
}

it('lets nobody press a button that is about to move away', async () => {
  let come: (text: string) => void = () => {}
  const comes = new Promise<string>((done) => (come = done))
  show(
    <Sheet title="A job" onClose={() => {}}>
      <Late comes={comes} />
      <button type="button">Begin</button>
    </Sheet>,
  )
  await act(() => new Promise((pass) => setTimeout(pass, 200)))
  const inert = () => screen.getByText('Begin').closest('[inert]')
  expect(inert()).not.toBeNull()
  come('Cautions')
  expect(await screen.findByText('Cautions')).toBeInTheDocument()
  await expect.poll(inert).toBeNull()
})
