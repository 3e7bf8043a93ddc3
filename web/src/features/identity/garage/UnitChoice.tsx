import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import { chooseUnit, quantities, quantityNames, useUnits, type Unit } from '@/ui/format/units'

/** In which units this person reads on this device; each apart. */
export function UnitChoice() {
  const { t } = useTranslation()
  const units = useUnits()
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('units.title')}</summary>
      <div className="grid grid-cols-2 gap-2">
        {quantityNames.map((quantity) => (
          <Choice
            key={quantity}
            label={t(`units.${quantity}`)}
            value={units.preferred(quantity)}
            onChange={(e) => chooseUnit(quantity, e.target.value as Unit)}
          >
            {quantities[quantity].map((unit) => (
              <option key={unit} value={unit}>
                {t(`unit.${unit}`)}
              </option>
            ))}
          </Choice>
        ))}
      </div>
    </details>
  )
}
