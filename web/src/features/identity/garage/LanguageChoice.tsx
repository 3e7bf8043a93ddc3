import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import { keepLanguage, languages, type Language } from '@/ui/format/language'

/** Which English the pages speak on this device. */
export function LanguageChoice() {
  const { t, i18n } = useTranslation()
  return (
    <Choice
      label={t('language.label')}
      value={i18n.language}
      onChange={(e) => {
        keepLanguage(localStorage, e.target.value as Language)
        void i18n.changeLanguage(e.target.value)
      }}
    >
      {languages.map((l) => (
        <option key={l} value={l}>
          {t(`language.${l}`)}
        </option>
      ))}
    </Choice>
  )
}
