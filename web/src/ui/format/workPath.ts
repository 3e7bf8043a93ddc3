import type { Schemas } from '@/api/client'

/** The page of a piece of work that is planned: its job, its part, or the accesses. */
export function workPath(projectId: string, { kind, id }: { kind: Schemas['Subject']['kind']; id: string }) {
  const work = `/p/${projectId}/work`
  switch (kind) {
    case 'JOB':
      return `${work}?job=${id}`
    case 'TRIAL':
      return `/p/${projectId}/parts?need=${id}`
    default:
      return `${work}/access`
  }
}
