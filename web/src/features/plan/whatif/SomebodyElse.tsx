import { useState } from 'react'
import { Link } from 'react-router'
import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { MilestoneMoves } from '../schedule/MilestoneMoves'
import type { Activity } from '../schedule/axis/lanes'

/** A job given to somebody else: what its days and its price do to the dates, before anything is agreed. */
export function SomebodyElse({ projectId, activity }: { projectId: string; activity: Activity }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [days, setDays] = useState('7')
  const [cost, setCost] = useState('')
  const costMinor = amountOf(cost, format.currency)
  const ask = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/projects/{projectId}/plan/preview-sent-out', {
          params: { path: { projectId } },
          body: { job: activity.subject.id, days: Math.trunc(Number(days)), costMinor: costMinor ?? 0 },
          ...write(crypto.randomUUID()),
        }),
      ),
  })
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('dates.somebodyElse')}</summary>
      <form
        className="grid gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          ask.mutate()
        }}
      >
        <div className="grid grid-cols-2 items-start gap-3">
          <TextField
            label={t('dates.elseDays')}
            inputMode="numeric"
            value={days}
            onChange={(e) => setDays(e.target.value)}
          />
          <AmountField
            label={t('dates.elseCost', { currency: format.currency })}
            value={cost}
            currency={format.currency}
            onChange={setCost}
          />
        </div>
        <div>
          <button type="submit" className="btn" disabled={ask.isPending || !/^\d+$/.test(days.trim())}>
            {t('dates.ask')}
          </button>
        </div>
      </form>
      <ProblemAlert error={ask.error} />
      {ask.data && (
        <div className="mt-2 border-l-4 border-accent pl-3" role="status">
          <MilestoneMoves move={ask.data} />
          <Link className="link" to={`/p/${projectId}/plan/sent-out?send=${activity.subject.id}&days=${days.trim()}`}>
            {t('dates.elseAgree')}
          </Link>
        </div>
      )}
    </details>
  )
}
