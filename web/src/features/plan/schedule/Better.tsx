import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import type { Plan } from './axis/lanes'

/** What a longer search has found meanwhile; taken, it is the plan that is followed. */
export function Better({ projectId, plan }: { projectId: string; plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  const take = useWrite(
    (_: object, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/plan/follow-better', { params: { path: { projectId } }, ...write(id) }),
      ),
    { said: () => t('dates.follows'), undoable: false },
  )
  const { better } = plan
  if (!better) return null
  return (
    <div role="status" className="mb-4 flex flex-wrap items-center gap-3 border-l-4 border-accent pl-3">
      <p className="grow">
        {t('dates.better', {
          aim: t(`reached.${better.aim}`),
          after: format.shortDay(better.after),
          before: format.shortDay(better.before),
        })}
      </p>
      <button type="button" className="btn btn-primary" disabled={take.isPending} onClick={() => take.mutate({})}>
        {t('dates.takeBetter')}
      </button>
      <ProblemAlert error={take.error} />
    </div>
  )
}
