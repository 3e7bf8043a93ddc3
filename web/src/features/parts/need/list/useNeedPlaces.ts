import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { anatomyQuery, drawingQuery, jobsQuery } from '@/api/queries'
import { needPlaces } from './needPlaces'

/** By place of the vehicle, what is still to go there; `''` for what goes nowhere in particular. */
export function useNeedPlaces(projectId: string, needs: Schemas['Need'][]) {
  const { data: body } = useQuery(drawingQuery(projectId))
  const { data: things } = useQuery(anatomyQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  return body && things && work && { body, at: needPlaces(needs, work.jobs, things, body.zones) }
}
