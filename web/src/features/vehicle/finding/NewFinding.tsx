import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { NoteField } from '@/ui/form/Field'
import { PhotoChoice, PhotosOnTheWay } from '@/ui/photos/SheetPhotos'
import { usePhotos } from '@/ui/photos/usePhotos'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { useDraft } from '@/ui/form/useDraft'
import { kinds, type Judgement } from './JudgementFields'
import { Proposed } from './Proposed'

type Kind = Schemas['FindingFields']['kind']
type Draft = { id: string; kind?: Kind; note: string; covered: boolean; said: Judgement }

/** Zone, kind, save: the rest is proposed. */
export function NewFinding({
  projectId,
  zone,
  zoneName,
  onClose,
}: {
  projectId: string
  zone: string
  zoneName: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const name = `finding.${projectId}.${zone}`
  const [initial] = useState<Draft>(() => ({ id: crypto.randomUUID(), note: '', covered: false, said: {} }))
  const [draft, setDraft, forget] = useDraft(name, initial)
  const { id, kind, note, covered, said } = draft
  const put = (change: Partial<Draft>) => setDraft({ ...draft, ...change })
  const [recorded, setRecorded] = useState(false)
  const photos = usePhotos(name, 'FINDING')
  const close = () => {
    forget()
    onClose()
  }
  const save = useWrite(
    (fields: Schemas['FindingFields'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/findings', {
          params: { path: { projectId } },
          body: { id, fields },
          ...write(writeId),
        }),
      ),
    {
      said: () => t('walk.recorded', { kind: t(`kind.${kind!}`), zone: zoneName }),
      done: (finding) => {
        setRecorded(true)
        void photos.send(finding.id).then((all) => all && close())
      },
    },
  )
  if (recorded)
    return (
      <Sheet title={zoneName} onClose={close}>
        <PhotosOnTheWay photos={photos} onDone={close} />
      </Sheet>
    )
  return (
    <Sheet title={zoneName} onClose={onClose}>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault()
          if (kind) save.mutate({ zone, kind, covered, note, foundOn: format.today(), ...said })
        }}
      >
        <fieldset>
          <legend className="mb-2 font-semibold">{t('walk.whatIsWrong')}</legend>
          <div className="grid grid-cols-2 gap-2">
            {kinds.map((k) => (
              <button
                key={k}
                type="button"
                aria-pressed={k === kind}
                className={`btn h-auto min-h-11 justify-start py-2 text-left font-normal ${k === kind ? 'btn-primary' : ''}`}
                onClick={() => put({ kind: k })}
              >
                {t(`kind.${k}`)}
              </button>
            ))}
          </div>
        </fieldset>
        {kind && (
          <Proposed
            projectId={projectId}
            zone={zone}
            kind={kind}
            said={said}
            onChange={(judged) => put({ said: judged })}
          />
        )}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary btn-lg sticky bottom-2" disabled={!kind || save.isPending}>
          {save.isPending && <span className="loading loading-spinner" aria-hidden="true" />}
          {t('walk.save')}
        </button>
        <NoteField label={t('walk.note')} value={note} onChange={(e) => put({ note: e.target.value })} />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={covered}
            onChange={(e) => put({ covered: e.target.checked })}
          />
          {t('walk.covered')}
        </label>
        <PhotoChoice photos={photos} />
      </form>
    </Sheet>
  )
}
