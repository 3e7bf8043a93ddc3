import { useState } from 'react'
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
import { Page, Part } from '@/ui/page/Page'
import { factsOf } from '../delivery/facts'
import { PlaceChoice } from '../delivery/PlaceChoice'
import { linesOf, type NeedLine } from '../need/list/needLines'
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
  const entering = new Set(Object.values(bought).flatMap((b) => b.needs.map((n) => n.needId)))
  const lines = linesOf(all.filter((n) => isToOrder(n) || entering.has(n.id)))
  const parts = lines.filter((l) => l.total.unit === 'PIECE')
  const mostOf = (l: NeedLine) => searches?.find((s) => l.needs.some((n) => n.id === s.search.needId))?.search.mostMinor
  const ticked = lines.filter((l) => bought[l.key])
  const paid = ticked.reduce((sum, l) => sum + (parseMinor(bought[l.key]!.paid, format.currency) ?? 0), 0)
  const listed = (some: NeedLine[]) => (
    <ul className="gap-x-10 lg:columns-2">
      {some.map((l) => (
        <MarketLine
          key={l.key}
          line={l}
          mostMinor={mostOf(l)}
          bought={bought[l.key]}
          onTick={(yes) => (yes ? tick(l, format.today()) : untick(l.key))}
          onChange={(more) => change(l.key, more)}
        />
      ))}
    </ul>
  )
  return (
    <Page
      title={t('market.title')}
      answer={
        lines.length === 0
          ? t('market.nothing')
          : `${t('market.answer', { count: parts.length })} ${paid > 0 ? t('market.ticked', { money: format.money(paid, format.currency) }) : ''}`
      }
      action={<>{lines.length > 0 && <TakeAlong lines={lines} mostOf={mostOf} />}</>}
    >
      {lines.length === 0 ? (
        <Empty title={t('market.nothing')}>{t('parts.empty')}</Empty>
      ) : (
        <>
          <p className="quiet no-print mb-1 text-sm">{t('market.how')}</p>
          <p className="quiet no-print mb-3 text-sm">{t('market.whileOpen')}</p>
          {ticked.length > 0 && (
            <EnterThem
              count={ticked.length}
              error={enter.error}
              busy={enter.isPending}
              onEnter={(placeId) =>
                enter.mutate({ placeId, lines: ticked.map((l) => ({ key: l.key, bought: bought[l.key]! })) })
              }
            />
          )}
          {listed(parts)}
          {parts.length < lines.length && (
            <Part title={t('market.anyShop')}>{listed(lines.filter((l) => l.total.unit !== 'PIECE'))}</Part>
          )}
        </>
      )}
    </Page>
  )
}

/** Back home: where it all lies, and one press. */
function EnterThem({
  count,
  error,
  busy,
  onEnter,
}: {
  count: number
  error: Error | null
  busy: boolean
  onEnter: (placeId: string) => void
}) {
  const { t } = useTranslation()
  const [placeId, setPlaceId] = useState('')
  return (
    <section className="card-sheet no-print mb-4 grid max-w-xl gap-3 p-3">
      <PlaceChoice placeId={placeId} onChoose={setPlaceId} />
      <div>
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy || placeId === ''}
          onClick={() => onEnter(placeId)}
        >
          {t('market.enter', { count })}
        </button>
      </div>
      <ProblemAlert error={error} />
    </section>
  )
}

function TakeAlong({ lines, mostOf }: { lines: NeedLine[]; mostOf: (l: NeedLine) => number | undefined }) {
  const { t, i18n } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const nameOf = ({ needs: [n] }: NeedLine) => (n!.side === 'NONE' ? n!.title : `${n!.title}, ${t(`side.${n!.side}`)}`)
  const save = () => {
    const parts = lines.map((l) => ({
      title: nameOf(l),
      amount: amount(l.total),
      most:
        mostOf(l) === undefined ? undefined : t('market.most', { money: format.money(mostOf(l)!, format.currency) }),
      facts: [...new Set(l.needs.flatMap(factsOf))],
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
