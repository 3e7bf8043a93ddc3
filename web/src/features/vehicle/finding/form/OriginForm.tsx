import { useForm } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { previousWorks } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Pick } from '@/ui/form/named'
import { filled } from '@/ui/form/rules'
import { FindingPick } from '../FindingPick'

type Finding = Schemas['FindingRow']
type Props = { finding: Finding; others: Finding[]; nameOf: (f: Finding) => string; onDone: () => void }

/** What a finding was found behind, and what becomes of an earlier owner's work. */
export function OriginForm({ finding, others, nameOf, onDone }: Props) {
  const { t } = useTranslation()
  const form = useForm({
    defaultValues: { behindId: finding.behindId ?? '', previousWork: finding.previousWork ?? ('' as const) },
  })
  const save = useWrite(
    (body: Schemas['OriginRequest'], id) =>
      unwrap(api.PUT('/api/findings/{id}/origin', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: () => t('origin.saved'), done: onDone },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('origin.save')}
      onCancel={onDone}
      onSubmit={(v) => save.mutate({ ...filled(v), version: finding.version })}
    >
      <FindingPick
        name="behindId"
        label={t('origin.behind')}
        none={t('origin.behindNothing')}
        others={others}
        nameOf={nameOf}
      />
      <Pick
        name="previousWork"
        label={t('origin.previous')}
        none={t('origin.previousNone')}
        of={previousWorks}
        say={(p) => t(`origin.previousWork.${p}`)}
      />
    </Form>
  )
}
