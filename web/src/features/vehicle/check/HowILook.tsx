import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import { looks, type HowSeen } from './checkWalk'

export type Look = { how: HowSeen; another: boolean }

/** How one looks from here on, and whether another tells. */
export function HowILook({ how, onChange: setHow }: { how: Look; onChange: (how: Look) => void }) {
  const { t } = useTranslation()
  return (
    <>
      <Choice
        label={t('check.howILook')}
        value={how.how}
        onChange={(e) => setHow({ ...how, how: e.target.value as HowSeen })}
      >
        {looks.map((l) => (
          <option key={l} value={l}>
            {t(`seen.${l}`)}
          </option>
        ))}
      </Choice>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={how.another}
          onChange={(e) => setHow({ ...how, another: e.target.checked })}
        />
        {t('check.another')}
      </label>
    </>
  )
}
