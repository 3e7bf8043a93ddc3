import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { useFormat } from '@/ui/format/format'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { DonorCard } from './DonorCard'
import { DonorForm } from './DonorForm'
import { HarvestList } from './HarvestList'
import { donorsQuery } from './queries'

/** What is bought for its parts, and what to look for there. */
export function DonorsPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const donors = useQuery(donorsQuery(projectId))
  const close = () => setParams({})
  const editing = donors.data?.find((d) => d.id === params.get('edit'))
  return (
    <Loaded query={donors} what={t('donor.loading')}>
      {(all) => (
        <Page
          title={t('donor.title')}
          answer={<Answer donors={all} />}
          action={
            <button type="button" className="btn no-print" onClick={() => setParams({ new: '1' })}>
              <Plus className="size-5" aria-hidden="true" />
              {t('donor.add')}
            </button>
          }
        >
          {all.length === 0 && <Empty title={t('donor.none')}>{t('donor.noneHow')}</Empty>}
          <div className="no-print">
            {all.map((d) => (
              <DonorCard key={d.id} projectId={projectId} donor={d} onEdit={() => setParams({ edit: d.id })} />
            ))}
          </div>
          <HarvestList projectId={projectId} />
          {params.has('new') && <DonorForm projectId={projectId} onClose={close} />}
          {editing && <DonorForm projectId={projectId} donor={editing} onClose={close} />}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ donors }: { donors: Schemas['DonorResponse'][] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { owns } = useRole()
  const first = donors[0]
  if (!first) return t('donor.answerNone')
  const money = (minor: number | undefined) => format.money(minor ?? 0, format.currency)
  return (
    <>
      {owns
        ? t(first.hopedMinor ? 'donor.answerHoped' : 'donor.answer', {
            name: first.name,
            net: money(first.netMinor),
            hoped: money(first.hopedMinor),
          })
        : t('donor.plain', { name: first.name })}{' '}
      {donors.length > 1 && t('donor.answerMore', { count: donors.length - 1 })}
    </>
  )
}
