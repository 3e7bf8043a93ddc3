import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import type { Thing } from '@/ui/format/names/things'

/** What a finding is about: a part that is at the place, what the vehicle does there, or neither. */
export function ThingPick({ here, value, onChange }: { here: Thing[]; value: string; onChange: (id: string) => void }) {
  const { t } = useTranslation()
  if (here.length === 0) return null
  const parts = here.filter((c) => !c.symptom)
  const does = here.filter((c) => c.symptom)
  const byName = (all: Thing[]) => [...all].sort((a, b) => a.name.localeCompare(b.name))
  return (
    <Choice label={t('finding.thing')} value={value} onChange={(e) => onChange(e.target.value)}>
      <option value="">{t('finding.noThing')}</option>
      {parts.length > 0 && (
        <optgroup label={t('finding.partsHere')}>
          {byName(parts).map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </optgroup>
      )}
      {does.length > 0 && (
        <optgroup label={t('finding.does')}>
          {byName(does).map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </optgroup>
      )}
    </Choice>
  )
}
