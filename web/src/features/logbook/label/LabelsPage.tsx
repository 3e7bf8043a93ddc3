import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus, Printer } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { QrCode } from '@/ui/page/QrCode'
import { useFormat } from '@/ui/format/format'
import { groupBy } from '@/ui/format/groupBy'
import { LabelForm } from './LabelForm'

type Label = Schemas['LabelResponse']

const labelsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['labels', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/labels', { params: { path: { projectId } } })),
  })

/** Labels by the sheet on which they were made; a sheet prints by itself. */
export function LabelsPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const format = useFormat()
  const labels = useQuery(labelsQuery(projectId))
  const [adding, setAdding] = useState(false)
  const [printed, setPrinted] = useState<string>()
  const [words, setWords] = useState('')
  return (
    <Loaded query={labels} what={t('labels.loading')}>
      {(all) => {
        const found = all.filter((l) => `${l.code} ${l.words}`.toLowerCase().includes(words.trim().toLowerCase()))
        const sheets = [...groupBy(found, (l) => l.madeAt)]
        return (
          <Page
            title={t('labels.title')}
            answer={all.length === 0 ? t('labels.nothing') : t('labels.answer', { count: all.length })}
            action={
              <button type="button" className="btn btn-primary" onClick={() => setAdding(true)}>
                <Plus className="size-5" aria-hidden="true" />
                {t('labels.add')}
              </button>
            }
          >
            {all.length === 0 && <Empty title={t('labels.emptyTitle')}>{t('labels.empty')}</Empty>}
            {all.length > 8 && (
              <input
                type="search"
                className="input no-print mb-4 w-full max-w-md"
                aria-label={t('labels.search')}
                placeholder={t('labels.search')}
                value={words}
                onChange={(e) => setWords(e.target.value)}
              />
            )}
            {sheets.map(([madeAt, sheet]) => (
              <div key={madeAt} className={printed && printed !== madeAt ? 'no-print' : ''}>
                <Part
                  title={t('labels.sheet', { day: format.shortDay(madeAt), count: sheet.length })}
                  aside={
                    <button
                      type="button"
                      className="btn no-print"
                      onClick={() => {
                        setPrinted(madeAt)
                        setTimeout(() => window.print())
                      }}
                    >
                      <Printer className="size-5" aria-hidden="true" />
                      {t('labels.print')}
                    </button>
                  }
                >
                  <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-5 print:grid-cols-4">
                    {sheet.map((l) => (
                      <OneLabel key={l.id} label={l} />
                    ))}
                  </ul>
                </Part>
              </div>
            ))}
            {adding && <LabelForm projectId={projectId} onClose={() => setAdding(false)} />}
          </Page>
        )
      }}
    </Loaded>
  )
}

function OneLabel({ label: l }: { label: Label }) {
  const { t } = useTranslation()
  return (
    <li className="flex break-inside-avoid items-center gap-2 rounded border border-base-300 p-2">
      <QrCode modules={l.modules} label={t('labels.camera', { code: l.code })} className="size-16 shrink-0" />
      <span className="min-w-0">
        <span className="label-code mb-1 inline-block text-xl">{l.code}</span>
        <span className="block text-sm leading-tight break-words">{l.words}</span>
        <span className="quiet block text-xs">{t(`labels.kind.${l.kind}`)}</span>
      </span>
    </li>
  )
}
