import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { outstandingKinds, outstandingWhens } from '@/api/generated/enums'
import { drawingQuery, needsQuery, projectsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line, Pick, Tick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { useZoneNames } from '@/ui/format/names/zones'

/** What is lent is entered at the car that has it. */
const enterable = outstandingKinds.filter((k) => k !== 'LENT')

function useOutstandingRules() {
  const { t } = useTranslation()
  const missing = t('form.missing')
  return z
    .object({
      kind: z.enum(outstandingKinds),
      what: line(missing),
      later: line(missing),
      zone: z.string(),
      when: z.enum(outstandingWhens),
      event: z.string().max(120),
      needId: z.string(),
      dueOn: z.string(),
      jobId: z.string(),
      gas: z.boolean(),
      lenderId: z.string(),
    })
    .transform((v) => ({
      ...v,
      event: v.when === 'EVENT' ? v.event : '',
      needId: v.when === 'ARRIVAL' ? v.needId : '',
      gas: v.gas && v.kind === 'FOR_NOW',
      lenderId: v.kind === 'LOAN' ? v.lenderId : '',
    }))
}

/** A repair for the time being, a loan, or what was left off: what it is, what comes later, and when. */
export function OutstandingForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const { data: body } = useQuery(drawingQuery(projectId))
  const { data: needs } = useQuery(needsQuery(projectId))
  const part = new Map(needs?.map((n) => [n.id, n.title]))
  const { data: cars } = useQuery(projectsQuery)
  const others = new Map(cars?.filter((c) => c.id !== projectId).map((c) => [c.id, c.vehicleName]))
  const [id] = useState(() => crypto.randomUUID())
  const form = useFields(useOutstandingRules(), {
    kind: 'FOR_NOW' as const,
    what: '',
    later: '',
    zone: '',
    when: 'EVENT' as const,
    event: '',
    needId: '',
    dueOn: '',
    jobId: '',
    gas: false,
    lenderId: '',
  })
  const [kind, when] = useWatch({ control: form.control, name: ['kind', 'when'] })
  const save = useWrite(
    (body: Schemas['NewOutstandingRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/outstanding', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: () => t('outstanding.kept'), done: onClose },
  )
  return (
    <Sheet title={t('outstanding.add')} onClose={onClose}>
      <Form form={form} save={save} label={t('outstanding.keep')} onSubmit={(v) => save.mutate({ id, ...filled(v) })}>
        <Pick name="kind" label={t('outstanding.kind')} of={enterable} say={(k) => t(`outstanding.kindIs.${k}`)} />
        <Line name="what" label={t(`outstanding.whatIs.${kind}`)} />
        {kind === 'LOAN' && others.size > 0 && (
          <Pick
            name="lenderId"
            label={t('outstanding.lender')}
            hint={t('outstanding.lenderHint')}
            none={t('outstanding.noLender')}
            of={[...others.keys()]}
            say={(p) => others.get(p)!}
          />
        )}
        <Line name="later" label={t(`outstanding.laterIs.${kind}`)} />
        <Pick
          name="zone"
          label={t('outstanding.where')}
          none={t('outstanding.nowhere')}
          of={body?.zones.map((z) => z.id) ?? []}
          say={nameOf}
        />
        <Pick
          name="when"
          label={t('outstanding.when')}
          of={outstandingWhens}
          say={(w) => t(`outstanding.whenIs.${w}`)}
        />
        {when === 'EVENT' && <Line name="event" label={t('outstanding.event')} />}
        {when === 'ARRIVAL' && (
          <Pick name="needId" label={t('outstanding.part')} none="–" of={[...part.keys()]} say={(n) => part.get(n)!} />
        )}
        <Line name="dueOn" label={t('outstanding.on')} type="date" />
        <JobPick name="jobId" projectId={projectId} label={t('outstanding.job')} none={t('outstanding.noJob')} />
        {kind === 'FOR_NOW' && <Tick name="gas" label={t('outstanding.gas')} />}
      </Form>
    </Sheet>
  )
}
