import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { givenAwayQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Agreed } from './Agreed'
import { GiveAwayForm } from './GiveAwayForm'

/** A job that somebody else does: who, how long and for how much; or where one says so. */
export function GivenAway({
  projectId,
  job,
}: {
  projectId: string
  job: Pick<Schemas['JobResponse'], 'id' | 'title' | 'over'>
}) {
  const { t } = useTranslation()
  const { owns } = useRole()
  const { data } = useQuery(givenAwayQuery(projectId))
  const given = data?.find((g) => g.jobId === job.id)
  if (!data || (!given && (!owns || job.over))) return null
  return (
    <section aria-label={t('givenAway.say')}>
      {given && <Agreed given={given} />}
      {owns && !job.over && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">
            {t(given ? 'givenAway.change' : 'givenAway.say')}
          </summary>
          <GiveAwayForm key={given?.version ?? 0} jobId={job.id} given={given} />
          {given && <TakeBack job={job} />}
        </details>
      )}
    </section>
  )
}

function TakeBack({ job }: { job: { id: string } }) {
  const { t } = useTranslation()
  const takeBack = useWrite(
    (_: void, id) =>
      unwrap(api.DELETE('/api/jobs/{jobId}/given-away', { params: { path: { jobId: job.id } }, ...write(id) })),
    { said: () => t('givenAway.isTakenBack') },
  )
  return (
    <>
      <ProblemAlert error={takeBack.error} />
      <button type="button" className="btn mt-2" disabled={takeBack.isPending} onClick={() => takeBack.mutate()}>
        {t('givenAway.takeBack')}
      </button>
    </>
  )
}
