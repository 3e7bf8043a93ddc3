import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { TextField } from '@/ui/form/Field'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { parseMinor, useAmountProblem } from '@/ui/format/money'
import type { Asked } from './queries'

/** A total that somebody named, against the sum of the lines: of all, or of one group in the days that are looked at. */
export function TotalCheck({
  projectId,
  label,
  currency,
  asked,
  group,
}: {
  projectId: string
  label: string
  currency: string
  asked: Asked
  group?: string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const problem = useAmountProblem()
  const [typed, setTyped] = useState('')
  const typedMinor = typed.trim() === '' ? undefined : parseMinor(typed, currency)
  const check = useQuery({
    queryKey: ['money', projectId, 'check', asked, group, typedMinor],
    enabled: typedMinor !== undefined,
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/totals/check', {
          params: {
            path: { projectId },
            query: { ...asked, ...(group !== undefined && { key: group }), typedMinor: typedMinor! },
          },
        }),
      ),
  })
  const result = check.data
  return (
    <div className="grid gap-2">
      <TextField
        label={label}
        hint={t('money.checkHint')}
        inputMode="decimal"
        value={typed}
        error={typed.trim() === '' ? undefined : problem(typed, currency)}
        onChange={(e) => setTyped(e.target.value)}
      />
      <ProblemAlert error={check.error} />
      {result && typedMinor !== undefined && (
        <p role="status">
          {result.difference === 0
            ? t('money.agrees')
            : t(result.difference > 0 ? 'money.typedMore' : 'money.typedLess', {
                difference: format.money(Math.abs(result.difference), currency),
              })}{' '}
          {result.suspects.length > 0 && t('money.suspects', { lines: result.suspects.map((s) => s.name).join('; ') })}
        </p>
      )}
    </div>
  )
}
