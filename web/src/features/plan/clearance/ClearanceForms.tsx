import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import type { Job } from '../job/jobWork'
import { Millimetres, millimetresOf } from './Millimetres'

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
  const [v, setV] = useState({
    height: size ? String(size.heightMm) : '',
    width: size ? String(size.widthMm) : '',
    length: size ? String(size.lengthMm) : '',
  })
  const mm = { heightMm: millimetresOf(v.height), widthMm: millimetresOf(v.width), lengthMm: millimetresOf(v.length) }
  const save = useWrite(
    (body: Schemas['SizeRow'], id) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/clearance/size', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('fits.kept'), done: onClose },
  )
  return (
    <Sheet title={t('fits.measure')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({ heightMm: mm.heightMm!, widthMm: mm.widthMm!, lengthMm: mm.lengthMm! })
        }}
      >
        {(['height', 'width', 'length'] as const).map((k) => (
          <Millimetres key={k} label={t(`fits.${k}`)} value={v[k]} onChange={(x) => setV({ ...v, [k]: x })} />
        ))}
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={Object.values(mm).includes(undefined) || save.isPending}
        >
          {t('fits.keep')}
        </button>
      </form>
    </Sheet>
  )
}

/** A doorway, trailer or bay. */
export function PassageForm({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const [name, setName] = useState('')
  const [v, setV] = useState({ height: '', width: '', length: '', margin: '50' })
  const [heightMm, widthMm, lengthMm, marginMm] = [v.height, v.width, v.length, v.margin].map(millimetresOf)
  const lengthWrong = v.length.trim() !== '' && lengthMm === undefined
  const save = useWrite(
    (body: Schemas['PassageRow'], writeId) => unwrap(api.PUT('/api/clearance/passages', { body, ...write(writeId) })),
    { said: () => t('fits.kept'), done: onClose },
  )
  return (
    <Sheet title={t('fits.addPassage')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            id,
            name,
            heightMm: heightMm!,
            widthMm: widthMm!,
            marginMm: marginMm!,
            ...(lengthMm !== undefined && { lengthMm }),
          })
        }}
      >
        <TextField label={t('fits.name')} value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
        {(['height', 'width', 'length', 'margin'] as const).map((k) => (
          <Millimetres key={k} label={t(`fits.${k}`)} value={v[k]} onChange={(x) => setV({ ...v, [k]: x })} />
        ))}
        <p className="quiet text-sm">{t('fits.anyLength')}</p>
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={
            name.trim() === '' || [heightMm, widthMm, marginMm].includes(undefined) || lengthWrong || save.isPending
          }
        >
          {t('fits.keep')}
        </button>
      </form>
    </Sheet>
  )
}

/** What a job does to the size of the vehicle; all 0 takes it away. */
export function ChangeForm({ jobs, onClose }: { jobs: Job[]; onClose: () => void }) {
  const { t } = useTranslation()
  const open = jobs.filter((j) => !j.over)
  const [jobId, setJobId] = useState(open[0]?.id ?? '')
  const [v, setV] = useState({ height: '0', width: '0', length: '0' })
  const [heightMm, widthMm, lengthMm] = [v.height, v.width, v.length].map(millimetresOf)
  const save = useWrite(
    (body: Schemas['SizeChangeRow'], id) => unwrap(api.PUT('/api/clearance/changes', { body, ...write(id) })),
    { said: () => t('fits.kept'), done: onClose },
  )
  return (
    <Sheet title={t('fits.addChange')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({ jobId, heightMm: heightMm!, widthMm: widthMm!, lengthMm: lengthMm! })
        }}
      >
        <Choice label={t('fits.job')} value={jobId} onChange={(e) => setJobId(e.target.value)}>
          {open.map((j) => (
            <option key={j.id} value={j.id}>
              {j.code} {j.title}
            </option>
          ))}
        </Choice>
        {(['height', 'width', 'length'] as const).map((k) => (
          <Millimetres
            key={k}
            label={t(k === 'height' ? 'fits.changeHeight' : k === 'width' ? 'fits.changeWidth' : 'fits.changeLength')}
            value={v[k]}
            onChange={(x) => setV({ ...v, [k]: x })}
          />
        ))}
        <p className="quiet text-sm">{t('fits.tyres')}</p>
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={!jobId || [heightMm, widthMm, lengthMm].includes(undefined) || save.isPending}
        >
          {t('fits.keep')}
        </button>
      </form>
    </Sheet>
  )
}
