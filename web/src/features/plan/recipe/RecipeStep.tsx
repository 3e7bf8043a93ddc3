import { useTranslation } from 'react-i18next'
import { operations } from '@/api/generated/enums'
import { Decimal, Line, Pick, Whole } from '@/ui/form/named'

/** One step of a recipe: what is done, how long it takes, how long it is then left. */
export function RecipeStep({ number, only, onRemove }: { number: number; only: boolean; onRemove: () => void }) {
  const { t } = useTranslation()
  const at = (field: string) => `steps.${number}.${field}`
  return (
    <fieldset className="grid gap-2 border-t border-base-300 pt-3">
      <legend className="font-semibold">{t('recipes.sheet.step', { number: number + 1 })}</legend>
      <Line name={at('title')} label={t('recipes.sheet.name')} />
      <Pick
        name={at('operation')}
        label={t('recipes.sheet.operation')}
        of={operations}
        say={(o) => t(`operation.${o}`)}
      />
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <Decimal name={at('optimistic')} label={t('recipes.sheet.optimistic')} />
        <Decimal name={at('likely')} label={t('recipes.sheet.likely')} />
        <Decimal name={at('pessimistic')} label={t('recipes.sheet.pessimistic')} />
        <Whole name={at('wait')} label={t('recipes.sheet.wait')} />
      </div>
      <Line name={at('tools')} label={t('recipes.sheet.tools')} maxLength={400} />
      {!only && (
        <div>
          <button type="button" className="btn btn-ghost btn-sm" onClick={onRemove}>
            {t('recipes.sheet.remove', { number: number + 1 })}
          </button>
        </div>
      )}
    </fieldset>
  )
}
