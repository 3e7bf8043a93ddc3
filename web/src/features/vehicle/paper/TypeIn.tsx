import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Note, Pick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { looks } from '../check/checkWalk'

/** What was written on a sheet, typed in line after line; what is marked as not good becomes a finding. */
export function TypeIn({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const there = (max: number) => line(t('form.missing'), max)
  const form = useFields(z.object({ edition: there(4), howSeen: z.enum(looks), typed: there(4000) }), {
    edition: '',
    howSeen: 'WALKED_ROUND' as const,
    typed: '',
  })
  const keep = useWrite(
    (body: Schemas['SheetRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/sheet', { params: { path: { projectId } }, body, ...write(id) })),
    {
      said: (_, kept) =>
        [t('paper.kept', { count: kept.kept }), kept.failed > 0 && t('paper.failed', { count: kept.failed })]
          .filter(Boolean)
          .join(' '),
      done: () => form.resetField('typed'),
    },
  )
  return (
    <Form
      form={form}
      save={keep}
      label={t('paper.keep')}
      className="mb-4 max-w-2xl"
      onSubmit={(sheet) => keep.mutate({ id: crypto.randomUUID(), ...sheet })}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <Line name="edition" label={t('paper.edition')} maxLength={4} autoCapitalize="characters" />
        <Pick name="howSeen" label={t('paper.howSeen')} of={looks} say={(l) => t(`seen.${l}`)} />
      </div>
      <Note name="typed" label={t('paper.typed')} hint={t('paper.typedHint')} />
    </Form>
  )
}
