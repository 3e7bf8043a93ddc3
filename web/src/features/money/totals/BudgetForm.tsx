import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount } from '@/ui/form/named'
import { useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { minorText } from '@/ui/format/money'
import { ProblemAlert } from '@/ui/page/Feedback'

type Group = Schemas['GroupPosition']

/** What one group may cost. */
export function BudgetForm({
  projectId,
  group: g,
  currency,
  onDone,
}: {
  projectId: string
  group: Group
  currency: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const amount = useAmountRule()
  const [id] = useFreshId()
  const form = useFields(z.object({ minor: amount(currency) }), {
    minor: g.budgetMinor === undefined ? '' : minorText(g.budgetMinor, currency),
  })
  const path = { projectId, group: g.group }
  const give = useWrite(
    (minor: number, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/groups/{group}/budget', {
          params: { path },
          body: { id, minor },
          ...write(writeId),
        }),
      ),
    { said: () => t('totals.isSet'), done: onDone },
  )
  const takeBack = useWrite(
    (_: object, writeId) =>
      unwrap(api.DELETE('/api/projects/{projectId}/groups/{group}/budget', { params: { path }, ...write(writeId) })),
    { said: () => t('totals.isTakenBack'), done: onDone },
  )
  return (
    <div className="my-2 grid gap-2">
      <Form form={form} save={give} label={t('totals.keepBudget')} aside inRow onSubmit={(v) => give.mutate(v.minor)}>
        <Amount name="minor" label={t('totals.setFor', { currency })} currency={currency} />
      </Form>
      {g.budgetMinor !== undefined && (
        <div>
          <button
            type="button"
            className="btn btn-sm"
            disabled={takeBack.isPending}
            onClick={() => takeBack.mutate({})}
          >
            {t('totals.takeBack')}
          </button>
        </div>
      )}
      <ProblemAlert error={takeBack.error} />
    </div>
  )
}
