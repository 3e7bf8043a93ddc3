import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { findingsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFindingName } from '@/ui/format/names/findingNames'
import { useZoneNames } from '@/ui/format/names/zones'
import { Invite } from './Invite'
import { RemarkItem } from './RemarkItem'

type Remark = Schemas['RemarkRow']

/** Links to friends with a good eye, and what they say. */
export function EyesPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const remarks = useQuery({
    queryKey: ['remarks', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/remarks', { params: { path: { projectId } } })),
  })
  const findings = useQuery(findingsQuery(projectId))
  const nameOf = useZoneNames(projectId)
  const { whole } = useFindingName(projectId, nameOf)
  const about = (r: Remark) => {
    const finding = findings.data?.find((f) => f.id === r.findingId)
    return finding ? whole(finding) : nameOf(r.zone)
  }
  return (
    <Loaded query={remarks} what={t('review.loading')}>
      {(all) => {
        const waiting = all.filter((r) => r.state === 'UNCONFIRMED')
        return (
          <Page
            title={t('review.title')}
            answer={
              all.length === 0
                ? t('review.none')
                : waiting.length > 0
                  ? t('review.waiting', { count: waiting.length })
                  : t('review.allRead')
            }
          >
            <div className="grid gap-x-10 lg:grid-cols-2">
              {all.length > 0 && (
                <Part title={t('review.remarks')}>
                  <ul>
                    {[...waiting, ...all.filter((r) => r.state !== 'UNCONFIRMED')].map((r) => (
                      <RemarkItem key={r.id} remark={r} about={about(r)} />
                    ))}
                  </ul>
                </Part>
              )}
              <Part title={t('review.links')}>
                <Invite projectId={projectId} />
              </Part>
            </div>
          </Page>
        )
      }}
    </Loaded>
  )
}
