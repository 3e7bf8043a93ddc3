import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { zodResolver } from '@hookform/resolvers/zod'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { drawingQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { isStale, ProblemAlert } from '@/ui/page/Feedback'
import { Choice, NoteField, TextField } from '@/ui/form/Field'
import { Merge } from '@/ui/form/Merge'
import { Sheet } from '@/ui/form/Sheet'
import { useZoneNames } from '@/ui/format/zones'
import { JobDetails } from './JobDetails'
import { hasBegun, type Job } from './jobWork'

const operations = [
  'STRIP',
  'CLEAN',
  'BLAST',
  'CUT',
  'WELD',
  'FABRICATE',
  'MACHINE',
  'DRY_FIT',
  'PRIME',
  'PAINT',
  'COAT',
  'ASSEMBLE',
  'REPLACE',
  'ADJUST',
  'WIRE',
  'FILL',
  'BLEED',
  'ALIGN',
  'TEST',
  'INSPECT',
] as const
const causes = ['FORGOTTEN', 'FOUND', 'ACCESS_OPEN', 'TASTE', 'AIM'] as const
const aims = ['RUNNER', 'ROAD_READY', 'DRIVER', 'SHOW'] as const

const schema = z.object({
  title: z.string().trim().min(1, 'job.titleMissing').max(120),
  operation: z.enum(operations),
  aim: z.enum(aims),
  optimistic: z.coerce.number({ error: 'job.hoursWrong' }).min(0, 'job.hoursWrong'),
  likely: z.coerce.number({ error: 'job.hoursWrong' }).min(0, 'job.hoursWrong'),
  pessimistic: z.coerce.number({ error: 'job.hoursWrong' }).min(0, 'job.hoursWrong'),
  note: z.string().max(4000),
})
type Values = z.output<typeof schema>

const valuesOf = (j: {
  title: string
  operation: Values['operation']
  aim: Values['aim']
  note: string
  optimisticMinutes: number
  likelyMinutes: number
  pessimisticMinutes: number
}): Values => ({
  title: j.title,
  operation: j.operation,
  aim: j.aim,
  note: j.note,
  optimistic: j.optimisticMinutes / 60,
  likely: j.likelyMinutes / 60,
  pessimistic: j.pessimisticMinutes / 60,
})

/** A job needs a title; everything else has a usual value. */
export function JobForm({
  projectId,
  job,
  all,
  findingId,
  onClose,
}: {
  projectId: string
  job?: Job
  all: Job[]
  findingId?: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const begun = !!job && hasBegun(job)
  const [id] = useState(() => job?.id ?? crypto.randomUUID())
  const [after, setAfter] = useState<string[]>(job?.after ?? [])
  const [details, setDetails] = useState(job?.details ?? [])
  const [pieces, setPieces] = useState(String(job?.pieces ?? 1))
  const [zone, setZone] = useState(job?.zone ?? '')
  const [cause, setCause] = useState<Job['cause']>(job?.cause ?? 'FORGOTTEN')
  const [halfOpen, setHalfOpen] = useState(job?.halfOpen ?? '')
  const nameOf = useZoneNames(projectId)
  const { data: body } = useQuery(drawingQuery(projectId))
  const [version, setVersion] = useState(job?.version ?? 0)
  const [stored, setStored] = useState<Values>()
  const form = useForm({
    resolver: zodResolver(schema),
    defaultValues: job
      ? valuesOf({ ...job, ...job.effort })
      : {
          title: '',
          operation: 'REPLACE' as const,
          aim: 'ROAD_READY' as const,
          optimistic: 0.5,
          likely: 1,
          pessimistic: 2,
          note: '',
        },
  })
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
  const submit = form.handleSubmit((v) => {
    const minutes = (h: number) => Math.round(h * 60)
    save.mutate(
      {
        title: v.title,
        operation: v.operation,
        aim: v.aim,
        note: v.note,
        after,
        findings: findingId ? [findingId] : [],
        effort: {
          optimisticMinutes: minutes(v.optimistic),
          likelyMinutes: minutes(v.likely),
          pessimisticMinutes: minutes(v.pessimistic),
        },
        details,
        pieces: Number(pieces) || 1,
        cause,
        halfOpen,
        ...(zone && { zone }),
      },
      {
        onError: (problem) => {
          if (!isStale(problem)) return
          const now = problem.stored as Parameters<typeof valuesOf>[0] & { version: number }
          setStored(valuesOf(now))
          setVersion(now.version)
        },
      },
    )
  })
  const errorOf = (field: keyof Values) => {
    const message = form.formState.errors[field]?.message
    return message ? t(message as 'job.titleMissing') : undefined
  }
  return (
    <Sheet title={job ? t('job.edit') : t('work.add')} onClose={onClose}>
      <form className="grid gap-3" onSubmit={(e) => void submit(e)} noValidate>
        <TextField label={t('job.title')} error={errorOf('title')} {...form.register('title')} />
        {begun && <p className="text-sm">{t('job.staysAsItIs')}</p>}
        {!begun && (
          <Choice label={t('job.operation')} {...form.register('operation')}>
            {operations.map((o) => (
              <option key={o} value={o}>
                {t(`operation.${o}`)}
              </option>
            ))}
          </Choice>
        )}
        <fieldset>
          <legend className="mb-1 text-sm font-semibold">{t('job.effort')}</legend>
          <div className="grid grid-cols-3 gap-2">
            {(['optimistic', 'likely', 'pessimistic'] as const).map((f) => (
              <TextField key={f} label={t(`job.${f}`)} inputMode="decimal" error={errorOf(f)} {...form.register(f)} />
            ))}
          </div>
        </fieldset>
        <JobDetails chosen={details} kept={begun ? job.details : []} onChange={setDetails} />
        <div className="grid grid-cols-[2fr_1fr] gap-2">
          <Choice label={t('job.zone')} value={zone} disabled={begun} onChange={(e) => setZone(e.target.value)}>
            <option value="">{t('outstanding.nowhere')}</option>
            {body?.zones.map((z) => (
              <option key={z.id} value={z.id}>
                {nameOf(z.id)}
              </option>
            ))}
          </Choice>
          <TextField
            label={t('job.pieces')}
            inputMode="numeric"
            value={pieces}
            onChange={(e) => setPieces(e.target.value)}
          />
        </div>
        <Choice label={t('job.aim')} {...form.register('aim')}>
          {aims.map((a) => (
            <option key={a} value={a}>
              {t(`aim.${a}`)}
            </option>
          ))}
        </Choice>
        <fieldset>
          <legend className="mb-1 text-sm font-semibold">{t('job.after')}</legend>
          <ul className="max-h-52 overflow-y-auto rounded border border-base-300 p-1">
            {all
              .filter((j) => j.id !== id)
              .map((j) => (
                <li key={j.id}>
                  <label className="flex min-h-11 items-center gap-2 px-1">
                    <input
                      type="checkbox"
                      className="checkbox"
                      checked={after.includes(j.id)}
                      onChange={(e) => setAfter(e.target.checked ? [...after, j.id] : after.filter((a) => a !== j.id))}
                    />
                    <span className="label-code text-sm">{j.code}</span> {j.title}
                  </label>
                </li>
              ))}
          </ul>
        </fieldset>
        <Choice label={t('job.cause')} value={cause} onChange={(e) => setCause(e.target.value as Job['cause'])}>
          {causes.map((c) => (
            <option key={c} value={c}>
              {t(`cause.${c}`)}
            </option>
          ))}
        </Choice>
        {job && <NoteField label={t('job.halfOpen')} value={halfOpen} onChange={(e) => setHalfOpen(e.target.value)} />}
        <NoteField label={t('job.note')} {...form.register('note')} />
        <ProblemAlert error={save.error} />
        {stored && (
          <Merge
            mine={form.getValues() as Values}
            stored={stored}
            onChange={(merged) => form.reset(merged)}
            fields={[
              { key: 'title', label: t('job.title'), show: String },
              { key: 'operation', label: t('job.operation'), show: (v) => t(`operation.${v as Values['operation']}`) },
              { key: 'aim', label: t('job.aim'), show: (v) => t(`aim.${v as Values['aim']}`) },
              { key: 'likely', label: t('job.likely'), show: String },
              { key: 'note', label: t('job.note'), show: String, text: true },
            ]}
          />
        )}
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
