import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'

/** What is odd about the number that is stored; it only warns. */
export function NumberRemarks({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const number = useQuery({
    queryKey: ['projects', projectId, 'number'],
    queryFn: () => unwrap(api.GET('/api/projects/{id}/number', { params: { path: { id: projectId } } })),
  })
  return number.data?.remarks.map((r) => (
    <p key={r} className="text-sm font-semibold">
      {t(`number.${r}`)}
    </p>
  ))
}
