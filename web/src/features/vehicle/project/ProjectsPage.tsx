import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { projectsQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { CarPicture } from '@/ui/photos/CarPicture'
import { CarStanding } from './CarStanding'
import { ProjectForm } from './ProjectForm'
import { ProjectOrder } from './ProjectOrder'

/** The cars of the garage. */
export function ProjectsPage() {
  const { t } = useTranslation()
  const format = useFormat()
  const navigate = useNavigate()
  const [params, setParams] = useSearchParams()
  const { owns } = useRole()
  const projects = useQuery(projectsQuery)
  return (
    <Loaded query={projects} what={t('projects.loading')}>
      {(list) => (
        <Page
          title={t('projects.title')}
          answer={list.length === 0 ? t('projects.none') : t('projects.choose', { count: list.length })}
          action={
            owns && (
              <button type="button" className="btn btn-primary" onClick={() => setParams({ new: '1' })}>
                <Plus className="size-5" aria-hidden="true" />
                {t('projects.start')}
              </button>
            )
          }
        >
          {list.length === 0 && <Empty title={t('projects.emptyTitle')}>{t('projects.empty')}</Empty>}
          <ul className="grid gap-3 md:grid-cols-2">
            {list.map((p) => (
              <li key={p.id}>
                <Link
                  to={p.state === 'LOOKING' ? `/p/${p.id}/buying` : `/p/${p.id}`}
                  className="card-sheet flex h-full gap-4 p-4 hover:border-primary"
                >
                  <span className="grow">
                    <span className="block font-answer text-xl font-semibold">{p.vehicleName}</span>
                    <span className="quiet">
                      {p.builtYear}, {t(`body.${p.bodyStyle}`)}. {t(`projectState.${p.state}`)},{' '}
                      {t('projects.aimIs', { aim: t(`aim.${p.aim}`) })}
                      {p.targetOn && `, ${t('projects.by', { date: format.dayAndYear(p.targetOn) })}`}
                    </span>
                    <CarStanding projectId={p.id} />
                  </span>
                  <CarPicture vehicleId={p.vehicleId} name={p.vehicleName} className="h-24 w-32 shrink-0" />
                </Link>
              </li>
            ))}
          </ul>
          {owns && <ProjectOrder projects={list} />}
          {params.has('new') && (
            <ProjectForm onClose={() => setParams({})} onSaved={(id) => void navigate(`/p/${id}/walk`)} />
          )}
        </Page>
      )}
    </Loaded>
  )
}
