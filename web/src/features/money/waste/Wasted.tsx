import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'

/** What was for nothing, by its cause; each line leads to its entry. */
export function Wasted({
  projectId,
  waste: w,
  currency,
}: {
  projectId: string
  waste: Schemas['WasteResponse']
  currency: string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const remove = useWrite(
    (id: string, writeId) => unwrap(api.DELETE('/api/waste/{id}', { params: { path: { id } }, ...write(writeId) })),
    { said: () => t('waste.isRemoved') },
  )
  const money = (minor: number) => format.money(minor, currency)
  if (w.lines.length === 0) return <p className="quiet">{t('waste.none')}</p>
  return (
    <>
      <p className="quiet mb-2 text-sm">{t('waste.hint')}</p>
      <ul>
        {w.causes.map(({ cause, minor }) => (
          <li key={cause} className="border-b border-base-300 py-1.5">
            <details>
              <summary className="cursor-pointer">
                <span className="inline-flex w-[calc(100%-1.25rem)] justify-between gap-4 align-top">
                  <span>{t(`waste.causes.${cause}`)}</span>
                  <span className="whitespace-nowrap">{money(minor)}</span>
                </span>
              </summary>
              <ul className="pl-5 text-sm">
                {w.lines
                  .filter((l) => l.cause === cause)
                  .map((l) => (
                    <li key={l.id} className="flex flex-wrap items-baseline justify-between gap-x-4">
                      <span>
                        <Link className="link" to={`/p/${projectId}/money?entry=${l.entryId}`}>
                          {l.description}
                        </Link>
                        {l.note && `: ${l.note}`}
                      </span>
                      <span className="whitespace-nowrap">
                        {money(l.minor)}{' '}
                        <button
                          type="button"
                          className="btn btn-ghost btn-sm"
                          disabled={remove.isPending}
                          onClick={() => remove.mutate(l.id)}
                        >
                          {t('waste.remove')}
                        </button>
                      </span>
                    </li>
                  ))}
              </ul>
            </details>
          </li>
        ))}
      </ul>
      <ProblemAlert error={remove.error} />
    </>
  )
}
