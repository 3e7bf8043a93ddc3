import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { labelKinds } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Note, Pick, Tick, Whole } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { labelWords } from './labelWords'

/** Labels before the first plug is pulled: a line each, or one line with numbers. */
export function LabelForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const form = useFields(
    z.object({ kind: z.enum(labelKinds), lines: z.string(), numbered: z.boolean(), count: z.string() }),
    { kind: 'PLUG' as const, lines: '', numbered: false, count: '10' },
  )
  const [lines, numbered, count] = useWatch({ control: form.control, name: ['lines', 'numbered', 'count'] })
  const [ids] = useState(() => Array.from({ length: 200 }, () => crypto.randomUUID()))
  const words = labelWords(lines, numbered, Math.min(200, Math.max(0, Math.trunc(Number(count)) || 0)))
  const make = useWrite(
    (body: Schemas['LabelsRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/labels', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('labels.made', { count: words.length }), done: onClose },
  )
  return (
    <Sheet title={t('labels.add')} onClose={onClose}>
      <Form
        form={form}
        save={make}
        label={t('labels.make', { count: words.length })}
        disabled={words.length === 0}
        onSubmit={({ kind }) =>
          make.mutate({ kind, labels: words.slice(0, 200).map((w, i) => ({ id: ids[i]!, words: w })) })
        }
      >
        <Pick name="kind" label={t('labels.on')} of={labelKinds} say={(k) => t(`labels.kind.${k}`)} />
        <Note name="lines" label={t('labels.lines')} rows={6} maxLength={20000} />
        <Tick name="numbered" label={t('labels.numbered')} />
        {numbered && <Whole name="count" label={t('labels.count')} />}
        {words.length > 0 && (
          <p className="quiet">{t('labels.preview', { count: words.length, first: words[0]!, last: words.at(-1)! })}</p>
        )}
      </Form>
    </Sheet>
  )
}
