import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Decimal } from '@/ui/form/named'
import { filled, orNothing } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useHoursRule } from '@/ui/form/useHoursRule'
import { hours } from '@/ui/format/format'

type Follows = Schemas['ConditionsResponse']['follows'][number]

/** How soon it should begin after one that it follows. Empty: as the trade says, or at any time. */
export function Within({ jobId, follows }: { jobId: string; follows: Follows }) {
  const { t } = useTranslation()
  const own = follows.withinMinutes !== undefined && !follows.byRule
  const form = useFields(z.object({ minutes: orNothing(useHoursRule()) }), {
    minutes: own ? String(follows.withinMinutes! / 60) : '',
  })
  const save = useWrite(
    (body: Schemas['WithinRequest'], id) =>
      unwrap(api.PUT('/api/jobs/{id}/within', { params: { path: { id: jobId } }, body, ...write(id) })),
    { said: () => t('conditions.kept') },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      aside
      inRow
      className="mt-3"
      onSubmit={(v) => save.mutate({ before: follows.jobId, ...filled(v) })}
    >
      <div className="grow">
        <Decimal
          name="minutes"
          label={t('conditions.within', { what: follows.title })}
          hint={
            follows.byRule ? t('conditions.byRule', { time: hours(follows.withinMinutes!) }) : t('conditions.noRule')
          }
        />
      </div>
    </Form>
  )
}
