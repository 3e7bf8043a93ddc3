import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { boundsOf, FigureFields, nothingTyped } from './FigureFields'
import { systems, units } from '../reading/readings'

type Measurand = Schemas['OwnMeasurand']
const classes = ['A', 'B', 'C', 'D'] as const

/** Something of one's own to measure: its unit, and between which figures of which book it must lie. */
export function MeasurandForm({
  projectId,
  onDone,
  onClose,
}: {
  projectId: string
  onDone: (limitId: string) => void
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [measurand, setMeasurand] = useState<Measurand>(() => ({
    id: crypto.randomUUID(),
    name: '',
    unit: 'MILLIMETRE',
    system: 'ENGINE',
    safetyClass: 'C',
    adjustable: false,
  }))
  const [figure, setFigure] = useState(nothingTyped)
  const put = (change: Partial<Measurand>) => setMeasurand({ ...measurand, ...change })
  const limitId = `own-${measurand.id}`
  const save = useWrite(
    (body: Schemas['MeasurandRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/measurands', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('own.kept', { name: measurand.name }), done: () => onDone(limitId) },
  )
  const bounds = boundsOf(figure)
  return (
    <Sheet title={t('own.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            measurand,
            ...(bounds &&
              Object.keys(bounds).length > 0 && {
                figure: {
                  id: crypto.randomUUID(),
                  limitId,
                  sourceKind: figure.kind,
                  ...bounds,
                  document: figure.document,
                  compared: figure.compared,
                  version: 0,
                },
              }),
          })
        }}
      >
        <TextField
          label={t('own.name')}
          hint={t('own.nameHint')}
          value={measurand.name}
          maxLength={120}
          onChange={(e) => put({ name: e.target.value })}
        />
        <div className="grid grid-cols-2 gap-2">
          <Choice
            label={t('own.unit')}
            value={measurand.unit}
            onChange={(e) => put({ unit: e.target.value as Measurand['unit'] })}
          >
            {units.map((u) => (
              <option key={u} value={u}>
                {t(`unit.${u}`)}
              </option>
            ))}
          </Choice>
          <Choice
            label={t('own.system')}
            value={measurand.system}
            onChange={(e) => put({ system: e.target.value as Measurand['system'] })}
          >
            {systems.map((s) => (
              <option key={s} value={s}>
                {t(`system.${s}`)}
              </option>
            ))}
          </Choice>
        </div>
        <FigureFields typed={figure} unit={t(`unit.${measurand.unit}`)} onChange={setFigure} />
        <Choice
          label={t('own.ifOutside')}
          value={measurand.safetyClass}
          onChange={(e) => put({ safetyClass: e.target.value as Measurand['safetyClass'] })}
        >
          {classes.map((c) => (
            <option key={c} value={c}>
              {t(`safety.${c}`)}
            </option>
          ))}
        </Choice>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={measurand.adjustable}
            onChange={(e) => put({ adjustable: e.target.checked })}
          />
          {t('own.adjustable')}
        </label>
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={!measurand.name.trim() || !bounds || save.isPending}
        >
          {t('own.save')}
        </button>
      </form>
    </Sheet>
  )
}
