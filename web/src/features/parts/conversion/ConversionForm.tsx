import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { jobsQuery, needsQuery } from '@/api/queries'
import { isToOrder } from '@/api/toOrder'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line, Note, Ticks } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** Something else in the place of what was there: its pack, and what it would replace. */
export function ConversionForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const { data: needs } = useQuery(needsQuery(projectId))
  const open = needs?.filter((n) => isToOrder(n) || n.state === 'HELD') ?? []
  const { data: work } = useQuery(jobsQuery(projectId))
  const [search, setSearch] = useState('')
  const said = (needId: string) => {
    const n = open.find((o) => o.id === needId)!
    return [n.title, n.side === 'NONE' ? '' : t(`side.${n.side}`), work?.jobs.find((j) => j.id === n.jobId)?.code]
      .filter(Boolean)
      .join(' · ')
  }
  const form = useFields(
    z.object({
      name: line(t('form.missing')),
      jobId: z.string(),
      parts: z.array(z.string()).min(1, t('conversion.partsMissing')),
      replaced: z.array(z.string()),
      wayBack: z.string().max(4000),
      answerBy: z.string(),
    }),
    { name: '', jobId: '', parts: [] as string[], replaced: [] as string[], wayBack: '', answerBy: '' },
  )
  /** What is ticked stays in sight whatever is searched for. */
  const among = (ticked: string[]) =>
    open
      .filter((n) => ticked.includes(n.id) || n.title.toLowerCase().includes(search.trim().toLowerCase()))
      .map((n) => n.id)
  const save = useWrite(
    (body: Schemas['NewConversionRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/conversions', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (v) => t('conversion.kept', { name: v.name }), done: onClose },
  )
  return (
    <Sheet title={t('conversion.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('save')}
        onSubmit={({ replaced, ...v }) =>
          save.mutate({ id, ...filled(v), replaced: replaced.filter((n) => !v.parts.includes(n)) })
        }
      >
        <p className="quiet text-sm">{t('conversion.how')}</p>
        <Line name="name" label={t('conversion.name')} />
        <JobPick name="jobId" projectId={projectId} label={t('conversion.job')} none={t('conversion.noJob')} />
        <p className="quiet -mt-2 text-sm">{t('conversion.jobHint')}</p>
        {open.length > 8 && (
          <input
            type="search"
            className="input w-full"
            aria-label={t('conversion.search')}
            placeholder={t('conversion.search')}
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        )}
        <Ticks name="parts" label={t('conversion.parts')} of={among(form.watch('parts'))} say={said} />
        <Ticks name="replaced" label={t('conversion.replaced')} of={among(form.watch('replaced'))} say={said} />
        <Line name="answerBy" label={t('conversion.answerBy')} type="date" min={today()} />
        <Note name="wayBack" label={t('conversion.wayBack')} rows={2} />
      </Form>
    </Sheet>
  )
}
