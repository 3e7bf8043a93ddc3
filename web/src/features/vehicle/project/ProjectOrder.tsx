import { useTranslation } from 'react-i18next'
import { ArrowUp } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'

/** Which car has the evenings, the places and a common purse first. */
export function ProjectOrder({ projects }: { projects: Schemas['Project'][] }) {
  const { t } = useTranslation()
  const inHand = projects.filter((p) => p.state === 'ACTIVE')
  const order = useWrite(
    (ids: string[], id) => unwrap(api.PUT('/api/projects/order', { body: { ids }, ...write(id) })),
    { said: () => t('projects.orderKept') },
  )
  if (inHand.length < 2) return null
  const sooner = (at: number) => {
    const ids = inHand.map((p) => p.id)
    ids.splice(at - 1, 2, ids[at]!, ids[at - 1]!)
    order.mutate(ids)
  }
  return (
    <div className="mt-8">
      <Part title={t('projects.order')}>
        <p className="quiet mb-1">{t('projects.orderHow')}</p>
        <ol className="max-w-xl list-decimal pl-6">
          {inHand.map((p, i) => (
            <li key={p.id} className="border-b border-base-300 py-1">
              <span className="flex items-center gap-2">
                <span className="grow">{p.vehicleName}</span>
                {i > 0 && (
                  <button
                    type="button"
                    className="btn btn-ghost"
                    aria-label={t('projects.soonerOne', { car: p.vehicleName })}
                    disabled={order.isPending}
                    onClick={() => sooner(i)}
                  >
                    <ArrowUp className="size-5" aria-hidden="true" />
                    {t('projects.sooner')}
                  </button>
                )}
              </span>
            </li>
          ))}
        </ol>
        <ProblemAlert error={order.error} />
      </Part>
    </div>
  )
}
