import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import { Part } from '@/ui/page/Page'
import { inGroups, usePartTask, type TaskGroup } from '@/ui/format/names/partTask'
import { tasksQuery } from './queries'

/** Further ones are a press away: nobody does more in an evening. */
const FEW = 5

/** What is to be done about parts, the most pressing first, each with its press. */
export function PartsNow({
  projectId,
  onOpen,
  onOrder,
}: {
  projectId: string
  onOpen: (needId: string) => void
  onOrder: (needIds: string[]) => void
}) {
  const { t } = useTranslation()
  const { owns } = useRole()
  const { data } = useQuery(tasksQuery(projectId))
  const [all, setAll] = useState(false)
  const tasks = inGroups((data?.tasks ?? []).filter((task) => owns || task.kind !== 'ORDER'))
  if (tasks.length === 0) return null
  const shown = all ? tasks : tasks.slice(0, FEW)
  return (
    <Part title={t('partsNow.title')}>
      <ul>
        {shown.map((group) => (
          <TaskRow
            key={`${group.first.kind}-${group.first.lineId ?? group.first.needId}`}
            group={group}
            onAct={() =>
              group.first.kind === 'ORDER' ? onOrder(group.all.map((task) => task.needId)) : onOpen(group.first.needId)
            }
          />
        ))}
      </ul>
      {shown.length < tasks.length && (
        <button type="button" className="btn btn-ghost mt-1" onClick={() => setAll(true)}>
          {t('partsNow.more', { count: tasks.length - shown.length })}
        </button>
      )}
    </Part>
  )
}

function TaskRow({ group, onAct }: { group: TaskGroup; onAct: () => void }) {
  const { t } = useTranslation()
  const say = usePartTask()
  const { first, all } = group
  const act = all.length > 1 ? t('parts.orderChosen', { count: all.length }) : t(`partsNow.act.${first.kind}`)
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-base-300 py-2 last:border-0">
      <span className="grow basis-64">
        {say(group)} {first.holdsItsJob && all.length === 1 && <span className="quiet">{t('partsNow.waits')}</span>}
      </span>
      <button type="button" className="btn btn-sm" aria-label={t('actOn', { act, what: first.title })} onClick={onAct}>
        {act}
      </button>
    </li>
  )
}
