import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { EntryForm } from '../ledger/EntryForm'
import { PaidLine } from './PaidLine'
import { nameOf, type OpenLine } from './queries'

/** Payments without a receipt: entered here as the bank says them, or set aside. Those of a seller whom one knows stand first. */
export function OpenLines({ projectId, lines, currency }: { projectId: string; lines: OpenLine[]; currency: string }) {
  const { t } = useTranslation()
  const [entering, setEntering] = useState<OpenLine>()
  const isKnown = (l: OpenLine) => !!l.supplierId || !!l.orderId
  const open = lines.filter((l) => !l.receipt)
  const rest = open.filter((l) => !isKnown(l)).map((l) => l.id)
  const setAside = useWrite(
    (lineIds: string[], id) => unwrap(api.POST('/api/bank/elsewhere', { body: { lineIds }, ...write(id) })),
    { said: ({ length: count }) => t('bank.elsewhere', { count }) },
  )
  const settle = useWrite(({ line, entryId }: { line: OpenLine; entryId: string }, id) =>
    unwrap(
      api.POST('/api/bank/lines/{id}/receipt', {
        params: { path: { id: line.id } },
        body: { entryId, version: line.version },
        ...write(id),
      }),
    ),
  )
  return (
    <>
      {open.length > 0 && (
        <Part title={t('bank.openTitle')}>
          <ProblemAlert error={setAside.error ?? settle.error} />
          <ul>
            {[...open.filter(isKnown), ...open.filter((l) => !isKnown(l))].map((l) => (
              <PaidLine key={l.id} line={l} currency={currency}>
                <div className="mt-1 flex flex-wrap gap-2">
                  <button
                    type="button"
                    className={`btn btn-sm ${isKnown(l) ? 'btn-primary' : ''}`}
                    aria-label={t('actOn', { act: t('bank.enter'), what: nameOf(l) })}
                    onClick={() => setEntering(l)}
                  >
                    {t(l.orderId ? 'bank.invoice' : 'bank.enter')}
                  </button>
                  <button
                    type="button"
                    className="btn btn-sm"
                    aria-label={t('actOn', { act: t('bank.notForACar'), what: nameOf(l) })}
                    disabled={setAside.isPending}
                    onClick={() => setAside.mutate([l.id])}
                  >
                    {t('bank.notForACar')}
                  </button>
                </div>
              </PaidLine>
            ))}
          </ul>
          {rest.length > 1 && (
            <button
              type="button"
              className="btn mt-3"
              disabled={setAside.isPending}
              onClick={() => setAside.mutate(rest)}
            >
              {t('bank.restNotForACar', { count: rest.length })}
            </button>
          )}
        </Part>
      )}
      {entering && (
        <EntryForm
          projectId={projectId}
          base={currency}
          {...(entering.orderId && { orderId: entering.orderId })}
          paid={{ ...entering, description: nameOf(entering) }}
          onBooked={(entryId) => settle.mutate({ line: entering, entryId })}
          onClose={() => setEntering(undefined)}
        />
      )}
    </>
  )
}
