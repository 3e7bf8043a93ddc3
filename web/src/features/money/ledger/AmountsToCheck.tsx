import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Check } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'

/** Amounts that an earlier version may have kept with the wrong decimals: compared by hand, and ticked off. Nothing for most garages. */
export function AmountsToCheck() {
  const { t } = useTranslation()
  const { data } = useQuery({ queryKey: ['amountsToCheck'], queryFn: () => unwrap(api.GET('/api/amounts-to-check')) })
  if (!data || data.length === 0) return null
  return (
    <Part title={t('recheck.title')}>
      <p className="border-l-4 border-warning pl-3">{t('recheck.why')}</p>
      <ul>
        {data.map((d) => (
          <Doubtful key={d.id} doubtful={d} />
        ))}
      </ul>
    </Part>
  )
}

function Doubtful({ doubtful: d }: { doubtful: Schemas['DoubtfulRow'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const tick = useWrite(
    (_: object, id) =>
      unwrap(api.DELETE('/api/amounts-to-check/{id}', { params: { path: { id: d.id } }, ...write(id) })),
    { said: () => t('recheck.ticked'), undoable: false },
  )
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1">
      <span className="grow">
        {t(`recheck.of.${d.entity}`)}: {d.title}
      </span>
      <span className="font-semibold">{format.money(d.amountMinor, d.currency)}</span>
      <button type="button" className="btn btn-sm min-h-11" disabled={tick.isPending} onClick={() => tick.mutate({})}>
        <Check className="size-4" aria-hidden="true" />
        {t('recheck.tick')}
      </button>
      <ProblemAlert error={tick.error} />
    </li>
  )
}
