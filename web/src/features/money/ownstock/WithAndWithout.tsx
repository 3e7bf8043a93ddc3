import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { hours, useFormat } from '@/ui/format/format'
import { Part } from '@/ui/page/Page'
import { LineWithPress } from './LineWithPress'
import { StockForm } from './StockForm'
import { WorkshopTools } from './WorkshopTools'
import { withAndWithoutQuery } from './queries'

/** What it has cost, counted in the ways in which people count. */
export function WithAndWithout({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: w } = useQuery(withAndWithoutQuery(projectId))
  const [adding, setAdding] = useState(false)
  if (!w) return null
  const money = (minor: number) => format.money(minor, w.currency)
  const worked = hours(w.minutes)
  const sums = [
    { name: t('ownStock.cash'), minor: w.cashMinor, says: true },
    {
      name: t('ownStock.withoutTools', { money: money(w.toolsMinor) }),
      minor: w.withoutToolsMinor,
      says: w.toolsMinor > 0,
    },
    {
      name: t('ownStock.others', { money: money(w.stockMinor) }),
      minor: w.wouldCostOthersMinor,
      says: w.stockMinor > 0,
    },
    {
      name: t('ownStock.labour', { hours: worked, rate: money(w.hourMinor) }),
      minor: w.withLabourMinor,
      says: w.hourMinor > 0 && w.minutes > 0,
    },
  ].filter((s) => s.says)
  return (
    <Part title={t('ownStock.title')}>
      <p className="quiet mb-2 text-sm">{t('ownStock.hint')}</p>
      <ul>
        {sums.map(({ name, minor }) => (
          <li key={name} className="flex justify-between gap-4 border-b border-base-300 py-1.5">
            <span>{name}</span>
            <span className="whitespace-nowrap">{money(minor)}</span>
          </li>
        ))}
      </ul>
      {w.hourMinor === 0 && w.minutes > 0 && (
        <p className="quiet mt-1 text-sm">{t('ownStock.noRate', { hours: worked })}</p>
      )}
      {w.fromStock.length > 0 && (
        <details className="mt-2">
          <summary className="cursor-pointer py-2">{t('ownStock.used')}</summary>
          <ul className="pl-5 text-sm">
            {w.fromStock.map((use) => (
              <Used key={use.id} projectId={projectId} use={use} money={money(use.worthMinor)} />
            ))}
          </ul>
        </details>
      )}
      <button type="button" className="btn btn-sm mt-2 mr-2" onClick={() => setAdding(true)}>
        {t('ownStock.add')}
      </button>
      <WorkshopTools projectId={projectId} borneMinor={w.toolsMinor} />
      {adding && <StockForm projectId={projectId} currency={w.currency} onClose={() => setAdding(false)} />}
    </Part>
  )
}

function Used({ projectId, use, money }: { projectId: string; use: Schemas['StockUse']; money: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const remove = useWrite(
    (id: string, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/own-stock/{id}', {
          params: { path: { projectId, id } },
          ...write(writeId),
        }),
      ),
    { said: () => t('ownStock.isRemoved', { what: use.title }) },
  )
  return (
    <LineWithPress
      says={`${use.title}, ${format.shortDay(use.usedOn)}`}
      money={money}
      act={t('ownStock.remove')}
      what={use.title}
      write={remove}
      onPress={() => remove.mutate(use.id)}
    />
  )
}
