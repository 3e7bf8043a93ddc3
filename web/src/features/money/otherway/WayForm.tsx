import { useQuery } from '@tanstack/react-query'
import { useFieldArray } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { Plus, Trash2 } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { projectQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Amount, Line, Pick, Whole } from '@/ui/form/named'
import { line, useAmountRule, whole } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { GiveAllAway } from './GiveAllAway'

/** From the lowest; what the road asks for is never left out. */
const standards = ['ROAD_READY', 'DRIVER', 'SHOW'] as const
const sessions = ['-2', '-1', '1', '2', '3'] as const
const MOST_DAYS = 730

/** Another way to do the car: how far it goes, how often one comes, which jobs somebody else does. */
export function WayForm({
  projectId,
  currency,
  onClose,
}: {
  projectId: string
  currency: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const amount = useAmountRule()
  const [id] = useFreshId()
  const { data: project } = useQuery(projectQuery(projectId))
  const lower = standards.filter((_, i) => i < standards.findIndex((s) => s === project?.aim))
  const rules = z.object({
    name: line(t('form.missing')),
    standard: z.union([z.enum(standards), z.literal('')]),
    sessionsMore: z.string().transform(Number),
    givenAway: z.array(
      z.object({
        jobId: z.string().min(1, t('way.jobMissing')),
        days: whole(t('way.daysWrong'), { min: 0, max: MOST_DAYS }),
        costMinor: amount(currency),
      }),
    ),
  })
  const form = useFields(rules, { name: '', standard: '', sessionsMore: '', givenAway: [] })
  const jobs = useFieldArray({ control: form.control, name: 'givenAway' })
  const add = useWrite(
    (body: Schemas['OtherWayFields'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/other-ways', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: ({ name }) => t('way.isAdded', { name }), done: onClose },
  )
  const count = (n: string) =>
    t(Number(n) > 0 ? 'way.sessionsMore' : 'way.sessionsFewer', { count: Math.abs(Number(n)) })
  return (
    <Sheet title={t('way.add')} onClose={onClose}>
      <Form
        form={form}
        save={add}
        label={t('way.save')}
        onSubmit={({ standard, ...rest }) => add.mutate({ id, ...rest, ...(standard && { standard }) })}
      >
        <Line name="name" label={t('way.name')} hint={t('way.nameHint')} />
        {lower.length > 0 && (
          <Pick
            name="standard"
            label={t('way.standard')}
            none={t('way.standardAsPlanned')}
            of={lower}
            say={(aim) => t('way.only', { aim: t(`aim.${aim}`) })}
          />
        )}
        <Pick
          name="sessionsMore"
          label={t('way.sessions')}
          none={t('way.sessionsAsPlanned')}
          of={sessions}
          say={count}
        />
        {jobs.fields.map((field, i) => (
          <fieldset key={field.id} className="card-sheet grid gap-2 p-3">
            <legend className="sr-only">{t('way.givenAway')}</legend>
            <JobPick name={`givenAway.${i}.jobId`} projectId={projectId} label={t('way.job')} none="" />
            <div className="grid grid-cols-2 gap-2">
              <Whole name={`givenAway.${i}.days`} label={t('way.days')} />
              <Amount name={`givenAway.${i}.costMinor`} label={t('way.price', { currency })} currency={currency} />
            </div>
            <div>
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => jobs.remove(i)}>
                <Trash2 className="size-4" aria-hidden="true" />
                {t('way.keepJob')}
              </button>
            </div>
          </fieldset>
        ))}
        <GiveAllAway projectId={projectId} currency={currency} onAdd={(rows) => jobs.append(rows)} />
        <div>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => jobs.append({ jobId: '', days: '14', costMinor: '' })}
          >
            <Plus className="size-4" aria-hidden="true" />
            {t('way.giveAway')}
          </button>
        </div>
      </Form>
    </Sheet>
  )
}
