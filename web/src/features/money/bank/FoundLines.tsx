import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { PaidLine } from './PaidLine'
import type { OpenLine } from './queries'

type Found = OpenLine & { receipt: Schemas['ProposedReceipt'] }

/** What is booked is only reversed: such a press cannot be undone. */
const books = (lines: Found[]) => lines.some((l) => l.receipt.draft)

/** Payments whose receipt is entered already: one press each, or one for all that are sure. */
export function FoundLines({ lines, currency }: { lines: OpenLine[]; currency: string }) {
  const { t } = useTranslation()
  const found = lines.filter((l): l is Found => !!l.receipt)
  const sure = found.filter((l) => l.receipt.sure).map((l) => l.id)
  const takeSure = useWrite(
    (lineIds: string[], id) => unwrap(api.POST('/api/bank/sure', { body: { lineIds }, ...write(id) })),
    {
      said: ({ length: count }) => t('bank.sureTaken', { count }),
      undoable: !books(found.filter((l) => l.receipt.sure)),
    },
  )
  if (found.length === 0) return null
  return (
    <Part
      title={t('bank.foundTitle')}
      aside={
        sure.length > 0 && (
          <button
            type="button"
            className="btn btn-primary"
            disabled={takeSure.isPending}
            onClick={() => takeSure.mutate(sure)}
          >
            {t('bank.takeSure', { count: sure.length })}
          </button>
        )
      }
    >
      <ProblemAlert error={takeSure.error} />
      <ul>
        {found.map((l) => (
          <FoundLine key={l.id} line={l} currency={currency} />
        ))}
      </ul>
    </Part>
  )
}

function FoundLine({ line: l, currency }: { line: Found; currency: string }) {
  const { t } = useTranslation()
  const { projectId } = useParams()
  const format = useFormat()
  const r = l.receipt
  const take = useWrite(
    (entryId: string, id) =>
      unwrap(
        api.POST('/api/bank/lines/{id}/receipt', {
          params: { path: { id: l.id } },
          body: { entryId, version: l.version },
          ...write(id),
        }),
      ),
    { said: () => t('bank.itIs', { what: r.description }), undoable: !r.draft },
  )
  return (
    <PaidLine line={l} currency={currency}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <p>
          {[
            t('bank.proposed', { what: r.description, day: format.shortDay(r.paidOn) }),
            r.projectId !== projectId && t('bank.ofOther', { vehicle: r.vehicle }),
            r.draft && t('bank.bookedWithIt'),
          ]
            .filter(Boolean)
            .join(', ')}
          {!r.sure && <span className="block text-sm font-semibold">{t('bank.unsure')}</span>}
        </p>
        <button
          type="button"
          className="btn btn-sm"
          aria-label={t('actOn', { act: t('bank.isIt'), what: r.description })}
          disabled={take.isPending}
          onClick={() => take.mutate(r.entryId)}
        >
          {t('bank.isIt')}
        </button>
      </div>
      <ProblemAlert error={take.error} />
    </PaidLine>
  )
}
