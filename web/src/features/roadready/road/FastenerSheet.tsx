import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import type { Fastener } from './road'

type Said = Schemas['FastenerRequest']
const systems: Said['system'][] = [
  'WHEELS_AND_TYRES',
  'BRAKES',
  'STEERING_AND_SUSPENSION',
  'RESTRAINT',
  'TRANSMISSION',
  'STRUCTURE',
]
const states: Said['tightness'][] = ['FIGURE', 'BY_FEEL', 'FINGER_TIGHT', 'TO_FIND']

/** One fastener that must hold: to which figure, from where; anything less keeps the vehicle from moving. */
export function FastenerSheet({
  projectId,
  fastener,
  jobId,
  onClose,
}: {
  projectId: string
  fastener: Fastener | undefined
  /** The job that a new one belongs to, if it is known. */
  jobId: string | undefined
  onClose: () => void
}) {
  const { t } = useTranslation()
  const { data: work } = useQuery(jobsQuery(projectId))
  const [said, setSaid] = useState<Said>(() => ({
    id: fastener?.id ?? crypto.randomUUID(),
    title: fastener?.title ?? '',
    system: fastener?.system ?? 'BRAKES',
    tightness: fastener?.tightness ?? 'FIGURE',
    ...(fastener?.newtonMetres !== undefined && { newtonMetres: fastener.newtonMetres }),
    source: fastener?.source ?? '',
    version: fastener?.version ?? 0,
    ...((fastener?.jobId ?? jobId) && { jobId: fastener?.jobId ?? jobId }),
  }))
  const [figure, setFigure] = useState(fastener?.newtonMetres?.toString() ?? '')
  const put = (change: Partial<Said>) => setSaid({ ...said, ...change })
  const save = useWrite(
    (body: Said, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/fasteners', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: () => t('torque.kept', { what: said.title }), done: onClose },
  )
  const remove = useWrite(
    ({ id }: { id: string }, writeId) =>
      unwrap(api.DELETE('/api/fasteners/{id}', { params: { path: { id } }, ...write(writeId) })),
    { said: () => t('torque.removed'), done: onClose },
  )
  return (
    <Sheet title={fastener?.title ?? t('torque.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          const body = { ...said }
          delete body.newtonMetres
          if (said.tightness === 'FIGURE') body.newtonMetres = Number(figure.replace(',', '.'))
          save.mutate(body)
        }}
      >
        <TextField
          label={t('torque.title')}
          value={said.title}
          maxLength={120}
          onChange={(e) => put({ title: e.target.value })}
        />
        <Choice
          label={t('torque.system')}
          value={said.system}
          onChange={(e) => put({ system: e.target.value as Said['system'] })}
        >
          {systems.map((s) => (
            <option key={s} value={s}>
              {t(`system.${s}`)}
            </option>
          ))}
        </Choice>
        <Choice
          label={t('torque.how')}
          value={said.tightness}
          onChange={(e) => put({ tightness: e.target.value as Said['tightness'] })}
        >
          {states.map((s) => (
            <option key={s} value={s}>
              {t(`torque.tightness.${s}`)}
            </option>
          ))}
        </Choice>
        {said.tightness === 'FIGURE' && (
          <>
            <TextField
              label={t('torque.figure')}
              inputMode="decimal"
              value={figure}
              onChange={(e) => setFigure(e.target.value)}
            />
            <TextField
              label={t('torque.source')}
              hint={t('torque.sourceHint')}
              value={said.source ?? ''}
              maxLength={120}
              onChange={(e) => put({ source: e.target.value })}
            />
          </>
        )}
        <Choice
          label={t('torque.job')}
          value={said.jobId ?? ''}
          onChange={(e) => setSaid(withJob(said, e.target.value))}
        >
          <option value="">{t('torque.noJob')}</option>
          {work?.jobs.map((j) => (
            <option key={j.id} value={j.id}>
              {j.code} {j.title}
            </option>
          ))}
        </Choice>
        <ProblemAlert error={save.error ?? remove.error} />
        <div className="flex gap-2">
          <button type="submit" className="btn btn-primary" disabled={!said.title.trim() || save.isPending}>
            {t('save')}
          </button>
          {fastener && (
            <button
              type="button"
              className="btn"
              disabled={remove.isPending}
              onClick={() => remove.mutate({ id: fastener.id })}
            >
              {t('torque.remove')}
            </button>
          )}
        </div>
      </form>
    </Sheet>
  )
}

function withJob(said: Said, jobId: string): Said {
  const changed = { ...said }
  delete changed.jobId
  return jobId ? { ...changed, jobId } : changed
}
