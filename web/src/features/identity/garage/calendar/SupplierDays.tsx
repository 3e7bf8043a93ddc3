import { z } from 'zod'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { suppliersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Loaded } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { useFields } from '@/ui/form/useFields'
import { useDays, WeekdayPick, type Weekdays } from '@/ui/form/WeekdayPick'

/** On which days suppliers take orders: the plan orders on none other. */
export function SupplierDays() {
  const { t } = useTranslation()
  const suppliers = useQuery(suppliersQuery)
  return (
    <Loaded query={suppliers} what={t('garage.loading')}>
      {(list) =>
        list.length === 0 ? (
          <p className="quiet">{t('garage.noSuppliers')}</p>
        ) : (
          <ul>
            {list.map((s) => (
              <Supplier key={s.id + s.version} supplier={s} />
            ))}
          </ul>
        )
      }
    </Loaded>
  )
}

function Supplier({ supplier: s }: { supplier: Schemas['Supplier'] }) {
  const { t } = useTranslation()
  const daysOf = useDays()
  const form = useFields(z.object({ openOn: z.custom<Weekdays>() }), { openOn: s.openOn })
  const save = useWrite(
    (body: Schemas['OpenOnRequest'], id) =>
      unwrap(api.PUT('/api/suppliers/{id}/open-on', { params: { path: { id: s.id } }, body, ...write(id) })),
    { said: () => t('garage.daysKept') },
  )
  return (
    <li className="border-b border-base-300 py-1">
      <details>
        <summary className="cursor-pointer py-1">
          {s.name} <span className="quiet text-sm">{daysOf(s.openOn) || t('garage.everyDay')}</span>
        </summary>
        <Form
          form={form}
          save={save}
          label={t('save')}
          aside
          className="pb-2"
          onSubmit={({ openOn }) => save.mutate({ openOn, version: s.version })}
        >
          <WeekdayPick name="openOn" label={t('garage.openOn')} />
        </Form>
      </details>
    </li>
  )
}
