import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { TextField } from '@/ui/Field'
import type { Measurable } from './readings'

const number = (typed: string) => (typed.trim() === '' ? undefined : Number(typed.replace(',', '.')))

/** The maker's own figure for this vehicle, which comes before a general one. */
export function FigureForm({ projectId, limit, onDone }: { projectId: string; limit: Measurable; onDone: () => void }) {
  const { t } = useTranslation()
  const [least, setLeast] = useState(limit.figure?.least?.toString() ?? '')
  const [most, setMost] = useState(limit.figure?.most?.toString() ?? '')
  const [document, setDocument] = useState(limit.figure?.document ?? '')
  const [compared, setCompared] = useState(limit.figure?.compared ?? false)
  const save = useWrite(
    (body: Schemas['FigureRow'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/figures', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('reading.figureKept'), done: onDone },
  )
  const unit = t(`unit.${limit.unit}`)
  const unread = [least, most].some((v) => Number.isNaN(number(v)))
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        const [min, max] = [number(least), number(most)]
        save.mutate({
          id: limit.figure?.id ?? crypto.randomUUID(),
          limitId: limit.id,
          ...(min !== undefined && { least: min }),
          ...(max !== undefined && { most: max }),
          document,
          compared,
          version: limit.figure?.version ?? 0,
        })
      }}
    >
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={t('reading.figureLeast', { unit })}
          inputMode="decimal"
          value={least}
          onChange={(e) => setLeast(e.target.value)}
        />
        <TextField
          label={t('reading.figureMost', { unit })}
          inputMode="decimal"
          value={most}
          onChange={(e) => setMost(e.target.value)}
        />
      </div>
      <TextField label={t('reading.document')} value={document} onChange={(e) => setDocument(e.target.value)} />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={compared}
          onChange={(e) => setCompared(e.target.checked)}
        />
        {t('reading.compared')}
      </label>
      {unread && <p className="font-semibold text-error">{t('reading.valueWrong')}</p>}
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={unread || save.isPending}>
          {t('reading.keepFigure')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
