import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'

/** What it takes to make a part again. */
export function MadePart({ part }: { part: Schemas['MadePart'] }) {
  const { t } = useTranslation()
  return (
    <>
      <p>
        {t('made.is', { material: part.material, count: part.pieces })}
        {part.number && <span className="quiet"> · {t('made.numbered', { number: part.number })}</span>}
      </p>
      <p className="whitespace-pre-wrap">{part.sizes}</p>
    </>
  )
}
