import { useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { projectQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { CarStanding } from './CarStanding'
import { ProjectForm } from './ProjectForm'

/** The car itself, its aim, budget and state. */
export function CarPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const navigate = useNavigate()
  const back = () => void navigate(`/p/${projectId}`)
  return (
    <Loaded query={useQuery(projectQuery(projectId))} what={t('projects.loading')}>
      {(p) => (
        <Page title={t('projects.edit')} answer={p.vehicleName}>
          <CarStanding projectId={projectId} />
          <ProjectForm project={p} onClose={back} onSaved={back} />
        </Page>
      )}
    </Loaded>
  )
}
