import { useState } from 'react'
import { stages } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import type { ReferencePoint } from './structure'

type Stage = ReferencePoint['stages'][number]['stage']

/** What a distance really is: as found, after pulling, after fitting. */
export function MeasureForm({
  projectId,
  point,
  onClose,
}: {
  projectId: string
  point: ReferencePoint
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const [stage, setStage] = useState<Stage>(stages[Math.min(point.stages.length, stages.length - 1)]!)
  const [typed, setTyped] = useState('')
  const [measuredOn, setMeasuredOn] = useState(format.today())
  const mm = typed.trim() === '' ? NaN : Number(typed.replace(',', '.'))
  const save = useWrite(
    (body: Schemas['ActualRow'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/structure/readings', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('shell.kept'), done: onClose },
  )
  return (
    <Sheet title={point.row.name} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({ id, pointId: point.row.id, stage, actualMm: mm, measuredOn })
        }}
      >
        <Choice label={t('shell.when')} value={stage} onChange={(e) => setStage(e.target.value as Stage)}>
          {stages.map((s) => (
            <option key={s} value={s}>
              {t(`shell.stage.${s}`)}
            </option>
          ))}
        </Choice>
        <TextField
          label={t('shell.actual')}
          inputMode="decimal"
          value={typed}
          error={typed !== '' && Number.isNaN(mm) ? t('reading.valueWrong') : undefined}
          onChange={(e) => setTyped(e.target.value)}
        />
        <TextField
          label={t('reading.readOn')}
          type="date"
          value={measuredOn}
          onChange={(e) => setMeasuredOn(e.target.value)}
        />
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={Number.isNaN(mm) || save.isPending}>
          {t('shell.keep')}
        </button>
      </form>
    </Sheet>
  )
}
