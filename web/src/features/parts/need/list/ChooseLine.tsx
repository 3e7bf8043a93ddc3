import { useTranslation } from 'react-i18next'

/** Puts a line on the next order. */
export function ChooseLine({
  part,
  chosen,
  onChoose,
}: {
  part: string
  chosen: boolean
  onChoose: (yes: boolean) => void
}) {
  const { t } = useTranslation()
  return (
    <input
      type="checkbox"
      className="checkbox"
      aria-label={t('parts.choose', { part })}
      checked={chosen}
      onChange={(e) => onChoose(e.target.checked)}
    />
  )
}
