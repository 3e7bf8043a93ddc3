import { useQuery } from '@tanstack/react-query'
import { Link, useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { FinalAccount } from './FinalAccount'
import { FinalAnswer, KeepAnswer } from './KeepAnswer'
import { keepingQuery, type Keeping } from './queries'
import { SoldForm } from './SoldForm'
import { ValueForm } from './ValueForm'
import { WaysBeside } from './WaysBeside'

/** Keep, sell or stop: what finishing costs from here on against what it adds. */
export function KeepPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const keeping = useQuery(keepingQuery(projectId))
  return (
    <Loaded query={keeping} what={t('keep.loading')}>
      {(k) => <Weighed projectId={projectId} keeping={k} />}
    </Loaded>
  )
}

function Weighed({ projectId, keeping: k }: { projectId: string; keeping: Keeping }) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const close = () => setParams({})
  return (
    <Page
      title={t('keep.title')}
      answer={k.gone ? <FinalAnswer keeping={k} /> : <KeepAnswer keeping={k} />}
      action={
        !k.gone && (
          <>
            <button
              type="button"
              className={`btn ${k.waysOn ? '' : 'btn-primary'}`}
              onClick={() => setParams({ figures: '1' })}
            >
              {t(k.waysOn ? 'keep.change' : 'keep.enter')}
            </button>
            {k.sellable && (
              <button type="button" className="btn" onClick={() => setParams({ sold: '1' })}>
                {t('keep.sold')}
              </button>
            )}
          </>
        )
      }
    >
      {k.gone && <FinalAccount projectId={projectId} keeping={k} />}
      {k.waysOn && (
        <Part title={t('keep.beside')}>
          <WaysBeside keeping={k} ways={k.waysOn} />
        </Part>
      )}
      {k.tally.netMinor !== 0 && k.tally.from !== k.tally.to && (
        <Part title={t('keep.tally')}>
          <HavingIt keeping={k} />
        </Part>
      )}
      {!k.gone && (
        <p className="quiet">
          {t('keep.market')}{' '}
          <Link className="link" to={`/p/${projectId}/bid`}>
            {t('keep.comparables')}
          </Link>
        </p>
      )}
      {params.has('figures') && <ValueForm projectId={projectId} keeping={k} onClose={close} />}
      {params.has('sold') && <SoldForm projectId={projectId} currency={k.currency} onClose={close} />}
    </Page>
  )
}

/** Each month and each kilometre that it was had. */
function HavingIt({ keeping: { tally, currency, waysOn, gone } }: { keeping: Keeping }) {
  const { t } = useTranslation()
  const format = useFormat()
  const money = (minor: number) => format.money(Math.abs(minor), currency)
  const soFar = gone
    ? tally.netMinor < 0
      ? 'keep.leftAMonth'
      : 'keep.costAMonth'
    : !waysOn
      ? 'keep.soFarOnly'
      : tally.netMinor < 0
        ? 'keep.earned'
        : 'keep.soFar'
  return (
    <p>
      {t(soFar, {
        day: format.dayAndYear(tally.from),
        to: format.dayAndYear(tally.to),
        net: waysOn ? format.guess(Math.abs(tally.netMinor), currency) : money(tally.netMinor),
        month: format.guess(Math.abs(tally.perMonthMinor), currency),
      })}{' '}
      {tally.perKmMinor !== undefined && tally.netMinor > 0 && t('keep.perKm', { money: money(tally.perKmMinor) })}
    </p>
  )
}
