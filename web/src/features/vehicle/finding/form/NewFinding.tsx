import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Note, Tick } from '@/ui/form/named'
import { PhotoChoice, PhotosOnTheWay } from '@/ui/photos/SheetPhotos'
import { usePhotos } from '@/ui/photos/usePhotos'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { useDraft, useKeptTyping } from '@/ui/form/draft/useDraft'
import { kindsOf, useThings } from '@/ui/format/names/things'
import { kinds, type Judgement } from './JudgementFields'
import { KindPick, type Kind } from './KindPick'
import { Proposed } from './Proposed'
import { ThingPick } from '../ThingPick'

type Draft = { id: string; thing?: string; kind?: Kind; note: string; covered: boolean; said: Judgement }

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
  const [draft, keep, forget] = useDraft(name, initial)
  const form = useForm<Draft>({ defaultValues: draft })
  useKeptTyping(form, keep)
  const [kind, said, thing] = useWatch({ control: form.control, name: ['kind', 'said', 'thing'] })
  const here = useThings(projectId).at(zone)
  const offered = kindsOf(
    here.find((c) => c.id === thing),
    here,
    kinds,
  )
  const about = (id: string) => {
    const can = kindsOf(
      here.find((c) => c.id === id),
      here,
      kinds,
    )
    form.setValue('thing', id)
    if (can.length === 1) form.setValue('kind', can[0]!)
    else if (kind && !can.includes(kind)) form.setValue('kind', undefined)
  }
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
          body: { id: draft.id, fields },
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
      <Form
        form={form}
        save={save}
        label={t('walk.save')}
        disabled={!kind}
        further={
          <>
            {kind && (
              <Proposed
                projectId={projectId}
                zone={zone}
                kind={kind}
                {...(thing && { component: thing })}
                said={said}
                onChange={(judged) => form.setValue('said', judged)}
              />
            )}
            <Note name="note" label={t('walk.note')} />
            <Tick name="covered" label={t('walk.covered')} />
            <PhotoChoice photos={photos} />
          </>
        }
        onSubmit={({ kind, thing, note, covered, said }) =>
          kind &&
          save.mutate({
            zone,
            ...(thing && { component: thing }),
            kind,
            covered,
            note,
            foundOn: format.today(),
            ...said,
          })
        }
      >
        <ThingPick here={here} value={thing ?? ''} onChange={about} />
        <KindPick offered={offered} value={kind} onChange={(k) => form.setValue('kind', k)} />
      </Form>
    </Sheet>
  )
}
