import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useQuery } from '@tanstack/react-query'
import { Link, useLocation, useNavigate } from 'react-router'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { Settled } from './Settled'

/** A part of a page that asks for something when it is drawn, and for the next when that is there. */
function Asks({ what: [what, ...next] }: { what: Promise<string>[] }) {
  const { data, error } = useQuery({ queryKey: ['asked', next.length], queryFn: () => what! })
  return (
    <>
      <p>{error?.message ?? data ?? 'on its way'}</p>
      {data && next.length > 0 && <Asks what={next} />}
    </>
  )
}

const page = (...what: Promise<string>[]) => (
  <Settled>
    <h1>Work</h1>
    <Asks what={what} />
  </Settled>
)

const later = (ms: number, what: string) => new Promise<string>((there) => setTimeout(() => there(what), ms))

it('shows a page once what it reads first is there, and what that brings', async () => {
  show(page(later(20, 'a car'), later(300, '300 jobs')))
  await screen.findByText('a car')
  expect(screen.getByText('Work')).not.toBeVisible()
  expect(screen.getByRole('status')).toBeVisible()
  await waitFor(() => expect(screen.getByText('Work')).toBeVisible())
  expect(screen.getByText('300 jobs')).toBeVisible()
  expect(screen.queryByRole('status')).not.toBeInTheDocument()
})

it('shows what was refused', async () => {
  show(page(Promise.reject(new Error('There is no such car.'))))
  await waitFor(() => expect(screen.getByText('There is no such car.')).toBeVisible())
})

it('begins at the top where a link led, and not where one goes back', async () => {
  const scrolled = vi.spyOn(window, 'scrollTo').mockReturnValue()
  const Car = () => (
    <Settled key={useLocation().pathname}>
      <Link to="/p/other">the other car</Link>
      <Back />
    </Settled>
  )
  show(<Car />)
  expect(scrolled).not.toHaveBeenCalled()
  await userEvent.click(screen.getByText('the other car'))
  expect(scrolled).toHaveBeenCalledExactlyOnceWith(0, 0)
  await userEvent.click(screen.getByText('back from /p/other'))
  expect(await screen.findByText('back from /p/car')).toBeInTheDocument()
  expect(scrolled).toHaveBeenCalledOnce()
})

function Back() {
  const go = useNavigate()
  return <button onClick={() => void go(-1)}>back from {useLocation().pathname}</button>
}
