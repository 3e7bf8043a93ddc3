import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

/** When one has time in the garage. */
export const calendarQuery = queryOptions({ queryKey: ['calendar'], queryFn: () => unwrap(api.GET('/api/calendar')) })

/** Of all times of a week together. */
export const minutesAWeek = (windows: Schemas['WindowFields'][]) =>
  windows.reduce((sum, w) => sum + Math.max(0, w.toMinute - w.fromMinute), 0)
