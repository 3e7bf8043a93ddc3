import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { aims, jobCauses, operations } from '@/api/generated/enums'
import { line, number, whole } from '@/ui/form/rules'
import type { Job } from '../jobWork'

/** What may stand in the form of a job; hours as people say them. */
export function useJobRules() {
  const { t } = useTranslation()
  const hours = number(t('job.hoursWrong'), { min: 0 })
  return z.object({
    title: line(t('job.titleMissing')),
    operation: z.enum(operations),
    aim: z.enum(aims),
    optimistic: hours,
    likely: hours,
    pessimistic: hours,
    note: z.string().max(4000),
    zone: z.string(),
    pieces: whole(t('parts.quantityWrong'), { min: 1, max: 9999 }),
    cause: z.enum(jobCauses),
    halfOpen: z.string().max(4000),
    details: z.array(z.custom<Job['details'][number]>()),
    after: z.array(z.string()),
  })
}
export type JobValues = z.input<ReturnType<typeof useJobRules>>
type Said = z.output<ReturnType<typeof useJobRules>>

const usual = {
  title: '',
  operation: 'REPLACE',
  aim: 'ROAD_READY',
  note: '',
  zone: '',
  pieces: 1,
  cause: 'FORGOTTEN',
  halfOpen: '',
  details: [],
  after: [],
} satisfies Partial<JobValues>

type Effort = Schemas['EffortFields']
/** A job as it is told; or as it is stored, where its hours stand beside the rest. */
type Told = Omit<Partial<Job>, 'effort'> & (Effort | { effort: Effort })

export function valuesOf(job?: Told): JobValues {
  const effort = job && ('effort' in job ? job.effort : job)
  const hours = (minutes: number | undefined, else_: number) => (minutes === undefined ? else_ : minutes / 60)
  return {
    title: job?.title ?? usual.title,
    operation: job?.operation ?? usual.operation,
    aim: job?.aim ?? usual.aim,
    note: job?.note ?? usual.note,
    zone: job?.zone ?? usual.zone,
    pieces: job?.pieces ?? usual.pieces,
    cause: job?.cause ?? usual.cause,
    halfOpen: job?.halfOpen ?? usual.halfOpen,
    details: job?.details ?? usual.details,
    after: job?.after ?? usual.after,
    optimistic: hours(effort?.optimisticMinutes, 0.5),
    likely: hours(effort?.likelyMinutes, 1),
    pessimistic: hours(effort?.pessimisticMinutes, 2),
  }
}

export function fieldsOf({ optimistic, likely, pessimistic, zone, ...said }: Said, findings: string[]) {
  const minutes = (hours: number) => Math.round(hours * 60)
  return {
    ...said,
    findings,
    effort: {
      optimisticMinutes: minutes(optimistic),
      likelyMinutes: minutes(likely),
      pessimisticMinutes: minutes(pessimistic),
    },
    ...(zone && { zone }),
  } satisfies Schemas['JobFields']
}
