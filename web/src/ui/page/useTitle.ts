import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useParams } from 'react-router'
import { projectQuery } from '@/api/queries'

/** Names the document after its page and car, as the tab, the history and a screen reader say it. */
export function useTitle(page: string) {
  const { projectId = '' } = useParams()
  const { data: project } = useQuery({ ...projectQuery(projectId), enabled: projectId !== '' })
  const title = [page, project?.vehicleName, 'Ofisino'].filter(Boolean).join(' · ')
  useEffect(() => {
    document.title = title
  }, [title])
}
