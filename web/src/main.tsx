import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { RouterProvider } from 'react-router/dom'
import { z } from 'zod'
import { Problem } from './api/client'
import { waitingPhotos } from './api/photos/waiting'
import './app/i18n'
import { renameDrafts } from './app/renamedDrafts'
import { router } from './app/router'
import './app/theme.css'

renameDrafts(localStorage)
void waitingPhotos.load()

z.config({ jitless: true }) // the content policy allows no eval

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof Problem && error.mayPass && count < 3,
      staleTime: 5_000,
    },
  },
})

// a session that ran out shows the sign-in page, whatever was asked for
queries.getQueryCache().subscribe((event) => {
  const error = event.type === 'updated' ? event.query.state.error : undefined
  if (error instanceof Problem && error.status === 401) void queries.invalidateQueries({ queryKey: ['session'] })
})

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
)
