import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import type { Proof } from './road'

/** What was recorded of a test, the latest first; each can be taken back. */
export function ProofHistory({ proof }: { proof: Proof }) {
  const { t } = useTranslation()
  const format = useFormat()
  const takeBack = useWrite(
    ({ id }: { id: string }, writeId) =>
      unwrap(api.DELETE('/api/proofs/{id}', { params: { path: { id } }, ...write(writeId) })),
    { said: () => t('road.takenBack') },
  )
  if (proof.records.length === 0) return null
  return (
    <section className="mt-5 border-t border-base-300 pt-3">
      <h3 className="font-semibold">{t('road.recorded')}</h3>
      <ul>
        {[...proof.records].reverse().map((r) => (
          <li key={r.id} className="flex flex-wrap items-baseline gap-x-3 py-1">
            <span className={r.voidedBy ? 'line-through' : 'font-semibold'}>
              {format.dayAndYear(r.doneOn)}
              {r.value !== undefined && `, ${r.value} ${proof.value?.unit ?? ''}`}
              {r.validUntil && `, ${t('road.until', { date: format.dayAndYear(r.validUntil) })}`}, {r.by}
            </span>
            {r.note && <span className="basis-full text-sm">{r.note}</span>}
            {r.voidedBy ? (
              <span className="text-sm">{t('road.voidedBy', { what: r.voidedBy })}</span>
            ) : (
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11"
                disabled={takeBack.isPending}
                onClick={() => takeBack.mutate({ id: r.id })}
              >
                {t('road.takeBack')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
