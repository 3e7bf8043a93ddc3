import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { NewVariantPart } from './NewVariantPart'

type VariantPart = Schemas['VariantPartRow']

/** Parts that look alike on a sister variant and do not fit: they warn on the list of parts. */
export function VariantParts({ projectId, parts }: { projectId: string; parts: VariantPart[] }) {
  const { t } = useTranslation()
  const drop = useWrite(
    (gone: string, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/variant-parts/{id}', {
          params: { path: { projectId, id: gone } },
          ...write(writeId),
        }),
      ),
    { said: () => t('identitySheet.partDropped') },
  )
  return (
    <>
      <p className="quiet mb-2 text-sm">{t('identitySheet.otherwiseHint')}</p>
      <ul className="mb-3">
        {parts.map((p) => (
          <li key={p.id} className="flex items-center gap-2 border-b border-base-300 py-1">
            <span className="grow">
              <span className="font-semibold">{p.name}</span>: {p.difference}
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={t('actOn', { act: t('identitySheet.drop'), what: p.name })}
              onClick={() => drop.mutate(p.id)}
            >
              {t('identitySheet.drop')}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={drop.error} />
      <NewVariantPart projectId={projectId} />
    </>
  )
}
