import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { AskSellers } from './AskSellers'
import { SendOrder } from './SendOrder'

const need = { id: 'n', projectId: 'car', title: 'Grille' } as Schemas['Need']
const order = { id: 'o', projectId: 'car', supplier: 'Brunn Machine Works', currency: 'EUR' } as Schemas['Order']
const article = { article: 'P1015', name: 'Grille', priceMinor: 13275, currency: 'EUR', stock: 3, days: 14 }

it('is not there where nobody can be asked', async () => {
  server.when('GET /api/projects/car/orders/sent', { canAsk: false, sent: [], sendable: [] })
  show(
    <>
      <AskSellers need={need} />
      <p>there</p>
    </>,
  )
  await screen.findByText('there')
  expect(screen.queryByText('Ask the sellers')).toBeNull()
})

it('asks, says who does not answer, and notes an offer', async () => {
  server.when('GET /api/projects/car/orders/sent', { canAsk: true, sent: [], sendable: [] })
  server.when('GET /api/sellers/asked', {
    canAsk: true,
    answers: [
      { seller: 'kessel', name: 'Kessel Motor Parts', state: 'ANSWERED', articles: [article], leftOut: 1 },
      { seller: 'alder', name: 'Alder & Finch Spares', state: 'NO_ANSWER', articles: [], leftOut: 0 },
    ],
  })
  server.when('POST /api/needs/n/offers-taken', undefined)
  show(<AskSellers need={need} />)
  const user = userEvent.setup()
  await user.click(await screen.findByText('Ask the sellers'))
  await user.click(screen.getByRole('button', { name: 'Ask them' }))
  expect(await screen.findByText('does not answer now')).toBeVisible()
  expect(screen.getByText(/3 in stock, 14 days/)).toBeVisible()
  expect(screen.getByText(/One of its articles is left out/)).toBeVisible()
  await user.click(screen.getByRole('button', { name: /Keep this offer/ }))
  expect(server.writes('POST /api/needs/n/offers-taken')[0]!.body).toMatchObject({ seller: 'kessel', article })
})

it('says what the seller contradicts, and sends again what was not answered', async () => {
  const sent = { orderId: 'o', sentOn: '2027-03-01', laterDays: 0, reason: '' }
  server.when('GET /api/projects/car/orders/sent', {
    canAsk: true,
    sent: [{ ...sent, answer: 'ACCEPTED', dearerMinor: 540, saidOn: '2027-04-01', laterDays: 21, agrees: false }],
    sendable: [],
  })
  const { unmount } = show(<SendOrder order={order} />)
  expect(await screen.findByText(/wants €5.40 more/)).toHaveTextContent(/21 days later.*Settle it/)
  expect(screen.queryByRole('button')).toBeNull()
  unmount()
  server.when('GET /api/projects/car/orders/sent', {
    canAsk: true,
    sent: [{ ...sent, answer: 'UNSURE' }],
    sendable: [],
  })
  show(<SendOrder order={order} />)
  expect(await screen.findByRole('button', { name: 'Send it again' })).toBeEnabled()
  expect(screen.getByText(/not a second one/)).toBeVisible()
})
