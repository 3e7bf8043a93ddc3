import type { Schemas } from '@/api/client'

export const minutesOf = (session: Schemas['WorkSessionResponse']): number =>
  session.work.reduce((sum, w) => sum + w.minutes, 0)
