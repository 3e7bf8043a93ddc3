import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { announce } from '@/api/notices'
import { useWrite } from '@/api/useWrite'

/** Takes back one of one's own changes; a refusal is said where the change was announced. */
export function useUndo() {
  const { t } = useTranslation()
  const undo = useWrite(
    (writeId: string, id) =>
      unwrap(api.POST('/api/changes/{writeId}/undo', { params: { path: { writeId } }, ...write(id) })),
    { said: () => t('takenBack'), undoable: false },
  )
  return {
    ...undo,
    mutate: (writeId: string) => undo.mutate(writeId, { onError: (e) => announce({ text: e.message, bad: true }) }),
  }
}
