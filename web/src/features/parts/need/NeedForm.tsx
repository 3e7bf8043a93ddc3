import { useMemo, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { grades, sides } from '@/api/generated/enums'
import { anatomyQuery, jobsQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Note, Pick, Whole } from '@/ui/form/named'
import { filled, line, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useObjections } from './useObjections'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

function useNeedRules(currency: string) {
  const { t } = useTranslation()
  const amount = useAmountRule()
  return z.object({
    title: line(t('parts.titleMissing')),
    side: z.enum(sides),
    quantity: whole(t('parts.quantityWrong'), { min: 1, max: 9999 }),
    estimate: orNothing(amount(currency)),
    leadDays: whole(t('parts.leadWrong'), { min: 0, max: 730 }),
    jobId: z.string(),
    grade: z.enum(['', ...grades]),
    gradeReason: z.string().max(120),
    pairWaiver: z.string().max(120),
    holdWaiver: z.string().max(120),
    againWaiver: z.string().max(120),
    mustMatch: z.string().max(1600),
  })
}

const valuesOf = (need: Schemas['Need'] | undefined, jobId: string | undefined, currency: string) => ({
  title: need?.title ?? '',
  side: need?.side ?? ('NONE' as const),
  quantity: String(need?.quantity ?? 1),
  estimate: need?.estimateMinor ? minorText(need.estimateMinor, currency) : '',
  leadDays: String(need?.leadDays ?? 7),
  jobId: need?.jobId ?? jobId ?? '',
  grade: need?.grade ?? ('' as const),
  gradeReason: need?.gradeReason ?? '',
  pairWaiver: need?.pairWaiver ?? '',
  holdWaiver: need?.holdWaiver ?? '',
  againWaiver: need?.againWaiver ?? '',
  mustMatch: need?.mustMatch ?? '',
})

type Props = { projectId: string; need?: Schemas['Need']; jobId?: string; onClose: () => void }

/** A part or consumable that a job needs. */
export function NeedForm({ projectId, need, jobId, onClose }: Props) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const { owns } = useRole()
  const [id] = useState(() => need?.id ?? crypto.randomUUID())
  const { data: work } = useQuery(jobsQuery(projectId))
  const rules = useNeedRules(currency)
  const form = useFields(rules, valuesOf(need, jobId, currency))
  const grade = useWatch({ control: form.control, name: 'grade' })
  const jobs = useMemo(() => new Map(work?.jobs.map((j) => [j.id, `${j.code} ${j.title}`])), [work])
  const known =
    useQuery(anatomyQuery(projectId))
      .data?.filter((c) => !c.symptom)
      .map((c) => c.name) ?? []
  const objections = useObjections(need)
  const save = useWrite(
    (fields: Schemas['NeedFields'], writeId) =>
      need
        ? unwrap(
            api.PUT('/api/needs/{id}', {
              params: { path: { id } },
              body: { fields, version: need.version },
              ...write(writeId),
            }),
          )
        : unwrap(
            api.POST('/api/projects/{projectId}/needs', {
              params: { path: { projectId } },
              body: { id, fields },
              ...write(writeId),
            }),
          ),
    { said: (v) => t(need ? 'parts.saved' : 'parts.added', { part: v.title }), done: onClose },
  )
  return (
    <Sheet title={need ? t('parts.edit') : t('parts.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('save')}
        onCancel={onClose}
        onSubmit={({ estimate, gradeReason, ...v }) =>
          save.mutate(filled({ ...v, estimateMinor: estimate ?? 0, gradeReason: v.grade && gradeReason }))
        }
      >
        <Line name="title" label={t('parts.partTitle')} known={known} />
        <div className="grid grid-cols-2 gap-3">
          <Whole name="quantity" label={t(`parts.quantityIn.${need?.unit ?? 'PIECE'}`)} />
          <Pick name="side" label={t('parts.side')} of={sides} say={(s) => t(`side.${s}`)} />
          {owns && <Amount name="estimate" label={t('parts.estimate', { currency })} currency={currency} />}
          <Whole name="leadDays" label={t('parts.leadDays')} />
        </div>
        <Pick
          name="jobId"
          label={t('parts.forJob')}
          none={t('parts.noJob')}
          of={[...jobs.keys()]}
          say={(j) => jobs.get(j)!}
        />
        <Pick
          name="grade"
          label={t('parts.grade')}
          none={t('parts.gradeOfAim')}
          of={grades}
          say={(g) => t(`grade.${g}`)}
        />
        <Note name="mustMatch" label={t('parts.mustMatch')} hint={t('parts.mustMatchHint')} rows={2} />
        {(objections.oneWheel || need?.pairWaiver) && (
          <Line name="pairWaiver" label={t('parts.pairWaiver')} hint={objections.oneWheel} />
        )}
        {(objections.unopened || need?.holdWaiver) && (
          <Line name="holdWaiver" label={t('parts.holdWaiver')} hint={objections.unopened} />
        )}
        {(objections.again?.isAsked || need?.againWaiver) && (
          <Line name="againWaiver" label={t('parts.againWaiver')} hint={objections.boughtAgain} />
        )}
        {grade && <Line name="gradeReason" label={t('parts.gradeReason')} />}
      </Form>
    </Sheet>
  )
}
