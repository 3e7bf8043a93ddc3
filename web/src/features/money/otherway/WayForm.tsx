import { useQuery } from '@tanstack/react-query'
import { useFieldArray } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { operations } from '@/api/generated/enums'
import { jobsQuery, projectQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line, Pick } from '@/ui/form/named'
import { line, useAmountRule, whole } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { bareMetalOf, bareMetalRules } from './bareMetal'
import { BareMetalFields } from './BareMetalFields'
import { GivenAwayRow } from './GivenAwayRow'
import { More } from './More'

/** From the lowest; what the road asks for is never left out. */
const standards = ['ROAD_READY', 'DRIVER', 'SHOW'] as const
/** Of what somebody sells. */
const kinds = ['RECONDITIONED', 'USED', 'NEW_PATTERN', 'NEW_ORIGINAL'] as const
const sessions = ['-2', '-1', '1', '2', '3'] as const
const MOST_DAYS = 730

/** Nothing differs yet. */
const AS_PLANNED = {
  name: '',
  standard: '' as const,
  sessionsMore: '',
  boughtAs: '' as const,
  givenAway: [],
  allOf: [],
  body: '' as const,
  strip: [],
  coat: [],
}

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
  const byOthers = { days: whole(t('way.daysWrong'), { min: 0, max: MOST_DAYS }), costMinor: amount(currency) }
  const rules = z.object({
    name: line(t('form.missing')),
    standard: z.union([z.enum(standards), z.literal('')]),
    sessionsMore: z.string().transform(Number),
    boughtAs: z.union([z.enum(kinds), z.literal('')]),
    givenAway: z.array(z.object({ jobId: z.string().min(1, t('way.jobMissing')), ...byOthers })),
    allOf: z.array(z.object({ operation: z.enum(operations), ...byOthers })),
    ...bareMetalRules(z.array(z.object(byOthers))),
  })
  const form = useFields(rules, AS_PLANNED)
  const jobs = useFieldArray({ control: form.control, name: 'givenAway' })
  const alike = useFieldArray({ control: form.control, name: 'allOf' })
  const { data: work } = useQuery(jobsQuery(projectId))
  const open = operations.filter((o) => work?.jobs.some((j) => j.operation === o && !j.over))
  const add = useWrite(
    (body: Schemas['NewWayRequest'], writeId) =>
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
        onSubmit={({ standard, boughtAs, body, strip, coat, ...rest }) =>
          add.mutate({
            id,
            ...rest,
            ...(standard && { standard }),
            ...(boughtAs && { boughtAs }),
            ...bareMetalOf({ body, strip, coat }),
          })
        }
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
        <Pick
          name="boughtAs"
          label={t('way.parts')}
          none={t('way.partsAsPlanned')}
          of={kinds}
          say={(kind) => t('way.wherever', { kind: t(`supplyKind.${kind}`) })}
          hint={t('way.partsHint')}
        />
        <BareMetalFields currency={currency} />
        {jobs.fields.map((field, i) => (
          <GivenAwayRow key={field.id} name={`givenAway.${i}`} currency={currency} onRemove={() => jobs.remove(i)}>
            <JobPick name={`givenAway.${i}.jobId`} projectId={projectId} label={t('way.job')} none="" />
          </GivenAwayRow>
        ))}
        {alike.fields.map((field, i) => (
          <GivenAwayRow key={field.id} name={`allOf.${i}`} currency={currency} onRemove={() => alike.remove(i)}>
            <Pick
              name={`allOf.${i}.operation`}
              label={t('way.kind')}
              of={open}
              say={(o) => t(`operation.${o}`)}
              hint={t('way.kindHint')}
            />
          </GivenAwayRow>
        ))}
        <div className="flex flex-wrap gap-2">
          <More says={t('way.giveAway')} onPress={() => jobs.append({ jobId: '', days: '14', costMinor: '' })} />
          {open[0] && (
            <More
              says={t('way.allOf')}
              onPress={() =>
                alike.append({ operation: open.includes('WELD') ? 'WELD' : open[0]!, days: '14', costMinor: '' })
              }
            />
          )}
        </div>
      </Form>
    </Sheet>
  )
}
