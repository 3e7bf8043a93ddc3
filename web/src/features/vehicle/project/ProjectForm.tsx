import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Merge } from '@/ui/form/draft/Merge'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { Photos } from '@/ui/photos/Photos'
import { useMerge } from '@/ui/form/draft/useMerge'
import { useFormat } from '@/ui/format/format'
import { ProjectFields } from './ProjectFields'
import { blank, equipmentOf, fieldsOf, useProjectRules, valuesOf, type Project } from './projectValues'

const compared = [
  'vehicleName',
  'builtYear',
  'aim',
  'state',
  'budget',
  'monthly',
  'targetOn',
  'identity',
  'note',
] as const

type Sent = {
  fields: Schemas['ProjectFields']
  bodyStyle: Project['bodyStyle']
  equipment: Schemas['Fact'][]
}
type Props = { project?: Project; onClose: () => void; onSaved: (id: string) => void }

/** A vehicle and what is to become of it. Asks for a name and a year; the rest has usual values. */
export function ProjectForm({ project, onClose, onSaved }: Props) {
  const { t } = useTranslation()
  const { currency, today } = useFormat()
  const [ids] = useState(() => ({ id: project?.id ?? crypto.randomUUID(), vehicleId: crypto.randomUUID() }))
  const rules = useProjectRules(currency)
  const form = useFields(rules, project ? valuesOf(project, currency) : blank)
  const { version, stored, onError } = useMerge(project, (now) => valuesOf(now, currency))
  const save = useWrite(
    ({ fields, bodyStyle, equipment }: Sent, id) =>
      project
        ? unwrap(
            api.PUT('/api/projects/{id}', {
              params: { path: { id: ids.id } },
              body: { fields, bodyStyle, version },
              ...write(id),
            }),
          )
        : unwrap(
            api.POST('/api/projects', {
              body: { ...ids, bodyStyle, begunOn: today(), fields, equipment },
              ...write(id),
            }),
          ),
    { said: (v) => t('projects.saved', { name: v.fields.vehicleName }), done: (p) => onSaved(p.id) },
  )
  return (
    <Sheet title={project ? t('projects.edit') : t('projects.start')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={project ? t('save') : t('projects.startNow')}
        onCancel={onClose}
        onSubmit={(said) =>
          save.mutate({ fields: fieldsOf(said), bodyStyle: said.bodyStyle, equipment: equipmentOf(said) }, { onError })
        }
      >
        <ProjectFields {...(project && { project })} currency={currency} />
        {stored && (
          <Merge
            mine={form.getValues()}
            stored={stored}
            onChange={(merged) => form.reset(merged)}
            fields={compared.map((key) => ({
              key,
              label: t(`projects.merge.${key}`),
              show: String,
              text: key === 'note',
            }))}
          />
        )}
      </Form>
      {project && (
        <section className="mt-6">
          <h3 className="mb-2 font-semibold">{t('projects.picture')}</h3>
          <Photos subject="VEHICLE" subjectId={project.vehicleId} />
        </section>
      )}
    </Sheet>
  )
}
