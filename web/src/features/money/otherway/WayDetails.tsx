import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import type { Shown } from './queries'
import { WaySteps } from './WaySteps'

/** A way, the press that makes it the plan, and what it changes. */
export function WayDetails({ projectId, way, said, currency }: Shown) {
  const { t } = useTranslation()
  const format = useFormat()
  const remove = useWrite(
    (_: void, id) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/other-ways/{id}', {
          params: { path: { projectId, id: said.id } },
          ...write(id),
        }),
      ),
    { said: () => t('way.isRemoved', { name: said.name }) },
  )
  const keep = useWrite(
    (_: void, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/other-ways/{id}/kept', {
          params: { path: { projectId, id: said.id } },
          ...write(id),
        }),
      ),
    { said: () => t('way.isPlan', { name: said.name }) },
  )
  return (
    <Part
      title={said.name}
      aside={
        <button
          type="button"
          className="btn btn-sm"
          aria-label={t('actOn', { act: t('way.remove'), what: said.name })}
          disabled={remove.isPending}
          onClick={() => remove.mutate()}
        >
          {t('way.remove')}
        </button>
      }
    >
      <ProblemAlert error={remove.error} />
      {way.undated.length > 0 && (
        <p className="font-semibold">
          {t('way.noDates', { what: new Intl.ListFormat(format.locale).format(way.undated.map((u) => `“${u}”`)) })}
        </p>
      )}
      <ProblemAlert error={keep.error} />
      <p className="quiet mt-2 text-sm">{t('way.planMeans')}</p>
      <button
        type="button"
        className="btn btn-primary my-2"
        aria-label={t('actOn', { act: t('way.makePlan'), what: said.name })}
        disabled={keep.isPending}
        onClick={() => keep.mutate()}
      >
        {t('way.makePlan')}
      </button>
      <WaySteps projectId={projectId} way={way} said={said} currency={currency} />
      {way.leftOut.length > 0 && (
        <details>
          <summary className="cursor-pointer py-2">
            {t('way.left')}: {t('way.leftJobs', { count: way.leftOut.length })}
          </summary>
          <ul className="list-disc pl-5 text-sm">
            {way.leftOut.map((title, i) => (
              <li key={i}>{title}</li>
            ))}
          </ul>
        </details>
      )}
    </Part>
  )
}
