import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { useFormat } from '@/ui/format/format'

type Purpose = NonNullable<Schemas['PurchaseRequest']['purpose']>
const purposes: Purpose[] = ['WILL_NOT_COME_AGAIN', 'SENTIMENT', 'LEARNING', 'TO_SHOW_OTHERS', 'KEEP_FOR_LIFE']

/** Bought or left. Above the ceiling only with a purpose and its reason. */
export function EndForms({ projectId, ceiling, currency }: { projectId: string; ceiling: number; currency: string }) {
  const { t } = useTranslation()
  const [ending, setEnding] = useState<'buy' | 'leave'>()
  return (
    <div className="grid gap-3">
      <div className="flex gap-2">
        <button
          type="button"
          className="btn btn-primary"
          aria-expanded={ending === 'buy'}
          onClick={() => setEnding('buy')}
        >
          {t('bid.buy')}
        </button>
        <button type="button" className="btn" aria-expanded={ending === 'leave'} onClick={() => setEnding('leave')}>
          {t('bid.leave')}
        </button>
      </div>
      {ending === 'buy' && <Buy projectId={projectId} ceiling={ceiling} currency={currency} />}
      {ending === 'leave' && <Leave projectId={projectId} onDone={() => setEnding(undefined)} />}
    </div>
  )
}

function Buy({ projectId, ceiling, currency }: { projectId: string; ceiling: number; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const navigate = useNavigate()
  const [price, setPrice] = useState('')
  const [purpose, setPurpose] = useState<Purpose | ''>('')
  const [reason, setReason] = useState('')
  const [entryId] = useState(() => crypto.randomUUID())
  const [drafted, setDrafted] = useState(true)
  const minor = amountOf(price, currency)
  const over = minor !== undefined && minor > ceiling
  const buy = useWrite(
    (body: Schemas['PurchaseRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/buying/purchase', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('bid.isMine'), done: () => void navigate(`/p/${projectId}`) },
  )
  return (
    <form
      className="card-sheet grid gap-3 p-4"
      onSubmit={(e) => {
        e.preventDefault()
        if (minor !== undefined && price.trim())
          buy.mutate({
            priceMinor: minor,
            ...(purpose && { purpose }),
            reason,
            ...(drafted && { entryId }),
          })
      }}
    >
      <AmountField label={t('bid.paid', { currency })} value={price} currency={currency} onChange={setPrice} />
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="checkbox" checked={drafted} onChange={(e) => setDrafted(e.target.checked)} />
        {t('bid.draft')}
      </label>
      {over && (
        <>
          <p className="font-semibold">{t('bid.aboveCeiling', { over: format.money(minor - ceiling, currency) })}</p>
          <Choice label={t('bid.purpose')} value={purpose} onChange={(e) => setPurpose(e.target.value as Purpose)}>
            <option value="">{t('bid.choose')}</option>
            {purposes.map((p) => (
              <option key={p} value={p}>
                {t(`bid.purposes.${p}`)}
              </option>
            ))}
          </Choice>
          <TextField
            label={t('bid.reason')}
            value={reason}
            maxLength={120}
            onChange={(e) => setReason(e.target.value)}
          />
        </>
      )}
      <ProblemAlert error={buy.error} />
      <button type="submit" className="btn btn-primary" disabled={buy.isPending}>
        {t('bid.makeMine')}
      </button>
    </form>
  )
}

function Leave({ projectId, onDone }: { projectId: string; onDone: () => void }) {
  const { t } = useTranslation()
  const [reason, setReason] = useState('')
  const leave = useWrite(
    (body: Schemas['LeavingRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/buying/leaving', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('bid.isLeft'), done: onDone },
  )
  return (
    <form
      className="card-sheet grid gap-3 p-4"
      onSubmit={(e) => {
        e.preventDefault()
        leave.mutate({ reason })
      }}
    >
      <TextField
        label={t('bid.leaveReason')}
        value={reason}
        maxLength={120}
        onChange={(e) => setReason(e.target.value)}
      />
      <ProblemAlert error={leave.error} />
      <button type="submit" className="btn" disabled={leave.isPending}>
        {t('bid.leaveIt')}
      </button>
    </form>
  )
}
