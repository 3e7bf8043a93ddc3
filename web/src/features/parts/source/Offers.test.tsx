import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import type { Schemas } from '@/api/client'
import { Offers } from './Offers'

const source = (id: string, kind: string) => ({
  id,
  projectId: 'car',
  supplierId: 's',
  kind,
  title: id,
  priceMinor: 100,
  leadDays: 3,
  holds: [{ needId: 'n', pieces: 1 }],
})

it('says why an offer is not compared, and nothing of one whose part is ordered by now', async () => {
  server
    .when('GET /api/suppliers', [{ id: 's', name: 'Kessel', currency: 'GBP' }])
    .when('GET /api/projects/car/sources', [
      source('Hose from a scrapped car', 'USED'),
      source('Hose from abroad', 'NEW_PATTERN'),
      source('Hose from him', 'NEW_PATTERN'),
      source('Ordered hose', 'NEW_PATTERN'),
    ])
    .when('GET /api/projects/car/baskets', {
      offers: [],
      leftOut: [
        { sourceId: 'Hose from a scrapped car', why: 'BOUGHT_NEW' },
        { sourceId: 'Hose from abroad', why: 'NO_RATE' },
        { sourceId: 'Hose from him', why: 'AVOIDED' },
      ],
    })
  show(<Offers need={{ id: 'n', projectId: 'car' } as Schemas['Need']} />)
  const row = async (name: string) => (await screen.findByText(name)).closest('li')
  expect(await screen.findByText(/No rate for GBP yet/)).toBeVisible()
  expect(await row('Hose from a scrapped car')).toHaveTextContent(/lives hang on it: used it is left out/)
  expect(await row('Hose from him')).toHaveTextContent(/You avoid this seller/)
  expect(await row('Ordered hose')).not.toHaveTextContent(/left out/)
})
