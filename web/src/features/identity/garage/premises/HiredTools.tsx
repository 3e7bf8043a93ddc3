import { z } from 'zod'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Amount, Line } from '@/ui/form/named'
import { line, orNothing, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'
import { useFormat } from '@/ui/format/format'

/** Tools that are hired by the day: the plan puts the jobs that need one together. */
export function HiredTools({ currency }: { currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const tools = useQuery({ queryKey: ['hired-tools'], queryFn: () => unwrap(api.GET('/api/hired-tools')) })
  const remove = useWrite(
    (toolId: string, id) =>
      unwrap(api.DELETE('/api/hired-tools/{id}', { params: { path: { id: toolId } }, ...write(id) })),
    { said: () => t('hired.removed') },
  )
  return (
    <Loaded query={tools} what={t('garage.loading')}>
      {(all) => (
        <>
          <p className="quiet">{t('hired.hint')}</p>
          <ul>
            {all.hired.map((tool) => (
              <li key={tool.id} className="flex items-center gap-2 border-b border-base-300">
                <span className="grow">
                  {tool.name}{' '}
                  <span className="quiet">
                    {tool.perDayMinor
                      ? t('hired.aDay', { money: format.money(tool.perDayMinor, currency) })
                      : t('hired.unpriced')}
                  </span>
                </span>
                <button
                  type="button"
                  className="btn btn-ghost"
                  aria-label={t('actOn', { act: t('hired.remove'), what: tool.name })}
                  onClick={() => remove.mutate(tool.id)}
                >
                  {t('hired.remove')}
                </button>
              </li>
            ))}
          </ul>
          <NewTool currency={currency} asked={all.asked} />
          <ProblemAlert error={remove.error} />
        </>
      )}
    </Loaded>
  )
}

function NewTool({ currency, asked }: { currency: string; asked: string[] }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ name: line(t('form.missing')), perDay: orNothing(useAmountRule()(currency)) }), {
    name: '',
    perDay: '',
  })
  const { id, another } = useAnother(form)
  const add = useWrite(
    (body: Schemas['HiredTool'], writeId) => unwrap(api.POST('/api/hired-tools', { body, ...write(writeId) })),
    {
      said: () => t('hired.kept'),
      done: another,
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('hired.add')}
      aside
      inRow
      className="mt-2"
      onSubmit={({ name, perDay }) => add.mutate({ id, name, perDayMinor: perDay ?? 0 })}
    >
      <Line name="name" label={t('hired.name')} known={asked} />
      <Amount name="perDay" label={t('hired.perDay', { currency })} currency={currency} />
    </Form>
  )
}
