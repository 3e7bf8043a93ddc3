import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'

/** What was on hold, or left out, may be bought after all. */
export function ReleaseButton({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const release = useWrite(
    (version: number, id) =>
      unwrap(
        api.POST('/api/needs/{id}/release', {
          params: { path: { id: need.id } },
          body: { version },
          ...write(id),
        }),
      ),
    { said: () => t(need.state === 'HELD' ? 'parts.released' : 'parts.isNeeded') },
  )
  return (
    <div>
      <button
        type="button"
        className="btn btn-primary"
        disabled={release.isPending}
        onClick={() => release.mutate(need.version)}
      >
        {t(need.state === 'HELD' ? 'parts.release' : 'parts.neededAfterAll')}
      </button>
      <ProblemAlert error={release.error} />
    </div>
  )
}
