import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Measured, useLengthWrong, useMeasureRule, useMeasureText } from '@/ui/form/measured'
import { Line, Pick } from '@/ui/form/named'
import { filled, line, orNothing } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import type { Job } from '../job/jobWork'

const farthest = 99_999

/** How high, wide and long the vehicle stands now. */
export function SizeForm({
  projectId,
  size,
  onClose,
}: {
  projectId: string
  size?: Schemas['SizeRow']
  onClose: () => void
}) {
  const { t } = useTranslation()
  const text = useMeasureText('MILLIMETRE')
  const millimetres = useMeasureRule('MILLIMETRE', { whole: true })(useLengthWrong(), { min: 0, max: farthest })
  const form = useFields(z.object({ heightMm: millimetres, widthMm: millimetres, lengthMm: millimetres }), {
    heightMm: text(size?.heightMm),
    widthMm: text(size?.widthMm),
    lengthMm: text(size?.lengthMm),
  })
  const save = useWrite(
    (body: Schemas['SizeRow'], id) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/clearance/size', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('fits.kept'), done: onClose },
  )
  return (
    <Sheet title={t('fits.measure')} onClose={onClose}>
      <Form form={form} save={save} label={t('fits.keep')} onSubmit={(v) => save.mutate(v)}>
        <Measured unit="MILLIMETRE" name="heightMm" label={t('fits.height')} />
        <Measured unit="MILLIMETRE" name="widthMm" label={t('fits.width')} />
        <Measured unit="MILLIMETRE" name="lengthMm" label={t('fits.length')} />
      </Form>
    </Sheet>
  )
}

/** A doorway, trailer or bay. */
export function PassageForm({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const text = useMeasureText('MILLIMETRE')
  const millimetres = useMeasureRule('MILLIMETRE', { whole: true })(useLengthWrong(), { min: 0, max: farthest })
  const form = useFields(
    z.object({
      name: line(t('form.missing')),
      heightMm: millimetres,
      widthMm: millimetres,
      lengthMm: orNothing(millimetres),
      marginMm: millimetres,
    }),
    { name: '', heightMm: '', widthMm: '', lengthMm: '', marginMm: text(50) },
  )
  const save = useWrite(
    (body: Schemas['PassageRow'], writeId) => unwrap(api.PUT('/api/clearance/passages', { body, ...write(writeId) })),
    { said: () => t('fits.kept'), done: onClose },
  )
  return (
    <Sheet title={t('fits.addPassage')} onClose={onClose}>
      <Form form={form} save={save} label={t('fits.keep')} onSubmit={(v) => save.mutate({ id, ...filled(v) })}>
        <Line name="name" label={t('fits.name')} />
        <Measured unit="MILLIMETRE" name="heightMm" label={t('fits.height')} />
        <Measured unit="MILLIMETRE" name="widthMm" label={t('fits.width')} />
        <Measured unit="MILLIMETRE" name="lengthMm" label={t('fits.length')} hint={t('fits.anyLength')} />
        <Measured unit="MILLIMETRE" name="marginMm" label={t('fits.margin')} />
      </Form>
    </Sheet>
  )
}

/** What a job does to the size of the vehicle; all 0 takes it away. */
export function ChangeForm({ jobs, onClose }: { jobs: Job[]; onClose: () => void }) {
  const { t } = useTranslation()
  const title = new Map(jobs.filter((j) => !j.over).map((j) => [j.id, `${j.code} ${j.title}`]))
  const millimetres = useMeasureRule('MILLIMETRE', { whole: true })(useLengthWrong(), { min: -farthest, max: farthest })
  const form = useFields(
    z.object({
      jobId: z.string().min(1, t('form.missing')),
      heightMm: millimetres,
      widthMm: millimetres,
      lengthMm: millimetres,
    }),
    { jobId: [...title.keys()][0] ?? '', heightMm: '0', widthMm: '0', lengthMm: '0' },
  )
  const save = useWrite(
    (body: Schemas['SizeChangeRow'], id) => unwrap(api.PUT('/api/clearance/changes', { body, ...write(id) })),
    { said: () => t('fits.kept'), done: onClose },
  )
  return (
    <Sheet title={t('fits.addChange')} onClose={onClose}>
      <Form form={form} save={save} label={t('fits.keep')} onSubmit={(v) => save.mutate(v)}>
        <Pick name="jobId" label={t('fits.job')} of={[...title.keys()]} say={(id) => title.get(id)!} />
        <Measured unit="MILLIMETRE" name="heightMm" label={t('fits.changeHeight')} />
        <Measured unit="MILLIMETRE" name="widthMm" label={t('fits.changeWidth')} />
        <Measured unit="MILLIMETRE" name="lengthMm" label={t('fits.changeLength')} />
        <p className="quiet text-sm">{t('fits.tyres')}</p>
      </Form>
    </Sheet>
  )
}
