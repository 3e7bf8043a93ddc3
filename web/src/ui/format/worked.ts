import type { Schemas } from '@/api/client'

/** What was worked in a session, or in several. */
export const workedMinutes = (...sessions: Pick<Schemas['WorkSessionResponse'], 'work'>[]): number =>
  sessions.flatMap((s) => s.work).reduce((sum, w) => sum + w.minutes, 0)
