import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Undo2 } from 'lucide-react'
import { api, unwrap } from '@/api/client'
import { Loaded } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { useUndo } from '@/ui/page/useUndo'

/** One's own last changes, each to be taken back while nothing was built on it. */
export function LastChanges() {
  const { t } = useTranslation()
  const format = useFormat()
  const undo = useUndo()
  const changes = useQuery({ queryKey: ['changes'], queryFn: () => unwrap(api.GET('/api/changes')) })
  return (
    <Loaded query={changes} what={t('garage.loading')}>
      {(list) => (
        <ul>
          {list.length === 0 && <li className="quiet">{t('garage.noChanges')}</li>}
          {list.slice(0, 10).map((c) => (
            <li key={c.writeId} className="flex items-center gap-3 border-b border-base-300 py-1">
              <span className="grow">
                {t(`change.${c.action}`, { what: t(`entity.${c.entity}`, { defaultValue: c.entity }) })}
                {c.title && ` “${c.title}”`}
                <span className="quiet block text-sm">
                  {format.shortDay(format.dateOf(c.at))}, {format.time(c.at)}
                </span>
              </span>
              <button
                type="button"
                className="btn btn-sm"
                disabled={undo.isPending}
                onClick={() => undo.mutate(c.writeId)}
              >
                <Undo2 className="size-4" aria-hidden="true" />
                {t('takeBack')}
              </button>
            </li>
          ))}
        </ul>
      )}
    </Loaded>
  )
}
