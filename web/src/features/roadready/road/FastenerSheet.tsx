import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { systems, tightnesses } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Measured, useMeasureRule, useMeasureText } from '@/ui/form/measured'
import { Line, Pick } from '@/ui/form/named'
import { filled, line, orNothing } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import type { Fastener } from './road'

/** Systems whose fasteners hold people and the road. */
const holding = systems.filter((s) =>
  ['WHEELS_AND_TYRES', 'BRAKES', 'STEERING_AND_SUSPENSION', 'RESTRAINT', 'TRANSMISSION', 'STRUCTURE'].includes(s),
)

/** One fastener that must hold: to which figure, from where; anything less keeps the vehicle from moving. */
export function FastenerSheet({
  projectId,
  fastener,
  fresh,
  onClose,
}: {
  projectId: string
  fastener: Fastener | undefined
  /** What is known of a new one. */
  fresh: { jobId: string | null; title: string | null; system: string | null }
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => fastener?.id ?? crypto.randomUUID())
  const form = useFields(
    z
      .object({
        title: line(t('form.missing')),
        system: z.enum(systems),
        tightness: z.enum(tightnesses),
        newtonMetres: orNothing(useMeasureRule('NEWTON_METRE')(t('form.number'), { min: 0 })),
        source: z.string().max(120),
        jobId: z.string(),
      })
      .transform((v) => (v.tightness === 'FIGURE' ? v : { ...v, newtonMetres: undefined })),
    {
      title: fastener?.title ?? fresh.title ?? '',
      system: fastener?.system ?? holding.find((s) => s === fresh.system) ?? 'BRAKES',
      tightness: fastener?.tightness ?? 'FIGURE',
      newtonMetres: useMeasureText('NEWTON_METRE')(fastener?.newtonMetres),
      source: fastener?.source ?? '',
      jobId: fastener?.jobId ?? fresh.jobId ?? '',
    },
  )
  const tightness = useWatch({ control: form.control, name: 'tightness' })
  const save = useWrite(
    (body: Schemas['FastenerRequest'], writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/fasteners', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (v) => t('torque.kept', { what: v.title }), done: onClose },
  )
  const remove = useWrite(
    (body: { id: string }, writeId) =>
      unwrap(api.DELETE('/api/fasteners/{id}', { params: { path: body }, ...write(writeId) })),
    { said: () => t('torque.removed'), done: onClose },
  )
  return (
    <Sheet title={fastener?.title ?? t('torque.add')} onClose={onClose}>
      <Form
        form={form}
        save={{ isPending: save.isPending, error: save.error ?? remove.error }}
        label={t('save')}
        onSubmit={(v) => save.mutate({ id, version: fastener?.version ?? 0, ...filled(v) })}
      >
        <Line name="title" label={t('torque.title')} />
        <Pick name="system" label={t('torque.system')} of={holding} say={(s) => t(`system.${s}`)} />
        <Pick name="tightness" label={t('torque.how')} of={tightnesses} say={(s) => t(`torque.tightness.${s}`)} />
        {tightness === 'FIGURE' && (
          <>
            <Measured unit="NEWTON_METRE" name="newtonMetres" label={t('torque.figure')} />
            <Line name="source" label={t('torque.source')} hint={t('torque.sourceHint')} />
          </>
        )}
        <JobPick name="jobId" projectId={projectId} label={t('torque.job')} none={t('torque.noJob')} />
      </Form>
      {fastener && (
        <button
          type="button"
          className="btn mt-3"
          disabled={remove.isPending}
          onClick={() => remove.mutate({ id: fastener.id })}
        >
          {t('torque.remove')}
        </button>
      )}
    </Sheet>
  )
}
