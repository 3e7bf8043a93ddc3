import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactElement } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { server } from './server'

export const garage = {
  id: 'g',
  name: 'The shed',
  baseCurrency: 'EUR',
  zone: 'Europe/Vienna',
  locale: 'en-GB',
  members: [],
  version: 0,
}

/** Its owner is signed in. */
export const session = {
  firstAccountNeeded: false,
  notice: '',
  lanUrl: '',
  me: { accountId: 'ines', displayName: 'Ines', role: 'OWNER', garageId: 'g' },
}

/** A page or a part of one as the application shows it: with router, server state and the garage's formats. */
export function show(element: ReactElement, at = '/p/car', route = '/p/:projectId') {
  server.unlessSaid('GET /api/garage', garage).unlessSaid('GET /api/session', session).unlessSaid('GET /api/units', [])
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path={route} element={element} />
          <Route path="*" element={<p>another page</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}
