import { useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import { BRITISH, keepLanguage, languages, others } from '@/ui/format/language'

/** Which language the pages speak on this device, and the server's texts on them. */
export function LanguageChoice() {
  const { t, i18n } = useTranslation()
  const queries = useQueryClient()
  return (
    <Choice
      label={t('language.label')}
      value={i18n.language}
      onChange={(e) => {
        keepLanguage(localStorage, e.target.value)
        void i18n.changeLanguage(e.target.value).then(() => queries.invalidateQueries())
      }}
    >
      {languages.map((tag) => (
        <option key={tag} value={tag}>
          {tag === BRITISH ? t('language.en-GB') : others[tag]!.name}
        </option>
      ))}
    </Choice>
  )
}
