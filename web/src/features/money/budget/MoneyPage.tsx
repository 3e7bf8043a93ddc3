import { useQuery } from '@tanstack/react-query'
import { Link, useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { AmountsToCheck } from '../ledger/AmountsToCheck'
import { EntryForm } from '../ledger/EntryForm'
import { typedKinds } from '../ledger/entryText'
import { EntrySheet } from '../ledger/EntrySheet'
import { LedgerTable } from '../ledger/LedgerTable'
import { Posted } from '../ledger/Posted'
import { TotalCheck } from '../totals/TotalCheck'
import { MoneyAnswer, Sums } from './MoneyParts'
import { forecastQuery, type Forecast } from '../forecast/queries'
import { entriesQuery, moneyQuery, type Entry, type Money } from './moneyQueries'

/** Where the money stands, and every line it is made of. */
export function MoneyPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const money = useQuery(moneyQuery(projectId))
  const entries = useQuery(entriesQuery(projectId))
  const forecast = useQuery(forecastQuery(projectId))
  return (
    <Loaded query={money} what={t('money.loading')}>
      {(m) => (
        <Loaded query={entries} what={t('money.loading')}>
          {(all) => (
            <Loaded query={forecast} what={t('money.loading')}>
              {(f) => <Books projectId={projectId} money={m} entries={all} forecast={f} />}
            </Loaded>
          )}
        </Loaded>
      )}
    </Loaded>
  )
}

function Books({
  projectId,
  money: m,
  entries: all,
  forecast: f,
}: {
  projectId: string
  money: Money
  entries: Entry[]
  forecast: Forecast
}) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const close = () => setParams({})
  const drafts = all.filter((e) => e.state === 'DRAFT')
  const posted = all.filter((e) => e.state === 'POSTED')
  const open = all.find((e) => e.id === params.get('entry'))
  const editing = all.find((e) => e.id === params.get('edit'))
  return (
    <Page
      title={t('money.title')}
      words={['entry', 'share']}
      answer={<MoneyAnswer money={m} forecast={f} />}
      action={
        <button type="button" className="btn btn-primary" onClick={() => setParams({ new: '1' })}>
          <Plus className="size-5" aria-hidden="true" />
          {t('money.add')}
        </button>
      }
    >
      <div className="grid gap-x-10 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          <AmountsToCheck />
          {drafts.length > 0 && (
            <Part title={t('money.drafts')}>
              <LedgerTable entries={drafts} onOpen={(id) => setParams({ entry: id })} label={t('money.drafts')} />
            </Part>
          )}
          <Part title={t('money.posted')}>
            <Posted projectId={projectId} posted={posted} onOpen={(id) => setParams({ entry: id })} />
          </Part>
        </div>
        <div>
          <Part title={t('money.sums')}>
            <Sums money={m} forecast={f} projectId={projectId} />
          </Part>
          <p className="mb-7">
            <Link className="link" to={`/p/${projectId}/money/where`}>
              {t('money.goesTo')}
            </Link>
          </p>
          <Part title={t('money.check')}>
            <TotalCheck
              projectId={projectId}
              label={t('money.typedTotal', { currency: m.currency })}
              currency={m.currency}
              asked={{ by: 'JOB' }}
            />
          </Part>
        </div>
      </div>
      {open && (
        <EntrySheet entry={open} base={m.currency} onEdit={() => setParams({ edit: open.id })} onClose={close} />
      )}
      {editing && <EntryForm projectId={projectId} base={m.currency} entry={editing} onClose={close} />}
      {params.has('new') && (
        <EntryForm
          projectId={projectId}
          base={m.currency}
          kind={typedKinds.find((k) => k === params.get('new'))}
          onClose={close}
        />
      )}
      {params.has('refund') && (
        <EntryForm projectId={projectId} base={m.currency} orderId={params.get('refund')!} refund onClose={close} />
      )}
      {params.has('invoice') && (
        <EntryForm projectId={projectId} base={m.currency} orderId={params.get('invoice')!} onClose={close} />
      )}
    </Page>
  )
}
