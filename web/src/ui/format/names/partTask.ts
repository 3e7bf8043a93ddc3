import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '../format'

type Task = Pick<Schemas['Task'], 'kind' | 'title' | 'side' | 'by' | 'supplier'>

/** Several to be ordered by the same day are one thing to do: the first, and the others with it. */
export type TaskGroup<T extends Task = Schemas['Task']> = { first: T; all: T[] }

export function inGroups<T extends Task>(tasks: T[]): TaskGroup<T>[] {
  const groups: TaskGroup<T>[] = []
  for (const task of tasks) {
    const same = groups.find((g) => task.kind === 'ORDER' && g.first.kind === 'ORDER' && g.first.by === task.by)
    if (same) same.all.push(task)
    else groups.push({ first: task, all: [task] })
  }
  return groups
}

/** What is to be done about a part, in a sentence: by a day, today, or with its last day past. */
export function usePartTask() {
  const { t } = useTranslation()
  const format = useFormat()
  return ({ first: { kind, title, side, by, supplier }, all }: TaskGroup<Task>) => {
    const part = side === 'NONE' ? title : `${title}, ${t(`side.${side}`)}`
    const today = format.today()
    const when = !by ? 'open' : by < today ? 'past' : by === today ? 'today' : 'by'
    const more = all.length - 1
    if (more > 0) return t(`partTask.ORDER_MORE.${when}`, { part, count: more, date: by ? format.shortDay(by) : '' })
    return t(`partTask.${kind}.${when}`, {
      part,
      supplier: supplier ?? '',
      date: by ? format.shortDay(by) : '',
    })
  }
}
