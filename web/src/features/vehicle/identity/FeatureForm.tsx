import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'
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
  const form = useFields(
    z.object({ expected: z.string(), found: z.string(), foundAt: z.string(), agrees: z.enum(['', 'true', 'false']) }),
    {
      expected: row.expected,
      found: row.found,
      foundAt: row.foundAt,
      agrees: row.agrees === undefined ? '' : row.agrees ? ('true' as const) : ('false' as const),
    },
  )
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
  return (
    <Sheet title={name} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('identitySheet.keep')}
        onSubmit={({ agrees, ...v }) =>
          save.mutate({
            feature: row.feature,
            ...v,
            ...(!literal && agrees && { agrees: agrees === 'true' }),
            version: row.version,
          })
        }
      >
        <p className="quiet text-sm">{t(`identitySheet.how.${row.feature}`)}</p>
        <Line name="expected" label={t('identitySheet.expected')} />
        <Line name="found" label={t('identitySheet.found')} />
        <Line name="foundAt" label={t('identitySheet.foundAt')} />
        {!literal && (
          <Pick
            name="agrees"
            label={t('identitySheet.agrees')}
            none={t('identitySheet.cannotSay')}
            of={['true', 'false']}
            say={(v) => t(v === 'true' ? 'identitySheet.yes' : 'identitySheet.no')}
          />
        )}
      </Form>
    </Sheet>
  )
}
