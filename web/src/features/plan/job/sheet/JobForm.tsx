import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Controller } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { aims, jobCauses, operations } from '@/api/generated/enums'
import { drawingQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Merge } from '@/ui/form/draft/Merge'
import { Decimal, Line, Note, Pick, Whole } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { useMerge } from '@/ui/form/draft/useMerge'
import { useZoneNames } from '@/ui/format/names/zones'
import { AfterJobs } from './AfterJobs'
import { JobDetails } from './JobDetails'
import { fieldsOf, useJobRules, valuesOf, type JobValues } from './jobValues'
import { hasBegun, type Job } from '../jobWork'

type Props = { projectId: string; job?: Job; all: Job[]; findingId?: string; onClose: () => void }

/** A job needs a title; everything else has a usual value. */
export function JobForm({ projectId, job, all, findingId, onClose }: Props) {
  const { t } = useTranslation()
  const begun = !!job && hasBegun(job)
  const [id] = useState(() => job?.id ?? crypto.randomUUID())
  const nameOf = useZoneNames(projectId)
  const { data: body } = useQuery(drawingQuery(projectId))
  const rules = useJobRules()
  const form = useFields(rules, valuesOf(job))
  const { version, stored, onError } = useMerge(job, (now) => ({ ...valuesOf(now), after: form.getValues('after') }))
  const save = useWrite(
    (fields: Schemas['JobFields'], writeId) =>
      job
        ? unwrap(api.PUT('/api/jobs/{id}', { params: { path: { id } }, body: { fields, version }, ...write(writeId) }))
        : unwrap(
            api.POST('/api/projects/{projectId}/jobs', {
              params: { path: { projectId } },
              body: { id, fields },
              ...write(writeId),
            }),
          ),
    { said: (v) => t(job ? 'job.saved' : 'job.added', { title: v.title }), done: onClose },
  )
  return (
    <Sheet title={job ? t('job.edit') : t('work.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('save')}
        onCancel={onClose}
        onSubmit={(said) => save.mutate(fieldsOf(said, findingId ? [findingId] : []), { onError })}
      >
        <Line name="title" label={t('job.title')} />
        {begun ? (
          <p className="text-sm">{t('job.staysAsItIs')}</p>
        ) : (
          <Pick name="operation" label={t('job.operation')} of={operations} say={(o) => t(`operation.${o}`)} />
        )}
        <fieldset>
          <legend className="mb-1 text-sm font-semibold">{t('job.effort')}</legend>
          <div className="grid grid-cols-3 gap-2">
            {(['optimistic', 'likely', 'pessimistic'] as const).map((f) => (
              <Decimal key={f} name={f} label={t(`job.${f}`)} />
            ))}
          </div>
        </fieldset>
        <Controller
          name="details"
          control={form.control}
          render={({ field }) => (
            <JobDetails chosen={field.value} kept={begun ? job.details : []} onChange={field.onChange} />
          )}
        />
        <div className="grid grid-cols-[2fr_1fr] gap-2">
          {!begun && (
            <Pick
              name="zone"
              label={t('job.zone')}
              none={t('outstanding.nowhere')}
              of={body?.zones.map((z) => z.id) ?? []}
              say={nameOf}
            />
          )}
          <Whole name="pieces" label={t('job.pieces')} />
        </div>
        <Pick name="aim" label={t('job.aim')} of={aims} say={(a) => t(`aim.${a}`)} />
        <AfterJobs others={all.filter((j) => j.id !== id)} />
        <Pick name="cause" label={t('job.cause')} of={jobCauses} say={(c) => t(`cause.${c}`)} />
        {job && <Note name="halfOpen" label={t('job.halfOpen')} />}
        <Note name="note" label={t('job.note')} />
        {stored && (
          <Merge
            mine={form.getValues()}
            stored={stored}
            onChange={(merged) => form.reset(merged)}
            fields={[
              { key: 'title', label: t('job.title'), show: String },
              {
                key: 'operation',
                label: t('job.operation'),
                show: (v) => t(`operation.${v as JobValues['operation']}`),
              },
              { key: 'aim', label: t('job.aim'), show: (v) => t(`aim.${v as JobValues['aim']}`) },
              { key: 'likely', label: t('job.likely'), show: String },
              { key: 'note', label: t('job.note'), show: String, text: true },
            ]}
          />
        )}
      </Form>
    </Sheet>
  )
}
