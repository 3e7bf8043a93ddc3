import { useTranslation } from 'react-i18next'
import type { Problem } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'

type Props = {
  says: string
  money: string
  act: string
  what: string
  write: { isPending: boolean; error: Problem | null }
  onPress: () => void
}

/** Something with its amount, and the press that takes it off the list. @param what it is called */
export function LineWithPress({ says, money, act, what, write, onPress }: Props) {
  const { t } = useTranslation()
  return (
    <li className="flex flex-wrap items-baseline justify-between gap-x-4">
      <span>{says}</span>
      <span className="whitespace-nowrap">
        {money}{' '}
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          aria-label={t('actOn', { act, what })}
          disabled={write.isPending}
          onClick={onPress}
        >
          {act}
        </button>
      </span>
      <ProblemAlert error={write.error} />
    </li>
  )
}
