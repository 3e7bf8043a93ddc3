import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { PaidLine } from './PaidLine'

/** Payments that stand for a receipt of this car; what was taken for the wrong one is taken back here. */
export function SettledLines({ settled, currency }: { settled: Schemas['SettledRow'][]; currency: string }) {
  const { t } = useTranslation()
  const reopen = useWrite(
    (line: Schemas['SettledRow'], writeId) =>
      unwrap(
        api.DELETE('/api/bank/lines/{id}/receipt', {
          params: { path: { id: line.id }, query: { version: line.version } },
          ...write(writeId),
        }),
      ),
    { said: () => t('bank.reopened') },
  )
  if (settled.length === 0) return null
  return (
    <details className="mt-4">
      <summary className="cursor-pointer py-2 font-semibold">{t('bank.settled', { count: settled.length })}</summary>
      <ProblemAlert error={reopen.error} />
      <ul>
        {settled.map((l) => (
          <PaidLine key={l.id} line={{ ...l, purpose: l.description }} currency={currency}>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-label={t('actOn', { act: t('bank.undo'), what: l.description })}
              disabled={reopen.isPending}
              onClick={() => reopen.mutate(l)}
            >
              {t('bank.undo')}
            </button>
          </PaidLine>
        ))}
      </ul>
    </details>
  )
}
