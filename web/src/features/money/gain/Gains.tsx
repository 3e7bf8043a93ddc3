import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { hours, useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { GainForm } from './GainForm'
import { RunsForm } from './RunsForm'

type Judged = Schemas['GainJudged']

const gainsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'gains'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/gains', { params: { path: { projectId } } })),
  })

/** What pieces of work brought, as measured before and after, against their money. */
export function Gains({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data } = useQuery(gainsQuery(projectId))
  const [adding, setAdding] = useState(false)
  if (!data) return null
  return (
    <Part title={t('gain.title')}>
      <p className="quiet mb-2 text-sm">{t('gain.hint')}</p>
      <ul>
        {data.gains.map((gain) => (
          <One key={gain.id} projectId={projectId} gain={gain} currency={data.currency} />
        ))}
      </ul>
      <button type="button" className="btn btn-sm mt-2" onClick={() => setAdding(true)}>
        {t('gain.add')}
      </button>
      {adding && <GainForm projectId={projectId} onClose={() => setAdding(false)} />}
    </Part>
  )
}

function One({ projectId, gain, currency }: { projectId: string; gain: Judged; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const says = useJudgement()
  const remove = useWrite(
    (_: void, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/gains/{id}', {
          params: { path: { projectId, id: gain.id } },
          ...write(writeId),
        }),
      ),
    { said: () => t('gain.isRemoved', { what: gain.title }) },
  )
  const cost = says.cost(gain, currency)
  return (
    <li className="border-b border-base-300 py-2">
      <p>
        <strong className="font-semibold">{gain.title}:</strong> {says.verdict(gain)} {says.enough(gain)}
      </p>
      {cost && <p>{cost}</p>}
      <p className="quiet text-sm">
        {t('gain.runs', {
          before: gain.before.map(format.number).join(', '),
          after: gain.after.map(format.number).join(', '),
        })}{' '}
        {gain.unit}
        {gain.conditions && ` · ${gain.conditions}`}
      </p>
      <div className="flex flex-wrap items-start justify-between gap-x-4">
        <RunsForm projectId={projectId} id={gain.id} />
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          aria-label={t('actOn', { act: t('gain.remove'), what: gain.title })}
          disabled={remove.isPending}
          onClick={() => remove.mutate()}
        >
          {t('gain.remove')}
        </button>
      </div>
      <ProblemAlert error={remove.error} />
    </li>
  )
}

function useJudgement() {
  const { t } = useTranslation()
  const format = useFormat()
  const by = (g: Judged) => {
    const rises = g.by > 0 === (g.better === 'MORE')
    return t(`gain.by.${g.by === 0 ? 'SAME' : rises ? 'MORE' : 'LESS'}`, {
      amount: format.number(Math.abs(g.by)),
      unit: g.unit,
    })
  }
  return {
    verdict: (g: Judged) =>
      t(`gain.verdict.${g.verdict}`, { by: by(g), least: format.number(Math.max(0, g.low)), unit: g.unit }),
    enough: (g: Judged) => {
      if (g.verdict !== 'CHANCE' || g.by === 0) return null
      return g.enough === undefined ? t('gain.never') : t('gain.enough', { count: g.enough })
    },
    cost: (g: Judged, currency: string) => {
      if (g.paidMinor <= 0) return null
      const money = format.money(g.paidMinor, currency)
      const spent = g.minutes > 0 ? t('gain.cost', { money, hours: hours(g.minutes) }) : t('gain.costOnly', { money })
      if (g.eachMinor === undefined) return `${spent}.`
      return `${spent}: ${t('gain.each', { money: format.money(g.eachMinor, currency), unit: g.unit })}.`
    },
  }
}
