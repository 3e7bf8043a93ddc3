import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import type { Readings } from '../reading/readings'

/** What somebody added to measure and nothing was measured by yet: it can go again. */
export function OwnMeasurands({ projectId, readings }: { projectId: string; readings: Readings }) {
  const { t } = useTranslation()
  const used = new Set(readings.measured.map((m) => m.limitId))
  const unused = readings.limits.filter((l) => l.own && !used.has(l.id))
  const remove = useWrite(
    (limitId: string, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/measurands/{id}', {
          params: { path: { projectId, id: limitId.replace('own-', '') } },
          ...write(writeId),
        }),
      ),
    { said: () => t('own.removed') },
  )
  if (unused.length === 0) return null
  return (
    <Part title={t('own.unused')}>
      <ul>
        {unused.map((l) => (
          <li key={l.id} className="flex min-h-11 items-center justify-between gap-3 border-b border-base-300">
            {l.name}
            <button type="button" className="link" disabled={remove.isPending} onClick={() => remove.mutate(l.id)}>
              {t('own.remove', { name: l.name })}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={remove.error} />
    </Part>
  )
}
