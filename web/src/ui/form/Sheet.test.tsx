import { useQuery } from '@tanstack/react-query'
import { act, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { Sheet } from './Sheet'

/** Something that comes late and pushes the button down. */
function Late({ comes }: { comes: Promise<string> }) {
  return <p>{useQuery({ queryKey: ['late'], queryFn: () => comes }).data}</p>
}

const inert = () => screen.getByText('Begin').closest('[inert]')

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
  expect(inert()).not.toBeNull()
  come('Cautions')
  expect(await screen.findByText('Cautions')).toBeInTheDocument()
  await expect.poll(inert).toBeNull()
})

/** A page that still waits for something when its sheet is opened. */
function Waiting() {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Late comes={new Promise(() => {})} />
      <button type="button" onClick={() => setOpen(true)}>
        Open
      </button>
      {open && (
        <Sheet title="A job" onClose={() => {}}>
          <button type="button">Begin</button>
        </Sheet>
      )}
    </>
  )
}

it('does not wait for what the page asked before', async () => {
  show(<Waiting />)
  await userEvent.click(screen.getByText('Open'))
  await expect.poll(inert).toBeNull()
})

it('does not wait for what fails and is tried again', async () => {
  const Failing = () => {
    useQuery({ queryKey: ['failing'], queryFn: () => Promise.reject(new Error()), retry: true, retryDelay: 60_000 })
    return <button type="button">Begin</button>
  }
  show(
    <Sheet title="A job" onClose={() => {}}>
      <Failing />
    </Sheet>,
  )
  await expect.poll(inert).toBeNull()
})
