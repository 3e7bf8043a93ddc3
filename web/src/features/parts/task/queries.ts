import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const tasksQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['needs', projectId, 'tasks'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/parts/tasks', { params: { path: { projectId } } })),
  })
