import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'

export type Kind = Schemas['FindingFields']['kind']

/** What is wrong, one press. */
export function KindPick({
  offered,
  value,
  onChange,
}: {
  offered: readonly Kind[]
  value: Kind | undefined
  onChange: (kind: Kind) => void
}) {
  const { t } = useTranslation()
  return (
    <fieldset>
      <legend className="mb-2 font-semibold">{t('walk.whatIsWrong')}</legend>
      <div className="grid grid-cols-2 gap-2">
        {offered.map((k) => (
          <button
            key={k}
            type="button"
            aria-pressed={k === value}
            className={`btn h-auto min-h-11 justify-start py-2 text-left font-normal ${k === value ? 'btn-primary' : ''}`}
            onClick={() => onChange(k)}
          >
            {t(`kind.${k}`)}
          </button>
        ))}
      </div>
    </fieldset>
  )
}
