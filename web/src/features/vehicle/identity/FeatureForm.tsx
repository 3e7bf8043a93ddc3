import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import type { Feature } from './identity'

/** What the papers say of one feature, and what stands on the vehicle. */
export function FeatureForm({
  projectId,
  feature: { row, literal },
  onClose,
}: {
  projectId: string
  feature: Feature
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [v, setV] = useState({ expected: row.expected, found: row.found, foundAt: row.foundAt })
  const [agrees, setAgrees] = useState(row.agrees === undefined ? '' : String(row.agrees))
  const name = t(`identitySheet.feature.${row.feature}`)
  const save = useWrite(
    (body: Schemas['FeatureRow'], id) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/identity/features', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('identitySheet.kept', { name }), done: onClose },
  )
  const field = (key: keyof typeof v, label: string) => (
    <TextField label={label} value={v[key]} maxLength={120} onChange={(e) => setV({ ...v, [key]: e.target.value })} />
  )
  return (
    <Sheet title={name} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            feature: row.feature,
            ...v,
            ...(!literal && agrees && { agrees: agrees === 'true' }),
            version: row.version,
          })
        }}
      >
        <p className="quiet text-sm">{t(`identitySheet.how.${row.feature}`)}</p>
        {field('expected', t('identitySheet.expected'))}
        {field('found', t('identitySheet.found'))}
        {field('foundAt', t('identitySheet.foundAt'))}
        {!literal && (
          <Choice label={t('identitySheet.agrees')} value={agrees} onChange={(e) => setAgrees(e.target.value)}>
            <option value="">{t('identitySheet.cannotSay')}</option>
            <option value="true">{t('identitySheet.yes')}</option>
            <option value="false">{t('identitySheet.no')}</option>
          </Choice>
        )}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={save.isPending}>
          {t('identitySheet.keep')}
        </button>
      </form>
    </Sheet>
  )
}
