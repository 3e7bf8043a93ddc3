import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { projectsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Amount, Line, Pick } from '@/ui/form/named'
import { line, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'
import type { Entry } from '../budget/moneyQueries'

type Props = { entry: Entry; projectId: string; currency: string; onDone: () => void }

/** What was paid for goes to another car of the garage, which bears it from then on. */
export function MoveForm(props: Props) {
  const { t } = useTranslation()
  const [open, setOpen] = useState(false)
  const { data: cars } = useQuery(projectsQuery)
  const others = cars?.filter((c) => c.id !== props.projectId && (c.state === 'ACTIVE' || c.state === 'RESTING')) ?? []
  if (others.length === 0) return null
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer py-2 font-semibold">{t('move.open')}</summary>
      {open && <Move {...props} others={others} />}
    </details>
  )
}

function Move({
  entry: e,
  projectId,
  currency,
  others,
  onDone,
}: Props & { others: { id: string; vehicleName: string }[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmountRule()
  const [ids] = useState(() => ({ id: crypto.randomUUID(), twinId: crypto.randomUUID() }))
  const form = useFields(
    z.object({
      toProject: z.string().min(1, t('move.carMissing')),
      minor: amount(currency),
      movedOn: line(t('form.missing')),
      toJob: z.string(),
    }),
    { toProject: '', minor: minorText(e.baseMinor, currency), movedOn: format.today(), toJob: '' },
  )
  const to = useWatch({ control: form.control, name: 'toProject' })
  const move = useWrite(
    (body: Schemas['ValueMoveRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/moves', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('move.isMoved', { what: e.description }), undoable: false, done: onDone },
  )
  // where all of it was for one job, that job is rid of it
  const fromJob = e.splits.length === 1 ? e.splits[0]!.jobId : undefined
  const nameOf = new Map(others.map((c) => [c.id, c.vehicleName]))
  return (
    <Form
      form={form}
      save={move}
      label={t('move.save')}
      aside
      onSubmit={({ toJob, ...said }) =>
        move.mutate({
          ...ids,
          ...said,
          description: e.description,
          ...(fromJob && { fromJob }),
          ...(toJob && { toJob }),
        })
      }
    >
      <p className="quiet text-sm">{t('move.hint')}</p>
      <Pick name="toProject" label={t('move.car')} none="" of={[...nameOf.keys()]} say={(id) => nameOf.get(id)!} />
      <Amount name="minor" label={t('move.worth', { currency })} currency={currency} />
      <Line name="movedOn" label={t('move.movedOn')} type="date" />
      {to && <JobPick name="toJob" projectId={to} label={t('move.job')} none={t('move.noJob')} />}
    </Form>
  )
}
