import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from './format'

type Task = Pick<Schemas['Task'], 'kind' | 'title' | 'by' | 'supplier'>

/** What is to be done about a part, in a sentence: by a day, today, or with its last day past. */
export function usePartTask() {
  const { t } = useTranslation()
  const format = useFormat()
  return ({ kind, title, by, supplier }: Task) => {
    const today = format.today()
    const when = !by ? 'open' : by < today ? 'past' : by === today ? 'today' : 'by'
    return t(`partTask.${kind}.${when}`, {
      part: title,
      supplier: supplier ?? '',
      date: by ? format.shortDay(by) : '',
    })
  }
}
