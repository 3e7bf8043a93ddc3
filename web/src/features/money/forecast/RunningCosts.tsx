import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line } from '@/ui/form/named'
import { filled, line, orNothing, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import type { Forecast } from './queries'

/** Storage, insurance, heating, hire: one line a month until the road. */
export function RunningCosts({ projectId, forecast: f }: { projectId: string; forecast: Forecast }) {
  const { t } = useTranslation()
  const format = useFormat()
  const remove = useWrite(
    (r: Schemas['RunningSaid'], id) =>
      unwrap(api.DELETE('/api/running-costs/{id}', { params: { path: { id: r.id } }, ...write(id) })),
    { said: (r) => t('forecast.runningGone', { what: r.name }) },
  )
  return (
    <>
      <p className="quiet">{t('forecast.running')}</p>
      {f.roadUnknown && <p>{t('forecast.roadUnknown')}</p>}
      <ul>
        {f.running.map((r) => (
          <li key={r.id} className="flex items-center justify-between gap-4">
            <span>
              {r.name},{' '}
              <span className="quiet">
                {t('forecast.aMonth', { money: format.money(r.perMonthMinor, f.currency) })}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-label={t('actOn', { act: t('forecast.remove'), what: r.name })}
              onClick={() => remove.mutate(r)}
            >
              {t('forecast.remove')}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={remove.error} />
      <NewRunning projectId={projectId} currency={f.currency} />
    </>
  )
}

function NewRunning({ projectId, currency }: { projectId: string; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const form = useFields(
    z.object({
      name: line(t('form.missing')),
      perMonth: useAmountRule()(currency),
      fromOn: line(t('form.missing')),
      untilOn: orNothing(z.string()),
    }),
    { name: '', perMonth: '', fromOn: format.today(), untilOn: '' },
  )
  const { id, another } = useAnother(form)
  const add = useWrite(
    (body: Schemas['RunningSaid'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/running-costs', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    {
      said: (r) => t('forecast.runningAdded', { what: r.name }),
      done: another,
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('forecast.addRunning')}
      aside
      className="mt-2"
      onSubmit={({ perMonth, ...v }) => add.mutate({ id, perMonthMinor: perMonth, ...filled(v) })}
    >
      <Line name="name" label={t('forecast.runningName')} />
      <Amount name="perMonth" label={t('forecast.perMonth', { currency })} currency={currency} />
      <Line name="fromOn" label={t('forecast.from')} type="date" />
      <Line name="untilOn" label={t('forecast.until')} type="date" />
    </Form>
  )
}
