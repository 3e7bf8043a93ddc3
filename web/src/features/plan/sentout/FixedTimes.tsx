import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { NewTime } from './NewTime'

/** An inspection, the alignment bench: the plan bends round them. */
export function FixedTimes({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: times } = useQuery({
    queryKey: ['appointments', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/appointments', { params: { path: { projectId } } })),
  })
  const remove = useWrite(
    (appointmentId: string, id) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/appointments/{id}', {
          params: { path: { projectId, id: appointmentId } },
          ...write(id),
        }),
      ),
    { said: () => t('away.timeRemoved') },
  )
  return (
    <Part title={t('away.fixed')}>
      {times?.length === 0 && <p className="quiet">{t('away.noFixed')}</p>}
      <ul>
        {times?.map((a) => (
          <li key={a.id} className="flex items-center gap-2 border-b border-base-300 py-1">
            <span className="grow">
              <span className="font-semibold">{a.title}</span>
              <span className="quiet block text-sm">
                {format.shortDay(format.dateOf(a.startsAt))}, {format.time(a.startsAt)}
                {a.needsRolling && ` · ${t('away.rolls')}`}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={t('actOn', { act: t('away.removeTime'), what: a.title })}
              onClick={() => remove.mutate(a.id)}
            >
              {t('away.removeTime')}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={remove.error} />
      <NewTime projectId={projectId} />
    </Part>
  )
}
