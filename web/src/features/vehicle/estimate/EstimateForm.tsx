import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { minorText, parseMinor, useAmountProblem } from '@/ui/format/money'
import { minutesOf } from '@/ui/format/format'
import { three, type FindingEstimate } from './estimates'
import { useSayEstimate } from './useSayEstimate'

type Payer = NonNullable<Schemas['EstimateFields']['payer']>
type Typed = [string, string, string]

const payers: Payer[] = ['RECALL', 'INSURER', 'SELLER', 'VENDOR', 'WORKSHOP']
const which = ['low', 'likely', 'high'] as const
const typedHours = (minutes: number) => String(Math.round((minutes / 60) * 100) / 100)

/** One's own figures in place of the proposed ones, and who pays. */
export function EstimateForm({
  finding,
  estimate,
  onDone,
}: {
  finding: Schemas['FindingRow']
  estimate: FindingEstimate
  onDone: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const { effort, cost } = estimate.said ?? {}
  const [hours, setHours] = useState<Typed>(
    effort
      ? [typedHours(effort.optimisticMinutes), typedHours(effort.likelyMinutes), typedHours(effort.pessimisticMinutes)]
      : ['', '', ''],
  )
  const [money, setMoney] = useState<Typed>(
    cost
      ? [
          minorText(cost.optimisticMinor, format.currency),
          minorText(cost.likelyMinor, format.currency),
          minorText(cost.pessimisticMinor, format.currency),
        ]
      : ['', '', ''],
  )
  const [payer, setPayer] = useState<Payer | ''>(estimate.said?.payer ?? '')
  const [payerNote, setPayerNote] = useState(estimate.said?.payerNote ?? '')
  const [wrong, setWrong] = useState<string>()
  const amountProblem = useAmountProblem()
  const save = useSayEstimate(finding.id, onDone)

  function submit() {
    const minutes = three(hours, minutesOf)
    const minor = three(money, (typed) => parseMinor(typed, format.currency))
    if (minutes === 'wrong') return setWrong(t('estimate.hoursWrong'))
    if (minor === 'wrong')
      return setWrong(
        money.map((m) => m.trim() && amountProblem(m, format.currency)).find((p) => p) || t('estimate.costWrong'),
      )
    setWrong(undefined)
    const [optimisticMinutes, likelyMinutes, pessimisticMinutes] = minutes === 'none' ? [] : minutes
    const [optimisticMinor, likelyMinor, pessimisticMinor] = minor === 'none' ? [] : minor
    save.mutate({
      fields: {
        ...(minutes !== 'none' && {
          effort: {
            optimisticMinutes: optimisticMinutes!,
            likelyMinutes: likelyMinutes!,
            pessimisticMinutes: pessimisticMinutes!,
          },
        }),
        ...(minor !== 'none' && {
          cost: {
            optimisticMinor: optimisticMinor!,
            likelyMinor: likelyMinor!,
            pessimisticMinor: pessimisticMinor!,
          },
        }),
        ...(estimate.said?.rust && { rust: estimate.said.rust }),
        ...(payer && { payer, payerNote }),
      },
      version: estimate.version,
    })
  }

  return (
    <form
      className="mt-3 grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        submit()
      }}
    >
      <div className="grid grid-cols-3 gap-2">
        {which.map((w, i) => (
          <TextField
            key={w}
            label={t('estimate.hoursOf', { which: t(`estimate.${w}`) })}
            inputMode="decimal"
            value={hours[i]}
            onChange={(e) => setHours(hours.with(i, e.target.value) as Typed)}
          />
        ))}
        {which.map((w, i) => (
          <TextField
            key={w}
            label={t('estimate.costOf', { which: t(`estimate.${w}`), currency: format.currency })}
            inputMode="decimal"
            value={money[i]}
            onChange={(e) => setMoney(money.with(i, e.target.value) as Typed)}
          />
        ))}
      </div>
      <p className="quiet text-sm">{t('estimate.leaveEmpty')}</p>
      <Choice label={t('estimate.payer')} value={payer} onChange={(e) => setPayer(e.target.value as Payer | '')}>
        <option value="">{t('estimate.payers.NOBODY')}</option>
        {payers.map((p) => (
          <option key={p} value={p}>
            {t(`estimate.payers.${p}`)}
          </option>
        ))}
      </Choice>
      {payer && (
        <TextField
          label={t('estimate.payerNote')}
          value={payerNote}
          maxLength={400}
          onChange={(e) => setPayerNote(e.target.value)}
        />
      )}
      {wrong && (
        <p role="alert" className="font-semibold text-error">
          {wrong}
        </p>
      )}
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={save.isPending}>
          {t('estimate.save')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
