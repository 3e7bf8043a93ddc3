import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Buy } from './Buy'
import { Leave } from './Leave'

/** Bought or left. Above the ceiling only with a purpose and its reason. */
export function EndForms({
  projectId,
  ceiling,
  currency,
  walkAway,
}: {
  projectId: string
  ceiling: number
  currency: string
  /** What is advised is the button that stands out. */
  walkAway: boolean
}) {
  const { t } = useTranslation()
  const [ending, setEnding] = useState<'buy' | 'leave'>()
  return (
    <div className="grid gap-3">
      <div className="flex gap-2">
        <button
          type="button"
          className={`btn ${walkAway ? '' : 'btn-primary'}`}
          aria-expanded={ending === 'buy'}
          onClick={() => setEnding('buy')}
        >
          {t('bid.buy')}
        </button>
        <button
          type="button"
          className={`btn ${walkAway ? 'btn-primary' : ''}`}
          aria-expanded={ending === 'leave'}
          onClick={() => setEnding('leave')}
        >
          {t('bid.leave')}
        </button>
      </div>
      {ending === 'buy' && <Buy projectId={projectId} ceiling={ceiling} currency={currency} />}
      {ending === 'leave' && <Leave projectId={projectId} onDone={() => setEnding(undefined)} />}
    </div>
  )
}
