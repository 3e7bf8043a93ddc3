import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { Choice, NoteField, TextField } from '@/ui/Field'
import { useFormat } from '@/ui/format'
import { looks, type HowSeen } from '../checkWalk'

type Proposed = Schemas['ProposedFindingResponse']

/** What was written on a sheet, typed in line after line; then its findings in one press. */
export function TypeIn({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const [edition, setEdition] = useState('')
  const [typed, setTyped] = useState('')
  const [howSeen, setHowSeen] = useState<HowSeen>('WALKED_ROUND')
  const [proposed, setProposed] = useState<Proposed[]>([])
  const keep = useWrite(
    (body: Schemas['SheetRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/sheet', { params: { path: { projectId } }, body, ...write(id) })),
    {
      said: (_, kept) => t('paper.kept', { count: kept.kept }),
      done: (kept) => {
        setTyped('')
        setProposed(kept.findings)
      },
    },
  )
  return (
    <div className="mb-4 grid max-w-2xl gap-3">
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          keep.mutate({ id: crypto.randomUUID(), edition, typed, howSeen })
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={t('paper.edition')}
            value={edition}
            maxLength={4}
            autoCapitalize="characters"
            onChange={(e) => setEdition(e.target.value)}
          />
          <Choice label={t('paper.howSeen')} value={howSeen} onChange={(e) => setHowSeen(e.target.value as HowSeen)}>
            {looks.map((l) => (
              <option key={l} value={l}>
                {t(`seen.${l}`)}
              </option>
            ))}
          </Choice>
        </div>
        <NoteField
          label={t('paper.typed')}
          hint={t('paper.typedHint')}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
        <ProblemAlert error={keep.error} />
        <div>
          <button
            type="submit"
            className="btn btn-primary"
            disabled={!edition.trim() || !typed.trim() || keep.isPending}
          >
            {t('paper.keep')}
          </button>
        </div>
      </form>
      {proposed.length > 0 && (
        <RecordAll projectId={projectId} proposed={proposed} howSeen={howSeen} onDone={() => setProposed([])} />
      )}
    </div>
  )
}

function RecordAll({
  projectId,
  proposed,
  howSeen,
  onDone,
}: {
  projectId: string
  proposed: Proposed[]
  howSeen: HowSeen
  onDone: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [ids] = useState(() => proposed.map(() => crypto.randomUUID()))
  const record = useWrite(
    (all: Proposed[], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/findings/batch', {
          params: { path: { projectId } },
          body: {
            findings: all.map((p, i) => ({
              id: ids[i]!,
              fields: {
                zone: p.zone,
                kind: p.kind,
                howSeen,
                covered: false,
                foundOn: format.today(),
                checkId: p.checkId,
              },
            })),
          },
          ...write(writeId),
        }),
      ),
    { said: (all) => t('paper.recorded', { count: all.length }), done: onDone },
  )
  return (
    <div className="card-sheet grid gap-2 p-3">
      <p>{t('paper.findings', { count: proposed.length })}</p>
      <ProblemAlert error={record.error} />
      <div className="flex gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={record.isPending}
          onClick={() => record.mutate(proposed)}
        >
          {t('paper.recordFindings')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </div>
  )
}
