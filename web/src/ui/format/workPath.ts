import type { Schemas } from '@/api/client'

/** The page of a piece of work that is planned: its job, its part, or the accesses. */
export function workPath(projectId: string, { kind, id }: { kind: Schemas['Subject']['kind']; id: string }) {
  switch (kind) {
    case 'JOB':
      return `/p/${projectId}/work?job=${id}`
    case 'TRIAL':
      return `/p/${projectId}/parts?need=${id}`
    default:
      return `/p/${projectId}/work/access`
  }
}
