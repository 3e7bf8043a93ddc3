import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Subject } from './client'

// What several features read. Keys start with the thing's name, so that a change can make them stale together.

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => unwrap(api.GET('/api/session')),
  staleTime: 60_000,
})

export const garageQuery = queryOptions({
  queryKey: ['garage'],
  queryFn: () => unwrap(api.GET('/api/garage')),
  staleTime: 60_000,
})

/** For owners alone. */
export const backupQuery = queryOptions({
  queryKey: ['backup'],
  queryFn: () => unwrap(api.GET('/api/backup')),
  refetchInterval: 60 * 60 * 1000,
})

/** All currencies, with the digits that each has after the point. */
export const currenciesQuery = queryOptions({
  queryKey: ['currencies'],
  queryFn: () => unwrap(api.GET('/api/garage/currencies')),
  staleTime: Infinity,
})

/** All units, each as a straight line of the first that measures the same. */
export const unitsQuery = queryOptions({
  queryKey: ['units'],
  queryFn: () => unwrap(api.GET('/api/units')),
  staleTime: Infinity,
})

export const projectsQuery = queryOptions({
  queryKey: ['projects'],
  queryFn: () => unwrap(api.GET('/api/projects')),
})

export const projectQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['projects', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{id}', { params: { path: { id: projectId } } })),
  })

/** What was logged, the latest first. */
export const workSessionsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['workSessions', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/work-sessions', { params: { path: { projectId } } })),
  })

/** The drawing of a vehicle, with what it may have where its layout has it. */
export const drawingQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['drawing', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/drawing', { params: { path: { projectId } } })),
  })

/** What a vehicle may be made of. */
export const anatomyQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['anatomy', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/anatomy', { params: { path: { projectId } } })),
    staleTime: 60_000,
  })

/** What the work uses up, and in which packs it is bought. */
export const consumablesQuery = queryOptions({
  queryKey: ['consumables'],
  queryFn: () => unwrap(api.GET('/api/consumables')),
  staleTime: Infinity,
})

export const equipmentQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['equipment', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/equipment', { params: { path: { projectId } } })),
  })

export const findingsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['findings', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/findings', { params: { path: { projectId } } })),
  })

export const jobsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['jobs', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/jobs', { params: { path: { projectId } } })),
  })

export const needsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['needs', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/needs', { params: { path: { projectId } } })),
  })

export const ordersQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['orders', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/orders', { params: { path: { projectId } } })),
  })

export const accessQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['access', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/access', { params: { path: { projectId } } })),
  })

export const planQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['plan', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/plan', { params: { path: { projectId } } })),
  })

export const attachmentsQuery = (subject: Subject, subjectId: string) =>
  queryOptions({
    queryKey: ['attachments', subject, subjectId],
    queryFn: () => unwrap(api.GET('/api/attachments', { params: { query: { subject, subjectId } } })),
  })

/** The evening that the person is in the garage for now; null while they are not. */
export const workSessionBegunQuery = queryOptions({
  queryKey: ['evening-begun'],
  queryFn: async () => (await unwrap(api.GET('/api/work-session-begun'))) ?? null,
})

export const suppliersQuery = queryOptions({
  queryKey: ['suppliers'],
  queryFn: () => unwrap(api.GET('/api/suppliers')),
})

export const placesQuery = queryOptions({
  queryKey: ['places'],
  queryFn: () => unwrap(api.GET('/api/places')),
})

/** A foreign amount in the garage's currency, by the server's own conversion; asked only for a rate that can be one. */
export const conversionQuery = (currency: string, amountMinor: number | undefined, rate: number) =>
  queryOptions({
    queryKey: ['conversion', currency, amountMinor, rate],
    enabled: amountMinor !== undefined && rate > 0,
    retry: false,
    queryFn: () =>
      unwrap(api.GET('/api/conversion', { params: { query: { currency, amountMinor: amountMinor!, rate } } })),
  })

/** What stands before each gate, what is proved, what is tightened. */
export const roadQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['road', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/road', { params: { path: { projectId } } })),
  })

/** What is made by hand for a vehicle. */
export const givenAwayQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['givenAway', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/given-away', { params: { path: { projectId } } })),
  })

export const madeQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['made', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/made', { params: { path: { projectId } } })),
  })
