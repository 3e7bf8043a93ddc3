import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { findingsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { useFindingName } from '@/ui/format/names/findingNames'
import { useZoneNames } from '@/ui/format/names/zones'
import { isOver } from '../finding/findingMarks'
import { BeforeAfter } from './BeforeAfter'

type Finding = Schemas['FindingRow']
type Look = Schemas['LookRow']

/** The list of what was found, to be looked at again: before and now beside each other. */
export function SecondLookPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const findings = useQuery(findingsQuery(projectId))
  const looks = useQuery({
    queryKey: ['looks', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/second-looks', { params: { path: { projectId } } })),
  })
  return (
    <Loaded query={findings} what={t('again.loading')}>
      {(found) => (
        <Loaded query={looks} what={t('again.loading')}>
          {(looked) => <List projectId={projectId} findings={found.filter((f) => !isOver(f))} looks={looked} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function List({ projectId, findings, looks }: { projectId: string; findings: Finding[]; looks: Look[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const nameOf = useZoneNames(projectId)
  // one look a day counts: the last visit is today's, or the one before
  const lastOf = (f: Finding) => looks.find((l) => l.findingId === f.id)
  const left = findings.filter((f) => !lastOf(f))
  const worse = findings.filter((f) => lastOf(f)?.compared === 'WORSE')
  const { whole: title } = useFindingName(projectId, nameOf)
  return (
    <Page
      title={t('again.title')}
      words={['secondLook', 'finding']}
      answer={
        findings.length === 0 ? (
          t('again.none')
        ) : (
          <>
            {left.length > 0 ? t('again.left', { count: left.length }) : t('again.done')}{' '}
            {worse.length > 0 && t('again.worse', { count: worse.length, what: worse.map(title).join('; ') })}
          </>
        )
      }
    >
      <div className="grid gap-4 lg:grid-cols-2">
        {[...left, ...findings.filter((f) => lastOf(f))].map((f) => (
          <BeforeAfter key={f.id} finding={f} title={title(f)} look={lastOf(f)} today={format.today()} />
        ))}
      </div>
    </Page>
  )
}
