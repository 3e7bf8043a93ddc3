import { useTranslation } from 'react-i18next'
import { TriangleAlert } from 'lucide-react'
import type { Schemas } from '@/api/client'

/** The usual dangers of a piece of work, before its first step. */
export function Cautions({ cautions }: { cautions: Schemas['RecipeResponse']['cautions'] }) {
  const { t } = useTranslation()
  if (cautions.length === 0) return null
  return (
    <aside aria-label={t('caution.title')} className="rounded border-l-4 border-warning bg-base-100 p-3 text-sm">
      <p className="flex items-center gap-2 font-semibold">
        <TriangleAlert className="size-5 text-warning" aria-hidden="true" />
        {t('caution.title')}
      </p>
      <ul className="my-1 list-disc pl-6">
        {cautions.map((c) => (
          <li key={c}>{t(`caution.${c}`)}</li>
        ))}
      </ul>
      <p className="quiet">{t('caution.defers')}</p>
    </aside>
  )
}
