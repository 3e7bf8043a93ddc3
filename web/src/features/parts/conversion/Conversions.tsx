import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { ConversionForm } from './ConversionForm'
import { conversionsQuery } from './queries'

type Conversion = Schemas['PartConversionResponse']

/** What is considered in the place of what was there, and what of its pack is here. */
export function Conversions({ projectId, needs }: { projectId: string; needs: Schemas['Need'][] }) {
  const { t } = useTranslation()
  const { data: conversions } = useQuery(conversionsQuery(projectId))
  const [adding, setAdding] = useState(false)
  if (!conversions || needs.length === 0) return null
  return (
    <Part
      title={t('conversion.title')}
      aside={
        <button type="button" className="btn btn-ghost btn-sm" onClick={() => setAdding(true)}>
          {t('conversion.add')}
        </button>
      }
    >
      {conversions.length === 0 && <p className="quiet text-sm">{t('conversion.how')}</p>}
      <ul>
        {conversions.map((c) => (
          <ConversionRow key={c.id} conversion={c} needs={needs} />
        ))}
      </ul>
      {adding && <ConversionForm projectId={projectId} onClose={() => setAdding(false)} />}
    </Part>
  )
}

function ConversionRow({ conversion: c, needs }: { conversion: Conversion; needs: Schemas['Need'][] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const decide = useWrite(
    (chosen: boolean, id) =>
      unwrap(
        api.POST('/api/conversions/{id}/decision', {
          params: { path: { id: c.id } },
          body: { chosen, version: c.version },
          ...write(id),
        }),
      ),
    { said: (chosen) => t(chosen ? 'conversion.isChosen' : 'conversion.isDropped', { name: c.name }) },
  )
  const titles = (ids: string[]) => ids.map((id) => needs.find((n) => n.id === id)?.title ?? '').join(', ')
  const state = {
    CONSIDERED: c.answerBy
      ? t('conversion.decideBy', { date: format.shortDay(c.answerBy) })
      : t('conversion.considered'),
    CHOSEN: c.whole ? t('conversion.whole') : t('conversion.chosen', { here: c.here, all: c.parts.length }),
    DROPPED: t('conversion.dropped'),
  }[c.state]
  return (
    <li className="border-b border-base-300 py-2 last:border-0">
      <p>
        <span className="font-semibold">{c.name}</span> {state}
      </p>
      <p className="quiet text-sm">
        {t('conversion.pack', { what: titles(c.parts) })}{' '}
        {c.replaced.length > 0 && t('conversion.replaces', { what: titles(c.replaced) })}
      </p>
      {c.state === 'CONSIDERED' && (
        <div className="mt-1 flex flex-wrap gap-2">
          <button type="button" className="btn btn-sm" onClick={() => decide.mutate(true)}>
            {t('conversion.choose')}
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => decide.mutate(false)}>
            {t('conversion.drop')}
          </button>
        </div>
      )}
      <ProblemAlert error={decide.error} />
    </li>
  )
}
