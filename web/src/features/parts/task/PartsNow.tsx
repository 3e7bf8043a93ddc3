import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { Part } from '@/ui/page/Page'
import { usePartTask } from '@/ui/format/partTask'
import { tasksQuery } from './queries'

type Task = Schemas['Task']

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
  onOrder: (needId: string) => void
}) {
  const { t } = useTranslation()
  const { owns } = useRole()
  const { data } = useQuery(tasksQuery(projectId))
  const [all, setAll] = useState(false)
  const tasks = (data?.tasks ?? []).filter((task) => owns || task.kind !== 'ORDER')
  if (tasks.length === 0) return null
  const shown = all ? tasks : tasks.slice(0, FEW)
  return (
    <Part title={t('partsNow.title')}>
      <ul>
        {shown.map((task) => (
          <TaskRow
            key={`${task.kind}-${task.lineId ?? task.needId}`}
            task={task}
            onAct={() => (task.kind === 'ORDER' ? onOrder : onOpen)(task.needId)}
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

function TaskRow({ task, onAct }: { task: Task; onAct: () => void }) {
  const { t } = useTranslation()
  const say = usePartTask()
  const act = t(`partsNow.act.${task.kind}`)
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-base-300 py-2 last:border-0">
      <span className="grow basis-64">
        {say(task)} {task.holdsItsJob && <span className="quiet">{t('partsNow.waits')}</span>}
      </span>
      <button type="button" className="btn btn-sm" aria-label={t('actOn', { act, what: task.title })} onClick={onAct}>
        {act}
      </button>
    </li>
  )
}
