import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import { zodResolver } from '@hookform/resolvers/zod'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { minorText, parseMinor, useAmountProblem } from '@/ui/format/money'

const grades = ['SERVICEABLE', 'GOOD', 'SHOW'] as const
const sides = ['NONE', 'LEFT', 'RIGHT', 'BOTH'] as const
const schema = z.object({
  title: z.string().trim().min(1, 'parts.titleMissing').max(120),
  side: z.enum(sides),
  quantity: z.coerce
    .number({ error: 'parts.quantityWrong' })
    .int('parts.quantityWrong')
    .min(1, 'parts.quantityWrong')
    .max(9999, 'parts.quantityWrong'),
  estimate: z.string(),
  leadDays: z.coerce
    .number({ error: 'parts.leadWrong' })
    .int('parts.leadWrong')
    .min(0, 'parts.leadWrong')
    .max(730, 'parts.leadWrong'),
  jobId: z.string(),
  grade: z.enum(['', ...grades]),
  gradeReason: z.string().max(120),
})

/** A part or consumable that a job needs. */
export function NeedForm({
  projectId,
  need,
  jobId,
  onClose,
}: {
  projectId: string
  need?: Schemas['NeedRow']
  jobId?: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const amountProblem = useAmountProblem()
  const { owns } = useRole()
  const [id] = useState(() => need?.id ?? crypto.randomUUID())
  const { data: work } = useQuery(jobsQuery(projectId))
  const form = useForm({
    resolver: zodResolver(schema),
    defaultValues: {
      title: need?.title ?? '',
      side: need?.side ?? ('NONE' as const),
      quantity: need?.quantity ?? 1,
      estimate: need?.estimateMinor ? minorText(need.estimateMinor, format.currency) : '',
      leadDays: need?.leadDays ?? 7,
      jobId: need?.jobId ?? jobId ?? '',
      grade: need?.grade ?? ('' as const),
      gradeReason: need?.gradeReason ?? '',
    },
  })
  const grade = useWatch({ control: form.control, name: 'grade' })
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
  const submit = form.handleSubmit((v) => {
    const estimateMinor = v.estimate.trim() === '' ? 0 : parseMinor(v.estimate, format.currency)
    if (estimateMinor === undefined) {
      form.setError('estimate', { message: amountProblem(v.estimate, format.currency) })
      return
    }
    save.mutate({
      title: v.title,
      side: v.side,
      quantity: v.quantity,
      leadDays: v.leadDays,
      estimateMinor,
      ...(v.jobId ? { jobId: v.jobId } : {}),
      ...(v.grade ? { grade: v.grade, gradeReason: v.gradeReason } : {}),
    })
  })
  const errorOf = (field: 'title' | 'quantity' | 'estimate' | 'leadDays') => {
    const message = form.formState.errors[field]?.message
    return field === 'estimate' ? message : message ? t(message as 'moneyWrong') : undefined
  }
  return (
    <Sheet title={need ? t('parts.edit') : t('parts.add')} onClose={onClose}>
      <form className="grid gap-3" onSubmit={(e) => void submit(e)} noValidate>
        <TextField label={t('parts.partTitle')} error={errorOf('title')} {...form.register('title')} />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={t('parts.quantity')}
            inputMode="numeric"
            error={errorOf('quantity')}
            {...form.register('quantity')}
          />
          <Choice label={t('parts.side')} {...form.register('side')}>
            {sides.map((s) => (
              <option key={s} value={s}>
                {t(`side.${s}`)}
              </option>
            ))}
          </Choice>
          {owns && (
            <TextField
              label={t('parts.estimate', { currency: format.currency })}
              inputMode="decimal"
              error={errorOf('estimate')}
              {...form.register('estimate')}
            />
          )}
          <TextField
            label={t('parts.leadDays')}
            inputMode="numeric"
            error={errorOf('leadDays')}
            {...form.register('leadDays')}
          />
        </div>
        <Choice label={t('parts.forJob')} {...form.register('jobId')}>
          <option value="">{t('parts.noJob')}</option>
          {work?.jobs.map((j) => (
            <option key={j.id} value={j.id}>
              {j.code} {j.title}
            </option>
          ))}
        </Choice>
        <Choice label={t('parts.grade')} {...form.register('grade')}>
          <option value="">{t('parts.gradeOfAim')}</option>
          {grades.map((g) => (
            <option key={g} value={g}>
              {t(`grade.${g}`)}
            </option>
          ))}
        </Choice>
        {grade && <TextField label={t('parts.gradeReason')} maxLength={120} {...form.register('gradeReason')} />}
        <ProblemAlert error={save.error} />
        <div className="flex gap-2">
          <button type="submit" className="btn btn-primary" disabled={save.isPending}>
            {t('save')}
          </button>
          <button type="button" className="btn" onClick={onClose}>
            {t('notNow')}
          </button>
        </div>
      </form>
    </Sheet>
  )
}
