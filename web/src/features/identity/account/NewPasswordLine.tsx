import { useTranslation } from 'react-i18next'
import { Line } from '@/ui/form/named'

/** A password that is chosen, in the form around it. @param hint how it should be, unless something else is to be said */
export function NewPasswordLine({ name, label, hint }: { name: string; label: string; hint?: string }) {
  const { t } = useTranslation()
  return (
    <Line
      name={name}
      label={label}
      hint={hint ?? t('first.passwordHint')}
      type="password"
      autoComplete="new-password"
    />
  )
}
