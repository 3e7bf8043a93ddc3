import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { FileDown, Printer } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { needsQuery } from '@/api/queries'
import { isToOrder } from '@/api/toOrder'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { parseMinor } from '@/ui/format/money'
import { Empty, Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { factsOf } from '../delivery/facts'
import { searchesQuery } from '../search/queries'
import { listFile } from './listFile'
import { MarketLine } from './MarketLine'
import { useBought } from './useBought'
import { useEnterBought } from './useEnterBought'

type Need = Schemas['Need']

/** What to look for at a market: ticked there, also without a line, and entered at home. */
export function MarketPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const needs = useQuery(needsQuery(projectId))
  return (
    <Loaded query={needs} what={t('parts.loading')}>
      {(all) => <Market projectId={projectId} all={all} />}
    </Loaded>
  )
}

function Market({ projectId, all }: { projectId: string; all: Need[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: searches } = useQuery(searchesQuery(projectId))
  const { bought, tick, change, untick, keepOnly } = useBought(projectId)
  const enter = useEnterBought(projectId, keepOnly)
  const needs = all.filter((n) => isToOrder(n) || bought[n.id])
  const mostOf = (n: Need) => searches?.find((s) => s.search.needId === n.id)?.search.mostMinor
  const ticked = needs.filter((n) => bought[n.id])
  const paid = ticked.reduce((sum, n) => sum + (parseMinor(bought[n.id]!.paid, format.currency) ?? 0), 0)
  return (
    <Page
      title={t('market.title')}
      answer={
        needs.length === 0
          ? t('market.nothing')
          : `${t('market.answer', { count: needs.length })} ${paid > 0 ? t('market.ticked', { money: format.money(paid, format.currency) }) : ''}`
      }
      action={
        <>
          {ticked.length > 0 && (
            <button
              type="button"
              className="btn btn-primary"
              disabled={enter.isPending}
              onClick={() => enter.mutate(ticked.map((need) => ({ need, bought: bought[need.id]! })))}
            >
              {t('market.enter', { count: ticked.length })}
            </button>
          )}
          {needs.length > 0 && <TakeAlong needs={needs} mostOf={mostOf} />}
        </>
      }
    >
      {needs.length === 0 ? (
        <Empty title={t('market.nothing')}>{t('parts.empty')}</Empty>
      ) : (
        <>
          <p className="quiet no-print mb-1 text-sm">{t('market.how')}</p>
          <p className="quiet no-print mb-3 text-sm">{t('market.whileOpen')}</p>
          <ProblemAlert error={enter.error} />
          <ul className="gap-x-10 lg:columns-2">
            {needs.map((n) => (
              <MarketLine
                key={n.id}
                need={n}
                mostMinor={mostOf(n)}
                bought={bought[n.id]}
                onTick={(yes) => (yes ? tick(n.id, n.version, format.today()) : untick(n.id))}
                onChange={(more) => change(n.id, more)}
              />
            ))}
          </ul>
        </>
      )}
    </Page>
  )
}

function TakeAlong({ needs, mostOf }: { needs: Need[]; mostOf: (n: Need) => number | undefined }) {
  const { t, i18n } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const save = () => {
    const parts = needs.map((n) => ({
      title: n.side === 'NONE' ? n.title : `${n.title}, ${t(`side.${n.side}`)}`,
      amount: amount(n),
      most:
        mostOf(n) === undefined ? undefined : t('market.most', { money: format.money(mostOf(n)!, format.currency) }),
      facts: factsOf(n),
    }))
    const note = t('market.saved', { date: format.dayAndYear(format.today()) })
    const link = document.createElement('a')
    link.href = URL.createObjectURL(
      new Blob([listFile(t('market.title'), note, i18n.language, parts)], { type: 'text/html' }),
    )
    link.download = `${t('market.title')} ${format.today()}.html`
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <>
      <button type="button" className="btn" onClick={save}>
        <FileDown className="size-5" aria-hidden="true" />
        {t('market.file')}
      </button>
      <button type="button" className="btn" onClick={() => window.print()}>
        <Printer className="size-5" aria-hidden="true" />
        {t('market.print')}
      </button>
    </>
  )
}
