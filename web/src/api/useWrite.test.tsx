import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { expect, it } from 'vitest'
import { Problem } from './client'
import { useWrite } from './useWrite'

const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
)

it('sends the same values again under the same id while no answer came, and new ones under a new id', async () => {
  const ids: string[] = []
  let answers = false
  const { result } = renderHook(
    () =>
      useWrite((_: string, id) => {
        ids.push(id)
        return answers ? Promise.resolve('kept') : Promise.reject(new Problem(500, 'defect', 'no'))
      }),
    { wrapper },
  )
  await act(() => result.current.mutateAsync('a').catch(() => undefined))
  await act(() => result.current.mutateAsync('a').catch(() => undefined))
  expect(ids[1]).not.toBe(ids[0]) // refused for good: the next try is another change
  answers = true
  await act(() => result.current.mutateAsync('a'))
  await act(() => result.current.mutateAsync('b'))
  expect(new Set(ids).size).toBe(4)
})

it.each([
  ['a lost connection', new Problem(0, 'network', 'lost')],
  ['a database that is started again', new Problem(503, 'request.busy', 'in a moment')],
])('keeps the id over %s', async (_, problem) => {
  const ids: string[] = []
  const { result } = renderHook(
    () =>
      useWrite((_: string, id) => {
        ids.push(id)
        return ids.length < 3 ? Promise.reject(problem) : Promise.resolve('kept')
      }),
    { wrapper },
  )
  await act(() => result.current.mutateAsync('a'))
  expect(ids).toHaveLength(3)
  expect(new Set(ids).size).toBe(1)
})

it('asks again for a first answer that was on its way when the change was made', async () => {
  let now = 'before'
  const answers: (() => void)[] = []
  const { result } = renderHook(
    () => ({
      read: useQuery({
        queryKey: ['offers'],
        queryFn: () => {
          const asked = now
          return new Promise<string>((resolve) => answers.push(() => resolve(asked)))
        },
      }),
      write: useWrite(() => Promise.resolve((now = 'after'))),
    }),
    { wrapper },
  )
  await act(() => result.current.write.mutateAsync({}))
  act(() => answers[0]!())
  await waitFor(() => expect(answers).toHaveLength(2))
  act(() => answers[1]!())
  await waitFor(() => expect(result.current.read.data).toBe('after'))
})
