import { useController } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { TextField } from './Field'

/** Where a vehicle stands whose structure is weak: asked once the usual points were refused. */
export function SupportPoints({
  error,
  value,
  onChange,
}: {
  error: { code?: string } | null
  value: string
  onChange: (points: string) => void
}) {
  const { t } = useTranslation()
  if (error?.code !== 'strip-down.support' && !value) return null
  return (
    <TextField
      label={t('access.supportPoints')}
      value={value}
      maxLength={120}
      onChange={(e) => onChange(e.target.value)}
    />
  )
}

/** The same in the form around it, under the name of `supportPoints`. */
export function SupportPointsLine({ error }: { error: { code?: string } | null }) {
  const { field } = useController({ name: 'supportPoints' })
  return <SupportPoints error={error} value={field.value as string} onChange={field.onChange} />
}
