import { useState } from 'react'
import { Controller, useForm, useWatch } from 'react-hook-form'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { aims, safetyClasses, waysOfSeeing } from '@/api/generated/enums'
import { drawingQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { isStale } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { isLowered, LoweredReason } from '@/ui/form/LoweredReason'
import { Merge } from '@/ui/form/draft/Merge'
import { Note, Pick, Tick } from '@/ui/form/named'
import { kindsOf, useThings } from '@/ui/format/names/things'
import { useZoneNames } from '@/ui/format/names/zones'
import { kinds, severities } from './JudgementFields'
import { ThingPick } from '../ThingPick'

type Finding = Schemas['FindingRow']
const judged = ['severity', 'safetyClass', 'howSeen', 'aim'] as const

const editedOf = (f: Finding) => ({
  zone: f.zone,
  thing: f.component ?? '',
  kind: f.kind,
  severity: String(f.severity),
  safetyClass: f.safetyClass,
  loweredReason: f.loweredReason ?? '',
  howSeen: f.howSeen,
  aim: f.aim,
  covered: f.covered,
  note: f.note,
})
type Edited = ReturnType<typeof editedOf>

/** What is sent: what stood as proposed and was not touched stays a proposal. */
function fieldsOf(mine: Edited, base: Finding): Schemas['FindingFields'] {
  const before = editedOf(base)
  const said = judged.filter((key) => !base.proposed.includes(key) || mine[key] !== before[key])
  return {
    zone: mine.zone,
    ...(mine.thing && { component: mine.thing }),
    kind: mine.kind,
    covered: mine.covered,
    note: mine.note,
    foundOn: base.foundOn,
    ...Object.fromEntries(said.map((key) => [key, key === 'severity' ? Number(mine[key]) : mine[key]])),
    ...(isLowered(mine.safetyClass, base.demandedClass) && { loweredReason: mine.loweredReason }),
  }
}

/** Changes a finding; if another window changed it meanwhile, both versions stand beside each other. */
export function EditFinding({ finding, onDone }: { finding: Finding; onDone: () => void }) {
  const { t } = useTranslation()
  const [base, setBase] = useState(finding)
  const form = useForm<Edited>({ defaultValues: editedOf(finding) })
  const [safetyClass, zone, thing] = useWatch({ control: form.control, name: ['safetyClass', 'zone', 'thing'] })
  const { data: drawing } = useQuery(drawingQuery(finding.projectId))
  const nameOf = useZoneNames(finding.projectId)
  const here = useThings(finding.projectId).at(zone)
  const places = [...new Set([finding.zone, ...(drawing?.zones ?? []).map((z) => z.id)])]
  const moved = () => form.setValue('thing', '')
  const offered = [
    ...new Set([
      base.kind,
      ...kindsOf(
        here.find((c) => c.id === thing),
        here,
        kinds,
      ),
    ]),
  ]
  const save = useWrite(
    (body: Schemas['FindingChangeRequest'], id) =>
      unwrap(api.PUT('/api/findings/{id}', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: () => t('finding.saved'), done: onDone },
  )
  const say = {
    kind: (v: Edited['kind']) => t(`kind.${v}`),
    safetyClass: (v: Edited['safetyClass']) => t(`safety.${v}`),
    howSeen: (v: Edited['howSeen']) => t(`seen.${v}`),
    aim: (v: Edited['aim']) => t(`aim.${v}`),
  }
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      onCancel={onDone}
      onSubmit={(mine) =>
        save.mutate(
          { fields: fieldsOf(mine, base), version: base.version },
          { onError: (problem) => isStale(problem) && setBase(problem.stored as Finding) },
        )
      }
    >
      <Pick name="zone" label={t('finding.place')} of={places} say={nameOf} onChosen={moved} />
      <ThingPick here={here} value={thing} onChange={(id) => form.setValue('thing', id)} />
      <Pick name="kind" label={t('finding.kind')} of={offered} say={say.kind} />
      <Pick name="safetyClass" label={t('finding.safetyClass')} of={safetyClasses} say={say.safetyClass} />
      <Controller
        name="loweredReason"
        control={form.control}
        render={({ field }) => (
          <LoweredReason
            said={safetyClass}
            demanded={base.demandedClass}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <Pick name="severity" label={t('finding.severity')} of={severities} say={(g) => t(`severity.g${g}`)} />
      <Pick name="howSeen" label={t('finding.howSeen')} of={waysOfSeeing} say={say.howSeen} />
      <Pick name="aim" label={t('finding.aim')} of={aims} say={say.aim} />
      <Note name="note" label={t('walk.note')} />
      <Tick name="covered" label={t('walk.covered')} />
      {base !== finding && (
        <Merge
          mine={form.getValues()}
          stored={editedOf(base)}
          onChange={(merged) => form.reset(merged)}
          fields={[
            { key: 'zone', label: t('finding.place'), show: (v) => nameOf(String(v)) },
            { key: 'kind', label: t('finding.kind'), show: (v) => say.kind(v as Edited['kind']) },
            {
              key: 'safetyClass',
              label: t('finding.safetyClass'),
              show: (v) => say.safetyClass(v as Edited['safetyClass']),
            },
            { key: 'severity', label: t('finding.severity'), show: String },
            { key: 'howSeen', label: t('finding.howSeen'), show: (v) => say.howSeen(v as Edited['howSeen']) },
            { key: 'aim', label: t('finding.aim'), show: (v) => say.aim(v as Edited['aim']) },
            { key: 'note', label: t('walk.note'), show: String, text: true },
          ]}
        />
      )}
    </Form>
  )
}
