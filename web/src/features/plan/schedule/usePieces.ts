import { useCallback } from 'react'
import { useQuery } from '@tanstack/react-query'
import { jobsQuery } from '@/api/queries'
import type { Activity, Piece } from './axis/lanes'

/** What piece of work an activity is a step of; itself where it is none. */
export function usePieces(projectId: string): (activity: Activity) => Piece {
  const { data: work } = useQuery(jobsQuery(projectId))
  return useCallback(
    (a: Activity) => {
      const id = work?.jobs.find((j) => j.id === a.subject.id)?.chainId
      const chain = work?.chains.find((c) => c.id === id)
      return chain ? { id: chain.id, title: chain.title } : { id: a.subject.id, title: a.subject.title }
    },
    [work],
  )
}
