import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { Trash2 } from 'lucide-react'
import { Amount, Whole } from '@/ui/form/named'

/** What somebody else does, for how long and for how much. @param name of the fields of the row */
export function GivenAwayRow({
  name,
  currency,
  onRemove,
  children,
}: {
  name: string
  currency: string
  onRemove: () => void
  children: ReactNode
}) {
  const { t } = useTranslation()
  return (
    <fieldset className="card-sheet grid gap-2 p-3">
      <legend className="sr-only">{t('way.givenAway')}</legend>
      {children}
      <div className="grid grid-cols-2 gap-2">
        <Whole name={`${name}.days`} label={t('way.days')} />
        <Amount name={`${name}.costMinor`} label={t('way.price', { currency })} currency={currency} />
      </div>
      <div>
        <button type="button" className="btn btn-ghost btn-sm" onClick={onRemove}>
          <Trash2 className="size-4" aria-hidden="true" />
          {t('way.keepJob')}
        </button>
      </div>
    </fieldset>
  )
}
