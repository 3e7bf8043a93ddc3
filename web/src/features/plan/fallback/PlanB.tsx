import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'
import type { Job } from '../job/jobWork'

type Fallback = Schemas['Fallback']

/** What is done instead if a risky job fails: the plan says until when to decide, the money is held until the job is over. */
export function PlanB({ job }: { job: Job }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { owns } = useRole()
  const path = { params: { path: { jobId: job.id } } }
  const { data, isSuccess } = useQuery({
    queryKey: ['fallback', job.id],
    queryFn: async () => (await unwrap(api.GET('/api/jobs/{jobId}/fallback', path))) ?? null,
  })
  const remove = useWrite(
    (_: object, id) => unwrap(api.DELETE('/api/jobs/{jobId}/fallback', { ...path, ...write(id) })),
    { said: () => t('planB.removed') },
  )
  if (!isSuccess) return null
  return (
    <section aria-label={t('planB.title')}>
      {data && (
        <p>
          {t('planB.is', { what: data.what, count: data.leadDays })}{' '}
          {data.costMinor > 0 && t('planB.held', { money: format.money(data.costMinor, format.currency) })}{' '}
          {owns && (
            <button type="button" className="link" disabled={remove.isPending} onClick={() => remove.mutate({})}>
              {t('planB.remove')}
            </button>
          )}
        </p>
      )}
      {owns && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">{t(data ? 'planB.change' : 'planB.add')}</summary>
          <Edit key={JSON.stringify(data)} jobId={job.id} stored={data} />
        </details>
      )}
      <ProblemAlert error={remove.error} />
    </section>
  )
}

function Edit({ jobId, stored }: { jobId: string; stored: Fallback | null }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const [what, setWhat] = useState(stored?.what ?? '')
  const [days, setDays] = useState(String(stored?.leadDays ?? 14))
  const [cost, setCost] = useState(stored ? minorText(stored.costMinor, currency) : '')
  const costMinor = amountOf(cost, currency)
  const save = useWrite(
    (body: Fallback, id) =>
      unwrap(api.PUT('/api/jobs/{jobId}/fallback', { params: { path: { jobId } }, body, ...write(id) })),
    { said: () => t('planB.kept') },
  )
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (costMinor !== undefined) save.mutate({ what, leadDays: Math.trunc(Number(days)) || 0, costMinor })
      }}
    >
      <TextField label={t('planB.what')} value={what} maxLength={120} onChange={(e) => setWhat(e.target.value)} />
      <div className="grid grid-cols-2 items-start gap-3">
        <TextField label={t('planB.days')} inputMode="numeric" value={days} onChange={(e) => setDays(e.target.value)} />
        <AmountField label={t('planB.cost', { currency })} value={cost} currency={currency} onChange={setCost} />
      </div>
      <ProblemAlert error={save.error} />
      <div>
        <button type="submit" className="btn" disabled={what.trim() === '' || save.isPending}>
          {t('save')}
        </button>
      </div>
    </form>
  )
}
