import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { accessQuery, jobsQuery } from '@/api/queries'
import { Choice } from '@/ui/form/Field'
import { JobMinutes } from './JobMinutes'

/** Time on a job, or on opening an access or closing it again. */
export type Work = { jobId?: string; access?: string; minutes: number; finished?: boolean }
export const keyOf = (w: Work) => w.jobId ?? w.access ?? ''

/** On which jobs and accesses, and how long on each. */
export function WorkDone({
  projectId,
  work,
  finishing,
  onChange,
}: {
  projectId: string
  work: Work[]
  /** Whether it can be said which jobs are done with it. */
  finishing: boolean
  onChange: (work: Work[]) => void
}) {
  const { t } = useTranslation()
  const { data: all } = useQuery(jobsQuery(projectId))
  const { data: access } = useQuery(accessQuery(projectId))
  const inUse = new Set(access?.stripDowns.map((o) => o.access))
  const here = new Set(work.map(keyOf))
  const jobs = all?.jobs.filter((j) => j.state !== 'DROPPED' && j.state !== 'VERIFIED' && !here.has(j.id)) ?? []
  const accesses = access?.accesses.filter((w) => inUse.has(w.id) && !here.has(w.id)) ?? []
  const titleOf = (w: Work) =>
    w.access
      ? t('workSession.wayIn', { what: access?.accesses.find((x) => x.id === w.access)?.name ?? '' })
      : (all?.jobs.find((j) => j.id === w.jobId)?.title ?? '')
  const put = (w: Work, minutes: number) =>
    onChange(
      minutes > 0
        ? work.map((x) => (keyOf(x) === keyOf(w) ? { ...x, minutes } : x))
        : work.filter((x) => keyOf(x) !== keyOf(w)),
    )
  const add = (id: string) =>
    id && onChange([...work, { ...(inUse.has(id) ? { access: id } : { jobId: id }), minutes: 60 }])
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 font-semibold">{t('workSession.onWhat')}</legend>
      {work.map((w) => (
        <JobMinutes
          key={keyOf(w)}
          title={titleOf(w)}
          asks={all?.jobs.some((j) => j.id === w.jobId && !j.over) ? w.jobId : undefined}
          minutes={w.minutes}
          onChange={(minutes) => put(w, minutes)}
          finished={w.jobId && finishing ? (w.finished ?? false) : undefined}
          onFinished={(finished) => onChange(work.map((x) => (x === w ? { ...x, finished } : x)))}
        />
      ))}
      <Choice
        label={t(work.length === 0 ? 'workSession.firstJob' : 'workSession.anotherJob')}
        value=""
        onChange={(e) => add(e.target.value)}
      >
        <option value="">{t('workSession.chooseJob')}</option>
        {jobs.map((j) => (
          <option key={j.id} value={j.id}>
            {j.code} {j.title}
          </option>
        ))}
        {accesses.length > 0 && (
          <optgroup label={t('workSession.waysIn')}>
            {accesses.map((w) => (
              <option key={w.id} value={w.id}>
                {w.name}
              </option>
            ))}
          </optgroup>
        )}
      </Choice>
    </fieldset>
  )
}
