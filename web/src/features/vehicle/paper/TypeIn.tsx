import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, NoteField, TextField } from '@/ui/form/Field'
import { looks, type HowSeen } from '../check/checkWalk'

/** What was written on a sheet, typed in line after line; what is marked as not good becomes a finding. */
export function TypeIn({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const [edition, setEdition] = useState('')
  const [typed, setTyped] = useState('')
  const [howSeen, setHowSeen] = useState<HowSeen>('WALKED_ROUND')
  const keep = useWrite(
    (body: Schemas['SheetRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/sheet', { params: { path: { projectId } }, body, ...write(id) })),
    {
      said: (_, kept) =>
        [t('paper.kept', { count: kept.kept }), kept.failed > 0 && t('paper.failed', { count: kept.failed })]
          .filter(Boolean)
          .join(' '),
      done: () => setTyped(''),
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
    </div>
  )
}
