import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { Choice, TextField } from '@/ui/Field'
import { Sheet } from '@/ui/Sheet'
import { figureKinds, numberOf, systems, units, type SourceKind } from './readings'

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
  const [figure, setFigure] = useState({
    least: '',
    most: '',
    document: '',
    kind: 'VEHICLE' as SourceKind,
    compared: false,
  })
  const put = (change: Partial<Measurand>) => setMeasurand({ ...measurand, ...change })
  const say = (change: Partial<typeof figure>) => setFigure({ ...figure, ...change })
  const limitId = `own-${measurand.id}`
  const save = useWrite(
    (body: Schemas['MeasurandRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/measurands', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('own.kept', { name: measurand.name }), done: () => onDone(limitId) },
  )
  const [least, most] = [numberOf(figure.least), numberOf(figure.most)]
  const unread = [least, most].some((n) => Number.isNaN(n))
  const bounded = least !== undefined || most !== undefined
  const unit = t(`unit.${measurand.unit}`)
  return (
    <Sheet title={t('own.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            measurand,
            ...(bounded && {
              figure: {
                id: crypto.randomUUID(),
                limitId,
                sourceKind: figure.kind,
                ...(least !== undefined && { least }),
                ...(most !== undefined && { most }),
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
          <TextField
            label={t('reading.figureLeast', { unit })}
            inputMode="decimal"
            value={figure.least}
            onChange={(e) => say({ least: e.target.value })}
          />
          <TextField
            label={t('reading.figureMost', { unit })}
            inputMode="decimal"
            value={figure.most}
            onChange={(e) => say({ most: e.target.value })}
          />
        </div>
        {bounded && (
          <>
            <Choice
              label={t('reading.sourceKind')}
              value={figure.kind}
              onChange={(e) => say({ kind: e.target.value as SourceKind })}
            >
              {figureKinds.map((k) => (
                <option key={k} value={k}>
                  {t(`reading.kindOfSource.${k}`)}
                </option>
              ))}
            </Choice>
            <TextField
              label={t('reading.document')}
              value={figure.document}
              onChange={(e) => say({ document: e.target.value })}
            />
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={figure.compared}
                onChange={(e) => say({ compared: e.target.checked })}
              />
              {t('reading.compared')}
            </label>
          </>
        )}
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
        {unread && <p className="font-semibold text-error">{t('reading.valueWrong')}</p>}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={!measurand.name.trim() || unread || save.isPending}>
          {t('own.save')}
        </button>
      </form>
    </Sheet>
  )
}
